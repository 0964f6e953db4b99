package rampart.core.pack;

import java.util.ArrayList;
import java.util.List;

/**
 * Walls of which none is outdone by another. One outdoes another where it is no larger, no dearer, no heavier and leaves
 * no less margin; margins count in whole percent and up to 30 %, since more is seldom asked for (assumed) and a hair of
 * margin is no reason for a wall of its own. Of walls that are equal in all four the one tried first stays.
 */
final class Front {
    /** Margin beyond this counts as this (assumed). */
    static final double ENOUGH = 0.30;

    private static final double PERCENT = 100;

    /**
     * What is compared, in whole numbers, so that roundings of the last digit make no wall better than its equal.
     *
     * @param microCost cost in millionths; 0 where cost is not compared
     * @param percent of margin, as it counts
     * @param order in which it was tried
     */
    record Figures(long volumeMm3, long microCost, long massMg, int percent, long order) {
        static Figures of(double volumeMm3, double cost, double massKg, double margin, long order) {
            return new Figures(
                    Math.round(volumeMm3),
                    Math.round(cost * 1e6),
                    Math.round(massKg * 1e6),
                    Front.percent(margin),
                    order);
        }

        boolean outdoes(Figures other) {
            boolean noWorse = volumeMm3 <= other.volumeMm3
                    && microCost <= other.microCost
                    && massMg <= other.massMg
                    && percent >= other.percent;
            boolean better = volumeMm3 < other.volumeMm3
                    || microCost < other.microCost
                    || massMg < other.massMg
                    || percent > other.percent;
            return noWorse && (better || order < other.order);
        }
    }

    private final List<Figures> members = new ArrayList<>();

    /** Whole percent of a margin, as it counts. */
    static int percent(double margin) {
        return (int) Math.floor(Math.min(margin, ENOUGH) * PERCENT + WallSpace.HAIR);
    }

    /**
     * The least whole percent of margin with which a wall of these figures would not be outdone.
     *
     * @return more than can be reached where no margin helps
     */
    int neededPercent(double volumeMm3, double cost, double massKg, long order) {
        Figures own = Figures.of(volumeMm3, cost, massKg, 0, order);
        int needed = percent(Status.THIN_BELOW);
        for (int i = 0; i < members.size(); i++) {
            Figures member = members.get(i);
            if (member.volumeMm3 <= own.volumeMm3 && member.microCost <= own.microCost && member.massMg <= own.massMg) {
                boolean same = member.volumeMm3 == own.volumeMm3
                        && member.microCost == own.microCost
                        && member.massMg == own.massMg;
                needed = Math.max(needed, member.percent() + (same && member.order > order ? 0 : 1));
            }
        }
        return needed;
    }

    /** Takes it in unless it is outdone, and drops what it outdoes. */
    void offer(Figures figures) {
        for (Figures member : members) {
            if (member.outdoes(figures)) {
                return;
            }
        }
        members.removeIf(figures::outdoes);
        members.add(figures);
    }

    List<Figures> members() {
        return List.copyOf(members);
    }
}
