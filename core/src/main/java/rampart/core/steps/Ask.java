package rampart.core.steps;

import java.util.Optional;
import rampart.core.quantity.Require;
import rampart.core.words.Quantity;
import rampart.core.words.Sentence;
import rampart.core.words.TableWords;
import rampart.core.words.Unit;

/** What the packing table has to answer before a step is done. */
public sealed interface Ask {
    /** Between what a value lies that is as it should be, both ends included. */
    record Range(double least, double most) {}

    /** Most of anything that is counted at a table. */
    int MOST_COUNTED = 100_000;

    /** What a value has to be; empty where none is asked for. */
    default Optional<Range> range() {
        return Optional.empty();
    }

    /** True where a note stands for what differs, so that the work goes on; what moves in its box is not done, whatever is written. */
    default boolean noteWillDo() {
        return true;
    }

    /** What is said where it is not as it should be; empty where nothing can differ. */
    default Optional<Sentence> otherwise() {
        return Optional.empty();
    }

    /** That it is done. */
    record Tick() implements Ask {}

    /** How many there are. */
    record Count(int expected) implements Ask {
        @Override
        public Optional<Range> range() {
            return Optional.of(new Range(expected, expected));
        }

        @Override
        public Optional<Sentence> otherwise() {
            return Optional.of(TableWords.ASK_COUNT.of(Quantity.count(expected)));
        }

        public Count {
            if (expected < 1) {
                throw new IllegalArgumentException("there must be 1 or more to count, not " + expected);
            }
        }
    }

    /** How many there are, where nobody has said how many there should be: a whole number, 1 at least. */
    record Tally() implements Ask {
        @Override
        public Optional<Range> range() {
            return Optional.of(new Range(1, MOST_COUNTED));
        }

        @Override
        public Optional<Sentence> otherwise() {
            return Optional.of(TableWords.ASK_TALLY.of());
        }
    }

    /** What it weighs, kg, and how far that may lie from what was predicted. */
    record Mass(double expectedKg, double toleranceKg) implements Ask {
        @Override
        public Optional<Range> range() {
            return Optional.of(new Range(expectedKg - toleranceKg, expectedKg + toleranceKg));
        }

        @Override
        public Optional<Sentence> otherwise() {
            return Optional.of(TableWords.ASK_MASS.of(
                    new Quantity(expectedKg, Unit.KG, 2), new Quantity(toleranceKg, Unit.KG, 2)));
        }

        public Mass {
            Require.positive(expectedKg, "expected mass in kg");
            Require.positive(toleranceKg, "tolerance in kg");
        }
    }

    /** A length, mm. */
    record Length(double expectedMm, double toleranceMm) implements Ask {
        @Override
        public Optional<Range> range() {
            return Optional.of(new Range(expectedMm - toleranceMm, expectedMm + toleranceMm));
        }

        @Override
        public Optional<Sentence> otherwise() {
            return Optional.of(TableWords.ASK_LENGTH.of(Quantity.mm(expectedMm), Quantity.mm(toleranceMm)));
        }

        public Length {
            Require.positive(expectedMm, "expected length in mm");
            Require.positive(toleranceMm, "tolerance in mm");
        }
    }

    /** Whether anything moves when it is shaken. */
    record Still() implements Ask {
        @Override
        public Optional<Range> range() {
            return Optional.of(new Range(1, 1));
        }

        @Override
        public boolean noteWillDo() {
            return false;
        }

        @Override
        public Optional<Sentence> otherwise() {
            return Optional.of(TableWords.TABLE_MOVES.of());
        }
    }

    /** A picture of it. */
    record Photograph() implements Ask {
        @Override
        public Optional<Sentence> otherwise() {
            return Optional.of(TableWords.TABLE_NO_PICTURE.of());
        }
    }
}
