package rampart.core.geometry;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.index.strtree.STRtree;

/**
 * Joins open lines end to end: at each end the nearest end of another within the tolerance, until a line comes back to its own
 * beginning or nothing is near.
 */
public final class Joining {
    /** Ends so near are one place, told apart by rounding alone. */
    public static final double SAME_MM = 1e-4;

    private Joining() {}

    /**
     * One line of several joined.
     *
     * @param closed true where it comes back to its beginning
     * @param widestMm the widest gap that was closed; 0 where ends met
     * @param openMm from its end to its beginning where it stays open
     */
    public record Joined(List<PlanPoint> places, boolean closed, double widestMm, double openMm) {
        public Joined {
            places = List.copyOf(places);
        }
    }

    /** @param lines of two places or more each */
    public static List<Joined> of(List<List<PlanPoint>> lines, double toleranceMm) {
        STRtree ends = new STRtree();
        for (int i = 0; i < lines.size(); i++) {
            for (PlanPoint end : ends(lines.get(i))) {
                ends.insert(around(end, 0), i);
            }
        }
        boolean[] used = new boolean[lines.size()];
        List<Joined> joined = new ArrayList<>();
        for (int i = 0; i < lines.size(); i++) {
            if (!used[i]) {
                used[i] = true;
                joined.add(grown(lines, i, used, ends, toleranceMm));
            }
        }
        return List.copyOf(joined);
    }

    /**
     * From one of the ends of a line that stays open to the nearest end that it could go on to, its own other one among them, mm. Looks
     * at all of them, so it is asked for the few that are told of.
     */
    public static double nearestEndMm(Joined one, List<Joined> all) {
        double nearest = one.openMm();
        for (Joined other : all) {
            if (!other.closed() && !other.equals(one)) {
                for (PlanPoint end : ends(one.places())) {
                    for (PlanPoint there : ends(other.places())) {
                        nearest = Math.min(nearest, end.to(there));
                    }
                }
            }
        }
        return nearest;
    }

    private static Joined grown(
            List<List<PlanPoint>> lines, int first, boolean[] used, STRtree ends, double toleranceMm) {
        List<PlanPoint> line = new ArrayList<>(lines.get(first));
        double widest = 0;
        boolean turned = false;
        while (true) {
            PlanPoint end = line.get(line.size() - 1);
            double home = line.size() > 2 ? end.to(line.get(0)) : Double.POSITIVE_INFINITY;
            int next = nearest(lines, used, ends, end, Math.min(toleranceMm, home));
            if (next >= 0) {
                List<PlanPoint> other = new ArrayList<>(lines.get(next));
                if (end.to(other.get(other.size() - 1)) < end.to(other.get(0))) {
                    Collections.reverse(other);
                }
                widest = Math.max(widest, end.to(other.get(0)));
                used[next] = true;
                line.addAll(end.to(other.get(0)) <= SAME_MM ? other.subList(1, other.size()) : other);
            } else if (home <= toleranceMm) {
                widest = Math.max(widest, home);
                if (home <= SAME_MM) {
                    line.remove(line.size() - 1);
                }
                return new Joined(line, true, widest <= SAME_MM ? 0 : widest, 0);
            } else if (!turned) {
                // It may go on at its other end.
                turned = true;
                Collections.reverse(line);
            } else {
                return new Joined(line, false, widest, line.get(0).to(line.get(line.size() - 1)));
            }
        }
    }

    private static int nearest(
            List<List<PlanPoint>> lines, boolean[] used, STRtree ends, PlanPoint at, double toleranceMm) {
        int best = -1;
        double least = toleranceMm;
        for (Object found : ends.query(around(at, toleranceMm))) {
            int i = (Integer) found;
            if (!used[i]) {
                for (PlanPoint end : ends(lines.get(i))) {
                    double distance = at.to(end);
                    if (distance < least || (distance == least && best < 0)) {
                        least = distance;
                        best = i;
                    }
                }
            }
        }
        return best;
    }

    private static List<PlanPoint> ends(List<PlanPoint> line) {
        return List.of(line.get(0), line.get(line.size() - 1));
    }

    private static Envelope around(PlanPoint at, double distance) {
        Envelope box = new Envelope(new Coordinate(at.xMm(), at.yMm()));
        box.expandBy(distance);
        return box;
    }
}
