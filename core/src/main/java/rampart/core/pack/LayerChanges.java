package rampart.core.pack;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import rampart.core.layout.CushionForm;
import rampart.core.layout.LaidCushion;
import rampart.core.layout.Layer;
import rampart.core.layout.Layout;
import rampart.core.material.Board;
import rampart.core.material.Catalogue;
import rampart.core.material.Foam;
import rampart.core.quantity.Axis;
import rampart.core.quantity.Face;
import rampart.core.quantity.SixSided;
import rampart.core.quantity.Size;

/**
 * All single changes to the layers of a pack, each kind of change in a row from the least to the greatest: thickness in
 * whole steps of 5 mm, up to 20 either way; bearing area in tenths of the face; one to six pads; corner blocks by 10 mm,
 * up to 10 either way; another foam; another board. The steps are common practice, no source.
 */
final class LayerChanges {
    private static final int THICKNESS_STEPS = 20;
    private static final int BLOCK_STEPS = 10;
    private static final double BLOCK_STEP_MM = 10;
    private static final double LEAST_BLOCK_MM = 20;
    private static final int MOST_PADS = 6;
    private static final double MM2_PER_CM2 = 100;
    private static final double HAIR = 1e-9;

    private final Catalogue catalogue;
    private final List<Row> rows = new ArrayList<>();

    private LayerChanges(Catalogue catalogue) {
        this.catalogue = catalogue;
    }

    /** Changes of one kind, the least first. */
    record Row(int layer, Remedy.Lever lever, Optional<Face> face, List<Layer> changes) {
        Remedy.Change change(int step) {
            return new Remedy.Change(layer, lever, face, changes.get(step));
        }
    }

    static List<Row> of(Pack pack, Layout layout, Catalogue catalogue) {
        LayerChanges all = new LayerChanges(catalogue);
        for (int i = 0; i < pack.layers().size(); i++) {
            int index = i;
            if (pack.layers().get(i) instanceof Layer.Cushion cushion) {
                LaidCushion laid = layout.cushions().stream()
                        .filter(c -> c.layer() == index)
                        .findFirst()
                        .orElseThrow();
                all.cushion(index, cushion, laid.body());
            } else if (pack.layers().get(i) instanceof Layer.Box box) {
                all.boards(index, box);
            }
        }
        return all.rows;
    }

    private void cushion(int index, Layer.Cushion cushion, Size body) {
        row(index, Remedy.Lever.THICKNESS, Optional.empty(), thicker(cushion, Optional.empty()));
        for (Face face : Face.ALL) {
            row(index, Remedy.Lever.THICKNESS, Optional.of(face), thicker(cushion, Optional.of(face)));
        }
        if (cushion.form() instanceof CushionForm.Corners corners) {
            row(index, Remedy.Lever.BLOCK, Optional.empty(), blocks(cushion, corners));
        } else {
            row(index, Remedy.Lever.BEARING_AREA, Optional.empty(), areas(cushion, body));
        }
        if (cushion.form() instanceof CushionForm.Pads pads) {
            for (Face face : Face.ALL) {
                row(index, Remedy.Lever.BEARING_AREA, Optional.of(face), areas(cushion, pads, face, body));
            }
            row(index, Remedy.Lever.PAD_COUNT, Optional.empty(), counts(cushion, pads));
        }
        for (Foam foam : catalogue.foams()) {
            if (!foam.id().equals(cushion.material())) {
                Layer other = cushion.of(foam.id());
                row(index, Remedy.Lever.FOAM, Optional.empty(), List.of(other));
            }
        }
    }

    private void boards(int index, Layer.Box box) {
        for (Board board : catalogue.boards()) {
            if (!board.id().equals(box.material())) {
                Layer other = box.of(board.id());
                row(index, Remedy.Lever.BOARD, Optional.empty(), List.of(other));
            }
        }
    }

    private void row(int index, Remedy.Lever lever, Optional<Face> face, List<Layer> changes) {
        rows.add(new Row(index, lever, face, changes));
    }

    /** One step up, one down, two up and so on; what would leave less than a step is left out. */
    private static List<Layer> thicker(Layer.Cushion cushion, Optional<Face> only) {
        List<Layer> changes = new ArrayList<>();
        for (int k = 1; k <= THICKNESS_STEPS; k++) {
            for (int steps : new int[] {k, -k}) {
                SixSided next = SixSided.of(face -> only.isPresent() && only.get() != face
                        ? cushion.thicknessMm().on(face)
                        : stepped(cushion.thicknessMm().on(face), steps));
                boolean thickEnough = Face.ALL.stream()
                        .filter(face -> only.isEmpty() || only.get() == face)
                        .allMatch(face -> next.on(face) >= WallSpace.STEP_MM);
                if (thickEnough) {
                    changes.add(cushion.with(next));
                }
            }
        }
        return changes;
    }

    /** To whole steps: 43 goes up to 45, then 50; down to 40, then 35. */
    private static double stepped(double mm, int steps) {
        double inSteps = mm / WallSpace.STEP_MM;
        double from = steps > 0 ? Math.floor(inSteps + HAIR) : Math.ceil(inSteps - HAIR);
        return (from + steps) * WallSpace.STEP_MM;
    }

    private static List<Layer> blocks(Layer.Cushion cushion, CushionForm.Corners corners) {
        List<Layer> changes = new ArrayList<>();
        for (int k = 1; k <= BLOCK_STEPS; k++) {
            for (int steps : new int[] {k, -k}) {
                double d = steps * BLOCK_STEP_MM;
                Size block = corners.block().plus(d, d, d);
                boolean large = List.of(Axis.values()).stream().allMatch(axis -> block.along(axis) >= LEAST_BLOCK_MM);
                if (large) {
                    changes.add(cushion.with(new CushionForm.Corners(block)));
                }
            }
        }
        return changes;
    }

    /** Tenths of every face alike, the nearest to what it is first; ten tenths are the whole face. */
    private List<Layer> areas(Layer.Cushion cushion, Size body) {
        double now = cushion.form().bearingMm2(body, Face.BOTTOM) / body.faceAreaMm2(Face.BOTTOM);
        SixSided count = cushion.form() instanceof CushionForm.Pads pads ? pads.count() : SixSided.all(2);
        List<Layer> changes = new ArrayList<>();
        for (int tenths : nearest(now)) {
            boolean whole = tenths == 10;
            if (whole && cushion.form() instanceof CushionForm.Full) {
                continue;
            }
            SixSided area = SixSided.of(face -> tenthsOf(body, face, tenths));
            CushionForm form = whole ? new CushionForm.Full() : new CushionForm.Pads(area, count);
            changes.add(cushion.with(form));
        }
        return changes;
    }

    private static List<Layer> areas(Layer.Cushion cushion, CushionForm.Pads pads, Face face, Size body) {
        double now = pads.bearingMm2(body, face) / body.faceAreaMm2(face);
        List<Layer> changes = new ArrayList<>();
        for (int tenths : nearest(now)) {
            SixSided area = pads.bearingCm2().with(face, tenthsOf(body, face, tenths));
            changes.add(cushion.with(new CushionForm.Pads(area, pads.count())));
        }
        return changes;
    }

    private static double tenthsOf(Size body, Face face, int tenths) {
        return Math.max(1, Math.round(body.faceAreaMm2(face) * tenths / 10 / MM2_PER_CM2));
    }

    private static List<Integer> nearest(double share) {
        return IntStream.rangeClosed(1, 10)
                .boxed()
                .sorted(Comparator.comparingDouble((Integer tenths) -> Math.abs(tenths / 10.0 - share))
                        .thenComparing(Comparator.reverseOrder()))
                .toList();
    }

    private static List<Layer> counts(Layer.Cushion cushion, CushionForm.Pads pads) {
        double now = pads.count().bottom();
        return IntStream.rangeClosed(1, MOST_PADS)
                .boxed()
                .sorted(Comparator.comparingDouble((Integer n) -> Math.abs(n - now))
                        .thenComparing(n -> n))
                .<Layer>map(n -> cushion.with(new CushionForm.Pads(pads.bearingCm2(), SixSided.all(n))))
                .toList();
    }
}
