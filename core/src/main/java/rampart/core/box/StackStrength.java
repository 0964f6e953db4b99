package rampart.core.box;

import rampart.core.journey.Stack;

/**
 * What a carton carries in a stack (rules 25 and 59): its strength new and dry times the stacking multipliers of the Fibre Box
 * Handbook (from memory). No safety factor is in it.
 *
 * @param dryN in the short time of a compression test, N
 */
public record StackStrength(double dryN, double daysFactor, double humidityFactor, double patternFactor) {
    private static final double[] DAYS = {10, 30, 90, 180};
    private static final double[] DAYS_FACTOR = {.63, .60, .55, .50};
    private static final double LEAST_DAYS_FACTOR = .30;
    private static final double[] HUMIDITY = {.5, .6, .7, .8, .9, 1.0};
    private static final double[] HUMIDITY_FACTOR = {1.0, .90, .80, .68, .48, .15};

    /** Of a carton that carries so much new and dry. */
    public static StackStrength of(double dryN, Stack stack) {
        return new StackStrength(
                dryN,
                daysFactor(stack.days()),
                humidityFactor(stack.relativeHumidity()),
                stack.pattern().multiplier());
    }

    /** With all multipliers, N. */
    public double strengthN() {
        return dryN * daysFactor * humidityFactor * patternFactor;
    }

    /** Straight in the logarithm of days between the points, .63 before 10, the last slope goes on, not under .30. */
    public static double daysFactor(double days) {
        if (days <= DAYS[0]) {
            return DAYS_FACTOR[0];
        }
        int i = 1;
        while (i < DAYS.length - 1 && days > DAYS[i]) {
            i++;
        }
        double share = Math.log10(days / DAYS[i - 1]) / Math.log10(DAYS[i] / DAYS[i - 1]);
        return Math.max(LEAST_DAYS_FACTOR, between(DAYS_FACTOR[i - 1], DAYS_FACTOR[i], share));
    }

    /** Straight between the points, 1 below 50 %. */
    public static double humidityFactor(double relativeHumidity) {
        if (relativeHumidity <= HUMIDITY[0]) {
            return HUMIDITY_FACTOR[0];
        }
        int i = 1;
        while (i < HUMIDITY.length - 1 && relativeHumidity > HUMIDITY[i]) {
            i++;
        }
        double share = (relativeHumidity - HUMIDITY[i - 1]) / (HUMIDITY[i] - HUMIDITY[i - 1]);
        return between(HUMIDITY_FACTOR[i - 1], HUMIDITY_FACTOR[i], share);
    }

    private static double between(double a, double b, double share) {
        return a + (b - a) * share;
    }
}
