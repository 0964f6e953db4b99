package rampart.core.search;

import java.util.Arrays;
import java.util.List;
import rampart.core.box.RegularSlotted;
import rampart.core.quantity.Size;

/** What contents cost in a carton, and in the smallest that holds a group of them; contents are named by their place in the list. */
final class SizeCosts {
    private static final double CM3_PER_MM3 = 1e-3;

    private final List<CartonSizes.Wanted> wanted;
    private final CartonSizes.Costs costs;
    private final double[][] edges;

    SizeCosts(List<CartonSizes.Wanted> wanted, CartonSizes.Costs costs) {
        this.wanted = wanted;
        this.costs = costs;
        edges = wanted.stream().map(w -> edges(w.inside(), costs.upright())).toArray(double[][]::new);
    }

    int count() {
        return wanted.size();
    }

    double[] edges(int i) {
        return edges[i];
    }

    /** Longest first; with the top up, height last and the longer of the other two first. */
    static double[] edges(Size size, boolean upright) {
        double[] e = {size.lengthMm(), size.widthMm(), size.heightMm()};
        if (upright) {
            return new double[] {Math.max(e[0], e[1]), Math.min(e[0], e[1]), e[2]};
        }
        Arrays.sort(e);
        return new double[] {e[2], e[1], e[0]};
    }

    static boolean holds(double[] box, double[] contents) {
        return box[0] >= contents[0] && box[1] >= contents[1] && box[2] >= contents[2];
    }

    /** Board of a carton of these edges in money, its volumetric mass and its own mass. */
    double[] priced(double[] box) {
        RegularSlotted carton = new RegularSlotted(new Size(box[0], box[1], box[2]), costs.board());
        double board = carton.blankAreaMm2() * 1e-6 * costs.perM2();
        double volumetric = carton.outside().volumeMm3() * CM3_PER_MM3 / costs.divisor();
        return new double[] {board, volumetric, carton.massKg()};
    }

    double one(double[] priced, int i) {
        CartonSizes.Wanted w = wanted.get(i);
        return w.count() * (priced[0] + costs.perKg() * Math.max(priced[1], w.massKg() + priced[2]));
    }

    double[] round(int[] members) {
        double[] box = new double[3];
        for (int i : members) {
            for (int k = 0; k < box.length; k++) {
                box[k] = Math.max(box[k], edges[i][k]);
            }
        }
        return box;
    }

    double cost(int[] members) {
        double[] priced = priced(round(members));
        double sum = 0;
        for (int i : members) {
            sum += one(priced, i);
        }
        return sum;
    }

    double total(List<int[]> groups) {
        return groups.stream().mapToDouble(this::cost).sum();
    }

    /** Of two groups in one size. */
    double joinedCost(int[] a, int[] b) {
        double[] box = round(a);
        double[] other = round(b);
        for (int k = 0; k < box.length; k++) {
            box[k] = Math.max(box[k], other[k]);
        }
        double[] priced = priced(box);
        double sum = 0;
        for (int i : a) {
            sum += one(priced, i);
        }
        for (int i : b) {
            sum += one(priced, i);
        }
        return sum;
    }
}
