package rampart.core.box;

import rampart.core.material.Board;
import rampart.core.quantity.SixSided;
import rampart.core.quantity.Size;

/**
 * FEFCO style 0401: a cross whose four walls fold up and whose ends fold over the top (rule 58).
 *
 * @param inside inside size, mm
 */
public record OnePieceFolder(Size inside, Board board) implements Carton {
    @Override
    public CartonStyle style() {
        return CartonStyle.ONE_PIECE_FOLDER;
    }

    @Override
    public SixSided wallMm() {
        double c = board.caliperMm();
        return new SixSided(2 * c, c, c, c, c, c);
    }

    @Override
    public double blankAreaMm2() {
        double c = board.caliperMm();
        double length = longerMm() + c;
        double width = shorterMm() + c;
        double wall = inside.heightMm() + 1.5 * c + width / 2;
        return length * width + 2 * (length + width) * wall;
    }
}
