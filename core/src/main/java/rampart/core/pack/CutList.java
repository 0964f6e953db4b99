package rampart.core.pack;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeSet;
import rampart.core.box.RegularSlotted;
import rampart.core.layout.LaidBox;
import rampart.core.layout.LaidCushion;
import rampart.core.layout.Layout;
import rampart.core.layout.Solid;
import rampart.core.material.Foam;
import rampart.core.quantity.Axis;
import rampart.core.quantity.Face;
import rampart.core.quantity.Size;
import rampart.core.quantity.Units;

/**
 * What to cut, what to fill in and what to buy for one pack: the pieces of foam as the section draws them, equal ones
 * counted together, with the place of each pad; what is poured, laid in or crumpled, by volume; the boxes by inside size and
 * board. No allowance for the saw is in it.
 *
 * @param pieces by layer, then by the face they guard
 * @param fills by layer
 * @param boxes from the item outward
 */
public record CutList(List<Piece> pieces, List<Fill> fills, List<Box> boxes) {
    private static final double MM3_PER_LITRE = 1e6;

    /**
     * Equal pieces of one layer.
     *
     * @param faces the faces they guard
     * @param lengthMm the longer edge, mm
     * @param widthMm the shorter edge, mm
     * @param thicknessMm the direction in which it is squeezed, mm
     * @param places where pads lie, face by face; none for pieces that reach from edge to edge
     */
    public record Piece(
            int layer,
            int count,
            List<Face> faces,
            double lengthMm,
            double widthMm,
            double thicknessMm,
            List<Place> places) {}

    /**
     * Where the pads of a face lie, from the edges of what they bear on.
     *
     * @param firstAxis along which {@code firstMm} is measured: from the left, or on the sides from the front
     * @param firstMm near edge of each column of pads, mm, rising
     * @param secondAxis along which {@code secondMm} is measured: from the bottom, or on top and bottom from the front
     * @param secondMm near edge of each row of pads, mm, rising
     */
    public record Place(Face face, Axis firstAxis, List<Double> firstMm, Axis secondAxis, List<Double> secondMm) {}

    /** What is not cut. */
    public record Fill(int layer, Foam foam, double litres) {}

    /** A box layer. */
    public record Box(int layer, RegularSlotted carton, boolean stock) {}

    public static CutList of(Layout layout) {
        Map<Key, List<Solid>> groups = new LinkedHashMap<>();
        layout.solids().stream()
                .filter(s -> s.part() == Solid.Part.FOAM || s.part() == Solid.Part.PAD || s.part() == Solid.Part.BLOCK)
                .filter(s -> cushion(layout, s.layer().orElseThrow()).foam().cut())
                .sorted(Comparator.comparingInt(s -> s.layer().orElseThrow()))
                .forEach(s -> groups.computeIfAbsent(Key.of(s), key -> new ArrayList<>())
                        .add(s));
        List<Piece> pieces = new ArrayList<>();
        groups.forEach((key, solids) -> pieces.add(piece(layout, key, solids)));
        List<Fill> fills = layout.cushions().stream()
                .filter(c -> !c.foam().cut() && c.massKg() > 0)
                .map(c -> new Fill(c.layer(), c.foam(), c.massKg() / c.foam().densityKgM3() * 1e9 / MM3_PER_LITRE))
                .toList();
        List<Box> boxes = layout.boxes().stream()
                .map((LaidBox b) -> new Box(b.layer(), b.carton(), b.stock()))
                .toList();
        return new CutList(List.copyOf(pieces), fills, boxes);
    }

    private static LaidCushion cushion(Layout layout, int layer) {
        return layout.cushions().stream()
                .filter(c -> c.layer() == layer)
                .findFirst()
                .orElseThrow();
    }

    private static Piece piece(Layout layout, Key key, List<Solid> solids) {
        List<Face> faces = solids.stream()
                .map(s -> s.face().orElseThrow())
                .distinct()
                .sorted()
                .toList();
        return new Piece(
                key.layer,
                solids.size(),
                faces,
                key.lengthMm,
                key.widthMm,
                key.thicknessMm,
                places(cushion(layout, key.layer), solids));
    }

    private static List<Place> places(LaidCushion cushion, List<Solid> solids) {
        Map<Face, List<Solid>> byFace = new EnumMap<>(Face.class);
        solids.stream()
                .filter(s -> s.part() == Solid.Part.PAD)
                .forEach(s -> byFace.computeIfAbsent(s.face().orElseThrow(), f -> new ArrayList<>())
                        .add(s));
        List<Place> places = new ArrayList<>();
        byFace.forEach((face, pads) -> {
            Axis first = face.axis() == Axis.X ? Axis.Y : Axis.X;
            Axis second = face.axis() == Axis.Z ? Axis.Y : Axis.Z;
            places.add(new Place(
                    face, first, edges(pads, first, cushion.body()), second, edges(pads, second, cushion.body())));
        });
        return places;
    }

    /** Distances of the pads' near edges from the body's edge: pads lie alike to both sides, so the body's is known by them. */
    private static List<Double> edges(List<Solid> pads, Axis axis, Size body) {
        double low = Double.POSITIVE_INFINITY;
        double high = Double.NEGATIVE_INFINITY;
        TreeSet<Double> near = new TreeSet<>();
        for (Solid pad : pads) {
            low = Math.min(low, pad.cuboid().min().along(axis));
            high = Math.max(high, pad.cuboid().max().along(axis));
            near.add(Units.roundTo9Decimals(pad.cuboid().min().along(axis)));
        }
        double edge = (low + high) / 2 - body.along(axis) / 2;
        return near.stream().map(at -> Units.roundTo9Decimals(at - edge)).toList();
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
