package rampart.core.box;

import rampart.core.journey.Stack;

/**
 * What a carton that stands on its four walls carries in a stack (rule 25): McKee's short formula (1963) times the stacking
 * multipliers of the Fibre Box Handbook (both from memory). No safety factor is in it.
 *
 * @param edgeCrushNPerMm edge crush strength, N/mm
 * @param caliperMm board thickness, mm
 * @param perimeterMm inside perimeter, mm
 */
public record StackStrength(
        double edgeCrushNPerMm,
        double caliperMm,
        double perimeterMm,
        double daysFactor,
        double humidityFactor,
        double patternFactor) {

    /** McKee's constant; the same in N, mm and N/mm as in lbf, in and lb/in. */
    public static final double MCKEE = 5.87;

    private static final double[] DAYS = {10, 30, 90, 180};
    private static final double[] DAYS_FACTOR = {.63, .60, .55, .50};
    private static final double LEAST_DAYS_FACTOR = .30;
    private static final double[] HUMIDITY = {.5, .6, .7, .8, .9, 1.0};
    private static final double[] HUMIDITY_FACTOR = {1.0, .90, .80, .68, .48, .15};

    /** @throws IllegalArgumentException for a carton that does not carry on its walls */
    public static StackStrength of(Carton box, Stack stack) {
        if (!box.carriesOnItsWalls()) {
            throw new IllegalArgumentException("the strength formula does not hold for this style of carton");
        }
        return new StackStrength(
                box.board().edgeCrushNPerMm(),
                box.board().caliperMm(),
                2 * (box.inside().lengthMm() + box.inside().widthMm()),
                daysFactor(stack.days()),
                humidityFactor(stack.relativeHumidity()),
                stack.pattern().multiplier());
    }

    /** New and dry, for the short time of a compression test, N. */
    public double dryN() {
        return MCKEE * edgeCrushNPerMm * Math.sqrt(caliperMm * perimeterMm);
    }

    /** With all multipliers, N. */
    public double strengthN() {
        return dryN() * daysFactor * humidityFactor * patternFactor;
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
