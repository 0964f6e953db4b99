package rampart.core.box;

import rampart.core.material.Board;
import rampart.core.quantity.SixSided;
import rampart.core.quantity.Size;

/**
 * FEFCO style 0501: four panels round the longer side, open at both ends (rule 58).
 *
 * @param inside inside size, mm
 */
public record Sleeve(Size inside, Board board) implements Carton {
    @Override
    public CartonStyle style() {
        return CartonStyle.SLEEVE;
    }

    @Override
    public SixSided wallMm() {
        double c = board.caliperMm();
        return roundTheLength(0, c, c);
    }

    @Override
    public double blankAreaMm2() {
        double c = board.caliperMm();
        double across = 2 * (shorterMm() + c) + 2 * (inside.heightMm() + c) + TAB_MM;
        return across * longerMm();
    }
}
