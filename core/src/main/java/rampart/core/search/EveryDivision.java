package rampart.core.search;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/** Few contents divided in every possible way. */
final class EveryDivision {
    private EveryDivision() {}

    /** By all sets of the contents: the least of one group and the best division of the rest. */
    static List<List<int[]>> of(SizeCosts costs, int most) {
        int n = costs.count();
        int all = (1 << n) - 1;
        double[] single = new double[all + 1];
        for (int set = 1; set <= all; set++) {
            single[set] = costs.cost(members(set));
        }
        int kinds = Math.min(most, n);
        double[][] best = new double[kinds + 1][all + 1];
        int[][] taken = new int[kinds + 1][all + 1];
        for (double[] row : best) {
            Arrays.fill(row, Double.POSITIVE_INFINITY);
        }
        best[0][0] = 0;
        for (int k = 1; k <= kinds; k++) {
            for (int set = 1; set <= all; set++) {
                int first = set & -set;
                for (int group = set; group > 0; group = (group - 1) & set) {
                    if ((group & first) != 0 && best[k - 1][set ^ group] + single[group] < best[k][set]) {
                        best[k][set] = best[k - 1][set ^ group] + single[group];
                        taken[k][set] = group;
                    }
                }
            }
        }
        List<List<int[]>> divisions = new ArrayList<>();
        for (int k = 1; k <= kinds; k++) {
            List<int[]> groups = new ArrayList<>();
            int set = all;
            for (int left = k; left > 0; left--) {
                groups.add(members(taken[left][set]));
                set ^= taken[left][set];
            }
            divisions.add(groups);
        }
        return divisions;
    }

    private static int[] members(int set) {
        int[] members = new int[Integer.bitCount(set)];
        int at = 0;
        for (int i = 0; set >> i > 0; i++) {
            if ((set >> i & 1) == 1) {
                members[at++] = i;
            }
        }
        return members;
    }
}
