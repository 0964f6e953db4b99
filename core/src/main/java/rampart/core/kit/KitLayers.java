package rampart.core.kit;

import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.List;

/** Which things of a kit lie in which layer: the heaviest lowest, every layer about as full as the others. */
final class KitLayers {
    private KitLayers() {}

    /** The lowest first; none is empty. There are at least as many things as layers. */
    static List<List<KitPiece>> of(List<KitPiece> pieces, int layers) {
        List<KitPiece> single = pieces.stream()
                .sorted(Comparator.comparingDouble(KitPiece::massKg).reversed())
                .flatMap(piece -> Collections.nCopies(piece.count(), piece.single()).stream())
                .toList();
        double share = single.stream().mapToDouble(KitLayers::areaMm2).sum() / layers;
        List<List<KitPiece>> all = new ArrayList<>();
        List<KitPiece> layer = new ArrayList<>();
        double filled = 0;
        for (int i = 0; i < single.size(); i++) {
            KitPiece piece = single.get(i);
            int left = single.size() - i;
            int wanted = layers - all.size() - 1;
            // Full, or just enough are left for one in each layer that follows.
            boolean full = filled + areaMm2(piece) / 2 > share * (all.size() + 1);
            if (!layer.isEmpty() && wanted > 0 && (full || left == wanted)) {
                all.add(layer);
                layer = new ArrayList<>();
            }
            layer.add(piece);
            filled += areaMm2(piece);
        }
        all.add(layer);
        return all;
    }

    private static double areaMm2(KitPiece piece) {
        return (piece.acrossMm() + KitLayout.WEB_MM) * (piece.deepMm() + KitLayout.WEB_MM);
    }
}
