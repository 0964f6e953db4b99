package rampart.core.insert;

import java.util.Collections;
import java.util.Comparator;
import java.util.List;
import rampart.core.geometry.Outline;
import rampart.core.geometry.PlanPoint;
import rampart.core.geometry.Region;
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

    /** Foam that a cutter leaves no deeper than this gives way to what is pressed in, mm (assumed). */
    private static final double GIVES_WAY_MM = 0.05;

    /** A tip that is deeper than so many radii is an arm, and no relief reaches to its end. */
    private static final double DEEPEST_TIP = 3;

    /** Corners leave less than so many squares of the radius: the sharpest that is relieved, of 30 degrees, a little under it. */
    private static final double CORNER = 4;

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
     * The opening with a relief wherever the cutter would leave a corner or a tip full, rounded ones as well where it is wider than they
     * are: as if it went on along the middle of the corner until it touched its end, so that a sharp corner of the item goes in.
     */
    public Region relieved(Region open) {
        Region middles = open.offset(-radiusMm, PATH_MM);
        if (radiusMm == 0 || middles.isEmpty()) {
            return open;
        }
        Region relieved = open;
        // What gives way is taken off first: it would join corners along the walls between them.
        for (Outline full :
                open.minus(middles.offset(radiusMm + GIVES_WAY_MM, PATH_MM)).outlines()) {
            PlanPoint tip = Collections.max(full.corners(), Comparator.comparingDouble(middles::distanceMm));
            double deep = middles.distanceMm(tip) - radiusMm;
            if (deep <= DEEPEST_TIP * radiusMm) {
                PlanPoint from = middles.nearest(tip);
                double share = deep / (deep + radiusMm);
                PlanPoint to = from.plus((tip.xMm() - from.xMm()) * share, (tip.yMm() - from.yMm()) * share);
                // A little wider than the cutter: the straight lines that stand for its circle lie within it.
                relieved = relieved.plus(disc(from).plus(disc(to)).hull());
            }
        }
        return relieved;
    }

    private Region disc(PlanPoint middle) {
        return Region.within(Outline.circle(middle, radiusMm + 4 * PATH_MM), PATH_MM);
    }

    /**
     * What of an opening is not cut, since it is narrower than the cut itself: all of it, or an arm. Corners are not told: they are relieved,
     * or as sharp as the cut is wide.
     */
    public List<Outline> missed(Region open) {
        double half = Math.max(kerfMm / 2, radiusMm);
        if (half == 0) {
            return List.of();
        }
        Region cut = relieved(open).offset(-half, PATH_MM).offset(half + GIVES_WAY_MM, PATH_MM);
        return open.minus(cut).outlines().stream()
                .filter(left -> Math.abs(left.areaMm2()) > CORNER * half * half)
                .toList();
    }
}
