package rampart.core.search;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.IntStream;
import rampart.core.layout.CushionForm;
import rampart.core.layout.LaidCushion;
import rampart.core.layout.Layer;
import rampart.core.layout.Layout;
import rampart.core.material.Board;
import rampart.core.material.Catalogue;
import rampart.core.material.Foam;
import rampart.core.pack.Pack;
import rampart.core.quantity.Face;
import rampart.core.quantity.SixSided;

/**
 * All single changes to the layers of a pack within the space of {@link WallSpace}, each kind of change in a row from the
 * least to the greatest: thickness as sheets can be had, all round or on one face; the whole face, or pads sized by load,
 * on all faces or one; four, two or one pad; corner blocks sized by load; another material; another board.
 */
final class LayerChanges {
    private static final List<Integer> COUNTS = List.of(1, 2, 4);
    private static final double HAIR = 1e-9;

    private final Catalogue catalogue;
    private final Thicknesses thicknesses;
    private final List<Row> rows = new ArrayList<>();

    private LayerChanges(Catalogue catalogue, Stock stock) {
        this.catalogue = catalogue;
        this.thicknesses = new Thicknesses(stock);
    }

    /** Changes of one kind, the least first. */
    record Row(int layer, Remedy.ChangeKind kind, Optional<Face> face, List<Layer> changes) {
        Remedy.Change change(int step) {
            return new Remedy.Change(layer, kind, face, changes.get(step));
        }
    }

    static List<Row> of(Pack pack, Layout layout, Catalogue catalogue, Stock stock) {
        LayerChanges all = new LayerChanges(catalogue, stock);
        for (int i = 0; i < pack.layers().size(); i++) {
            int index = i;
            if (pack.layers().get(i) instanceof Layer.Cushion cushion) {
                LaidCushion laid = layout.cushions().stream()
                        .filter(c -> c.layer() == index)
                        .findFirst()
                        .orElseThrow();
                all.cushion(index, cushion, laid);
            } else if (pack.layers().get(i) instanceof Layer.Box box) {
                all.boards(index, box);
            }
        }
        return all.rows;
    }

    private void cushion(int index, Layer.Cushion cushion, LaidCushion laid) {
        row(index, Remedy.ChangeKind.THICKNESS, Optional.empty(), thicker(cushion, laid.foam(), Optional.empty()));
        for (Face face : Face.ALL) {
            row(
                    index,
                    Remedy.ChangeKind.THICKNESS,
                    Optional.of(face),
                    thicker(cushion, laid.foam(), Optional.of(face)));
        }
        if (cushion.form() instanceof CushionForm.Corners) {
            row(index, Remedy.ChangeKind.BLOCK, Optional.empty(), blocks(cushion, laid));
        } else if (laid.foam().structure().cut()) {
            row(index, Remedy.ChangeKind.BEARING_AREA, Optional.empty(), areas(cushion, laid));
        }
        if (cushion.form() instanceof CushionForm.Pads pads) {
            for (Face face : Face.ALL) {
                row(index, Remedy.ChangeKind.BEARING_AREA, Optional.of(face), areas(cushion, pads, face, laid));
            }
            row(index, Remedy.ChangeKind.PAD_COUNT, Optional.empty(), counts(cushion, pads));
        }
        for (Foam foam : catalogue.foams()) {
            boolean possible = cushion.form()
                    .match(
                            full -> true,
                            pads -> foam.structure().cut(),
                            corners -> foam.structure().blocks());
            if (possible && !foam.id().equals(cushion.material())) {
                Layer other = cushion.of(foam.id());
                row(index, Remedy.ChangeKind.FOAM, Optional.empty(), List.of(other));
            }
        }
    }

    private void boards(int index, Layer.Box box) {
        for (Board board : catalogue.boards()) {
            if (!board.id().equals(box.material())) {
                Layer other = box.of(board.id());
                row(index, Remedy.ChangeKind.BOARD, Optional.empty(), List.of(other));
            }
        }
    }

    private void row(int index, Remedy.ChangeKind kind, Optional<Face> face, List<Layer> changes) {
        rows.add(new Row(index, kind, face, changes));
    }

    /** The next thickness that can be had up, the next down, the second up and so on; sides without foam stay so. */
    private List<Layer> thicker(Layer.Cushion cushion, Foam foam, Optional<Face> only) {
        List<Double> can = thicknesses.of(foam);
        List<Layer> changes = new ArrayList<>();
        for (int k = 1; k <= can.size(); k++) {
            for (int steps : new int[] {k, -k}) {
                stepped(cushion.thicknessMm(), can, steps, only).ifPresent(mm -> changes.add(cushion.with(mm)));
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

    private static List<Layer> blocks(Layer.Cushion cushion, LaidCushion laid) {
        Set<CushionForm> forms = new LinkedHashSet<>();
        for (double load : PadSizing.LOADS_KPA) {
            PadSizing.corners(laid.body(), laid.thicknessMm(), laid.movingMassKg(), load)
                    .ifPresent(forms::add);
        }
        return nearest(cushion, laid, forms);
    }

    /** Pads for each load, and the whole face, those of the nearest area at the bottom first. */
    private static List<Layer> areas(Layer.Cushion cushion, LaidCushion laid) {
        Set<CushionForm> forms = new LinkedHashSet<>();
        forms.add(new CushionForm.Full());
        for (double load : PadSizing.LOADS_KPA) {
            PadSizing.pads(laid.body(), laid.thicknessMm(), laid.movingMassKg(), load)
                    .ifPresent(forms::add);
        }
        return nearest(cushion, laid, forms);
    }

    private static List<Layer> nearest(Layer.Cushion cushion, LaidCushion laid, Set<CushionForm> forms) {
        double now = laid.bearingMm2().on(Face.BOTTOM);
        return forms.stream()
                .filter(form -> !form.equals(cushion.form()))
                .sorted(Comparator.comparingDouble(form -> Math.abs(form.bearingMm2(laid.body(), Face.BOTTOM) - now)))
                .<Layer>map(cushion::with)
                .toList();
    }

    private static List<Layer> areas(Layer.Cushion cushion, CushionForm.Pads pads, Face face, LaidCushion laid) {
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
                .<Layer>map(cushion::with)
                .toList();
    }

    private static List<Layer> counts(Layer.Cushion cushion, CushionForm.Pads pads) {
        double now = pads.count().bottom();
        return IntStream.range(0, COUNTS.size())
                .mapToObj(COUNTS::get)
                .sorted(Comparator.comparingDouble((Integer n) -> Math.abs(n - now))
                        .thenComparing(n -> n))
                .<Layer>map(n -> cushion.with(new CushionForm.Pads(pads.bearingCm2(), SixSided.all(n))))
                .filter(layer -> !layer.equals(cushion))
                .toList();
    }
}
