package rampart.core.search;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import rampart.core.evaluation.Evaluation;
import rampart.core.evaluation.Evaluator;
import rampart.core.item.Turn;
import rampart.core.layout.LaidCushion;
import rampart.core.material.Catalogue;
import rampart.core.pack.Pack;
import rampart.core.quantity.Face;

/**
 * The item lying another way in the same walls.
 *
 * @param turn how it lies
 * @param bottomCm2 what it stands on: bearing area of the innermost cushion at the bottom, cm2; 0 where there is none
 * @param hits share of blows likely to strike a delicate face, 0 to 1 (assumed: two in five land on the bottom, one in
 *     eight on each side, one in ten on the top)
 * @param evaluation of the pack so
 */
public record Orientation(Turn turn, double bottomCm2, double hits, Evaluation evaluation) {
    private static final Map<Face, Double> LIKELY = likely();

    private static Map<Face, Double> likely() {
        Map<Face, Double> likely = new EnumMap<>(Face.class);
        Face.ALL.forEach(face -> likely.put(face, 0.125));
        likely.put(Face.BOTTOM, 0.40);
        likely.put(Face.TOP, 0.10);
        return likely;
    }

    /**
     * All 24, of a set those in which its cells can lie: by verdict, then the widest margin, then the fewest likely hits.
     *
     * @throws SearchStoppedException if the watcher stops it
     * @throws IllegalArgumentException if the pack is not turnable
     */
    public static List<Orientation> all(Pack pack, Catalogue catalogue, Watcher watcher) {
        if (!pack.turnable()) {
            throw new IllegalArgumentException("what lies in a bed cannot be turned with its layers left as they are");
        }
        List<Orientation> all = new ArrayList<>();
        List<Face> delicate = Turn.delicate(pack.item());
        for (Turn turn : Turn.all()) {
            watcher.look();
            Optional<Pack> turned = pack.turned(turn);
            if (turned.isEmpty()) {
                continue;
            }
            Evaluation evaluation = Evaluator.simulate(turned.get(), catalogue);
            double bottom = evaluation.layout().cushions().stream()
                    .findFirst()
                    .map((LaidCushion c) -> c.bearingMm2().bottom() / 100)
                    .orElse(0.0);
            double hits = delicate.stream()
                    .mapToDouble(face -> LIKELY.get(turn.to(face)))
                    .sum();
            all.add(new Orientation(turn, bottom, hits, evaluation));
        }
        all.sort(Comparator.comparing((Orientation o) -> o.evaluation.verdict())
                .reversed()
                .thenComparing(Comparator.comparingDouble(
                                (Orientation o) -> Math.rint(o.evaluation.lowestMarginButFit() * 1e6))
                        .reversed())
                .thenComparingDouble(Orientation::hits));
        return all;
    }
}
