package rampart.core.pack;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Random;
import java.util.Set;
import rampart.core.bed.BedPart;
import rampart.core.bed.BedShape;
import rampart.core.bed.BedWell;
import rampart.core.bed.Nature;
import rampart.core.bed.Prism;
import rampart.core.bed.Tie;
import rampart.core.box.CartonBuild;
import rampart.core.box.CartonState;
import rampart.core.drop.Drop;
import rampart.core.evaluation.Evaluation;
import rampart.core.evaluation.Evaluator;
import rampart.core.geometry.PlanPoint;
import rampart.core.item.Feature;
import rampart.core.item.Fragility;
import rampart.core.item.Item;
import rampart.core.item.ItemProperties;
import rampart.core.item.Surface;
import rampart.core.journey.Climate;
import rampart.core.journey.DropPlan;
import rampart.core.journey.DropSequence;
import rampart.core.journey.Journey;
import rampart.core.journey.Stack;
import rampart.core.journey.Vibration;
import rampart.core.layout.CushionForm;
import rampart.core.layout.Layer;
import rampart.core.layout.Room;
import rampart.core.material.Board;
import rampart.core.material.Catalogue;
import rampart.core.material.Foam;
import rampart.core.material.StandardCatalogue;
import rampart.core.quantity.Axis;
import rampart.core.quantity.Face;
import rampart.core.quantity.Point;
import rampart.core.quantity.SixSided;
import rampart.core.quantity.Size;
import rampart.core.verdict.Check;
import rampart.core.words.Wording;

/** Packs made up for tests. */
public final class Packs {
    private Packs() {}

    /** The standard catalogue with weightless foams and boards that never creep: moving masses are the item's. */
    public static Catalogue weightless() {
        Catalogue standard = StandardCatalogue.get();
        return new Catalogue(
                standard.foams().stream()
                        .map(f -> f.withDensity(0).withCreepLimit(1e12))
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
                                b.source(),
                                b.panel()))
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
        return Item.plain("thing", new Size(l, w, h), kg, Point.ORIGIN, bears(bearsG));
    }

    public static Journey falls(double heightMm) {
        return Journey.plain(
                DropPlan.own(heightMm, DropSequence.ALL, false),
                Optional.of(Vibration.PARCEL_ROAD),
                Optional.empty(),
                new Climate(23, 23));
    }

    public static Layer.Box box(String board, double slackMm) {
        return Layer.Box.made(board, slackMm);
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

    /** What a check says, in mm and kg. */
    public static String because(Check check) {
        return Wording.METRIC.say(check.because());
    }

    public static Evaluation evaluate(Item item, Journey journey, Layer... layers) {
        return Evaluator.evaluate(new Pack(item, journey, List.of(layers)), StandardCatalogue.get());
    }

    public static Check check(Evaluation evaluation, String id) {
        return evaluation.checks().stream()
                .filter(c -> c.id().text().equals(id))
                .findFirst()
                .orElseThrow(() -> new AssertionError("no check " + id));
    }

    public static Drop drop(Evaluation evaluation, String id) {
        return evaluation.drops().stream()
                .filter(d -> d.id().id().text().equals(id))
                .findFirst()
                .orElseThrow(() -> new AssertionError("no drop " + id));
    }

    /** A pack whose item lies in a bed: a body with a knob on it, a groove below, a scoop beside, often ties and a lid that presses. */
    public static Pack bedded(Random random) {
        Pack other = random(random);
        Size size = other.item().size();
        double x = size.lengthMm() / 2;
        double y = size.widthMm() / 2;
        double z = size.heightMm() / 2;
        double shoulder = between(random, -z / 2, z / 2);
        Nature nature = Nature.values()[random.nextInt(3)];
        BedPart body = new BedPart(
                "body", new Prism(rectangle(-x, -y, x, y), -z, shoulder), Nature.STRONG, between(random, -2, 3));
        BedPart knob = new BedPart(
                "knob",
                new Prism(rectangle(-10, -8, between(random, -8, 20), 8), shoulder, z),
                nature,
                nature == Nature.STRONG ? 0 : between(random, 1, 50));
        List<BedWell> wells = random.nextBoolean()
                ? List.of()
                : List.of(
                        new BedWell("groove", new Prism(rectangle(-x / 2, -y, 0, y), -z - 8, -z)),
                        new BedWell("scoop", new Prism(rectangle(x, -9, x + 15, 9), -z / 2, shoulder + 1)));
        List<Tie> ties = random.nextBoolean()
                ? List.of()
                : List.of(new Tie(random.nextBoolean() ? Axis.X : Axis.Y, between(random, -15, 15), 20, 12));
        BedShape shape =
                new BedShape(size, List.of(body, knob), wells, between(random, -z, z), between(random, 0, 5), ties);
        List<Layer> layers = new ArrayList<>();
        layers.add(
                new Layer.Cushion("pe-28", new CushionForm.Bed(shape), SixSided.of(face -> between(random, 20, 80))));
        layers.add(Layer.Box.made("c-32", 2));
        return new Pack(other.item(), other.journey(), layers);
    }

    private static List<PlanPoint> rectangle(double x1, double y1, double x2, double y2) {
        return List.of(new PlanPoint(x1, y1), new PlanPoint(x2, y1), new PlanPoint(x2, y2), new PlanPoint(x1, y2));
    }

    /** A pack of one to three cushions, each followed by a box; every form, all sides different, the mass off centre. */
    public static Pack random(Random random) {
        Size size = new Size(between(random, 80, 500), between(random, 80, 400), between(random, 60, 400));
        Point centre = new Point(
                size.lengthMm() * between(random, -0.14, 0.14),
                size.widthMm() * between(random, -0.14, 0.14),
                size.heightMm() * between(random, -0.14, 0.14));
        Item item = Item.plain("thing", size, between(random, 0.5, 20), centre, bears(between(random, 25, 120)));
        List<Layer> layers = new ArrayList<>();
        if (random.nextBoolean()) {
            layers.add(Layer.Wrap.plain("tissue", between(random, 0, 3)));
        }
        List<Foam> foams = StandardCatalogue.get().foams();
        List<Board> boards = StandardCatalogue.get().boards();
        int cushions = 1 + random.nextInt(3);
        for (int i = 0; i < cushions; i++) {
            Foam foam = foams.get(random.nextInt(foams.size()));
            CushionForm form = form(random);
            layers.add(new Layer.Cushion(
                    foam.id(),
                    foam.structure().onlyFull() ? new CushionForm.Full() : form,
                    SixSided.of(face -> between(random, 15, 90))));
            layers.add(box(boards.get(random.nextInt(boards.size())).id(), between(random, 0, 8)));
        }
        Journey journey = Journey.plain(
                DropPlan.own(between(random, 150, 1000), DropSequence.ALL, random.nextBoolean()),
                Optional.of(Vibration.TRUCK_II),
                Optional.of(new Stack(2400, between(random, 1, 400), random.nextDouble(), Stack.Pattern.MISALIGNED)),
                new Climate(between(random, -30, 22), between(random, 23, 60)));
        return new Pack(item, journey, layers);
    }

    /**
     * A random pack that says of everything what a file can say: parts on arms, a part that swings, limits by face,
     * surfaces, what it bears, storage, tape, stock cartons, cartons with fill, used, dented, bulging, overfull.
     */
    public static Pack everyState(Random random) {
        Pack pack = random(random);
        Item item = pack.item();
        Feature part = new Feature(
                "part",
                Feature.Kind.HEAVY,
                Optional.of(Face.ALL.get(random.nextInt(6))),
                OptionalDouble.of(between(random, 0.01, 0.2)),
                OptionalDouble.of(between(random, 20, 300)),
                random.nextBoolean() ? OptionalDouble.of(50) : OptionalDouble.empty());
        Feature mark = new Feature(
                "mark",
                Feature.Kind.FRAGILE,
                Optional.empty(),
                OptionalDouble.empty(),
                OptionalDouble.empty(),
                OptionalDouble.empty());
        Fragility fragility = new Fragility(
                item.fragility().criticalAccelerationG(),
                random.nextBoolean() ? OptionalDouble.of(between(random, 3, 9)) : OptionalDouble.empty(),
                item.fragility().basis(),
                Optional.of(new Fragility.Component(between(random, 5, 200), 10, OptionalDouble.of(100))),
                Map.of(Face.TOP, between(random, 20, 120)));
        Surface[] surfaces = Surface.values();
        ItemProperties properties = ItemProperties.ofOne(
                List.of(mark, part),
                Set.of(surfaces[random.nextInt(surfaces.length)]),
                OptionalDouble.of(between(random, 10, 60)));
        Journey journey = new Journey(
                pack.journey().drop(),
                pack.journey().vibration(),
                pack.journey().stack(),
                pack.journey().climate(),
                OptionalDouble.of(72),
                random.nextBoolean() ? OptionalDouble.of(between(random, 1, 1e5)) : OptionalDouble.empty());
        List<Layer> layers =
                pack.layers().stream().map(layer -> stated(layer, random)).toList();
        return new Pack(
                new Item(item.name(), item.size(), item.massKg(), item.centreOfMass(), fragility, properties),
                journey,
                layers);
    }

    private static Layer stated(Layer layer, Random random) {
        if (layer instanceof Layer.Wrap wrap) {
            Layer.Wrap.Tape[] tapes = Layer.Wrap.Tape.values();
            return new Layer.Wrap(wrap.material(), wrap.thicknessMm(), tapes[random.nextInt(tapes.length)]);
        }
        if (!(layer instanceof Layer.Box box)) {
            return layer;
        }
        CartonState.Fill[] fills = CartonState.Fill.values();
        CartonState.Condition[] conditions = CartonState.Condition.values();
        CartonState state = new CartonState(
                Optional.of(fills[random.nextInt(fills.length)]),
                conditions[random.nextInt(conditions.length)],
                random.nextBoolean() ? OptionalDouble.of(between(random, 0, 30)) : OptionalDouble.empty());
        Room room = random.nextInt(4) == 0
                ? Room.Stock.of(new Size(900, 800, 800))
                : new Room.Slack(between(random, -30, 12));
        return new Layer.Box(box.material(), CartonBuild.REGULAR, room, state);
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

    public static double between(Random random, double low, double high) {
        return low + (high - low) * random.nextDouble();
    }
}
