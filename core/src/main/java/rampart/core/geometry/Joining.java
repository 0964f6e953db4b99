package rampart.core.geometry;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;

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

    /**
     * All lines, joined as far as they can be.
     *
     * @param lines of two places or more each
     * @throws IllegalArgumentException if so many end close to each other that it would take for ever
     */
    public static List<Joined> of(List<List<PlanPoint>> lines, double toleranceMm) {
        LineEnds ends = new LineEnds(lines, toleranceMm);
        List<Joined> joined = new ArrayList<>();
        for (int i = 0; i < lines.size(); i++) {
            if (!ends.taken(i)) {
                ends.take(i);
                joined.add(grown(lines, i, ends, toleranceMm));
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

    private static Joined grown(List<List<PlanPoint>> lines, int first, LineEnds ends, double toleranceMm) {
        List<PlanPoint> line = new ArrayList<>(lines.get(first));
        double widest = 0;
        boolean turned = false;
        while (true) {
            PlanPoint end = line.get(line.size() - 1);
            double home = line.size() > 2 ? end.to(line.get(0)) : Double.POSITIVE_INFINITY;
            int next = ends.nearest(end, Math.min(toleranceMm, home));
            if (next >= 0) {
                List<PlanPoint> other = new ArrayList<>(lines.get(next));
                if (end.to(other.get(other.size() - 1)) < end.to(other.get(0))) {
                    Collections.reverse(other);
                }
                widest = Math.max(widest, end.to(other.get(0)));
                ends.take(next);
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

    static List<PlanPoint> ends(List<PlanPoint> line) {
        return List.of(line.get(0), line.get(line.size() - 1));
    }
}
