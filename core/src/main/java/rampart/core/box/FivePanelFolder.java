package rampart.core.box;

import rampart.core.material.Board;
import rampart.core.quantity.SixSided;
import rampart.core.quantity.Size;

/**
 * FEFCO style 0410: folded round the longer side, the fifth panel over the first; its ends are of four layers
 * (rule 58).
 *
 * @param inside inside size, mm
 */
public record FivePanelFolder(Size inside, Board board) implements Carton {
    @Override
    public CartonStyle style() {
        return CartonStyle.FIVE_PANEL_FOLDER;
    }

    @Override
    public SixSided wallMm() {
        double c = board.caliperMm();
        return roundTheLength(4 * c, 2 * c, c);
    }

    @Override
    public double blankAreaMm2() {
        double c = board.caliperMm();
        double width = shorterMm() + c;
        double height = inside.heightMm() + c;
        double flap = inside.heightMm() + c / 2;
        double ends = 2 * (3 * width * flap + 2 * height * Math.min(flap, width / 2));
        return (3 * width + 2 * height) * (longerMm() + 4 * c) + ends;
    }
}
