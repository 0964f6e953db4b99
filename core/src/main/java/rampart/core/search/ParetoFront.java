package rampart.core.search;

import java.util.ArrayList;
import java.util.List;
import rampart.core.verdict.Status;

/**
 * Walls of which none is outdone by another. One outdoes another where it is no larger, no dearer, no heavier and leaves
 * no less margin; margins count in whole percent and up to 30 %, since more is seldom asked for (assumed) and a hair of
 * margin is no reason for a wall of its own. Of walls that are equal in all four the one tried first stays.
 */
final class ParetoFront {
    /** Margin beyond this counts as this (assumed). */
    public static final double ENOUGH = 0.30;

    private static final double PERCENT = 100;

    /**
     * A wall's metrics, its margin in whole percent as it counts.
     *
     * @param order in which it was tried
     */
    public record Figures(WallMetrics metrics, long order) {
        static Figures of(double volumeMm3, double cost, double massKg, double margin, long order) {
            return new Figures(WallMetrics.of(volumeMm3, cost, massKg, ParetoFront.percent(margin)), order);
        }

        double volumeMm3() {
            return metrics.volumeMm3();
        }

        /** True where it is smaller, or as small and lighter, or tried earlier where both are equal. */
        boolean smallerThan(Figures other) {
            if (metrics.volumeMm3() != other.metrics.volumeMm3()) {
                return metrics.volumeMm3() < other.metrics.volumeMm3();
            }
            return metrics.massMg() != other.metrics.massMg()
                    ? metrics.massMg() < other.metrics.massMg()
                    : order < other.order;
        }

        boolean outdoes(Figures other) {
            return metrics.dominates(other.metrics) || (metrics.equals(other.metrics) && order < other.order);
        }
    }

    private final List<Figures> members = new ArrayList<>();

    /** Whole percent of a margin, as it counts. */
    public static int percent(double margin) {
        return (int) Math.floor(Math.min(margin, ENOUGH) * PERCENT + FlatCapacity.HAIR);
    }

    /**
     * The least whole percent of margin with which a wall of these figures would not be outdone.
     *
     * @return more than can be reached where no margin helps
     */
    public int neededPercent(double volumeMm3, double cost, double massKg, long order) {
        // With no margin at all: every member leaves more, so that the other three decide.
        WallMetrics own = WallMetrics.of(volumeMm3, cost, massKg, 0);
        int needed = percent(Status.THIN_BELOW);
        for (int i = 0; i < members.size(); i++) {
            Figures member = members.get(i);
            WallMetrics theirs = member.metrics;
            if (theirs.noWorseThan(own)) {
                boolean same = theirs.volumeMm3() == own.volumeMm3()
                        && theirs.microCost() == own.microCost()
                        && theirs.massMg() == own.massMg();
                needed = Math.max(needed, (int) theirs.margin() + (same && member.order > order ? 0 : 1));
            }
        }
        return needed;
    }

    /** Takes it in unless it is outdone, and drops what it outdoes. */
    public void offer(Figures figures) {
        for (Figures member : members) {
            if (member.outdoes(figures)) {
                return;
            }
        }
        members.removeIf(figures::outdoes);
        members.add(figures);
    }

    public List<Figures> members() {
        return List.copyOf(members);
    }
}
