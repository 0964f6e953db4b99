package rampart.core.box;

import rampart.core.material.Board;
import rampart.core.quantity.Size;

/**
 * A carton of FEFCO style 0201: four walls and four flaps at each end that meet in the middle (rule 11).
 *
 * @param inside inside size, mm
 */
public record RegularSlotted(Size inside, Board board) {
    /** Width of the glue tab, mm (nominal). */
    public static final double GLUE_TAB_MM = 35;

    /** Inside plus one caliper at each side and two, the folded flaps, at top and bottom, mm. */
    public Size outside() {
        double c = board.caliperMm();
        return inside.plus(2 * c, 2 * c, 4 * c);
    }

    /** Area of the board it is made from, nothing deducted for slots, mm2. */
    public double blankAreaMm2() {
        double c = board.caliperMm();
        double longer = Math.max(inside.lengthMm(), inside.widthMm());
        double shorter = Math.min(inside.lengthMm(), inside.widthMm());
        double across = 2 * (longer + c) + 2 * (shorter + c) + GLUE_TAB_MM;
        double down = inside.heightMm() + 2 * c + shorter + c;
        return across * down;
    }

    /** Mass of the board, kg. */
    public double massKg() {
        return blankAreaMm2() * 1e-6 * board.grammageGm2() * 1e-3;
    }
}
