package rampart.core.check;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import org.junit.jupiter.api.Test;
import rampart.core.box.CartonState;
import rampart.core.drop.Drop;
import rampart.core.evaluation.Evaluation;
import rampart.core.evaluation.Evaluator;
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
import rampart.core.layout.Layer;
import rampart.core.material.Catalogue;
import rampart.core.material.CreepFit;
import rampart.core.material.CreepLaw;
import rampart.core.material.Foam;
import rampart.core.material.Measured;
import rampart.core.material.StandardCatalogue;
import rampart.core.pack.Pack;
import rampart.core.pack.Packs;
import rampart.core.quantity.Face;
import rampart.core.quantity.Point;
import rampart.core.quantity.Size;
import rampart.core.search.Orientation;
import rampart.core.search.Watcher;
import rampart.core.simulation.HalfSine;
import rampart.core.verdict.Check;
import rampart.core.verdict.CheckKind;
import rampart.core.verdict.Status;

/** The checks of rules 37 and 39 to 45, each against figures worked by hand. */
class GoesWrongTest {
    private static final Layer.Cushion WALL = Packs.full("pe-28", 50);

    private static Item item(ItemProperties properties) {
        return new Item("thing", new Size(300, 200, 150), 4, Point.ORIGIN, Packs.bears(80), properties);
    }

    private static ItemProperties bearing(double kpa) {
        return ItemProperties.ofOne(List.of(), Set.of(), OptionalDouble.of(kpa));
    }

    private static ItemProperties surfaces(Surface... surfaces) {
        return ItemProperties.ofOne(List.of(), Set.of(surfaces), OptionalDouble.empty());
    }

    private static Layer.Box carton(double slackMm, CartonState state) {
        return Layer.Box.of("c-32", slackMm, state);
    }

    private static CartonState filled(CartonState.Fill fill) {
        return new CartonState(Optional.of(fill), CartonState.Condition.NEW, OptionalDouble.empty());
    }

    private static Journey stored(double hours) {
        Journey journey = Packs.falls(500);
        return new Journey(
                journey.drop(),
                journey.vibration(),
                journey.stack(),
                journey.climate(),
                OptionalDouble.empty(),
                OptionalDouble.of(hours));
    }

    /** A pack that says nothing of all this has none of the checks: its numbers are those of edition 1. */
    @Test
    void nothingIsJudgedThatNobodyAskedFor() {
        Evaluation evaluation =
                Packs.evaluate(item(ItemProperties.UNKNOWN), Packs.falls(500), WALL, Packs.box("c-32", 3));
        assertThat(evaluation.checks().stream().map(c -> c.id().kind()))
                .doesNotContain(
                        CheckKind.MATERIAL,
                        CheckKind.SETTLING,
                        CheckKind.SQUEEZE,
                        CheckKind.HOLD_DOWN,
                        CheckKind.PRESSURE,
                        CheckKind.COMPONENT,
                        CheckKind.JOINT);
    }

    private static Evaluation filledRound(Layer.Cushion cushion, double slackMm, CartonState.Fill fill) {
        return Packs.evaluate(item(ItemProperties.UNKNOWN), Packs.falls(500), cushion, carton(slackMm, filled(fill)));
    }

    /**
     * 7 mm of play, foam 50 + 50 mm settling 1 %: 8 mm; 8 mm filled with paper 0.8 + 1 mm; of air cells 3 %: 11 mm; and
     * what creep takes of the 50 mm at the bottom.
     */
    @Test
    void whatSettlesAddsToThePlay() {
        Evaluation open = filledRound(WALL, 7, CartonState.Fill.NONE);
        double creep = 50 * open.creep().get(0);
        assertThat(creep).isGreaterThan(0.1);
        assertThat(Packs.check(open, "settling").demand()).isCloseTo(8 + creep, within(1e-12));
        assertThat(Packs.check(open, "settling").status()).isEqualTo(Status.HOLDS);
        Evaluation paper = filledRound(WALL, 8, CartonState.Fill.PAPER);
        assertThat(Packs.check(paper, "settling").demand()).isCloseTo(1.8 + creep, within(1e-12));
        Evaluation cells = filledRound(Packs.full("air-cells", 50), 8, CartonState.Fill.NONE);
        double demand = 11 + 50 * cells.creep().get(0);
        assertThat(Packs.check(cells, "settling").demand()).isCloseTo(demand, within(1e-12));
        assertThat(Packs.check(cells, "settling").status()).isEqualTo(Status.BREAKS);
        // The gap over 0.9, for foam pressed in by a tenth.
        assertThat(Packs.because(Packs.check(cells, "settling")))
                .contains("Foam of " + (int) Math.ceil(demand / 0.9) + " mm");
    }

    /** Contents 12 mm over the inside press 100 mm of foam in by 12 %; 45 kPa level, on 300 by 200 mm: 2700 N. */
    @Test
    void aLidHoldsDownWhatItPresses() {
        Evaluation evaluation = Packs.evaluate(item(bearing(40)), Packs.falls(500), WALL, carton(-12, CartonState.NEW));
        assertThat(Packs.check(evaluation, "squeeze").demand()).isCloseTo(0.12, within(1e-12));
        Check held = Packs.check(evaluation, "hold-down");
        assertThat(held.demand()).isCloseTo(4 * 9.80665, within(1e-9));
        assertThat(held.limit().getAsDouble()).isCloseTo(2700, within(1e-9));
        Check pressure = Packs.check(evaluation, "pressure");
        assertThat(pressure.demand()).isCloseTo(45, within(1e-12));
        assertThat(pressure.status()).isEqualTo(Status.BREAKS);
        // Straight below a tenth: 4 % presses with 18 kPa.
        Evaluation light = Packs.evaluate(item(bearing(40)), Packs.falls(500), WALL, carton(-4, CartonState.NEW));
        assertThat(Packs.check(light, "pressure").demand()).isCloseTo(18, within(1e-12));
    }

    /** 32 mm over: 20 of them taken by a fifth of the foam, 12 bulge, and cost 15 % of the strength in a pile. */
    @Test
    void aBulgeAndAnOldCartonCostStrength() {
        Journey piled = Journey.plain(
                DropPlan.own(500, DropSequence.ALL, false),
                Optional.empty(),
                Optional.of(new Stack(2400, 30, 0.5, Stack.Pattern.ALIGNED)),
                new Climate(23, 23));
        double flat = limit(piled, carton(-20, CartonState.NEW));
        double bulging = limit(piled, carton(-32, CartonState.NEW));
        Evaluation bulge = Packs.evaluate(item(ItemProperties.UNKNOWN), piled, WALL, carton(-32, CartonState.NEW));
        assertThat(Packs.check(bulge, "squeeze").status()).isEqualTo(Status.BREAKS);
        assertThat(Packs.because(Packs.check(bulge, "stack"))).contains("bulges by about 12 mm");
        double perimeter = 2 * (400 - 32 + 300 - 32.0) / (2 * (400 - 20 + 300 - 20.0));
        assertThat(bulging).isCloseTo(flat * 0.85 * Math.sqrt(perimeter), within(1e-6));
        double fresh = limit(piled, carton(3, CartonState.NEW));
        CartonState dented = new CartonState(Optional.empty(), CartonState.Condition.DENTED, OptionalDouble.of(20));
        assertThat(limit(piled, carton(3, dented))).isCloseTo(fresh * 0.70 * 0.70, within(1e-6));
    }

    private static double limit(Journey journey, Layer.Box carton) {
        return Packs.check(Packs.evaluate(item(ItemProperties.UNKNOWN), journey, WALL, carton), "stack")
                .limit()
                .getAsDouble();
    }

    /** An arm of 200 mm with 0.3 kg: the moment of the hardest counted drop; unknown where nobody knows the joint. */
    @Test
    void aHeavyPartBendsItsJoint() {
        Feature known = new Feature(
                "counterweight",
                Feature.Kind.HEAVY,
                Optional.of(Face.TOP),
                OptionalDouble.of(0.3),
                OptionalDouble.of(200),
                OptionalDouble.of(30));
        Feature unknown = new Feature(
                "lamp",
                Feature.Kind.HEAVY,
                Optional.empty(),
                OptionalDouble.of(0.1),
                OptionalDouble.of(50),
                OptionalDouble.empty());
        ItemProperties properties = ItemProperties.ofOne(List.of(known, unknown), Set.of(), OptionalDouble.empty());
        Evaluation evaluation = Packs.evaluate(item(properties), Packs.falls(500), WALL, Packs.box("c-32", 3));
        double g = evaluation.drops().stream().mapToDouble(Drop::g).max().orElseThrow();
        assertThat(Packs.check(evaluation, "joint.1").demand()).isCloseTo(0.3 * g * 9.80665 * 0.2, within(1e-9));
        assertThat(Packs.check(evaluation, "joint.2").status()).isEqualTo(Status.UNKNOWN);
    }

    /** The part's peak is the drop's times the half sine of f T, T = pi dV / (2 G g). */
    @Test
    void aSwingingPartFeelsThePulseThroughItsOwnSpring() {
        Fragility fragility = new Fragility(
                OptionalDouble.of(80),
                OptionalDouble.empty(),
                Fragility.FragilityBasis.TEST,
                Optional.of(new Fragility.Component(60, 10, OptionalDouble.of(90))),
                Map.of());
        Item item = Item.plain("thing", new Size(300, 200, 150), 4, Point.ORIGIN, fragility);
        Evaluation evaluation = Packs.evaluate(item, Packs.falls(500), WALL, Packs.box("c-32", 3));
        double velocity = 1.5 * Math.sqrt(2 * 9.80665 * 0.5);
        double worst = evaluation.drops().stream()
                .mapToDouble(d -> d.g() * HalfSine.amplification(60 * Math.PI * velocity / (2 * d.g() * 9.80665)))
                .max()
                .orElseThrow();
        Check check = Packs.check(evaluation, "component");
        assertThat(check.demand()).isCloseTo(worst, within(1e-9));
        assertThat(check.demand())
                .isLessThanOrEqualTo(1.77
                        * evaluation.drops().stream().mapToDouble(Drop::g).max().orElseThrow());
    }

    /** Twice the creep limit's half for 1,000 hours: 5 % thinner, and the closed form is worked with what is left. */
    @Test
    void storageThinsTheFoam() {
        Item item = Packs.item(300, 200, 150, 14.6836, 80);
        // 14.6836 kg on 0.06 m2: 2.4 kPa, half of 4.8.
        Evaluation evaluation = Packs.evaluate(item, stored(1000), WALL, Packs.box("c-32", 3));
        double s = 14.6836 * 9.80665 / 0.06 / 1000;
        double lost = 0.10 * s / 4.8;
        assertThat(evaluation.creep().get(0)).isCloseTo(lost, within(1e-12));
        assertThat(Packs.drop(evaluation, "drop.face.3").g())
                .isCloseTo(79 / s * Math.exp(0.0186 * s * 500 / (50 * (1 - lost))), within(1e-9));
        assertThat(Packs.because(Packs.check(evaluation, "cushion.creep"))).contains("loses 5 %");
        // Nobody says how long: three days.
        assertThat(Packs.evaluate(item, Packs.falls(500), WALL, Packs.box("c-32", 3))
                        .creep()
                        .get(0))
                .isCloseTo((0.02 + 0.08 / 3 * Math.log10(72)) * s / 4.8, within(1e-12));
    }

    @Test
    void silverAndUrethaneForYearsIsHarm() {
        Evaluation years = Packs.evaluate(
                item(surfaces(Surface.SILVER)), stored(24 * 365 * 10), Packs.full("pu-24", 50), Packs.box("c-32", 3));
        Check harm = Packs.check(years, "material");
        assertThat(harm.status()).isEqualTo(Status.BREAKS);
        assertThat(Packs.because(harm)).contains("tarnish").contains("oxidises");
        Evaluation inert =
                Packs.evaluate(item(surfaces(Surface.SILVER)), stored(24 * 365 * 10), WALL, Packs.box("c-32", 3));
        assertThat(Packs.check(inert, "material").status()).isEqualTo(Status.HOLDS);
        Evaluation trip = Packs.evaluate(
                item(surfaces(Surface.SILVER)), Packs.falls(500), Packs.full("pu-24", 50), Packs.box("c-32", 3));
        assertThat(Packs.check(trip, "material").status()).isEqualTo(Status.THIN);
    }

    @Test
    void tapeCellsAndEsterAreToldOfWithTheirReason() {
        Layer.Wrap taped = new Layer.Wrap("tissue", 1, Layer.Wrap.Tape.ON_ITEM);
        Check tape = Packs.check(
                Packs.evaluate(item(surfaces(Surface.GILDED)), Packs.falls(500), taped, WALL, Packs.box("c-32", 3)),
                "material");
        assertThat(tape.status()).isEqualTo(Status.BREAKS);
        assertThat(Packs.because(tape)).contains("Tape on a gilded surface");
        Check cells = Packs.check(
                Packs.evaluate(
                        item(surfaces(Surface.VARNISHED)),
                        Packs.falls(500),
                        Packs.full("bubble-12", 50),
                        Packs.box("c-32", 3)),
                "material");
        assertThat(Packs.because(cells)).contains("prints its cells");
        Check ester = Packs.check(
                Packs.evaluate(
                        item(surfaces(Surface.GLASS)), stored(24 * 400), Packs.full("pu-32", 50), Packs.box("c-32", 3)),
                "material");
        assertThat(Packs.because(ester)).contains("hydrolysis");
    }

    /** A bottom that bears little: standing on its head keeps blows away, and the answer says so. */
    @Test
    void aDelicateBottomIsBetterUp() {
        Fragility fragility = new Fragility(
                OptionalDouble.of(90),
                OptionalDouble.empty(),
                Fragility.FragilityBasis.TEST,
                Optional.empty(),
                Map.of(Face.BOTTOM, 70.0));
        Item item = Item.plain("thing", new Size(300, 200, 150), 4, Point.ORIGIN, fragility);
        Pack pack = new Pack(item, Packs.falls(500), List.of(WALL, Packs.box("c-32", 3)));
        List<Orientation> all = Orientation.all(pack, StandardCatalogue.get(), Watcher.NONE);
        assertThat(all).hasSize(24);
        Orientation upsideDown = all.stream()
                .filter(o -> o.turn().to(Face.BOTTOM) == Face.TOP)
                .findFirst()
                .orElseThrow();
        Orientation asNow = all.stream()
                .filter(o -> o.turn().to(Face.BOTTOM) == Face.BOTTOM)
                .findFirst()
                .orElseThrow();
        assertThat(upsideDown.hits()).isEqualTo(0.10);
        assertThat(asNow.hits()).isEqualTo(0.40);
        assertThat(all.indexOf(upsideDown)).isLessThan(all.indexOf(asNow));
        assertThat(asNow.bottomCm2()).isEqualTo(600);
        assertThat(all)
                .isSortedAccordingTo((a, b) ->
                        b.evaluation().verdict().compareTo(a.evaluation().verdict()));
    }

    /** Of two boxes the looser one is told of: 2 mm round the item, 8 mm outside with paper that settles by a tenth. */
    @Test
    void theLooserOfTwoBoxesIsToldOf() {
        Layer.Box inner = Layer.Box.of("c-32", 2, filled(CartonState.Fill.NONE));
        Evaluation evaluation = Packs.evaluate(
                item(ItemProperties.UNKNOWN),
                Packs.falls(500),
                Packs.full("pe-28", 30),
                inner,
                Packs.full("bubble-12", 40),
                carton(8, filled(CartonState.Fill.PAPER)));
        // Inner: 2 + 1 % of 60; outer: paper 10 % of 8, bubble 5 % of 80, and what creep takes of 40.
        Check check = Packs.check(evaluation, "settling");
        assertThat(check.demand()).isCloseTo(0.8 + 4 + 40 * evaluation.creep().get(2), within(1e-12));
        assertThat(check.layer().getAsInt()).isEqualTo(3);
        assertThat(Packs.because(check)).contains("the inner box");
    }

    /** Nothing on top to press with: no hold-down; no foam at all: the whole share is squeezed. */
    @Test
    void aSqueezeWithoutFoamIsWhole() {
        Evaluation bare = Packs.evaluate(item(ItemProperties.UNKNOWN), Packs.falls(500), carton(-5, CartonState.NEW));
        assertThat(Packs.check(bare, "squeeze").demand()).isEqualTo(1);
        assertThat(bare.checks().stream().map(c -> c.id().kind())).doesNotContain(CheckKind.HOLD_DOWN);
        assertThat(Packs.check(bare, "movement").demand()).isZero();
    }

    /** Creep tests of a foam take the place of the nominal figures. */
    @Test
    void measuredCreepCountsOnTheWay() {
        Journey journey = Packs.falls(500);
        Journey week = new Journey(
                journey.drop(),
                journey.vibration(),
                journey.stack(),
                journey.climate(),
                OptionalDouble.of(100),
                OptionalDouble.empty());
        Foam like = StandardCatalogue.get().foam("pe-28");
        Foam tested = like.called("own.slow", "Slow foam")
                .with(new Measured(
                        Optional.empty(),
                        Optional.empty(),
                        Optional.of(new CreepFit(new CreepLaw(0.01, 0.02, 2), 9, 0.9, 0.001, 1000)),
                        Optional.empty()));
        Item item = Packs.item(300, 200, 150, 12, 80);
        Catalogue catalogue = StandardCatalogue.get().with(new Catalogue(List.of(tested), List.of(), List.of()));
        List<Layer> layers = List.of(Packs.full("own.slow", 50), Packs.box("c-32", 3));
        double s = 12 * 9.80665 / 0.06 / 1000;
        assertThat(Evaluator.evaluate(new Pack(item, week, layers), catalogue)
                        .creep()
                        .get(0))
                .isCloseTo(0.05 * s / 2, within(1e-12));
        assertThat(Packs.evaluate(item, week, WALL, Packs.box("c-32", 3))
                        .creep()
                        .get(0))
                .isCloseTo((0.02 + 2 * 0.08 / 3) * s / 4.8, within(1e-12));
    }

    /** Tested for 1,000 hours and stored for 10,000: what the foam does then is extrapolated, and said to be. */
    @Test
    void hoursBeyondTheLongestCreepTestAreExtrapolated() {
        Foam like = StandardCatalogue.get().foam("pe-28");
        Foam tested = like.called("own.slow", "Slow foam")
                .with(new Measured(
                        Optional.empty(),
                        Optional.empty(),
                        Optional.of(new CreepFit(new CreepLaw(0.01, 0.02, 2), 9, 0.9, 0.001, 1000)),
                        Optional.empty()));
        Catalogue catalogue = StandardCatalogue.get().with(new Catalogue(List.of(tested), List.of(), List.of()));
        List<Layer> layers = List.of(Packs.full("own.slow", 50), Packs.box("c-32", 3));
        for (double hours : new double[] {1000, 10_000}) {
            Evaluation evaluation =
                    Evaluator.evaluate(new Pack(Packs.item(300, 200, 150, 12, 80), stored(hours), layers), catalogue);
            String creep = Packs.because(Packs.check(evaluation, "cushion.creep"));
            String fall = rampart.core.words.Wording.METRIC.say(
                    Packs.check(evaluation, "drop.face.3").working().notes());
            if (hours > 1000) {
                assertThat(creep).contains("tested for 1000 h; what it does in 10000 h is extrapolated");
                assertThat(fall).contains("for a time [extrapolated]");
            } else {
                assertThat(creep).doesNotContain("extrapolated");
                assertThat(fall).contains("for a time [measured]");
            }
        }
    }

    /** Common conservation guidance, no source. */
    @Test
    void aWallThatAgesIsToldAsHarmForYearsOnAShelf() {
        Item item = item(surfaces(Surface.SILVER, Surface.COPPER));
        for (String foam : List.of("air-cells", "bubble-12", "chips-8", "paper-35", "pu-18", "pu-24")) {
            Check told = Packs.check(
                    Packs.evaluate(item, stored(1001), Packs.full(foam, 50), Packs.box("c-32", 0)), "material");
            assertThat(told.status()).as(foam).isEqualTo(Status.BREAKS);
        }
        Check bubble = Packs.check(
                Packs.evaluate(item, stored(1001), Packs.full("bubble-12", 50), Packs.box("c-32", 0)), "material");
        assertThat(Packs.because(bubble)).contains("loses its air or settles within months");
        assertThat(Packs.check(
                                Packs.evaluate(item, stored(999), Packs.full("bubble-12", 50), Packs.box("c-32", 0)),
                                "material")
                        .status())
                .isEqualTo(Status.HOLDS);
        assertThat(Packs.check(Packs.evaluate(item, stored(87_600), WALL, Packs.box("c-32", 0)), "material")
                        .status())
                .isEqualTo(Status.HOLDS);
        Check board = Packs.check(Packs.evaluate(item, stored(87_600), Packs.box("c-32", 0)), "material");
        assertThat(board.status()).isEqualTo(Status.BREAKS);
        assertThat(Packs.because(board)).contains("tarnishes silver");
    }

    @Test
    void theLidPressesOnTheItemThroughTheFirstCushionAlone() {
        Item item = item(bearing(40));
        Layer.Box tight = carton(-10, CartonState.NEW);
        assertThat(Packs.evaluate(item, Packs.falls(500), tight).checks())
                .as("no foam at all: nothing presses that this rule knows")
                .noneMatch(check -> check.id().text().equals("pressure"));
        assertThat(Packs.evaluate(item, Packs.falls(500), WALL, tight).checks())
                .anyMatch(check -> check.id().text().equals("pressure"));
        assertThat(Packs.evaluate(item, Packs.falls(500), Packs.box("c-32", 0), WALL, tight)
                        .checks())
                .as("foam that lies on a box presses on the box")
                .noneMatch(check -> check.id().text().equals("pressure"));
    }
}
