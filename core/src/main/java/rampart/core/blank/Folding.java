package rampart.core.blank;

import java.util.ArrayList;
import java.util.List;
import rampart.core.geometry.PlanPoint;
import rampart.core.quantity.Point;

/** A blank folded as far as asked: where each panel stands. */
public final class Folding {
    private Folding() {}

    /** Wholly folded. */
    public static List<Pose> closed(Blank blank) {
        return at(blank, Double.MAX_VALUE);
    }

    /**
     * The panels of a blank in the carton, in their order.
     *
     * @param steps how many steps are done; 1.5 has the folds of the second half way
     */
    public static List<Pose> at(Blank blank, double steps) {
        List<Pose> poses = new ArrayList<>();
        for (Panel panel : blank.panels()) {
            poses.add(panel.fold()
                    .map(fold -> folded(poses.get(fold.onto()), panel, fold, blank.caliperMm(), share(fold, steps)))
                    .orElse(blank.pose()));
        }
        return poses;
    }

    private static double share(Fold fold, double steps) {
        return Math.max(0, Math.min(1, steps - (fold.step() - 1)));
    }

    private static Pose folded(Pose onto, Panel panel, Fold fold, double caliperMm, double share) {
        PlanPoint from = fold.from();
        double length = from.to(fold.to());
        double ex = (fold.to().xMm() - from.xMm()) / length;
        double ey = (fold.to().yMm() - from.yMm()) / length;
        // The panel lies to the left of its crease or to the right of it; it turns toward the inside either way.
        double side = 0;
        for (PlanPoint corner : panel.corners()) {
            side += ex * (corner.yMm() - from.yMm()) - ey * (corner.xMm() - from.xMm());
        }
        double sign = side >= 0 ? 1 : -1;
        Point through = onto.at(from.xMm(), from.yMm(), 0);
        Point along = new Pose(Point.ORIGIN, onto.right(), onto.away()).at(sign * ex, sign * ey, 0);
        Pose turned = onto.turnedAbout(through, along, Math.toRadians(fold.degrees()) * share);
        Point in = turned.inward();
        double up = fold.raise() * caliperMm * share;
        return turned.moved(new Point(up * in.xMm(), up * in.yMm(), up * in.zMm()));
    }
}
