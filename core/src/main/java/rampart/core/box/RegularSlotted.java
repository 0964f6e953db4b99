package rampart.core.box;

import rampart.core.material.Board;
import rampart.core.quantity.SixSided;
import rampart.core.quantity.Size;

/**
 * A carton of FEFCO style 0201: four walls and four flaps at each end that meet in the middle (rule 11).
 *
 * @param inside inside size, mm
 */
public record RegularSlotted(Size inside, Board board) implements Carton {
    /** Width of the glue tab, mm (nominal). */
    public static final double GLUE_TAB_MM = 35;

    /** One caliper at each side, and two, the folded flaps, at top and bottom. */
    @Override
    public SixSided wallMm() {
        double c = board.caliperMm();
        return new SixSided(2 * c, c, 2 * c, c, c, c);
    }

    @Override
    public boolean carriesOnItsWalls() {
        return true;
    }

    @Override
    public double blankAreaMm2() {
        double c = board.caliperMm();
        double longer = Math.max(inside.lengthMm(), inside.widthMm());
        double shorter = Math.min(inside.lengthMm(), inside.widthMm());
        double across = 2 * (longer + c) + 2 * (shorter + c) + GLUE_TAB_MM;
        double down = inside.heightMm() + 2 * c + shorter + c;
        return across * down;
    }
}
