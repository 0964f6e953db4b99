package rampart.core.sheet;

import rampart.core.quantity.Require;

/**
 * The sheet that is cut, and how.
 *
 * @param kerfMm what a cut takes away between two pieces; nothing is taken at the edge of the sheet
 * @param trimMm cut off all round first
 * @param grain pieces keep their length along the sheet's
 * @param freely placed for a machine; otherwise every cut goes from edge to edge of what is left
 */
public record StockSheet(double lengthMm, double widthMm, double kerfMm, double trimMm, boolean grain, boolean freely) {
    /** @throws IllegalArgumentException if a figure is out of its range, or the trim leaves nothing */
    public StockSheet {
        Require.positive(lengthMm, "length of the sheet in mm");
        Require.positive(widthMm, "width of the sheet in mm");
        Require.within(kerfMm, 0, 20, "kerf in mm");
        Require.within(trimMm, 0, Math.min(lengthMm, widthMm) / 2 - 1, "trim in mm");
    }

    /** What is left of it, with a kerf at the far edges so that every piece has one of its own. */
    double usableLengthMm() {
        return lengthMm - 2 * trimMm + kerfMm;
    }

    double usableWidthMm() {
        return widthMm - 2 * trimMm + kerfMm;
    }
}
