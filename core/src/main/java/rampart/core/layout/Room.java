package rampart.core.layout;

import java.util.OptionalDouble;
import rampart.core.quantity.Face;
import rampart.core.quantity.Require;
import rampart.core.quantity.SixSided;
import rampart.core.quantity.Size;

/** How the inside of a carton comes about, and where in it the contents lie. */
public sealed interface Room {
    /** Inside size round such contents, mm. */
    Size inside(Size contents);

    /** What is free on each face between such contents and the inside, mm; below 0 where they are squeezed or do not go in. */
    SixSided gapsMm(Size contents);

    /** Clearance per dimension, mm. */
    Size slack(Size contents);

    /** True where the carton comes from stock. */
    default boolean stock() {
        return false;
    }

    /** True where it is closed over more than it holds. */
    default boolean squeezes() {
        return false;
    }

    /**
     * The same clearance in every dimension, half on each side (rule 2).
     *
     * @param mm in all, per dimension; below 0 what is inside is squeezed by so much when the carton is closed (rule 40)
     */
    record Slack(double mm) implements Room {
        /** Contents are not squeezed by more, mm. */
        public static final double MOST_SQUEEZE_MM = 200;

        public Slack {
            Require.within(mm, -MOST_SQUEEZE_MM, Double.MAX_VALUE, "slack in mm");
        }

        @Override
        public Size inside(Size contents) {
            return contents.plus(mm, mm, mm);
        }

        @Override
        public SixSided gapsMm(Size contents) {
            return SixSided.all(mm / 2);
        }

        @Override
        public Size slack(Size contents) {
            return new Size(mm, mm, mm);
        }

        @Override
        public boolean squeezes() {
            return mm < 0;
        }
    }

    /** A gap of its own on each face (rule 60). */
    record Gaps(SixSided mm) implements Room {
        public Gaps {
            for (Face face : Face.ALL) {
                Require.notNegative(mm.on(face), "gap on the " + face.word() + " in mm");
            }
        }

        @Override
        public Size inside(Size contents) {
            Size slack = slack(contents);
            return contents.plus(slack.lengthMm(), slack.widthMm(), slack.heightMm());
        }

        @Override
        public SixSided gapsMm(Size contents) {
            return mm;
        }

        @Override
        public Size slack(Size contents) {
            return new Size(mm.left() + mm.right(), mm.front() + mm.back(), mm.top() + mm.bottom());
        }
    }

    /**
     * A carton from stock (rule 32), as it is or cut down (rule 60).
     *
     * @param size its inside, mm, as it is used
     * @param cutFromMm inside height that it had before it was cut down; empty where it was not
     */
    record Stock(Size size, OptionalDouble cutFromMm) implements Room {
        public static Stock of(Size size) {
            return new Stock(size, OptionalDouble.empty());
        }

        @Override
        public Size inside(Size contents) {
            return size;
        }

        @Override
        public SixSided gapsMm(Size contents) {
            Size slack = slack(contents);
            return SixSided.of(face -> slack.along(face.axis()) / 2);
        }

        @Override
        public Size slack(Size contents) {
            return size.plus(-contents.lengthMm(), -contents.widthMm(), -contents.heightMm());
        }

        @Override
        public boolean stock() {
            return true;
        }
    }
}
