package rampart.core.insert;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import rampart.core.geometry.Outline;
import rampart.core.geometry.PlanPoint;
import rampart.core.geometry.Region;
import rampart.core.geometry.Segment;
import rampart.core.quantity.Require;

/**
 * What goes through the foam. Half of what it takes away lies on either side of its path; a round cutter leaves the inner
 * corners of an opening full.
 *
 * @param kerfMm what it takes away along its path; 0 for a knife
 * @param radiusMm of a round cutter; 0 where corners come out sharp
 */
public record CutTool(double kerfMm, double radiusMm) {
    /** Takes nothing away and turns on the spot. */
    public static final CutTool KNIFE = new CutTool(0, 0);

    /** Widest kerf and largest radius that are taken, mm. */
    public static final double MOST_KERF_MM = 10;

    public static final double MOST_RADIUS_MM = 25;

    /** Of the rounded corners of a path, much finer than any kerf. */
    private static final double PATH_MM = 0.005;

    /** Turns less than this leave nothing worth a relief. */
    private static final double FLAT = Math.toRadians(20);

    /** @throws IllegalArgumentException if a figure is out of its range */
    public CutTool {
        Require.within(kerfMm, 0, MOST_KERF_MM, "kerf in mm");
        Require.within(radiusMm, 0, MOST_RADIUS_MM, "radius of the cutter in mm");
    }

    /** The path along the inside of an opening that leaves it as it was drawn; nothing where the opening is narrower. */
    public Region pathWithin(Region open) {
        return open.offset(-kerfMm / 2, PATH_MM);
    }

    /** The path along the outside of a piece. */
    public Region pathRound(Region piece) {
        return piece.offset(kerfMm / 2, PATH_MM);
    }

    /**
     * The opening with a round relief at each corner that the cutter would leave full: a circle through the corner, so
     * that a sharp corner of the item goes in.
     */
    public Region relieved(Region open) {
        if (radiusMm == 0) {
            return open;
        }
        Region relieved = open;
        for (Outline edge : open.outlines()) {
            relieved = relieved.plus(reliefs(edge));
        }
        for (Outline edge : open.holes()) {
            relieved = relieved.plus(reliefs(reversedCorners(edge)));
        }
        return relieved;
    }

    /** Runs with the opening on its left, as an outer edge does. */
    private static List<PlanPoint> reversedCorners(Outline hole) {
        List<PlanPoint> corners = new ArrayList<>(hole.corners());
        Collections.reverse(corners);
        return corners;
    }

    private Region reliefs(Outline edge) {
        return reliefs(edge.segments().stream().map(Segment::from).toList());
    }

    private Region reliefs(List<PlanPoint> corners) {
        Region all = Region.none();
        int n = corners.size();
        for (int i = 0; i < n; i++) {
            PlanPoint at = corners.get(i);
            PlanPoint before = corners.get((i + n - 1) % n);
            PlanPoint after = corners.get((i + 1) % n);
            double in = Math.atan2(at.yMm() - before.yMm(), at.xMm() - before.xMm());
            double out = Math.atan2(after.yMm() - at.yMm(), after.xMm() - at.xMm());
            double turn = Math.IEEEremainder(out - in, 2 * Math.PI);
            if (turn > FLAT) {
                double inward = in + (Math.PI + turn) / 2;
                PlanPoint centre = at.plus(radiusMm * Math.cos(inward), radiusMm * Math.sin(inward));
                // A little wider than the cutter: the straight lines that stand for the circle lie within it.
                all = all.plus(Region.within(Outline.circle(centre, radiusMm + 4 * PATH_MM), PATH_MM));
            }
        }
        return all;
    }
}
