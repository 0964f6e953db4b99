package rampart.core.pack;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Random;
import rampart.core.item.Fragility;
import rampart.core.item.Item;
import rampart.core.journey.Climate;
import rampart.core.journey.DropPlan;
import rampart.core.journey.DropSequence;
import rampart.core.journey.Journey;
import rampart.core.journey.Stack;
import rampart.core.journey.Vibration;
import rampart.core.layout.CushionForm;
import rampart.core.layout.Layer;
import rampart.core.material.Board;
import rampart.core.material.Catalogue;
import rampart.core.material.Foam;
import rampart.core.material.StandardCatalogue;
import rampart.core.quantity.Point;
import rampart.core.quantity.SixSided;
import rampart.core.quantity.Size;

/** Packs made up for tests. */
public final class Packs {
    private Packs() {}

    /** The standard catalogue with weightless foams and boards that never creep: moving masses are the item's. */
    public static Catalogue weightless() {
        Catalogue standard = StandardCatalogue.get();
        return new Catalogue(
                standard.foams().stream()
                        .map(f -> new Foam(
                                f.id(),
                                f.name(),
                                0,
                                f.law(),
                                1e12,
                                f.repeatFactor(),
                                f.stiffnessPerC(),
                                f.dynamicModulusKpa(),
                                f.q(),
                                f.note(),
                                f.basis(),
                                f.source(),
                                f.substance(),
                                f.squeezeKpa(),
                                f.measured()))
                        .toList(),
                standard.boards().stream()
                        .map(b -> new Board(
                                b.id(),
                                b.name(),
                                b.flute(),
                                b.caliperMm(),
                                b.edgeCrushLbPerIn(),
                                0,
                                b.limitLb(),
                                b.limitIn(),
                                b.basis(),
                                b.source()))
                        .toList(),
                standard.wraps());
    }

    public static Fragility bears(double g) {
        return new Fragility(
                OptionalDouble.of(g),
                OptionalDouble.empty(),
                Fragility.FragilityBasis.TEST,
                Optional.empty(),
                Map.of());
    }

    public static Item item(double l, double w, double h, double kg, double bearsG) {
        return new Item("thing", new Size(l, w, h), kg, Point.ORIGIN, bears(bearsG));
    }

    public static Journey falls(double heightMm) {
        return new Journey(
                DropPlan.own(heightMm, DropSequence.ALL, false),
                Optional.of(Vibration.PARCEL_ROAD),
                Optional.empty(),
                new Climate(23, 23));
    }

    public static Layer.Box box(String board, double slackMm) {
        return new Layer.Box(board, slackMm, Optional.empty());
    }

    public static Layer.Cushion full(String foam, double mm) {
        return new Layer.Cushion(foam, new CushionForm.Full(), SixSided.all(mm));
    }

    public static Layer.Cushion pads(String foam, double mm, double cm2, int count) {
        return new Layer.Cushion(foam, new CushionForm.Pads(SixSided.all(cm2), SixSided.all(count)), SixSided.all(mm));
    }

    public static Layer.Cushion corners(String foam, double mm, double block) {
        return new Layer.Cushion(foam, new CushionForm.Corners(new Size(block, block, block)), SixSided.all(mm));
    }

    public static Evaluation evaluate(Item item, Journey journey, Layer... layers) {
        return Evaluator.evaluate(new Pack(item, journey, List.of(layers)), StandardCatalogue.get());
    }

    public static Check check(Evaluation evaluation, String id) {
        return evaluation.checks().stream()
                .filter(c -> c.id().equals(id))
                .findFirst()
                .orElseThrow(() -> new AssertionError("no check " + id));
    }

    public static Drop drop(Evaluation evaluation, String id) {
        return evaluation.drops().stream()
                .filter(d -> d.id().id().equals(id))
                .findFirst()
                .orElseThrow(() -> new AssertionError("no drop " + id));
    }

    /** A pack of one to three cushions, each followed by a box; every form, all sides different, the mass off centre. */
    public static Pack random(Random random) {
        Size size = new Size(between(random, 80, 500), between(random, 80, 400), between(random, 60, 400));
        Point centre = new Point(
                size.lengthMm() * between(random, -0.14, 0.14),
                size.widthMm() * between(random, -0.14, 0.14),
                size.heightMm() * between(random, -0.14, 0.14));
        Item item = new Item("thing", size, between(random, 0.5, 20), centre, bears(between(random, 25, 120)));
        List<Layer> layers = new ArrayList<>();
        if (random.nextBoolean()) {
            layers.add(new Layer.Wrap("tissue", between(random, 0, 3)));
        }
        List<Foam> foams = StandardCatalogue.get().foams();
        List<Board> boards = StandardCatalogue.get().boards();
        int cushions = 1 + random.nextInt(3);
        for (int i = 0; i < cushions; i++) {
            layers.add(new Layer.Cushion(
                    foams.get(random.nextInt(foams.size())).id(),
                    form(random),
                    SixSided.of(face -> between(random, 15, 90))));
            layers.add(box(boards.get(random.nextInt(boards.size())).id(), between(random, 0, 8)));
        }
        Journey journey = new Journey(
                DropPlan.own(between(random, 150, 1000), DropSequence.ALL, random.nextBoolean()),
                Optional.of(Vibration.TRUCK_II),
                Optional.of(new Stack(2400, between(random, 1, 400), random.nextDouble(), Stack.Pattern.MISALIGNED)),
                new Climate(between(random, -30, 22), between(random, 23, 60)));
        return new Pack(item, journey, layers);
    }

    private static CushionForm form(Random random) {
        return switch (random.nextInt(3)) {
            case 0 -> new CushionForm.Full();
            case 1 ->
                new CushionForm.Pads(
                        SixSided.of(face -> between(random, 30, 400)), SixSided.of(face -> 1 + random.nextInt(4)));
            default ->
                new CushionForm.Corners(
                        new Size(between(random, 30, 120), between(random, 30, 120), between(random, 30, 120)));
        };
    }

    static double between(Random random, double low, double high) {
        return low + (high - low) * random.nextDouble();
    }
}
