package rampart.core.search;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;

/**
 * Many contents joined pair by pair, always the two groups that cost least more in one size than in two (Ward 1963): one division
 * for every number of sizes, each then mended.
 */
final class JoinedDivisions {
    /** Divisions into so many sizes more are looked at as well: joining two of theirs can be better. */
    private static final int AHEAD = 3;

    private final SizeCosts costs;
    private final List<Group> groups = new ArrayList<>();

    private JoinedDivisions(SizeCosts costs) {
        this.costs = costs;
    }

    /** Contents that go into one size, and the group that it would cost least to join. */
    private static final class Group {
        private final int[] members;
        private final double own;
        private Group partner;
        private double more = Double.POSITIVE_INFINITY;

        private Group(int[] members, double own) {
            this.members = members;
            this.own = own;
            partner = this;
        }
    }

    /**
     * For each number of sizes from one up.
     *
     * @throws SearchStoppedException if the watcher stops it
     */
    static List<List<int[]>> of(SizeCosts costs, int most, Watcher watcher) {
        return new JoinedDivisions(costs).all(most, watcher);
    }

    private List<List<int[]>> all(int most, Watcher watcher) {
        for (int i = 0; i < costs.count(); i++) {
            groups.add(group(new int[] {i}));
        }
        for (Group group : groups) {
            watcher.look();
            seek(group);
        }
        List<List<int[]>> kept = new ArrayList<>();
        while (true) {
            if (groups.size() <= most + AHEAD) {
                kept.add(0, best(kept));
            }
            if (groups.size() == 1) {
                return kept.subList(0, Math.min(most, kept.size()));
            }
            watcher.look();
            join(groups.stream()
                    .min(Comparator.comparingDouble(group -> group.more))
                    .orElseThrow());
        }
    }

    /** The groups as they are, or those of one size more with two of them joined; mended, the cheaper. */
    private List<int[]> best(List<List<int[]>> kept) {
        List<int[]> joined =
                MendedDivision.of(costs, groups.stream().map(g -> g.members).toList());
        if (kept.isEmpty()) {
            return joined;
        }
        List<int[]> fromMore = MendedDivision.of(costs, pairJoined(kept.get(0)));
        return costs.total(joined) <= costs.total(fromMore) ? joined : fromMore;
    }

    private Group group(int[] members) {
        return new Group(members, costs.cost(members));
    }

    private void join(Group one) {
        Group other = one.partner;
        Group joined = group(both(one.members, other.members));
        groups.removeIf(group -> group == one || group == other);
        groups.add(joined);
        for (Group group : groups) {
            if (group == joined || group.partner == one || group.partner == other) {
                seek(group);
            } else {
                consider(group, joined);
            }
        }
    }

    private void seek(Group group) {
        group.more = Double.POSITIVE_INFINITY;
        groups.forEach(other -> consider(group, other));
    }

    private void consider(Group group, Group other) {
        if (group == other) {
            return;
        }
        double extra = costs.joinedCost(group.members, other.members) - group.own - other.own;
        if (extra < group.more) {
            group.more = extra;
            group.partner = other;
        }
    }

    /** Of a division, the two groups joined that cost least more together. */
    private List<int[]> pairJoined(List<int[]> division) {
        int bestA = 0;
        int bestB = 1;
        double least = Double.POSITIVE_INFINITY;
        for (int a = 0; a < division.size(); a++) {
            for (int b = a + 1; b < division.size(); b++) {
                double extra = costs.joinedCost(division.get(a), division.get(b))
                        - costs.cost(division.get(a))
                        - costs.cost(division.get(b));
                if (extra < least) {
                    least = extra;
                    bestA = a;
                    bestB = b;
                }
            }
        }
        List<int[]> joined = new ArrayList<>(division);
        joined.set(bestA, both(division.get(bestA), division.get(bestB)));
        joined.remove(bestB);
        return joined;
    }

    private static int[] both(int[] a, int[] b) {
        int[] both = Arrays.copyOf(a, a.length + b.length);
        System.arraycopy(b, 0, both, a.length, b.length);
        return both;
    }
}
