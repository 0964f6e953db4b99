package rampart.core.layout;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import rampart.core.box.Carton;
import rampart.core.item.Item;
import rampart.core.material.Board;
import rampart.core.material.Catalogue;
import rampart.core.material.Foam;
import rampart.core.quantity.Axis;
import rampart.core.quantity.Cuboid;
import rampart.core.quantity.Face;
import rampart.core.quantity.SixSided;
import rampart.core.quantity.Size;

/** Lays the layers round the item, one by one, outward. */
public final class LayoutWalk {
    private static final double KG_PER_MM3_PER_KG_PER_M3 = 1e-9;

    private final Catalogue catalogue;
    private final Item item;
    private final List<LaidCushion> cushions = new ArrayList<>();
    private final List<LaidBox> boxes = new ArrayList<>();
    private final List<LaidBoards> pairs = new ArrayList<>();
    private final List<Double> masses = new ArrayList<>();
    private final Map<Face, List<Layout.Wall.Piece>> pieces = new EnumMap<>(Face.class);
    private final SolidMaker solids;

    private Cuboid envelope;
    private Cuboid body;

    // The sizes are carried by addition beside the places, so that round numbers stay round.
    private Size envelopeSize;
    private Size bodySize;
    private double movingMassKg;

    private LayoutWalk(Item item, Catalogue catalogue, boolean drawn) {
        this.item = item;
        solids = new SolidMaker(drawn);
        this.catalogue = catalogue;
        envelope = Cuboid.centred(item.size());
        body = envelope;
        envelopeSize = item.size();
        bodySize = item.size();
        movingMassKg = item.massKg();
        Face.ALL.forEach(face -> pieces.put(face, new ArrayList<>()));
    }

    /**
     * The layers in their places.
     *
     * @throws IllegalArgumentException if the last layer is not a box, or the catalogue lacks a material
     */
    public static Layout lay(Item item, List<Layer> layers, Catalogue catalogue) {
        return lay(item, layers, catalogue, true);
    }

    /** The same without solids, for a search that draws nothing. */
    public static Layout layUndrawn(Item item, List<Layer> layers, Catalogue catalogue) {
        return lay(item, layers, catalogue, false);
    }

    /**
     * What is inside the first cushion.
     *
     * @param envelope of it all, mm
     * @param body what a cushion round it bears on, mm (rules 8 and 61)
     * @param massKg of it all
     */
    public record Core(Size envelope, Size body, double massKg) {}

    /** The item with what lies round it: wraps, and rigid boards. */
    public static Core core(Item item, List<Layer> round, Catalogue catalogue) {
        LayoutWalk walk = new LayoutWalk(item, catalogue, false);
        for (int i = 0; i < round.size(); i++) {
            walk.movingMassKg += walk.add(i, round.get(i));
        }
        return new Core(walk.envelopeSize, walk.bodySize, walk.movingMassKg);
    }

    private static Layout lay(Item item, List<Layer> layers, Catalogue catalogue, boolean drawn) {
        if (layers.isEmpty()
                || !layers.get(layers.size() - 1)
                        .match(wrap -> false, cushion -> false, box -> true, boards -> false)) {
            throw new IllegalArgumentException("the last layer must be a box: the outer carton");
        }
        LayoutWalk walk = new LayoutWalk(item, catalogue, drawn);
        walk.solids.item(walk.envelope);
        for (int i = 0; i < layers.size(); i++) {
            double mass = walk.add(i, layers.get(i));
            walk.masses.add(mass);
            walk.movingMassKg += mass;
        }
        return walk.layout();
    }

    private double add(int index, Layer layer) {
        return layer.match(
                wrap -> wrap(index, wrap),
                cushion -> cushion(index, cushion),
                box -> box(index, box),
                boards -> boards(index, boards));
    }

    private double wrap(int index, Layer.Wrap wrap) {
        catalogue.wrap(wrap.material());
        Cuboid outer = envelope.grown(SixSided.all(wrap.thicknessMm()));
        solids.shell(Solid.Part.WRAP, index, envelope, outer);
        envelope = outer;
        double both = 2 * wrap.thicknessMm();
        envelopeSize = envelopeSize.plus(both, both, both);
        Face.ALL.forEach(face -> piece(face, index, Layout.Wall.Kind.WRAP, wrap.thicknessMm()));
        return 0;
    }

    private double cushion(int index, Layer.Cushion cushion) {
        Foam foam = catalogue.foam(cushion.material());
        SixSided thickness = cushion.thicknessMm();
        CushionForm form = cushion.form();
        SixSided bearing = SixSided.of(face -> form.bearingMm2(bodySize, face));
        Cuboid outer = envelope.grown(thickness);
        Size outerSize = envelopeSize.plus(
                thickness.left() + thickness.right(),
                thickness.front() + thickness.back(),
                thickness.top() + thickness.bottom());
        double mass = form.volumeMm3(thickness, bodySize, envelopeSize) * foam.densityKgM3() * KG_PER_MM3_PER_KG_PER_M3;
        cushions.add(new LaidCushion(
                index,
                foam,
                form,
                bodySize,
                outerSize,
                thickness,
                bearing,
                SixSided.of(face -> form.padMm2(bodySize, face)),
                form.patches(bodySize, thickness),
                mass,
                movingMassKg));
        solids.cushion(index, form, bodySize, body, envelope, outer);
        envelope = outer;
        envelopeSize = outerSize;
        Face.ALL.forEach(face -> piece(face, index, Layout.Wall.Kind.CUSHION, thickness.on(face)));
        return mass;
    }

    private double box(int index, Layer.Box box) {
        Size contents = envelopeSize;
        SixSided gaps = box.room().gapsMm(contents);
        Carton carton = box.build().carton(box.room().inside(contents), catalogue.board(box.material()));
        boxes.add(new LaidBox(index, carton, contents, box));

        Cuboid insideAt = envelope.grown(gaps);
        Cuboid outer = insideAt.grown(carton.wallMm());
        solids.shell(Solid.Part.BOARD, index, insideAt, outer);
        for (Face face : Face.ALL) {
            piece(face, index, Layout.Wall.Kind.GAP, gaps.on(face));
            piece(face, index, Layout.Wall.Kind.BOARD, Math.abs(outer.planeMm(face) - insideAt.planeMm(face)));
        }
        envelope = outer;
        envelopeSize = carton.outside();
        body = outer;
        bodySize = envelopeSize;
        return carton.massKg();
    }

    private double boards(int index, Layer.Boards boards) {
        Board board = catalogue.board(boards.material());
        Axis across = boards.across();
        double thick = boards.plies() * board.caliperMm();
        SixSided beyond = SixSided.of(face ->
                face.axis() != across ? boards.overhangMm() : thick + (face.sign() > 0 ? boards.interleafMm() : 0));
        Cuboid outer = envelope.grown(beyond);
        Size size = envelopeSize.plus(
                beyond.left() + beyond.right(), beyond.front() + beyond.back(), beyond.top() + beyond.bottom());
        LaidBoards laid = new LaidBoards(index, boards, board, size, movingMassKg);
        pairs.add(laid);
        solids.faces(index, across, thick, outer);
        Face.ALL.forEach(face -> {
            if (face.axis() != across) {
                piece(face, index, Layout.Wall.Kind.GAP, boards.overhangMm());
            } else {
                if (face.sign() > 0) {
                    piece(face, index, Layout.Wall.Kind.WRAP, boards.interleafMm());
                }
                piece(face, index, Layout.Wall.Kind.BOARD, thick);
            }
        });
        envelope = outer;
        envelopeSize = size;
        body = outer;
        bodySize = size;
        return laid.massKg();
    }

    private void piece(Face face, int layer, Layout.Wall.Kind kind, double thicknessMm) {
        pieces.get(face).add(new Layout.Wall.Piece(layer, kind, thicknessMm));
    }

    private Layout layout() {
        // A stock carton far too small could put a wall inward of the centre of mass; such a pack breaks by its fit.
        SixSided distance = SixSided.of(face -> Math.max(
                0, face.sign() * (envelope.planeMm(face) - item.centreOfMass().along(face.axis()))));
        List<Layout.Wall> walls = new ArrayList<>();
        pieces.forEach((face, list) -> walls.add(new Layout.Wall(face, List.copyOf(list))));
        return new Layout(
                List.copyOf(cushions),
                List.copyOf(boxes),
                List.copyOf(pairs),
                List.copyOf(masses),
                movingMassKg,
                distance,
                List.copyOf(walls),
                solids.all());
    }
}
