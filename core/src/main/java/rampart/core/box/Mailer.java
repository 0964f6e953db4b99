package rampart.core.box;

import rampart.core.material.Board;
import rampart.core.quantity.SixSided;
import rampart.core.quantity.Size;

/**
 * FEFCO style 0426: base and lid in one, side walls rolled over double with an ear between, the lid tucked in behind the
 * front (rule 58).
 *
 * @param inside inside size, mm
 */
public record Mailer(Size inside, Board board) implements Carton {
    @Override
    public CartonStyle style() {
        return CartonStyle.MAILER;
    }

    @Override
    public SixSided wallMm() {
        double c = board.caliperMm();
        return new SixSided(c, 3 * c, c, 3 * c, 2 * c, c);
    }

    @Override
    public double blankAreaMm2() {
        double c = board.caliperMm();
        double l = inside.lengthMm();
        double w = inside.widthMm();
        double h = inside.heightMm();
        double under = Math.max(0, h - c);
        double base = (l + 5 * c) * (w + 2 * c);
        double back = (l + 3 * c) * (h + c);
        double lid = (l + 6 * c) * (w + c) + Math.max(0, l - LID_PLAY_MM) * under;
        double front = (l + 3 * c) * (h + c / 2);
        double side = (w + 2 * c) * h + 2 * c * w + w * Math.max(0, h - c / 2);
        double ears = 2 * w * under;
        return base + back + lid + front + 2 * side + ears;
    }
}
