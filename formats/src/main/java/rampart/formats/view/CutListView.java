package rampart.formats.view;

import java.util.List;
import rampart.core.pack.CutList;
import rampart.core.quantity.Face;

/** What to cut and what to buy for one pack. */
public record CutListView(List<CutPiece> pieces, List<CutBox> boxes) {
    public static CutListView of(CutList list) {
        return new CutListView(
                list.pieces().stream()
                        .map(p -> new CutPiece(
                                p.layer(),
                                p.count(),
                                p.faces().stream().map(Face::word).toList(),
                                p.lengthMm(),
                                p.widthMm(),
                                p.thicknessMm()))
                        .toList(),
                list.boxes().stream()
                        .map(b -> new CutBox(
                                b.layer(),
                                b.carton().board().name(),
                                SizeView.of(b.carton().inside()),
                                SizeView.of(b.carton().outside()),
                                b.stock()))
                        .toList());
    }

    /** Equal pieces of one layer: how many, which faces they guard, their size. */
    public record CutPiece(
            int layer, int count, List<String> faces, double lengthMm, double widthMm, double thicknessMm) {}

    /** A box by its inside size and board. */
    public record CutBox(int layer, String board, SizeView insideMm, SizeView outsideMm, boolean stock) {}
}
