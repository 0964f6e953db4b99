package rampart.core.box;

import rampart.core.material.Board;

/**
 * What the strips of a divider add to a carton that stands on them (rule 59): McKee's short form for a square of plates, of
 * which a slotted strip is counted half (assumed).
 */
public final class DividerStrength {
    private static final double SLOTTED = .5;

    /** Of a plate in a square of four: the perimeter is four widths. */
    private static final double SQUARE = 2;

    private DividerStrength() {}

    /** N, of columns less one strips across the width and rows less one along the length. */
    public static double newtons(Board board, double lengthMm, double widthMm, int columns, int rows) {
        return strips(board, columns - 1, widthMm, rows) + strips(board, rows - 1, lengthMm, columns);
    }

    private static double strips(Board board, int count, double longMm, int cells) {
        double perMm = McKee.SHORT * board.edgeCrushNPerMm() / SQUARE * Math.sqrt(board.caliperMm() * cells / longMm);
        return SLOTTED * count * longMm * perMm;
    }
}
