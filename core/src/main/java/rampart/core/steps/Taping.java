package rampart.core.steps;

import rampart.core.box.CartonStyle;
import rampart.core.layout.LaidBox;
import rampart.core.quantity.Size;

/**
 * How much tape closes a box: along each seam and 70 mm down both ends, and across the ends of the seam from 10 kg on (common practice,
 * no source).
 */
final class Taping {
    private static final double STEP_MM = 50;
    private static final double ACROSS_FROM_KG = 10;

    private Taping() {}

    /** For one seam, top or bottom; 0 where the style is not taped. */
    static double seamMm(LaidBox box, double insideKg) {
        if (!taped(box)) {
            return 0;
        }
        Size outside = box.carton().outside();
        double along = Math.max(outside.lengthMm(), outside.widthMm()) + 2 * TapeNeeded.DOWN_MM;
        double across = Math.min(outside.lengthMm(), outside.widthMm()) + 2 * TapeNeeded.DOWN_MM;
        double seam = insideKg >= ACROSS_FROM_KG ? along + 2 * across : along;
        return STEP_MM * Math.ceil(seam / STEP_MM);
    }

    static boolean taped(LaidBox box) {
        CartonStyle style = box.carton().style();
        return style.closes() && style != CartonStyle.RIGID_CASE && style != CartonStyle.MAILER;
    }
}
