package rampart.core.steps;

import rampart.core.clearance.FittedBox;
import rampart.core.layout.Layout;
import rampart.core.pack.Pack;

/**
 * What the closed pack should weigh, and how far the scale may be off before something is missing or too much.
 *
 * @param kg with tape and labels
 * @param toleranceKg root of the squares of what each part may be off (assumed)
 */
public record PredictedMass(double kg, double toleranceKg) {
    /** Shares by which parts are off (assumed): the item as weighed, foam by its nominal density, board by its grammage. */
    private static final double ITEM_OFF = 0.01;

    private static final double FOAM_OFF = 0.15;
    private static final double BOARD_OFF = 0.08;

    /** Tape, kg for a metre of 50 mm (common practice, no source), and labels. */
    private static final double TAPE_KG_M = 0.004;

    private static final double LABELS_KG = 0.02;

    /** A parcel scale shows so much, kg. */
    private static final double SCALE_KG = 0.02;

    public static PredictedMass of(Pack pack, Layout layout) {
        double foam = layout.cushions().stream().mapToDouble(c -> c.massKg()).sum();
        double fittings = FittedBox.massKg(layout);
        double item = pack.item().massKg();
        double board = layout.grossMassKg() - item - foam + fittings;
        double tape = TapeNeeded.metres(layout) * TAPE_KG_M;
        double off = Math.sqrt(square(ITEM_OFF * item)
                + square(FOAM_OFF * foam)
                + square(BOARD_OFF * board)
                + square(tape / 2)
                + square(SCALE_KG));
        return new PredictedMass(layout.grossMassKg() + fittings + tape + LABELS_KG, off);
    }

    private static double square(double x) {
        return x * x;
    }
}
