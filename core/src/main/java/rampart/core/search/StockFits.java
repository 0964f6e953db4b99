package rampart.core.search;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.TreeMap;
import rampart.core.box.StockCarton;
import rampart.core.cost.Quote;
import rampart.core.cost.Tariff;
import rampart.core.evaluation.Evaluation;
import rampart.core.evaluation.Evaluator;
import rampart.core.layout.LaidBox;
import rampart.core.layout.Layer;
import rampart.core.layout.Room;
import rampart.core.material.Catalogue;
import rampart.core.pack.Pack;
import rampart.core.quantity.Size;
import rampart.core.verdict.Status;

/** Stock cartons tried in the place of one box of a pack, each fully evaluated. */
public final class StockFits {
    private static final Comparator<Fit> BEST_FIRST = Comparator.comparing((Fit f) -> !f.fits())
            .thenComparingDouble(Fit::lackingMm)
            .thenComparing(f -> f.evaluation().verdict(), Comparator.comparingInt(StockFits::rank))
            .thenComparingDouble((Fit f) -> f.price().orElse(Double.POSITIVE_INFINITY))
            .thenComparingDouble(f -> f.evaluation().layout().outside().volumeMm3())
            .thenComparing(f -> f.carton().name());

    /** Less is not worth a knife, mm (assumed). */
    private static final double WORTH_CUTTING_MM = 10;

    private StockFits() {}

    /**
     * One stock carton tried.
     *
     * @param carton as it is put in; its length and width may be changed for one another
     * @param contents what has to go in, mm
     * @param slack room left per dimension, mm; negative where it does not go in
     * @param lackingMm the most it is too small by; 0 where it fits
     * @param price what the cheapest service charges for the pack; empty where none takes it, or none is known
     * @param cutFromMm inside height in the store, where it is cut down to the contents; empty where it is left as it is
     */
    public record Fit(
            StockCarton carton,
            Size contents,
            Size slack,
            double lackingMm,
            OptionalDouble cutFromMm,
            OptionalDouble price,
            Evaluation evaluation) {
        public boolean fits() {
            return lackingMm == 0;
        }
    }

    /**
     * Those that fit first, of these the better verdict, then the lower price, then the smaller pack; then those that do not, the nearest miss
     * first. A carton is tried both ways round and stands in the list once,
     * and once more cut down to its contents where it leaves room above them.
     *
     * @throws IllegalArgumentException if the layer is not a box of the pack
     * @throws SearchStoppedException if the watcher stops it
     */
    public static List<Fit> of(
            Pack pack, int layer, List<StockCarton> stock, List<Tariff> tariffs, Catalogue catalogue, Watcher watcher) {
        Map<Integer, Layer.Box> boxes = boxes(pack);
        if (!boxes.containsKey(layer)) {
            throw new IllegalArgumentException("layer " + layer + " is not a box; boxes are " + boxes.keySet());
        }
        Layer.Box now = boxes.get(layer);
        List<Fit> fits = new ArrayList<>();
        for (StockCarton carton : stock) {
            watcher.look();
            Fit straight = fit(pack, layer, now, carton, tariffs, catalogue);
            Fit turned = fit(pack, layer, now, carton.turned(), tariffs, catalogue);
            Fit better = BEST_FIRST.compare(turned, straight) < 0 ? turned : straight;
            fits.add(better);
            if (better.fits() && better.slack().heightMm() >= WORTH_CUTTING_MM) {
                fits.add(cutDown(pack, layer, now, better, tariffs, catalogue));
            }
        }
        fits.sort(BEST_FIRST);
        return List.copyOf(fits);
    }

    private static Fit fit(
            Pack pack, int index, Layer.Box now, StockCarton carton, List<Tariff> tariffs, Catalogue catalogue) {
        return tried(
                pack,
                index,
                now.replacedBy(carton.board(), Room.Stock.of(carton.inside())),
                carton,
                tariffs,
                catalogue);
    }

    /** The same carton as low as its contents. */
    private static Fit cutDown(
            Pack pack, int index, Layer.Box now, Fit whole, List<Tariff> tariffs, Catalogue catalogue) {
        StockCarton carton = whole.carton();
        Size inside = carton.inside().plus(0, 0, -whole.slack().heightMm());
        Room room = new Room.Stock(inside, OptionalDouble.of(carton.inside().heightMm()));
        StockCarton lower = new StockCarton(carton.id(), carton.name(), inside, carton.board());
        return tried(pack, index, now.replacedBy(carton.board(), room), lower, tariffs, catalogue);
    }

    private static Fit tried(
            Pack pack, int index, Layer.Box box, StockCarton carton, List<Tariff> tariffs, Catalogue catalogue) {
        List<Layer> layers = new ArrayList<>(pack.layers());
        layers.set(index, box);
        Evaluation evaluation = Evaluator.simulate(new Pack(pack.item(), pack.journey(), layers), catalogue);
        LaidBox laid = evaluation.layout().boxes().stream()
                .filter(b -> b.layer() == index)
                .findFirst()
                .orElseThrow();
        Size slack = laid.slack();
        double least = Math.min(slack.lengthMm(), Math.min(slack.widthMm(), slack.heightMm()));
        OptionalDouble cutFrom = box.room() instanceof Room.Stock stock ? stock.cutFromMm() : OptionalDouble.empty();
        return new Fit(
                carton, laid.contents(), slack, Math.max(0, -least), cutFrom, price(evaluation, tariffs), evaluation);
    }

    /** What the cheapest service charges; empty where none takes it, or none is known. */
    static OptionalDouble price(Evaluation evaluation, List<Tariff> tariffs) {
        return tariffs.isEmpty()
                ? OptionalDouble.empty()
                : Quote.all(
                                tariffs,
                                evaluation.layout().outside(),
                                evaluation.layout().grossMassKg())
                        .get(0)
                        .price();
    }

    /** Better is less. */
    static int rank(Status status) {
        return switch (status) {
            case HOLDS -> 0;
            case THIN -> 1;
            case UNKNOWN -> 2;
            case BREAKS -> 3;
        };
    }

    private static Map<Integer, Layer.Box> boxes(Pack pack) {
        Map<Integer, Layer.Box> boxes = new TreeMap<>();
        for (int i = 0; i < pack.layers().size(); i++) {
            int index = i;
            pack.layers().get(i).match(wrap -> null, cushion -> null, box -> boxes.put(index, box), boards -> null);
        }
        return boxes;
    }
}
