package rampart.formats.view;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import rampart.core.cut.CutList;
import rampart.core.quantity.Axis;
import rampart.core.quantity.Face;
import rampart.core.words.Quantity;
import rampart.core.words.Wording;

/** What to cut, what to fill in and what to buy for one pack. */
public record CutListView(List<CutPiece> pieces, List<CutFill> fills, List<CutBox> boxes) {
    public static CutListView of(CutList list, Wording wording) {
        return new CutListView(
                list.pieces().stream()
                        .map(p -> new CutPiece(
                                p.layer(),
                                p.count(),
                                p.faces().stream().map(Face::word).toList(),
                                p.lengthMm(),
                                p.widthMm(),
                                p.thicknessMm(),
                                p.places().stream().map(CutPlace::of).toList(),
                                places(p, wording)))
                        .toList(),
                list.fills().stream()
                        .map(f -> new CutFill(
                                f.layer(),
                                f.foam().name(),
                                f.foam()
                                        .structure()
                                        .name()
                                        .toLowerCase(Locale.ROOT)
                                        .replace('_', '-'),
                                f.litres()))
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

    /** Where the pads of a piece lie, a sentence a face; faces that are alike are told together. */
    public static List<String> places(CutList.Piece piece, Wording wording) {
        List<String> said = new ArrayList<>();
        List<CutList.Place> left = new ArrayList<>(piece.places());
        while (!left.isEmpty()) {
            CutList.Place first = left.get(0);
            List<CutList.Place> alike = left.stream()
                    .filter(p -> p.firstAxis() == first.firstAxis()
                            && p.secondAxis() == first.secondAxis()
                            && p.firstMm().equals(first.firstMm())
                            && p.secondMm().equals(first.secondMm()))
                    .toList();
            left.removeAll(alike);
            said.add(String.join(
                            " and ", alike.stream().map(p -> p.face().word()).toList())
                    + ": " + at(first.firstMm(), wording) + " from the " + edge(first.firstAxis()) + " edge, "
                    + at(first.secondMm(), wording) + " from the " + edge(first.secondAxis()));
        }
        return said;
    }

    private static String at(List<Double> mm, Wording wording) {
        List<String> numbers = new ArrayList<>();
        for (int i = 0; i < mm.size(); i++) {
            Wording.Amount amount = wording.amount(Quantity.cut(mm.get(i)));
            numbers.add(i == mm.size() - 1 ? amount.toString() : amount.number());
        }
        int last = numbers.size() - 1;
        return last == 0 ? numbers.get(0) : String.join(", ", numbers.subList(0, last)) + " and " + numbers.get(last);
    }

    private static String edge(Axis axis) {
        return switch (axis) {
            case X -> "left";
            case Y -> "front";
            case Z -> "bottom";
        };
    }

    /**
     * Equal pieces of one layer: how many, which faces they guard, their size.
     *
     * @param places where pads lie on each face, from the edges of what they bear on
     * @param placesSaid the same in words
     */
    public record CutPiece(
            int layer,
            int count,
            List<String> faces,
            double lengthMm,
            double widthMm,
            double thicknessMm,
            List<CutPlace> places,
            List<String> placesSaid) {}

    /**
     * Where the pads of one face lie: near edges of their columns and rows, mm.
     *
     * @param firstFrom edge from which {@code firstMm} is measured: left, or front on the sides
     * @param secondFrom edge from which {@code secondMm} is measured: bottom, or front on top and bottom
     */
    public record CutPlace(
            String face, String firstFrom, List<Double> firstMm, String secondFrom, List<Double> secondMm) {
        static CutPlace of(CutList.Place place) {
            return new CutPlace(
                    place.face().word(),
                    edge(place.firstAxis()),
                    place.firstMm(),
                    edge(place.secondAxis()),
                    place.secondMm());
        }
    }

    /** What is poured, laid in or crumpled: how it is built, and how much of it. */
    public record CutFill(int layer, String material, String structure, double litres) {}

    /** A box by its inside size and board. */
    public record CutBox(int layer, String board, SizeView insideMm, SizeView outsideMm, boolean stock) {}
}
