package rampart.core.search;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.DoubleStream;
import rampart.core.bed.BedShape;
import rampart.core.bed.Relief;
import rampart.core.bed.Tying;
import rampart.core.item.Item;
import rampart.core.layout.CushionForm;
import rampart.core.layout.LaidCushion;
import rampart.core.layout.Layer;
import rampart.core.layout.Layout;
import rampart.core.material.Board;
import rampart.core.material.Catalogue;
import rampart.core.material.Flute;
import rampart.core.material.Foam;
import rampart.core.pack.Pack;
import rampart.core.quantity.Face;
import rampart.core.quantity.SixSided;

/**
 * All single changes to the layers of a pack within the space of {@link WallSpace}, each kind of change in a row from the
 * least to the greatest: thickness as sheets can be had, all round or on one face; the whole face, or pads sized by load,
 * on all faces or one; four, two or one pad; corner blocks sized by load; grooves in a bed, its lid pressing more; another material; another board.
 */
final class LayerChanges {
    private static final List<Integer> COUNTS = List.of(1, 2, 4);
    private static final double HAIR = 1e-9;

    /** How far a lid is cut lower than what it presses, mm (common practice, no source). */
    private static final double[] PRESSED_MM = {1, 2, 3, 4, 6, 8, 10};

    /** A lid is pressed by this share of its thickness at most. */
    private static final double MOST_PRESSED = 0.4;

    /** Round the item, inside a bed. */
    private final double wrapsMm;

    private final Item item;
    private final Catalogue catalogue;
    private final boolean keptLong;
    private final Thicknesses thicknesses;
    private final List<Row> rows = new ArrayList<>();

    private LayerChanges(Pack pack, Catalogue catalogue, Stock stock) {
        this.wrapsMm = Layer.wrapsRoundTheItem(pack.layers()).stream()
                .mapToDouble(Layer.Wrap::thicknessMm)
                .sum();
        this.item = pack.item();
        this.catalogue = catalogue;
        this.keptLong = pack.journey().keptLong();
        this.thicknesses = new Thicknesses(stock);
    }

    /** Changes of one kind, the least first. */
    record Row(int layer, List<? extends LayerChange> changes) {
        Remedy.Change change(int step) {
            return new Remedy.Change(layer, changes.get(step));
        }

        LayerChange.Part part() {
            return changes.get(0).part();
        }

        Optional<Face> face() {
            return changes.get(0).face();
        }
    }

    static List<Row> of(Pack pack, Layout layout, Catalogue catalogue, Stock stock) {
        LayerChanges all = new LayerChanges(pack, catalogue, stock);
        for (int i = 0; i < pack.layers().size(); i++) {
            int index = i;
            pack.layers()
                    .get(i)
                    .match(
                            wrap -> all,
                            cushion -> all.cushion(index, cushion, laid(layout, index)),
                            box -> all.boards(index, box),
                            boards -> all);
        }
        return all.rows;
    }

    private static LaidCushion laid(Layout layout, int index) {
        return layout.cushions().stream()
                .filter(c -> c.layer() == index)
                .findFirst()
                .orElseThrow();
    }

    private LayerChanges cushion(int index, Layer.Cushion cushion, LaidCushion laid) {
        row(index, thicker(cushion, laid.foam(), Optional.empty()));
        for (Face face : Face.ALL) {
            row(index, thicker(cushion, laid.foam(), Optional.of(face)));
        }
        cushion.form()
                .match(
                        full -> areas(index, full, laid),
                        pads -> areas(index, pads, laid).eachFace(index, pads, laid),
                        corners -> row(index, nearest(corners, laid, blocks(laid))),
                        // Its shape is the item's; only grooves between ribs can be added.
                        bed -> reliefs(index, bed.shape(), laid));
        for (Foam foam : catalogue.foams()) {
            boolean possible = cushion.form()
                    .match(
                            full -> true,
                            pads -> foam.structure().cut(),
                            corners -> foam.structure().blocks(),
                            bed -> foam.structure().beds());
            if (possible && (foam.keeps() || !keptLong) && !foam.id().equals(cushion.material())) {
                row(index, List.of(new LayerChange.OtherFoam(foam.id())));
            }
        }
        return this;
    }

    /** Grooves on all faces or on one, so that the load comes into the foam's window; ties; a lid that presses more. */
    private LayerChanges reliefs(int index, BedShape bed, LaidCushion laid) {
        relief(index, bed, laid, EnumSet.allOf(Face.class), Optional.empty());
        for (Face face : Face.ALL) {
            relief(index, bed, laid, EnumSet.of(face), Optional.of(face));
        }
        Tying.of(bed, item.massKg(), item.centreOfMass(), laid.lidN())
                .filter(tied -> !tied.equals(bed))
                .ifPresent(
                        tied -> row(index, List.of(new LayerChange.Form(new CushionForm.Bed(tied), Optional.empty()))));
        // No more than what a lid of this thickness may be pressed by.
        double most = MOST_PRESSED * laid.thicknessMm().top();
        return row(
                index,
                DoubleStream.of(PRESSED_MM)
                        .filter(mm -> mm > bed.holdDownMm() && mm <= most)
                        .mapToObj(mm -> new LayerChange.Form(new CushionForm.Bed(bed.pressed(mm)), Optional.empty()))
                        .toList());
    }

    private void relief(int index, BedShape bed, LaidCushion laid, Set<Face> faces, Optional<Face> only) {
        Set<BedShape> shapes = new LinkedHashSet<>();
        for (double load : PadSizing.LOADS_KPA) {
            Relief.of(bed, laid.thicknessMm(), wrapsMm, faces, PadSizing.areaMm2(laid.movingMassKg(), load))
                    .ifPresent(shapes::add);
        }
        row(
                index,
                shapes.stream()
                        .map(shape -> new LayerChange.Form(new CushionForm.Bed(shape), only))
                        .toList());
    }

    private LayerChanges areas(int index, CushionForm now, LaidCushion laid) {
        return laid.foam().structure().cut() ? row(index, nearest(now, laid, areas(laid))) : this;
    }

    private LayerChanges eachFace(int index, CushionForm.Pads pads, LaidCushion laid) {
        for (Face face : Face.ALL) {
            row(index, areas(pads, face, laid));
        }
        return row(index, counts(pads));
    }

    private LayerChanges boards(int index, Layer.Box box) {
        for (Board board : catalogue.boards()) {
            if (board.flute() != Flute.SOLID && !board.id().equals(box.material())) {
                row(index, List.of(new LayerChange.OtherBoard(board.id())));
            }
        }
        return this;
    }

    private LayerChanges row(int index, List<? extends LayerChange> changes) {
        if (!changes.isEmpty()) {
            rows.add(new Row(index, changes));
        }
        return this;
    }

    /** The next thickness that can be had up, the next down, the second up and so on; sides without foam stay so. */
    private List<LayerChange> thicker(Layer.Cushion cushion, Foam foam, Optional<Face> only) {
        List<Double> can = thicknesses.of(foam);
        List<LayerChange> changes = new ArrayList<>();
        for (int k = 1; k <= can.size(); k++) {
            for (int steps : new int[] {k, -k}) {
                stepped(cushion.thicknessMm(), can, steps, only)
                        .filter(mm -> cushion.form()
                                .match(
                                        full -> true,
                                        pads -> true,
                                        corners -> true,
                                        bed -> bed.shape().liesWithin(mm, wrapsMm)))
                        .ifPresent(mm -> changes.add(new LayerChange.Thickness(mm, only)));
            }
        }
        return changes;
    }

    private static Optional<SixSided> stepped(SixSided mm, List<Double> can, int steps, Optional<Face> only) {
        double[] next = new double[Face.ALL.size()];
        for (int i = 0; i < next.length; i++) {
            Face face = Face.ALL.get(i);
            double now = mm.on(face);
            boolean stays = only.isPresent() ? only.get() != face : now == 0;
            if (stays) {
                next[i] = now;
                continue;
            }
            List<Double> that = can.stream()
                    .filter(c -> steps > 0 ? c > now + HAIR : c < now - HAIR)
                    .sorted(steps > 0 ? Comparator.naturalOrder() : Comparator.reverseOrder())
                    .toList();
            if (that.size() < Math.abs(steps)) {
                return Optional.empty();
            }
            next[i] = that.get(Math.abs(steps) - 1);
        }
        SixSided changed = SixSided.of(face -> next[Face.ALL.indexOf(face)]);
        return changed.equals(mm) ? Optional.empty() : Optional.of(changed);
    }

    private static Set<CushionForm> blocks(LaidCushion laid) {
        Set<CushionForm> forms = new LinkedHashSet<>();
        for (double load : PadSizing.LOADS_KPA) {
            PadSizing.corners(laid.body(), laid.thicknessMm(), laid.movingMassKg(), load)
                    .ifPresent(forms::add);
        }
        return forms;
    }

    /** Pads for each load, and the whole face. */
    private static Set<CushionForm> areas(LaidCushion laid) {
        Set<CushionForm> forms = new LinkedHashSet<>();
        forms.add(new CushionForm.Full());
        for (double load : PadSizing.LOADS_KPA) {
            PadSizing.pads(laid.body(), laid.thicknessMm(), laid.movingMassKg(), load)
                    .ifPresent(forms::add);
        }
        return forms;
    }

    /** Those of the nearest area at the bottom first. */
    private static List<LayerChange> nearest(CushionForm now, LaidCushion laid, Set<CushionForm> forms) {
        double area = laid.bearingMm2().on(Face.BOTTOM);
        return forms.stream()
                .filter(form -> !form.equals(now))
                .sorted(Comparator.comparingDouble(form -> Math.abs(form.bearingMm2(laid.body(), Face.BOTTOM) - area)))
                .<LayerChange>map(form -> new LayerChange.Form(form, Optional.empty()))
                .toList();
    }

    private static List<LayerChange> areas(CushionForm.Pads pads, Face face, LaidCushion laid) {
        Set<CushionForm.Pads> forms = new LinkedHashSet<>();
        for (double load : PadSizing.LOADS_KPA) {
            PadSizing.pads(laid.body(), laid.thicknessMm(), laid.movingMassKg(), load)
                    .ifPresent(sized -> forms.add(new CushionForm.Pads(
                            pads.bearingCm2().with(face, sized.bearingCm2().on(face)),
                            pads.count().with(face, sized.count().on(face)))));
        }
        double now = laid.bearingMm2().on(face);
        return forms.stream()
                .filter(form -> !form.equals(pads))
                .sorted(Comparator.comparingDouble(form -> Math.abs(form.bearingMm2(laid.body(), face) - now)))
                .<LayerChange>map(form -> new LayerChange.Form(form, Optional.of(face)))
                .toList();
    }

    private static List<LayerChange> counts(CushionForm.Pads pads) {
        double now = pads.count().bottom();
        return COUNTS.stream()
                .sorted(Comparator.comparingDouble((Integer n) -> Math.abs(n - now))
                        .thenComparing(n -> n))
                .map(n -> new CushionForm.Pads(pads.bearingCm2(), SixSided.all(n)))
                .filter(form -> !form.equals(pads))
                .<LayerChange>map(form -> new LayerChange.Form(form, Optional.empty()))
                .toList();
    }
}
