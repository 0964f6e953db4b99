package rampart.core.item;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import rampart.core.quantity.Axis;
import rampart.core.quantity.Face;
import rampart.core.quantity.Require;
import rampart.core.quantity.Size;

/**
 * Contents of several equal pieces, wrapped and set side by side (rule 63).
 *
 * @param piece bare size of one, mm
 * @param pieceKg bare mass of one
 * @param quantity how many there are
 * @param round true where it is round seen from above
 * @param narrowMm length and width at its narrow end, where it tapers
 * @param wrapMm thickness of what is wrapped round each, on every side
 * @param columns cells along the length
 * @param rows cells along the width
 * @param levels cells one above another
 * @param dividerBoard id of the board between the cells; empty where nothing is between them
 * @param widths clear widths of columns and rows that are not alike
 */
public record Pieces(
        Size piece,
        double pieceKg,
        int quantity,
        boolean round,
        OptionalDouble narrowMm,
        double wrapMm,
        int columns,
        int rows,
        int levels,
        Arrangement arrangement,
        Optional<String> dividerBoard,
        Widths widths) {
    /**
     * Clear widths of cells that are not alike, mm.
     *
     * @param columnsMm from the left; empty where all are as wide as a wrapped piece
     * @param rowsMm from the front, likewise
     */
    public record Widths(List<Double> columnsMm, List<Double> rowsMm) {
        public static final Widths ALIKE = new Widths(List.of(), List.of());

        public Widths {
            columnsMm = List.copyOf(columnsMm);
            rowsMm = List.copyOf(rowsMm);
        }
    }

    /** One whose cells are alike. */
    public Pieces(
            Size piece,
            double pieceKg,
            int quantity,
            boolean round,
            OptionalDouble narrowMm,
            double wrapMm,
            int columns,
            int rows,
            int levels,
            Arrangement arrangement,
            Optional<String> dividerBoard) {
        this(
                piece,
                pieceKg,
                quantity,
                round,
                narrowMm,
                wrapMm,
                columns,
                rows,
                levels,
                arrangement,
                dividerBoard,
                Widths.ALIKE);
    }

    /** How the cells lie. */
    public enum Arrangement {
        /** In rows and columns. */
        GRID("rows and columns"),
        /** Four in a square that two strips divide from corner to corner. */
        DIAGONAL("a cross from corner to corner"),
        /** In rows, along each of them up and down in turn, so that tapers nest. */
        ALTERNATE("up and down in turn");

        private final String words;

        Arrangement(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    public Pieces {
        Require.positive(pieceKg, "mass of a piece in kg");
        Require.notNegative(wrapMm, "wrap of a piece in mm");
        for (Axis axis : Axis.values()) {
            Require.positive(piece.along(axis), "size of a piece along " + axis + " in mm");
        }
    }

    /** The same set another way, its cells alike. */
    public Pieces set(Arrangement how, int alongLength, int alongWidth, int above) {
        return new Pieces(
                piece, pieceKg, quantity, round, narrowMm, wrapMm, alongLength, alongWidth, above, how, dividerBoard);
    }

    /**
     * The same set lying another way, its cells turned with it; empty where such cells cannot lie so: a cross from corner to corner
     * only stands, and what is up and down in turn stays as it is. What lies is not round, and does not taper, seen from above.
     */
    Optional<Pieces> turned(Turn turn) {
        Axis[] from = {
            turn.from(Face.RIGHT).axis(),
            turn.from(Face.BACK).axis(),
            turn.from(Face.TOP).axis()
        };
        boolean stands = from[2] == Axis.Z;
        boolean asItIs = stands && from[0] == Axis.X;
        boolean can = switch (arrangement) {
            // Widths of their own that would come to stand for levels cannot be said of levels.
            case GRID -> given(from[2]).isEmpty();
            case DIAGONAL -> stands;
            case ALTERNATE -> asItIs;
        };
        return can
                ? Optional.of(new Pieces(
                        turn.size(piece),
                        pieceKg,
                        quantity,
                        round && stands,
                        stands ? narrowMm : OptionalDouble.empty(),
                        wrapMm,
                        cells(from[0]),
                        cells(from[1]),
                        cells(from[2]),
                        arrangement,
                        dividerBoard,
                        new Widths(turned(turn, Face.RIGHT), turned(turn, Face.BACK))))
                : Optional.empty();
    }

    /** Widths along what comes to lie here, in the order in which they come to lie. */
    private List<Double> turned(Turn turn, Face place) {
        Face from = turn.from(place);
        List<Double> given = new ArrayList<>(given(from.axis()));
        if (from.sign() < 0) {
            Collections.reverse(given);
        }
        return given;
    }

    private List<Double> given(Axis axis) {
        return switch (axis) {
            case X -> widths.columnsMm();
            case Y -> widths.rowsMm();
            case Z -> List.of();
        };
    }

    /** Least clear widths of the cells of a grid along length or width, mm. */
    private List<Double> leastMm(Axis axis) {
        return given(axis).isEmpty()
                ? Collections.nCopies(cells(axis), wrapped().along(axis))
                : given(axis);
    }

    /**
     * Clear widths of the cells of a grid along length or width, mm: what is over, or missing, is shared alike.
     *
     * @param lengthMm of all of it
     */
    public List<Double> cellsMm(double lengthMm, double caliperMm, Axis axis) {
        List<Double> least = leastMm(axis);
        double free = lengthMm - sum(least) - (least.size() - 1) * caliperMm;
        return least.stream().map(mm -> mm + free / least.size()).toList();
    }

    private static double sum(List<Double> all) {
        return all.stream().mapToDouble(Double::doubleValue).sum();
    }

    /** Cells along an axis. */
    public int cells(Axis axis) {
        return switch (axis) {
            case X -> columns;
            case Y -> rows;
            case Z -> levels;
        };
    }

    /** How many have room. */
    public int cells() {
        return columns * rows * levels;
    }

    /** One wrapped, mm. */
    public Size wrapped() {
        return piece.plus(2 * wrapMm, 2 * wrapMm, 2 * wrapMm);
    }

    /** From one piece to the next along a row where they nest, mm: at every height their two half widths are the same. */
    public double pitchMm() {
        return (wrapped().lengthMm() + narrowMm.orElse(piece.lengthMm()) + 2 * wrapMm) / 2;
    }

    /**
     * The least size that they and what divides them take, mm.
     *
     * @param caliperMm of the board between the cells; 0 where there is none
     */
    public Size needed(double caliperMm) {
        Size one = wrapped();
        double height = levels * one.heightMm() + (levels - 1) * caliperMm;
        double width = sum(leastMm(Axis.Y)) + (rows - 1) * caliperMm;
        return switch (arrangement) {
            case GRID -> new Size(sum(leastMm(Axis.X)) + (columns - 1) * caliperMm, width, height);
            case DIAGONAL -> {
                // The circle in a quarter of the square, its sides half a strip away from the diagonals.
                double side = one.lengthMm() / (Math.sqrt(2) - 1) + caliperMm * Math.sqrt(2);
                yield new Size(side, side, height);
            }
            case ALTERNATE -> new Size(one.lengthMm() + (columns - 1) * pitchMm(), width, height);
        };
    }

    /** Play of a piece along an axis in contents of this size, mm: its share where cells are divided, else all of it. */
    public double playMm(Size size, double caliperMm, Axis axis) {
        double free = Math.max(0, size.along(axis) - needed(caliperMm).along(axis));
        boolean apart = dividerBoard.isPresent() && arrangement == Arrangement.GRID;
        return apart ? free / cells(axis) : free;
    }
}
