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
    @Override
    public CartonStyle style() {
        return CartonStyle.REGULAR_SLOTTED;
    }

    @Override
    public SixSided wallMm() {
        double c = board.caliperMm();
        return new SixSided(2 * c, c, 2 * c, c, c, c);
    }

    @Override
    public double blankAreaMm2() {
        double c = board.caliperMm();
        double across = 2 * (longerMm() + c) + 2 * (shorterMm() + c) + TAB_MM;
        double down = inside.heightMm() + 2 * c + shorterMm() + c;
        return across * down;
    }
}
