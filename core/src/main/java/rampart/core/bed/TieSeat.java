package rampart.core.bed;

import rampart.core.quantity.Axis;
import rampart.core.quantity.Face;
import rampart.core.quantity.Units;

/** What a tie rests on (rule 55). */
public enum TieSeat {
    /** Strong parts that stand on foam. */
    SITS(0),
    /** Strong parts, with places under them where no foam bears. */
    HOLLOW(0.95),
    /** A part that may not be leaned on. */
    PRESSES(2),
    /** Nothing at all. */
    NOTHING(2);

    private static final double AS_HIGH_MM = 1;
    private static final double HAIR = 1e-9;

    private final double demand;

    TieSeat(double demand) {
        this.demand = demand;
    }

    /** Against a limit of 1. */
    public double demand() {
        return demand;
    }

    /** Rays from top and bottom have the same numbers at the same places. */
    static TieSeat of(BedShape bed, Tie tie, BedContact contact) {
        FaceRays top = contact.rays(Face.TOP);
        FaceRays bottom = contact.rays(Face.BOTTOM);
        boolean lengthwise = tie.axis() == Axis.X;
        Axis across = lengthwise ? Axis.Y : Axis.X;
        double size = bed.size().along(across);
        double cell = new RayGrid(bed.size()).cellMm(across);
        int lines = lengthwise ? top.secondCells() : top.firstCells();
        int line = (int) Math.max(
                0, Math.min(lines - 1, Math.floor(Units.roundTo9Decimals((tie.atMm() + size / 2) / cell))));
        int places = lengthwise ? top.firstCells() : top.secondCells();
        double nearest = Double.POSITIVE_INFINITY;
        for (int i = 0; i < places; i++) {
            int ray = lengthwise ? top.index(i, line) : top.index(line, i);
            if (top.part(ray) != FaceRays.NOTHING) {
                nearest = Math.min(nearest, top.inwardMm(ray));
            }
        }
        if (nearest == Double.POSITIVE_INFINITY) {
            return NOTHING;
        }
        TieSeat seat = SITS;
        for (int i = 0; i < places; i++) {
            int ray = lengthwise ? top.index(i, line) : top.index(line, i);
            if (top.part(ray) != FaceRays.NOTHING && top.inwardMm(ray) <= nearest + AS_HIGH_MM + HAIR) {
                if (!bed.parts().get(top.part(ray)).strong()) {
                    return PRESSES;
                }
                if (!bottom.bears(ray)) {
                    seat = HOLLOW;
                }
            }
        }
        return seat;
    }
}
