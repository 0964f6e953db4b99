package rampart.core.box;

import rampart.core.material.Board;
import rampart.core.quantity.SixSided;
import rampart.core.quantity.Size;

/**
 * A carton of FEFCO style 0203: its outer flaps reach from wall to wall, so that top and bottom are of three layers
 * (rule 58).
 *
 * @param inside inside size, mm
 */
public record FullOverlap(Size inside, Board board) implements Carton {
    @Override
    public CartonStyle style() {
        return CartonStyle.FULL_OVERLAP;
    }

    @Override
    public SixSided wallMm() {
        double c = board.caliperMm();
        return new SixSided(3 * c, c, 3 * c, c, c, c);
    }

    @Override
    public double blankAreaMm2() {
        double c = board.caliperMm();
        double across = 2 * (longerMm() + c) + 2 * (shorterMm() + c) + TAB_MM;
        return across * (inside.heightMm() + 4 * c + 2 * shorterMm());
    }
}
