package rampart.core.box;

import rampart.core.material.Board;
import rampart.core.quantity.SixSided;
import rampart.core.quantity.Size;

/**
 * A carton of FEFCO style 0200: four walls and four flaps at the bottom, open at the top (rule 58).
 *
 * @param inside inside size, mm
 */
public record HalfSlotted(Size inside, Board board) implements Carton {
    @Override
    public CartonStyle style() {
        return CartonStyle.HALF_SLOTTED;
    }

    @Override
    public SixSided wallMm() {
        double c = board.caliperMm();
        return new SixSided(0, c, 2 * c, c, c, c);
    }

    @Override
    public double blankAreaMm2() {
        double c = board.caliperMm();
        double across = 2 * (longerMm() + c) + 2 * (shorterMm() + c) + TAB_MM;
        return across * (inside.heightMm() + c + (shorterMm() + c) / 2);
    }
}
