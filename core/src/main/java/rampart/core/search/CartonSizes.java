package rampart.core.search;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import rampart.core.material.Board;
import rampart.core.quantity.Size;

/**
 * Which few carton sizes serve a list of contents at the least cost. Each of the contents goes into the cheapest of the sizes that
 * holds it; a size is the smallest that holds all that go into it.
 *
 * <p>Up to {@value #EXACT} different contents are divided in every possible way. More are joined pair by pair, always the pair that
 * costs least more, which gives one division for every number of sizes; then contents are moved between sizes while that saves. The best division of many is not known to be found in reasonable time.
 */
public final class CartonSizes {
    /** So many different contents are tried in every division. */
    public static final int EXACT = 9;

    private CartonSizes() {}

    /**
     * Contents that have to be sent.
     *
     * @param inside that they need, with all their cushioning, mm
     * @param massKg without the carton
     * @param count how often, in a year or any other time
     */
    public record Wanted(String name, Size inside, double massKg, double count) {}

    /**
     * What a parcel costs.
     *
     * @param board of every carton
     * @param perM2 of board
     * @param perKg of billed mass
     * @param divisor cm3 to a kilogram of volumetric mass
     * @param upright true where contents keep their top up, so that only length and width may change places
     */
    public record Costs(Board board, double perM2, double perKg, double divisor, boolean upright) {}

    /**
     * One of the sizes.
     *
     * @param inside mm
     * @param members which of the contents go into it, by their place in the list
     * @param cost of all their parcels
     */
    public record Chosen(Size inside, List<Integer> members, double cost) {}

    /**
     * So many sizes and what they cost together.
     *
     * @param sizes those that something goes into
     * @param left what goes into none of them, by its place in the list
     */
    public record Division(List<Chosen> sizes, List<Integer> left, double cost) {
        /** With the cost of keeping each size. */
        public double withKeeping(double perSize) {
            return cost + perSize * sizes.size();
        }
    }

    /** The division that costs least with the keeping of its sizes; of equal ones that of fewest. */
    public static Division worth(List<Division> divisions, double keepingPerSize) {
        return divisions.stream()
                .min(Comparator.comparingDouble(division -> division.withKeeping(keepingPerSize)))
                .orElseThrow();
    }

    /**
     * The best division found for each number of sizes, from one up.
     *
     * @param most numbers of sizes to look at
     * @throws SearchStoppedException if the watcher stops it
     * @throws IllegalArgumentException if there are no contents
     */
    public static List<Division> of(List<Wanted> wanted, Costs costs, int most, Watcher watcher) {
        if (wanted.isEmpty()) {
            throw new IllegalArgumentException("there must be at least one row of contents");
        }
        SizeCosts reckoned = new SizeCosts(wanted, costs);
        List<List<int[]>> divisions =
                wanted.size() <= EXACT ? EveryDivision.of(reckoned, most) : JoinedDivisions.of(reckoned, most, watcher);
        return divisions.stream().map(groups -> division(reckoned, groups)).toList();
    }

    /** What sizes that are there already cost: each of the contents in the cheapest that holds it; some may go into none. */
    public static Division among(List<Wanted> wanted, List<Size> sizes, Costs costs) {
        SizeCosts reckoned = new SizeCosts(wanted, costs);
        List<List<Integer>> members = new ArrayList<>();
        double[] cost = new double[sizes.size()];
        sizes.forEach(size -> members.add(new ArrayList<>()));
        List<Integer> left = new ArrayList<>();
        for (int i = 0; i < wanted.size(); i++) {
            int best = -1;
            double least = Double.POSITIVE_INFINITY;
            for (int s = 0; s < sizes.size(); s++) {
                double[] box = SizeCosts.edges(sizes.get(s), costs.upright());
                if (SizeCosts.holds(box, reckoned.edges(i))) {
                    double one = reckoned.one(reckoned.priced(box), i);
                    if (one < least) {
                        least = one;
                        best = s;
                    }
                }
            }
            if (best < 0) {
                left.add(i);
            } else {
                members.get(best).add(i);
                cost[best] += least;
            }
        }
        List<Chosen> chosen = new ArrayList<>();
        for (int s = 0; s < sizes.size(); s++) {
            if (!members.get(s).isEmpty()) {
                chosen.add(new Chosen(sizes.get(s), List.copyOf(members.get(s)), cost[s]));
            }
        }
        return new Division(
                List.copyOf(chosen), List.copyOf(left), Arrays.stream(cost).sum());
    }

    private static Division division(SizeCosts reckoned, List<int[]> groups) {
        List<Chosen> sizes = new ArrayList<>();
        double cost = 0;
        for (int[] group : groups) {
            double[] box = reckoned.round(group);
            double own = reckoned.cost(group);
            sizes.add(new Chosen(
                    new Size(box[0], box[1], box[2]),
                    Arrays.stream(group).boxed().toList(),
                    own));
            cost += own;
        }
        sizes.sort((a, b) -> Double.compare(a.inside().volumeMm3(), b.inside().volumeMm3()));
        return new Division(List.copyOf(sizes), List.of(), cost);
    }
}
