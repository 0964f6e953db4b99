package rampart.core.cut;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeSet;
import java.util.stream.Stream;
import rampart.core.box.Carton;
import rampart.core.insert.BedBlock;
import rampart.core.layout.ContactPatch;
import rampart.core.layout.LaidBox;
import rampart.core.layout.LaidCushion;
import rampart.core.layout.Layout;
import rampart.core.layout.Solid;
import rampart.core.material.Foam;
import rampart.core.quantity.Axis;
import rampart.core.quantity.Face;
import rampart.core.quantity.Units;

/**
 * What to cut, what to fill in and what to buy for one pack: the pieces of foam, equal ones
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
    public record Box(int layer, Carton carton, boolean stock) {}

    /** How the four sides of a lining meet. */
    public enum Sides {
        /** Two reach from edge to edge, two stand between them. */
        BUTTED,
        /** Each begins at one edge and ends against the next, all the way round: none can be pushed in by one blow alone. */
        PINWHEEL
    }

    /** With sides that are butted. */
    public static CutList of(Layout layout) {
        return of(layout, Sides.BUTTED);
    }

    public static CutList of(Layout layout, Sides sides) {
        List<Piece> pieces = new ArrayList<>();
        for (LaidCushion cushion : layout.cushions()) {
            if (cushion.foam().structure().cut()) {
                pieces.addAll(cushion.form()
                        .match(
                                full -> sides == Sides.PINWHEEL ? pinwheel(layout, cushion) : drawn(layout, cushion),
                                pads -> pads(cushion),
                                corners -> drawn(layout, cushion),
                                bed -> block(cushion)));
            }
        }
        List<Fill> fills = layout.cushions().stream()
                .filter(c -> !c.foam().structure().cut() && c.massKg() > 0)
                .map(c -> new Fill(c.layer(), c.foam(), c.massKg() / c.foam().densityKgM3() * 1e9 / MM3_PER_LITRE))
                .toList();
        List<Box> boxes = layout.boxes().stream()
                .map((LaidBox b) -> new Box(b.layer(), b.carton(), b.stock()))
                .toList();
        return new CutList(List.copyOf(pieces), fills, boxes);
    }

    /** What lies all round or at the corners, in the slabs that the section draws: they fit together without a gap. */
    private static List<Piece> drawn(Layout layout, LaidCushion cushion) {
        Map<Key, List<Solid>> groups = new LinkedHashMap<>();
        layout.solids().stream()
                .filter(s -> s.layer().isPresent() && s.layer().getAsInt() == cushion.layer())
                .forEach(s -> groups.computeIfAbsent(Key.of(s), key -> new ArrayList<>())
                        .add(s));
        List<Piece> pieces = new ArrayList<>();
        groups.forEach((key, solids) -> pieces.add(new Piece(
                cushion.layer(),
                solids.size(),
                solids.stream()
                        .map(s -> s.face().orElseThrow())
                        .distinct()
                        .sorted()
                        .toList(),
                key.lengthMm,
                key.widthMm,
                key.thicknessMm,
                List.of())));
        return pieces;
    }

    /** Like the sails of a pinwheel: what each side gives up at one end to its neighbour it gains at the other. */
    private static List<Piece> pinwheel(Layout layout, LaidCushion cushion) {
        List<Piece> pieces = new ArrayList<>();
        Map<Key, List<Face>> walls = new LinkedHashMap<>();
        for (Solid solid : layout.solids()) {
            if (solid.layer().isEmpty() || solid.layer().getAsInt() != cushion.layer()) {
                continue;
            }
            Face face = solid.face().orElseThrow();
            Key key = Key.of(solid);
            if (face.axis() == Axis.Z) {
                pieces.add(new Piece(
                        cushion.layer(), 1, List.of(face), key.lengthMm, key.widthMm, key.thicknessMm, List.of()));
            } else {
                Face ends = switch (face) {
                    case FRONT -> Face.RIGHT;
                    case RIGHT -> Face.BACK;
                    case BACK -> Face.LEFT;
                    default -> Face.FRONT;
                };
                double along = cushion.outside().along(ends.axis())
                        - cushion.thicknessMm().on(ends);
                double high = solid.cuboid().max().zMm() - solid.cuboid().min().zMm();
                walls.computeIfAbsent(Key.of(along, high, key.thicknessMm), unknown -> new ArrayList<>())
                        .add(face);
            }
        }
        walls.forEach((key, faces) -> pieces.add(new Piece(
                cushion.layer(),
                faces.size(),
                faces.stream().sorted().toList(),
                key.lengthMm,
                key.widthMm,
                key.thicknessMm,
                List.of())));
        return pieces;
    }

    /** The block that a bed is cut from: base and lid, where they part within it. */
    private static List<Piece> block(LaidCushion cushion) {
        BedBlock block = BedBlock.of(cushion);
        double one = Math.max(cushion.outside().lengthMm(), cushion.outside().widthMm());
        double other = Math.min(cushion.outside().lengthMm(), cushion.outside().widthMm());
        return Stream.of(
                        new Piece(cushion.layer(), 1, List.of(Face.BOTTOM), one, other, block.baseMm(), List.of()),
                        new Piece(cushion.layer(), 1, List.of(Face.TOP), one, other, block.lidMm(), List.of()))
                .filter(piece -> piece.thicknessMm() > 0)
                .toList();
    }

    private static List<Piece> pads(LaidCushion cushion) {
        Map<Key, List<ContactPatch>> groups = new LinkedHashMap<>();
        cushion.patches()
                .forEach(patch -> groups.computeIfAbsent(Key.of(patch), key -> new ArrayList<>())
                        .add(patch));
        List<Piece> pieces = new ArrayList<>();
        groups.forEach((key, patches) -> {
            List<Face> faces =
                    patches.stream().map(ContactPatch::face).distinct().sorted().toList();
            pieces.add(new Piece(
                    cushion.layer(),
                    patches.size(),
                    faces,
                    key.lengthMm,
                    key.widthMm,
                    key.thicknessMm,
                    faces.stream().map(face -> place(face, patches)).toList()));
        });
        return pieces;
    }

    private static Place place(Face face, List<ContactPatch> patches) {
        TreeSet<Double> first = new TreeSet<>();
        TreeSet<Double> second = new TreeSet<>();
        for (ContactPatch patch : patches) {
            if (patch.face() == face) {
                first.add(Units.roundTo9Decimals(patch.firstMm()));
                second.add(Units.roundTo9Decimals(patch.secondMm()));
            }
        }
        return new Place(
                face, ContactPatch.first(face), List.copyOf(first), ContactPatch.second(face), List.copyOf(second));
    }

    /** What makes two pieces the same to cut; to nine decimals, so that roundings of their places do not tell them apart. */
    private record Key(double lengthMm, double widthMm, double thicknessMm) {
        static Key of(ContactPatch patch) {
            return of(patch.alongFirstMm(), patch.alongSecondMm(), patch.thicknessMm());
        }

        static Key of(double firstMm, double secondMm, double thicknessMm) {
            double one = Units.roundTo9Decimals(firstMm);
            double other = Units.roundTo9Decimals(secondMm);
            return new Key(Math.max(one, other), Math.min(one, other), thicknessMm);
        }

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
            return new Key(Math.max(first, second), Math.min(first, second), thickness);
        }
    }
}
