package rampart.core.search;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeSet;
import rampart.core.check.MovementCheck;
import rampart.core.material.Foam;
import rampart.core.verdict.Status;

/**
 * Thicknesses that can be had: sums of at most three sheets that the house stocks of a material, of the usual ones where
 * it stocks none; what is poured, laid in or crumpled in whole centimetres (common practice, no source).
 */
final class Thicknesses {
    /** No cushion is thicker, mm: more is another way to pack. */
    static final double MOST_MM = 100;

    private static final double STEP_MM = 10;

    /** Play beyond this would be thin or worse (rule 33). */
    private static final double MOST_PLAY_MM = MovementCheck.LIMIT_MM * (1 - Status.THIN_BELOW);

    private final Stock stock;
    private final Map<String, List<Double>> known = new HashMap<>();

    Thicknesses(Stock stock) {
        this.stock = stock;
    }

    /** Rising. */
    List<Double> of(Foam foam) {
        return known.computeIfAbsent(foam.id(), id -> foam.structure().cut() ? sums(stock.sheetsMmOf(id)) : steps());
    }

    private static List<Double> steps() {
        List<Double> all = new ArrayList<>();
        for (double mm = STEP_MM; mm <= MOST_MM; mm += STEP_MM) {
            all.add(mm);
        }
        return List.copyOf(all);
    }

    private static List<Double> sums(List<Double> sheets) {
        TreeSet<Double> sums = new TreeSet<>();
        for (double one : sheets) {
            sums.add(one);
            for (double two : sheets) {
                sums.add(one + two);
                for (double three : sheets) {
                    sums.add(one + two + three);
                }
            }
        }
        return sums.stream().filter(mm -> mm > 0 && mm <= MOST_MM).toList();
    }

    /**
     * Thicknesses of two opposite sides.
     *
     * @param less of the one
     * @param more of the other, where they differ the one that lies below
     */
    record Pair(double less, double more) {}

    /**
     * What fills this room between a body and two opposite walls: as much as goes in, the two as equal as may be.
     *
     * @return empty where too much play would be left
     */
    Optional<Pair> filling(Foam foam, double roomMm) {
        List<Double> all = of(foam);
        Pair best = null;
        for (double less : all) {
            for (double more : all) {
                double sum = less + more;
                if (less <= more && sum <= roomMm && roomMm - sum <= MOST_PLAY_MM) {
                    boolean better = best == null
                            || sum > best.less() + best.more()
                            || (sum == best.less() + best.more() && less > best.less());
                    best = better ? new Pair(less, more) : best;
                }
            }
        }
        return Optional.ofNullable(best);
    }
}
