package rampart.core.layout;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import rampart.core.box.CartonBuild;
import rampart.core.box.CartonState;
import rampart.core.item.Turn;
import rampart.core.quantity.Axis;
import rampart.core.quantity.Face;
import rampart.core.quantity.Require;
import rampart.core.quantity.SixSided;
import rampart.core.quantity.Size;

/** One layer of a pack; the list of them runs from the item outward. */
public sealed interface Layer {
    /** Material or board id in the catalogue. */
    String material();

    /** What one of these gives, by what kind of layer this is: a new kind has to be thought of wherever this stands. */
    <R> R match(Function<Wrap, R> wrap, Function<Cushion, R> cushion, Function<Box, R> box, Function<Boards, R> boards);

    /** The wraps that lie round the item itself, from it outward. */
    static List<Wrap> wrapsRoundTheItem(List<Layer> layers) {
        List<Wrap> wraps = new ArrayList<>();
        for (Layer layer : layers) {
            Optional<Wrap> wrap = layer.match(
                    Optional::of, cushion -> Optional.empty(), box -> Optional.empty(), boards -> Optional.empty());
            if (wrap.isEmpty()) {
                break;
            }
            wraps.add(wrap.get());
        }
        return List.copyOf(wraps);
    }

    /** What lies round the item before any cushion or box: wraps, and rigid boards. */
    static List<Layer> roundTheItem(List<Layer> layers) {
        List<Layer> round = new ArrayList<>();
        for (Layer layer : layers) {
            if (!layer.match(wrap -> true, cushion -> false, box -> false, boards -> true)) {
                break;
            }
            round.add(layer);
        }
        return List.copyOf(round);
    }

    /** Something wound round what is inside: adds its thickness on all six sides and nothing else (rule 3). */
    record Wrap(String material, double thicknessMm, Tape tape) implements Layer {
        @Override
        public <R> R match(
                Function<Wrap, R> wrap,
                Function<Cushion, R> cushion,
                Function<Box, R> box,
                Function<Boards, R> boards) {
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
        public <R> R match(
                Function<Wrap, R> wrap,
                Function<Cushion, R> cushion,
                Function<Box, R> box,
                Function<Boards, R> boards) {
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
     * @param build its style and what belongs to it
     * @param room how its inside comes about
     * @param state what it has been through and how it is filled
     */
    record Box(String material, CartonBuild build, Room room, CartonState state) implements Layer {
        @Override
        public <R> R match(
                Function<Wrap, R> wrap,
                Function<Cushion, R> cushion,
                Function<Box, R> box,
                Function<Boards, R> boards) {
            return box.apply(this);
        }

        /** A regular slotted carton with the same clearance all round, mm. */
        public static Box of(String board, double slackMm, CartonState state) {
            return new Box(board, CartonBuild.REGULAR, new Room.Slack(slackMm), state);
        }

        /** A new one made to size. */
        public static Box made(String board, double slackMm) {
            return of(board, slackMm, CartonState.NEW);
        }

        /** A new carton from stock. */
        public static Box stock(String board, Size inside) {
            return new Box(board, CartonBuild.REGULAR, Room.Stock.of(inside), CartonState.NEW);
        }

        /** The same of another board. */
        public Box of(String otherBoard) {
            return new Box(otherBoard, build, room, state);
        }

        /** A carton from stock in its place; what fills it and what it has been through stay as the file says. */
        public Box replacedBy(String stockBoard, Room stock) {
            return new Box(stockBoard, build.regular(), stock, state);
        }
    }

    /**
     * Rigid boards on two opposite faces of flat work (rule 61): what lies between them is carried by them.
     *
     * @param plies boards on each of the two faces
     * @param across the axis that they lie square to
     * @param overhangMm how far they stand out past the work on its four edges
     * @param interleafMm thickness of what lies between the work and the board on its top, right or back
     * @param workStiffnessNm flexural rigidity of the work itself per width, N m
     */
    record Boards(
            String material, int plies, Axis across, double overhangMm, double interleafMm, double workStiffnessNm)
            implements Layer {
        public Boards {
            if (plies < 1) {
                throw new IllegalArgumentException("there must be at least 1 board on each face, not " + plies);
            }
            Require.notNegative(overhangMm, "overhang of the boards in mm");
            Require.notNegative(interleafMm, "interleaf in mm");
            Require.notNegative(workStiffnessNm, "stiffness of the work in N m");
        }

        /** The same on the faces of the work that they lie on, when that is laid another way. */
        public Boards turned(Turn turn) {
            Axis now = Face.ALL.stream()
                    .filter(face -> face.axis() == across)
                    .map(face -> turn.to(face).axis())
                    .findFirst()
                    .orElseThrow();
            return new Boards(material, plies, now, overhangMm, interleafMm, workStiffnessNm);
        }

        @Override
        public <R> R match(
                Function<Wrap, R> wrap,
                Function<Cushion, R> cushion,
                Function<Box, R> box,
                Function<Boards, R> boards) {
            return boards.apply(this);
        }
    }
}
