package rampart.core.box;

import java.util.OptionalDouble;
import rampart.core.material.Board;
import rampart.core.quantity.Face;
import rampart.core.quantity.SixSided;
import rampart.core.quantity.Size;

/**
 * FEFCO style 0320: a half slotted carton and another over it as its lid (rule 58).
 *
 * @param inside inside size, mm
 * @param lidMm inside depth of the lid, mm
 */
public record Telescope(Size inside, Board board, double lidMm) implements Carton {
    /** With a lid of that depth, as deep as it can be where none is given; deeper than that is no deeper (rule 58). */
    static Telescope of(Size inside, Board board, OptionalDouble lidMm) {
        double most = inside.heightMm() + 2 * board.caliperMm();
        return new Telescope(inside, board, Math.min(most, lidMm.orElse(most)));
    }

    /** Inside of the lid along its longer side, mm: the base in its play, and the tab of the lid at both ends. */
    public double lidLongerMm() {
        return longerMm() + 4 * board.caliperMm() + LID_PLAY_MM;
    }

    /** Inside of the lid along its shorter side, mm. */
    public double lidShorterMm() {
        return shorterMm() + 2 * board.caliperMm() + LID_PLAY_MM;
    }

    private static double halfSlotted(double longer, double shorter, double height, double c) {
        double across = 2 * (longer + c) + 2 * (shorter + c) + TAB_MM;
        return across * (height + c + (shorter + c) / 2);
    }

    @Override
    public CartonStyle style() {
        return CartonStyle.TELESCOPE;
    }

    @Override
    public SixSided wallMm() {
        double c = board.caliperMm();
        double ends = 3 * c + LID_PLAY_MM / 2;
        return roundTheLength(ends, 2 * c, 2 * c + LID_PLAY_MM / 2).with(Face.TOP, 2 * c);
    }

    @Override
    public double blankAreaMm2() {
        double c = board.caliperMm();
        return halfSlotted(longerMm(), shorterMm(), inside.heightMm(), c)
                + halfSlotted(lidLongerMm(), lidShorterMm(), lidMm, c);
    }
}
