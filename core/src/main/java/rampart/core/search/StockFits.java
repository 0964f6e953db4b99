package rampart.core.search;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import rampart.core.box.StockCarton;
import rampart.core.evaluation.Evaluation;
import rampart.core.evaluation.Evaluator;
import rampart.core.layout.LaidBox;
import rampart.core.layout.Layer;
import rampart.core.material.Catalogue;
import rampart.core.pack.Pack;
import rampart.core.quantity.Size;
import rampart.core.verdict.Status;

/** Stock cartons tried in the place of one box of a pack, each fully evaluated. */
public final class StockFits {
    private static final Comparator<Fit> BEST_FIRST = Comparator.comparing((Fit f) -> !f.fits())
            .thenComparingDouble(Fit::lackingMm)
            .thenComparing(f -> f.evaluation().verdict(), Comparator.comparingInt(StockFits::rank))
            .thenComparingDouble(f -> f.evaluation().layout().outside().volumeMm3())
            .thenComparing(f -> f.carton().name());

    private StockFits() {}

    /**
     * One stock carton tried.
     *
     * @param carton as it is put in; its length and width may be changed for one another
     * @param contents what has to go in, mm
     * @param slack room left per dimension, mm; negative where it does not go in
     * @param lackingMm the most it is too small by; 0 where it fits
     */
    public record Fit(StockCarton carton, Size contents, Size slack, double lackingMm, Evaluation evaluation) {
        public boolean fits() {
            return lackingMm == 0;
        }
    }

    /**
     * Those that fit first, of these the better verdict, then the smaller pack; then those that do not, the nearest miss
     * first. A carton is tried both ways round and stands in the list once.
     *
     * @throws IllegalArgumentException if the layer is not a box of the pack
     * @throws SearchStoppedException if the watcher stops it
     */
    public static List<Fit> of(Pack pack, int layer, List<StockCarton> stock, Catalogue catalogue, Watcher watcher) {
        Map<Integer, Layer.Box> boxes = boxes(pack);
        if (!boxes.containsKey(layer)) {
            throw new IllegalArgumentException("layer " + layer + " is not a box; boxes are " + boxes.keySet());
        }
        Layer.Box now = boxes.get(layer);
        List<Fit> fits = new ArrayList<>();
        for (StockCarton carton : stock) {
            watcher.look();
            Fit straight = fit(pack, layer, now, carton, catalogue);
            Fit turned = fit(pack, layer, now, carton.turned(), catalogue);
            fits.add(BEST_FIRST.compare(turned, straight) < 0 ? turned : straight);
        }
        fits.sort(BEST_FIRST);
        return List.copyOf(fits);
    }

    private static Fit fit(Pack pack, int index, Layer.Box now, StockCarton carton, Catalogue catalogue) {
        List<Layer> layers = new ArrayList<>(pack.layers());
        layers.set(index, now.replacedBy(carton.board(), carton.inside()));
        Evaluation evaluation = Evaluator.simulate(new Pack(pack.item(), pack.journey(), layers), catalogue);
        LaidBox box = evaluation.layout().boxes().stream()
                .filter(b -> b.layer() == index)
                .findFirst()
                .orElseThrow();
        Size slack = box.slack();
        double least = Math.min(slack.lengthMm(), Math.min(slack.widthMm(), slack.heightMm()));
        return new Fit(carton, box.contents(), slack, Math.max(0, -least), evaluation);
    }

    private static int rank(Status status) {
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
            pack.layers().get(i).match(wrap -> null, cushion -> null, box -> boxes.put(index, box));
        }
        return boxes;
    }
}
