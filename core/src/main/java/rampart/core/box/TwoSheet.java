package rampart.core.box;

import rampart.core.material.Board;
import rampart.core.quantity.SixSided;
import rampart.core.quantity.Size;

/**
 * Two sheets scored all round at the depth of the pack and folded up, their corners double, one over the other: for large
 * flat panels (rule 58).
 *
 * @param inside inside size, mm
 */
public record TwoSheet(Size inside, Board board) implements Carton {
    @Override
    public CartonStyle style() {
        return CartonStyle.TWO_SHEET;
    }

    @Override
    public SixSided wallMm() {
        return trayInTray();
    }

    /** The lower sheet, whole corners folded double. */
    public Tray lower() {
        return Tray.withDoubleCorners(inside.lengthMm(), inside.widthMm(), inside.heightMm(), board);
    }

    /** The upper sheet, as deep as the lower one is high. */
    public Tray upper() {
        return lower().lid(inside.heightMm() + board.caliperMm());
    }

    @Override
    public double blankAreaMm2() {
        return lower().areaMm2() + upper().areaMm2();
    }
}
