package rampart.core.pack;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import rampart.core.box.RegularSlotted;
import rampart.core.layout.LaidBox;
import rampart.core.layout.Layout;
import rampart.core.layout.Solid;
import rampart.core.quantity.Axis;
import rampart.core.quantity.Face;
import rampart.core.quantity.Units;

/**
 * What to cut and what to buy for one pack: the pieces of foam as the section draws them, equal ones counted together, and
 * the boxes by inside size and board. No allowance for the saw is in it.
 *
 * @param pieces by layer, then by the face they guard
 * @param boxes from the item outward
 */
public record CutList(List<Piece> pieces, List<Box> boxes) {
    /**
     * Equal pieces of one layer.
     *
     * @param faces the faces they guard
     * @param lengthMm the longer edge, mm
     * @param widthMm the shorter edge, mm
     * @param thicknessMm the direction in which it is squeezed, mm
     */
    public record Piece(int layer, int count, List<Face> faces, double lengthMm, double widthMm, double thicknessMm) {}

    /** A box layer. */
    public record Box(int layer, RegularSlotted carton, boolean stock) {}

    public static CutList of(Layout layout) {
        Map<Key, List<Face>> groups = new LinkedHashMap<>();
        layout.solids().stream()
                .filter(s -> s.part() == Solid.Part.FOAM || s.part() == Solid.Part.PAD || s.part() == Solid.Part.BLOCK)
                .sorted(Comparator.comparingInt(s -> s.layer().orElse(0)))
                .forEach(s -> groups.computeIfAbsent(Key.of(s), key -> new ArrayList<>())
                        .add(s.face().orElseThrow()));
        List<Piece> pieces = new ArrayList<>();
        groups.forEach((key, faces) -> pieces.add(new Piece(
                key.layer,
                faces.size(),
                faces.stream().distinct().sorted().toList(),
                key.lengthMm,
                key.widthMm,
                key.thicknessMm)));
        List<Box> boxes = layout.boxes().stream()
                .map((LaidBox b) -> new Box(b.layer(), b.carton(), b.stock()))
                .toList();
        return new CutList(List.copyOf(pieces), boxes);
    }

    /** What makes two pieces the same to cut; to nine decimals, so that roundings of their places do not tell them apart. */
    private record Key(int layer, double lengthMm, double widthMm, double thicknessMm) {
        static Key of(Solid solid) {
            Face face = solid.face().orElseThrow();
            double thickness = 0;
            List<Double> edges = new ArrayList<>();
            for (Axis axis : Axis.values()) {
                double edge = Units.roundTo9Decimals(
                        solid.cuboid().max().along(axis) - solid.cuboid().min().along(axis));
                if (axis == face.axis()) {
                    thickness = edge;
                } else {
                    edges.add(edge);
                }
            }
            double first = edges.get(0);
            double second = edges.get(1);
            return new Key(solid.layer().orElseThrow(), Math.max(first, second), Math.min(first, second), thickness);
        }
    }
}
