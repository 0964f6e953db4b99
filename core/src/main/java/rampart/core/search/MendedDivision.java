package rampart.core.search;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/** A division in which contents are moved between sizes while that saves. */
final class MendedDivision {
    /** Up to so many contents each is tried in every size; of more only those that make a size as large as it is. */
    private static final int EACH_TRIED = 400;

    private static final int MOST_ROUNDS = 50;

    private final SizeCosts costs;

    private MendedDivision(SizeCosts costs) {
        this.costs = costs;
    }

    /** Contents moved to another size where that saves, and sizes shrunk, until nothing saves any more. */
    static List<int[]> of(SizeCosts costs, List<int[]> from) {
        return new MendedDivision(costs).mended(from);
    }

    private List<int[]> mended(List<int[]> from) {
        List<List<Integer>> groups = new ArrayList<>();
        from.forEach(
                group -> groups.add(new ArrayList<>(Arrays.stream(group).boxed().toList())));
        boolean saved = true;
        for (int round = 0; saved && round < MOST_ROUNDS; round++) {
            boolean once = reassigned(groups);
            saved = moved(groups) || once;
        }
        return groups.stream()
                .map(group -> group.stream().mapToInt(Integer::intValue).toArray())
                .toList();
    }

    /** Each of the contents into the cheapest size as the sizes are now. */
    private boolean reassigned(List<List<Integer>> groups) {
        double before = totalOf(groups);
        List<double[]> boxes = groups.stream().map(g -> costs.round(ints(g))).toList();
        List<double[]> prices = boxes.stream().map(costs::priced).toList();
        List<List<Integer>> next = new ArrayList<>();
        groups.forEach(group -> next.add(new ArrayList<>()));
        for (int g = 0; g < groups.size(); g++) {
            for (int i : groups.get(g)) {
                int best = g;
                for (int s = 0; s < boxes.size(); s++) {
                    if (SizeCosts.holds(boxes.get(s), costs.edges(i))
                            && costs.one(prices.get(s), i) < costs.one(prices.get(best), i)) {
                        best = s;
                    }
                }
                next.get(best).add(i);
            }
        }
        if (next.stream().anyMatch(List::isEmpty) || !(totalOf(next) < before * (1 - 1e-12))) {
            return false;
        }
        for (int g = 0; g < groups.size(); g++) {
            groups.set(g, next.get(g));
        }
        return true;
    }

    /** What makes a size as large as it is tried in each of the others; of few contents, all of them. */
    private boolean moved(List<List<Integer>> groups) {
        boolean saved = false;
        for (int g = 0; g < groups.size(); g++) {
            List<Integer> tried = costs.count() <= EACH_TRIED ? List.copyOf(groups.get(g)) : largest(groups.get(g));
            for (int i : tried) {
                boolean one = moved(groups, g, i);
                saved = saved || one;
            }
        }
        return saved;
    }

    private List<Integer> largest(List<Integer> group) {
        List<Integer> largest = new ArrayList<>();
        for (int k = 0; k < 3; k++) {
            int most = group.get(0);
            for (int i : group) {
                if (costs.edges(i)[k] > costs.edges(most)[k]) {
                    most = i;
                }
            }
            if (!largest.contains(most)) {
                largest.add(most);
            }
        }
        return largest;
    }

    private boolean moved(List<List<Integer>> groups, int from, int what) {
        List<Integer> group = groups.get(from);
        if (group.size() < 2) {
            return false;
        }
        List<Integer> without = new ArrayList<>(group);
        without.remove(Integer.valueOf(what));
        double now = costs.cost(ints(group));
        double left = costs.cost(ints(without));
        for (int to = 0; to < groups.size(); to++) {
            if (to == from) {
                continue;
            }
            List<Integer> with = new ArrayList<>(groups.get(to));
            with.add(what);
            double change = left + costs.cost(ints(with)) - now - costs.cost(ints(groups.get(to)));
            if (change < -1e-9 * now) {
                groups.set(from, without);
                groups.set(to, with);
                return true;
            }
        }
        return false;
    }

    private double totalOf(List<List<Integer>> groups) {
        return groups.stream().mapToDouble(group -> costs.cost(ints(group))).sum();
    }

    private static int[] ints(List<Integer> group) {
        return group.stream().mapToInt(Integer::intValue).toArray();
    }
}
