package rampart.formats.photograph;

import java.util.List;
import rampart.core.geometry.Outline;
import rampart.core.geometry.PlanPoint;
import rampart.core.geometry.Region;

/**
 * What a tall item hides of itself. Where one wall of an inner corner looks toward the camera and the other away from it, the top of the
 * second stands before the foot of the first, and no photograph from there tells how far the corner goes in.
 *
 * @param foot where the camera is over the table
 * @param shift by how much of its distance from there the top of a wall is seen farther out than its foot
 */
record InnerCorners(PlanPoint foot, double shift) {
    /** The walls of a corner are looked at so far from it, mm: beyond what pixels round it by. */
    private static final double WALL_MM = 4;

    /** A smaller turn is no corner. */
    private static final double FLAT = Math.toRadians(20);

    /** The most that one of them may be off, mm; 0 where none is hidden. */
    double worstMm(Region item) {
        double worst = 0;
        for (Outline outline : item.outlines()) {
            List<PlanPoint> places = outline.corners();
            double round = signedArea(places) > 0 ? 1 : -1;
            for (int i = 0; i < places.size(); i++) {
                worst = Math.max(worst, hiddenMm(places, i, round));
            }
        }
        return worst;
    }

    private double hiddenMm(List<PlanPoint> places, int i, double round) {
        PlanPoint at = places.get(i);
        PlanPoint before = along(places, i, -1);
        PlanPoint after = along(places, i, 1);
        double in = Math.atan2(at.yMm() - before.yMm(), at.xMm() - before.xMm());
        double out = Math.atan2(after.yMm() - at.yMm(), after.xMm() - at.xMm());
        double turn = round * Math.IEEEremainder(out - in, 2 * Math.PI);
        if (turn > -FLAT) {
            return 0;
        }
        double one = leans(at, in, round);
        double other = leans(at, out, round);
        return one * other < 0 ? Math.max(one, other) : 0;
    }

    /** How far the top of a wall in this direction leans over what lies before it; below 0 where it looks toward the camera. */
    private double leans(PlanPoint at, double direction, double round) {
        double x = (at.xMm() - foot.xMm()) * shift;
        double y = (at.yMm() - foot.yMm()) * shift;
        return round * (x * Math.sin(direction) - y * Math.cos(direction));
    }

    /** The place on the outline so far from this corner. */
    private static PlanPoint along(List<PlanPoint> places, int from, int step) {
        int n = places.size();
        PlanPoint at = places.get(from);
        double left = WALL_MM;
        for (int k = 1; k < n; k++) {
            PlanPoint next = places.get(Math.floorMod(from + step * k, n));
            double length = at.to(next);
            if (length >= left) {
                double share = left / length;
                return at.plus((next.xMm() - at.xMm()) * share, (next.yMm() - at.yMm()) * share);
            }
            left -= length;
            at = next;
        }
        return at;
    }

    private static double signedArea(List<PlanPoint> places) {
        double sum = 0;
        for (int i = 0; i < places.size(); i++) {
            PlanPoint a = places.get(i);
            PlanPoint b = places.get((i + 1) % places.size());
            sum += a.xMm() * b.yMm() - b.xMm() * a.yMm();
        }
        return sum / 2;
    }
}
