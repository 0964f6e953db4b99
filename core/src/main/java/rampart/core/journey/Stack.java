package rampart.core.journey;

import rampart.core.quantity.Require;

/**
 * How the pack stands in a pile (rules 24 and 25).
 *
 * @param heightMm height of the pile from the floor, mm
 * @param days days under load
 * @param relativeHumidity 0 to 1
 */
public record Stack(double heightMm, double days, double relativeHumidity, Pattern pattern) {
    public static final double DEFAULT_DAYS = 10;
    public static final double DEFAULT_HUMIDITY = 0.5;

    /** How boxes stand on one another, with its multiplier (Fibre Box Handbook, from memory). */
    public enum Pattern {
        ALIGNED("corner on corner", 1.0),
        MISALIGNED("a little askew", 0.85),
        INTERLOCKED("like bricks", 0.50);

        private final String words;
        private final double multiplier;

        Pattern(String words, double multiplier) {
            this.words = words;
            this.multiplier = multiplier;
        }

        public String words() {
            return words;
        }

        public double multiplier() {
            return multiplier;
        }
    }

    public Stack {
        Require.positive(heightMm, "stack height in mm");
        Require.positive(days, "days in the stack");
        Require.within(relativeHumidity, 0, 1, "relative humidity");
    }
}
