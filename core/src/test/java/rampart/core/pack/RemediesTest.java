package rampart.core.pack;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.TreeMap;
import org.junit.jupiter.api.Test;
import rampart.core.cost.Prices;
import rampart.core.layout.CushionForm;
import rampart.core.layout.LaidCushion;
import rampart.core.layout.Layer;
import rampart.core.material.Catalogue;
import rampart.core.material.StandardCatalogue;
import rampart.core.quantity.Face;
import rampart.core.quantity.SixSided;
import rampart.core.quantity.Size;

/** Remedies against an exhaustive search over every single change, written apart from it. */
class RemediesTest {
    private static final Catalogue CATALOGUE = StandardCatalogue.get();

    @Test
    void equalAnExhaustiveSearchOn200PacksThatBreak() {
        Random random = new Random(17);
        int broken = 0;
        int mended = 0;
        while (broken < 200) {
            Pack pack = Packs.random(random);
            if (Evaluator.evaluate(pack, CATALOGUE).verdict() != Status.BREAKS) {
                continue;
            }
            broken++;
            Set<Layer> ours = new HashSet<>();
            Remedies.of(pack, CATALOGUE, Prices.NONE, Optional.empty()).forEach(remedy -> ours.add(remedy.changed()));
            Set<Layer> exhaustive = new HashSet<>();
            exhaustive(pack).forEach(one -> exhaustive.add(one.layer));
            assertThat(ours).as("pack %d %s", broken, pack).isEqualTo(exhaustive);
            mended += ours.isEmpty() ? 0 : 1;
        }
        assertThat(mended).as("packs that one change mends").isGreaterThan(50);
    }

    private record Tried(Layer layer, Evaluation after, double volume, double mass, double margin) {}

    private static Tried tried(Layer layer, Evaluation after) {
        double margin = after.checks().stream()
                .filter(c -> c.margin().isPresent())
                .mapToDouble(c -> c.margin().getAsDouble())
                .min()
                .orElseThrow();
        double volume = after.layout().outside().volumeMm3();
        return new Tried(layer, after, volume, after.layout().grossMassKg(), margin);
    }

    private static List<Tried> exhaustive(Pack pack) {
        Evaluation before = Evaluator.evaluate(pack, CATALOGUE);
        Check weakest = before.weakest().orElseThrow();
        double lowest = tried(null, before).margin;
        List<List<Tried>> rows = rows(pack, before).entrySet().parallelStream()
                .map(row -> row.getValue().values().stream()
                        .map(layer -> tried(layer, with(pack, row.getKey().layer, layer)))
                        .toList())
                .toList();
        for (int tier = 0; tier < 4; tier++) {
            Status wanted = tier < 2 ? Status.HOLDS : Status.THIN;
            boolean strict = tier % 2 == 0;
            List<Tried> good = rows.stream()
                    .map(row -> row.stream()
                            .filter(one -> better(before, one.after, weakest.id(), wanted, strict)
                                    && (strict || one.margin > lowest))
                            .findFirst())
                    .flatMap(Optional::stream)
                    .toList();
            if (!good.isEmpty()) {
                return good.stream()
                        .filter(one -> good.stream()
                                .noneMatch(other -> other.volume <= one.volume
                                        && other.mass <= one.mass
                                        && other.margin >= one.margin
                                        && (other.volume < one.volume
                                                || other.mass < one.mass
                                                || other.margin > one.margin)))
                        .toList();
            }
        }
        return List.of();
    }

    /** Changes of one kind to one layer; in its map the number orders them, the least first. */
    private record Key(int layer, String what) {}

    private static Evaluation with(Pack pack, int at, Layer layer) {
        List<Layer> layers = new ArrayList<>(pack.layers());
        layers.set(at, layer);
        return Evaluator.evaluate(new Pack(pack.item(), pack.journey(), layers), CATALOGUE);
    }

    private static boolean better(Evaluation before, Evaluation after, String id, Status wanted, boolean strict) {
        Map<String, Status> was = new HashMap<>();
        before.checks().forEach(c -> was.put(c.id(), c.status()));
        return after.checks().stream().allMatch(c -> {
            Status other = strict ? was.getOrDefault(c.id(), Status.HOLDS) : before.verdict();
            Status least = c.id().equals(id) ? wanted : other;
            return c.status().compareTo(least) >= 0;
        });
    }

    private static Map<Key, Map<Double, Layer>> rows(Pack pack, Evaluation evaluation) {
        Map<Key, Map<Double, Layer>> rows = new HashMap<>();
        for (int i = 0; i < pack.layers().size(); i++) {
            Layer layer = pack.layers().get(i);
            if (layer instanceof Layer.Box box) {
                for (var board : CATALOGUE.boards()) {
                    if (!board.id().equals(box.material())) {
                        rows.put(
                                new Key(i, "board" + board.id()),
                                row(Map.of(0.0, new Layer.Box(board.id(), box.slackMm(), box.stockInside()))));
                    }
                }
            } else if (layer instanceof Layer.Cushion cushion) {
                int index = i;
                LaidCushion laid = evaluation.layout().cushions().stream()
                        .filter(c -> c.layer() == index)
                        .findFirst()
                        .orElseThrow();
                cushion(rows, i, cushion, laid.body());
            }
        }
        return rows;
    }

    private static Map<Double, Layer> row(Map<Double, Layer> changes) {
        return new TreeMap<>(changes);
    }

    private static void cushion(Map<Key, Map<Double, Layer>> rows, int i, Layer.Cushion cushion, Size body) {
        for (var foam : CATALOGUE.foams()) {
            if (!foam.id().equals(cushion.material())) {
                rows.put(
                        new Key(i, "foam" + foam.id()),
                        row(Map.of(0.0, new Layer.Cushion(foam.id(), cushion.form(), cushion.thicknessMm()))));
            }
        }
        List<List<Face>> groups =
                new ArrayList<>(Face.ALL.stream().map(List::of).toList());
        groups.add(Face.ALL);
        for (List<Face> faces : groups) {
            Map<Double, Layer> thickness = new TreeMap<>();
            for (int k = -20; k <= 20; k++) {
                SixSided next = cushion.thicknessMm();
                boolean possible = k != 0;
                for (Face face : faces) {
                    double t = next.on(face);
                    double whole = k > 0 ? 5 * Math.floor(t / 5) : 5 * Math.ceil(t / 5);
                    next = next.with(face, whole + 5 * k);
                    possible &= whole + 5 * k >= 5;
                }
                if (possible) {
                    thickness.put(
                            Math.abs(k) + (k < 0 ? 0.5 : 0),
                            new Layer.Cushion(cushion.material(), cushion.form(), next));
                }
            }
            rows.put(new Key(i, "thickness" + faces), thickness);
        }
        forms(rows, i, cushion, body);
    }

    private static void forms(Map<Key, Map<Double, Layer>> rows, int i, Layer.Cushion cushion, Size body) {
        if (cushion.form() instanceof CushionForm.Corners corners) {
            Map<Double, Layer> blocks = new TreeMap<>();
            Size b = corners.block();
            for (int d = -100; d <= 100; d += 10) {
                boolean possible = d != 0 && Math.min(b.lengthMm(), Math.min(b.widthMm(), b.heightMm())) + d >= 20;
                if (possible) {
                    blocks.put(
                            Math.abs(d) + (d < 0 ? 0.5 : 0),
                            new Layer.Cushion(
                                    cushion.material(),
                                    new CushionForm.Corners(b.plus(d, d, d)),
                                    cushion.thicknessMm()));
                }
            }
            rows.put(new Key(i, "block"), blocks);
            return;
        }
        CushionForm.Pads pads = cushion.form() instanceof CushionForm.Pads p ? p : null;
        SixSided count = pads == null ? SixSided.all(2) : pads.count();
        double share = cushion.form().bearingMm2(body, Face.BOTTOM) / body.faceAreaMm2(Face.BOTTOM);
        Map<Double, Layer> all = new TreeMap<>();
        for (int tenths = 1; tenths <= 10; tenths++) {
            int n = tenths;
            if (n == 10 && pads == null) {
                continue;
            }
            CushionForm form = n == 10
                    ? new CushionForm.Full()
                    : new CushionForm.Pads(SixSided.of(face -> cm2(body, face, n)), count);
            all.put(
                    Math.abs(n / 10.0 - share) - n * 1e-12,
                    new Layer.Cushion(cushion.material(), form, cushion.thicknessMm()));
        }
        rows.put(new Key(i, "area"), all);
        if (pads == null) {
            return;
        }
        for (Face face : Face.ALL) {
            Map<Double, Layer> one = new TreeMap<>();
            for (int n = 1; n <= 10; n++) {
                SixSided area = pads.bearingCm2().with(face, cm2(body, face, n));
                one.put(
                        Math.abs(n / 10.0 - pads.bearingMm2(body, face) / body.faceAreaMm2(face)) - n * 1e-12,
                        new Layer.Cushion(
                                cushion.material(), new CushionForm.Pads(area, count), cushion.thicknessMm()));
            }
            rows.put(new Key(i, "area" + face), one);
        }
        Map<Double, Layer> counts = new TreeMap<>();
        for (int n = 1; n <= 6; n++) {
            counts.put(
                    Math.abs(n - count.bottom()) + n * 1e-6,
                    new Layer.Cushion(
                            cushion.material(),
                            new CushionForm.Pads(pads.bearingCm2(), SixSided.all(n)),
                            cushion.thicknessMm()));
        }
        rows.put(new Key(i, "count"), counts);
    }

    private static double cm2(Size body, Face face, int tenths) {
        return Math.max(1, Math.round(body.faceAreaMm2(face) * tenths / 10 / 100));
    }

    @Test
    void aPackThatHoldsNeedsNone() {
        Pack pack = new Pack(
                Packs.item(180, 150, 130, 2, 115),
                Packs.falls(300),
                List.of(Packs.pads("pp-20", 40, 60, 1), Packs.box("c-32", 3)));
        assertThat(Evaluator.evaluate(pack, CATALOGUE).verdict()).isEqualTo(Status.HOLDS);
        assertThat(Remedies.of(pack, CATALOGUE, Prices.NONE, Optional.empty())).isEmpty();
        assertThat(Remedies.of(pack, CATALOGUE, Prices.NONE, Optional.of("no.such.check")))
                .isEmpty();
    }

    @Test
    void saysWhatToChange() {
        Pack pack = new Pack(
                Packs.item(180, 150, 130, 2, 115),
                Packs.falls(760),
                List.of(Packs.pads("pp-20", 20, 60, 1), Packs.box("c-32", 3)));
        List<Remedy> remedies = Remedies.of(pack, CATALOGUE, Prices.NONE, Optional.empty());
        assertThat(remedies).isNotEmpty().isSortedAccordingTo(Comparator.comparingDouble(Remedy::volumeMm3));
        assertThat(remedies).extracting(Remedy::title).anyMatch(t -> t.startsWith("PP foam 20 all round: "));
    }
}
