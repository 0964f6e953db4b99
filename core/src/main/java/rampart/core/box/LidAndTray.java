package rampart.core.box;

import java.util.OptionalDouble;
import rampart.core.material.Board;
import rampart.core.quantity.SixSided;
import rampart.core.quantity.Size;

/**
 * FEFCO style 0301: a tray with tabs at its corners and a larger one over it as its lid (rule 58).
 *
 * @param inside inside size, mm
 * @param lidMm inside depth of the lid, mm
 */
public record LidAndTray(Size inside, Board board, double lidMm) implements Carton {
    /** With a lid of that depth, as deep as it can be where none is given; deeper than that is no deeper (rule 58). */
    static LidAndTray of(Size inside, Board board, OptionalDouble lidMm) {
        double most = inside.heightMm() + board.caliperMm();
        return new LidAndTray(inside, board, Math.min(most, lidMm.orElse(most)));
    }

    @Override
    public CartonStyle style() {
        return CartonStyle.LID_AND_TRAY;
    }

    @Override
    public SixSided wallMm() {
        return trayInTray();
    }

    /** The tray. */
    public Tray tray() {
        return Tray.withTabs(inside.lengthMm(), inside.widthMm(), inside.heightMm(), board);
    }

    /** The tray upside down over it. */
    public Tray lid() {
        return tray().lid(lidMm);
    }

    @Override
    public double blankAreaMm2() {
        return tray().areaMm2() + lid().areaMm2();
    }
}
