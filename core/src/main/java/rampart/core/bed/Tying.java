package rampart.core.bed;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.DoubleStream;
import java.util.stream.IntStream;
import rampart.core.geometry.Bounds;
import rampart.core.quantity.Axis;
import rampart.core.quantity.Point;
import rampart.core.quantity.Units;

/**
 * Ties for an item that nothing else holds: over strong parts with foam under them, on both sides of its balance, pulling hard
 * enough to keep it in its bed when the pack is turned over and shaken, or falls on its top and comes back up (rules 54 and
 * 55).
 */
public final class Tying {
    /** A longer item has two ties, mm; one longer than {@link #THREE_FROM_MM} three (common practice, no source). */
    private static final double TWO_FROM_MM = 120;

    private static final double THREE_FROM_MM = 600;

    /** Of the pull of the item, turned over and shaken: a third in hand. */
    private static final double IN_HAND = 4.0 / 3;

    private static final double SHAKEN = 2;
    private static final double LEAST_N = 10;
    private static final double STEP_N = 5;
    private static final double BAND_MM = 20;

    /** Nearer to each other two bands hold no better than one, mm. */
    private static final double APART_MM = 2 * BAND_MM;

    private Tying() {}

    /**
     * The same bed with ties instead of those it has.
     *
     * @param balance centre of mass, from the middle of the item
     * @param lidN what the lid holds it with
     * @return empty where no line over it rests on strong parts with foam under them
     */
    public static Optional<BedShape> of(BedShape bed, double massKg, Point balance, double lidN) {
        Axis longer = bed.size().lengthMm() >= bed.size().widthMm() ? Axis.X : Axis.Y;
        Axis shorter = longer == Axis.X ? Axis.Y : Axis.X;
        double pullN = IN_HAND * SHAKEN * massKg * Units.STANDARD_GRAVITY - lidN;
        // Rather none over a delicate part, where it would have to keep its distance and pull sideways.
        for (boolean free : new boolean[] {true, false}) {
            for (Axis runs : List.of(shorter, longer)) {
                List<Double> places = places(bed, runs, balance, free);
                if (!places.isEmpty()) {
                    double each = Math.max(LEAST_N, STEP_N * Math.ceil(pullN / (2 * places.size()) / STEP_N));
                    return Optional.of(bed.tied(places.stream()
                            .map(at -> new Tie(runs, at, BAND_MM, each))
                            .toList()));
                }
            }
        }
        return Optional.empty();
    }

    /** Where on the other axis ties that run along this one lie: evenly spread, each on the nearest line that carries. */
    private static List<Double> places(BedShape bed, Axis runs, Point balance, boolean free) {
        Axis across = runs == Axis.X ? Axis.Y : Axis.X;
        RayGrid grid = new RayGrid(bed.size());
        double[] carry = DoubleStream.iterate(0, cell -> cell + 1)
                .limit(grid.cells(across))
                .map(cell -> Math.rint(grid.middleMm(across, (int) cell)))
                .filter(at -> carries(bed, runs, at) && (!free || clear(bed, runs, at)))
                .toArray();
        double size = bed.size().along(across);
        double middle = balance.along(across);
        List<Double> places = new ArrayList<>();
        for (double wanted : wanted(size)) {
            double ideal = middle + wanted * size;
            DoubleStream.of(carry)
                    .filter(at -> Math.signum(Math.rint(at - middle)) == Math.signum(wanted) || wanted == 0)
                    .boxed()
                    .min(Comparator.comparingDouble(at -> Math.abs(at - ideal)))
                    .ifPresent(places::add);
        }
        // On one side of the balance alone it would turn out of its bed.
        boolean spread = places.size() == wanted(size).length
                && (places.size() > 1
                        ? IntStream.range(1, places.size()).allMatch(i -> places.get(i) - places.get(i - 1) >= APART_MM)
                        : Math.abs(places.get(0) - middle) <= size / 6);
        return spread ? places : List.of();
    }

    private static double[] wanted(double sizeMm) {
        return sizeMm < TWO_FROM_MM
                ? new double[] {0}
                : sizeMm < THREE_FROM_MM ? new double[] {-0.25, 0.25} : new double[] {-0.35, 0, 0.35};
    }

    /** The whole width of the band has to. */
    private static boolean carries(BedShape bed, Axis runs, double at) {
        return DoubleStream.of(-BAND_MM / 2, 0, BAND_MM / 2)
                .allMatch(beside ->
                        TieSeat.of(bed, new Tie(runs, at + beside, BAND_MM, 0), bed.contact()) == TieSeat.SITS);
    }

    /** No delicate part, with what is kept clear of it, lies anywhere under the band. */
    private static boolean clear(BedShape bed, Axis runs, double at) {
        return bed.parts().stream().filter(part -> !part.strong()).allMatch(part -> {
            Bounds bounds = Bounds.of(part.prism().outline());
            double from = runs == Axis.X ? bounds.minYMm() : bounds.minXMm();
            double to = runs == Axis.X ? bounds.maxYMm() : bounds.maxXMm();
            return at + BAND_MM / 2 < from - part.gapMm() || at - BAND_MM / 2 > to + part.gapMm();
        });
    }
}
