package rampart.core.steps;

import rampart.core.layout.Layout;

/** Tape for all boxes of a pack. */
public final class TapeNeeded {
    private TapeNeeded() {}

    /** In metres. */
    public static double metres(Layout layout) {
        return layout.boxes().stream()
                        .mapToDouble(box -> 2 * Taping.seamMm(box, layout.grossMassKg()))
                        .sum()
                * 1e-3;
    }
}
