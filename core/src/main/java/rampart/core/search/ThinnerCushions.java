package rampart.core.search;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import rampart.core.box.StockCarton;
import rampart.core.cost.Tariff;
import rampart.core.evaluation.Evaluation;
import rampart.core.evaluation.Evaluator;
import rampart.core.layout.CushionForm;
import rampart.core.layout.LaidBox;
import rampart.core.layout.LaidCushion;
import rampart.core.layout.Layer;
import rampart.core.layout.Layout;
import rampart.core.layout.LayoutWalk;
import rampart.core.layout.Room;
import rampart.core.material.Catalogue;
import rampart.core.pack.Pack;
import rampart.core.quantity.Axis;
import rampart.core.quantity.Face;
import rampart.core.quantity.SixSided;
import rampart.core.quantity.Size;

/** Stock cartons that are a little too small, and what a slightly thinner cushion would do to reach them. */
public final class ThinnerCushions {
    /** More than this off one dimension is another design, mm (assumed). */
    public static final double MOST_MM = 30;

    /** No side is thinned below this, mm (assumed). */
    private static final double LEAST_SIDE_MM = 5;

    private ThinnerCushions() {}

    /**
     * A carton reached.
     *
     * @param box index of the box
     * @param cushion index of the cushion that is thinned
     * @param thicknessMm its new thickness on each side
     * @param offMm what comes off length, width and height
     * @param price what the cheapest service charges; empty where none takes it, or none is known
     */
    public record Reached(
            StockCarton carton,
            int box,
            int cushion,
            SixSided thicknessMm,
            Size offMm,
            OptionalDouble price,
            Evaluation evaluation) {}

    /**
     * Those smaller outside than the pack is now, by verdict, then price, then outside volume. What is taken off a dimension comes off
     * the thicker of its two sides first.
     *
     * @throws SearchStoppedException if the watcher stops it
     */
    public static List<Reached> of(
            Pack pack, int box, List<StockCarton> stock, List<Tariff> tariffs, Catalogue catalogue, Watcher watcher) {
        Layout layout = LayoutWalk.layUndrawn(pack.item(), pack.layers(), catalogue);
        Optional<LaidCushion> outermost = layout.cushions().stream()
                .filter(c -> c.layer() < box && !(c.form() instanceof CushionForm.Bed))
                .reduce((inner, outer) -> outer)
                .filter(c -> layout.boxes().stream().noneMatch(b -> b.layer() > c.layer() && b.layer() < box));
        if (outermost.isEmpty()) {
            return List.of();
        }
        double now = layout.outside().volumeMm3();
        List<Reached> all = new ArrayList<>();
        for (StockCarton carton : stock) {
            watcher.look();
            for (StockCarton way : List.of(carton, carton.turned())) {
                tried(pack, box, layout, outermost.get(), way, tariffs, catalogue)
                        .filter(r -> r.evaluation().layout().outside().volumeMm3() < now)
                        .ifPresent(all::add);
            }
        }
        all.sort(Comparator.comparing((Reached r) -> r.evaluation().verdict(), Comparator.comparingInt(StockFits::rank))
                .thenComparingDouble(r -> r.price().orElse(Double.POSITIVE_INFINITY))
                .thenComparingDouble(r -> r.evaluation().layout().outside().volumeMm3())
                .thenComparing(r -> r.carton().name()));
        return List.copyOf(all);
    }

    private static Optional<Reached> tried(
            Pack pack,
            int box,
            Layout layout,
            LaidCushion cushion,
            StockCarton carton,
            List<Tariff> tariffs,
            Catalogue catalogue) {
        LaidBox laid = layout.boxes().stream()
                .filter(b -> b.layer() == box)
                .findFirst()
                .orElseThrow();
        SixSided mm = cushion.thicknessMm();
        double[] off = new double[Axis.values().length];
        boolean any = false;
        for (Axis axis : Axis.values()) {
            double over = laid.contents().along(axis) - carton.inside().along(axis);
            off[axis.ordinal()] = Math.max(0, over);
            if (over > 0) {
                Optional<SixSided> thinner = thinner(mm, axis, over);
                if (over > MOST_MM || thinner.isEmpty()) {
                    return Optional.empty();
                }
                mm = thinner.get();
                any = true;
            }
        }
        if (!any) {
            return Optional.empty();
        }
        List<Layer> layers = new ArrayList<>(pack.layers());
        Layer.Cushion was = (Layer.Cushion) layers.get(cushion.layer());
        layers.set(cushion.layer(), new Layer.Cushion(was.material(), was.form(), mm));
        Layer.Box now = (Layer.Box) layers.get(box);
        layers.set(box, now.replacedBy(carton.board(), Room.Stock.of(carton.inside())));
        Evaluation evaluation = Evaluator.simulate(new Pack(pack.item(), pack.journey(), layers), catalogue);
        return Optional.of(new Reached(
                carton,
                box,
                cushion.layer(),
                mm,
                new Size(off[0], off[1], off[2]),
                StockFits.price(evaluation, tariffs),
                evaluation));
    }

    /** So much off two opposite sides, the thicker first; empty where that leaves too little. */
    static Optional<SixSided> thinner(SixSided mm, Axis axis, double off) {
        List<Face> sides = Face.ALL.stream().filter(f -> f.axis() == axis).toList();
        Face thick = mm.on(sides.get(0)) >= mm.on(sides.get(1)) ? sides.get(0) : sides.get(1);
        Face thin = thick.opposite();
        double step = Math.min(off, mm.on(thick) - mm.on(thin));
        double half = (off - step) / 2;
        double thickNow = mm.on(thick) - step - half;
        double thinNow = mm.on(thin) - half;
        boolean enough = thickNow >= LEAST_SIDE_MM && (half == 0 || thinNow >= LEAST_SIDE_MM);
        return enough ? Optional.of(mm.with(thick, thickNow).with(thin, thinNow)) : Optional.empty();
    }
}
