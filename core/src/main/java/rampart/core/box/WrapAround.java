package rampart.core.box;

import rampart.core.material.Board;
import rampart.core.quantity.SixSided;
import rampart.core.quantity.Size;

/**
 * FEFCO style 0406: one blank folded round the longer side, with flaps at both ends (rule 58).
 *
 * @param inside inside size, mm
 */
public record WrapAround(Size inside, Board board) implements Carton {
    @Override
    public CartonStyle style() {
        return CartonStyle.WRAP_AROUND;
    }

    @Override
    public SixSided wallMm() {
        double c = board.caliperMm();
        return roundTheLength(2 * c, c, c);
    }

    @Override
    public double blankAreaMm2() {
        double c = board.caliperMm();
        double across = 2 * (shorterMm() + c) + 2 * (inside.heightMm() + c) + TAB_MM;
        return across * (longerMm() + 2 * c + Math.min(shorterMm(), inside.heightMm()) + c);
    }
}
