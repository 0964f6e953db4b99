package rampart.core.bed;

import java.util.List;
import rampart.core.geometry.Bounds;
import rampart.core.geometry.PlanPoint;
import rampart.core.quantity.Require;

/**
 * An upright prism, in mm from the middle of the item.
 *
 * @param outline seen from above, closed by itself
 * @param bottomMm height at which it begins
 * @param topMm height at which it ends, above that
 */
public record Prism(List<PlanPoint> outline, double bottomMm, double topMm) {
    /** @throws IllegalArgumentException if there are under three places, or the top is not above the bottom */
    public Prism {
        outline = List.copyOf(outline);
        if (outline.size() < 3) {
            throw new IllegalArgumentException("an outline has " + outline.size() + " places; it needs 3 or more");
        }
        Require.within(topMm, Math.nextUp(bottomMm), Double.MAX_VALUE, "top in mm");
    }

    /** True where this height lies within it; its top does not. */
    boolean at(double zMm) {
        return bottomMm <= zMm && zMm < topMm;
    }

    /** Its greatest extent from left to right, front to back or up, whichever is least, mm. */
    double leastExtentMm() {
        Bounds bounds = Bounds.of(outline);
        return Math.min(topMm - bottomMm, Math.min(bounds.widthMm(), bounds.heightMm()));
    }

    /** True where the place lies within the outline, by the crossings of a line to the right (rule 46). */
    public boolean holds(PlanPoint place) {
        boolean inside = false;
        for (int i = 0; i < outline.size(); i++) {
            PlanPoint p = outline.get(i);
            PlanPoint q = outline.get((i + 1) % outline.size());
            if ((p.yMm() > place.yMm()) != (q.yMm() > place.yMm())
                    && place.xMm() < p.xMm() + (q.xMm() - p.xMm()) * (place.yMm() - p.yMm()) / (q.yMm() - p.yMm())) {
                inside = !inside;
            }
        }
        return inside;
    }
}
