package rampart.core.steps;

import rampart.core.quantity.Require;

/** What the packing table has to answer before a step is done. */
public sealed interface Ask {
    /** That it is done. */
    record Tick() implements Ask {}

    /** How many there are. */
    record Count(int expected) implements Ask {
        public Count {
            if (expected < 1) {
                throw new IllegalArgumentException("there must be 1 or more to count, not " + expected);
            }
        }
    }

    /** How many there are, where nobody has said how many there should be: a whole number, 1 at least. */
    record Tally() implements Ask {}

    /** What it weighs, kg, and how far that may lie from what was predicted. */
    record Mass(double expectedKg, double toleranceKg) implements Ask {
        public Mass {
            Require.positive(expectedKg, "expected mass in kg");
            Require.positive(toleranceKg, "tolerance in kg");
        }
    }

    /** A length, mm. */
    record Length(double expectedMm, double toleranceMm) implements Ask {
        public Length {
            Require.positive(expectedMm, "expected length in mm");
            Require.positive(toleranceMm, "tolerance in mm");
        }
    }

    /** Whether anything moves when it is shaken. */
    record Still() implements Ask {}

    /** A picture of it. */
    record Photograph() implements Ask {}
}
