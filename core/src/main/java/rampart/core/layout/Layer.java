package rampart.core.layout;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import rampart.core.box.CartonState;
import rampart.core.box.CartonStyle;
import rampart.core.quantity.Face;
import rampart.core.quantity.Require;
import rampart.core.quantity.SixSided;
import rampart.core.quantity.Size;

/** One layer of a pack; the list of them runs from the item outward. */
public sealed interface Layer {
    /** Material or board id in the catalogue. */
    String material();

    /** What one of these gives, by what kind of layer this is: a new kind has to be thought of wherever this stands. */
    <R> R match(Function<Wrap, R> wrap, Function<Cushion, R> cushion, Function<Box, R> box);

    /** The wraps that lie round the item itself, from it outward. */
    static List<Wrap> wrapsRoundTheItem(List<Layer> layers) {
        List<Wrap> wraps = new ArrayList<>();
        for (Layer layer : layers) {
            Optional<Wrap> wrap = layer.match(Optional::of, cushion -> Optional.empty(), box -> Optional.empty());
            if (wrap.isEmpty()) {
                break;
            }
            wraps.add(wrap.get());
        }
        return List.copyOf(wraps);
    }

    /** Something wound round what is inside: adds its thickness on all six sides and nothing else (rule 3). */
    record Wrap(String material, double thicknessMm, Tape tape) implements Layer {
        @Override
        public <R> R match(Function<Wrap, R> wrap, Function<Cushion, R> cushion, Function<Box, R> box) {
            return wrap.apply(this);
        }

        /** How it is kept closed. */
        public enum Tape {
            NONE("without tape"),
            ON_ITSELF("taped to itself"),
            ON_ITEM("taped to the item");

            private final String words;

            Tape(String words) {
                this.words = words;
            }

            public String words() {
                return words;
            }
        }

        public Wrap {
            Require.notNegative(thicknessMm, "wrap thickness in mm");
        }

        /** One without tape. */
        public static Wrap plain(String material, double thicknessMm) {
            return new Wrap(material, thicknessMm, Tape.NONE);
        }
    }

    /** Foam or cells that absorb the blow. */
    record Cushion(String material, CushionForm form, SixSided thicknessMm) implements Layer {
        @Override
        public <R> R match(Function<Wrap, R> wrap, Function<Cushion, R> cushion, Function<Box, R> box) {
            return cushion.apply(this);
        }

        public Cushion {
            for (Face face : Face.ALL) {
                Require.notNegative(thicknessMm.on(face), "thickness on the " + face.word() + " in mm");
            }
        }

        /** The same of another foam. */
        public Cushion of(String otherFoam) {
            return new Cushion(otherFoam, form, thicknessMm);
        }

        /** The same in another form. */
        public Cushion with(CushionForm other) {
            return new Cushion(material, other, thicknessMm);
        }

        /** The same of another thickness. */
        public Cushion with(SixSided otherThicknessMm) {
            return new Cushion(material, form, otherThicknessMm);
        }
    }

    /**
     * A carton.
     *
     * @param style how it is made
     * @param slackMm total clearance per dimension round what is inside, mm (rule 2); below 0 what is inside is
     *     squeezed by so much when the carton is closed (rule 40)
     * @param stockInside inside size of a carton from stock that takes the place of a made one (rule 32)
     * @param state what it has been through and how it is filled
     */
    record Box(String material, CartonStyle style, double slackMm, Optional<Size> stockInside, CartonState state)
            implements Layer {
        @Override
        public <R> R match(Function<Wrap, R> wrap, Function<Cushion, R> cushion, Function<Box, R> box) {
            return box.apply(this);
        }

        /** Contents are not squeezed by more, mm. */
        public static final double MOST_SQUEEZE_MM = 200;

        public Box {
            Require.within(slackMm, -MOST_SQUEEZE_MM, Double.MAX_VALUE, "slack in mm");
        }

        /** A new carton made to size. */
        public static Box made(String board, double slackMm) {
            return new Box(board, CartonStyle.REGULAR_SLOTTED, slackMm, Optional.empty(), CartonState.NEW);
        }

        /** A new carton from stock. */
        public static Box stock(String board, Size inside) {
            return new Box(board, CartonStyle.REGULAR_SLOTTED, 0, Optional.of(inside), CartonState.NEW);
        }

        /** The same of another board. */
        public Box of(String otherBoard) {
            return new Box(otherBoard, style, slackMm, stockInside, state);
        }

        /** A carton from stock in its place; what fills it and what it has been through stay as the file says. */
        public Box replacedBy(String stockBoard, Size inside) {
            return new Box(stockBoard, style, slackMm, Optional.of(inside), state);
        }
    }
}
