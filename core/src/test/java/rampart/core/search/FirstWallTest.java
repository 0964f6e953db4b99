package rampart.core.search;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import rampart.core.Thorough;
import rampart.core.box.StockCarton;
import rampart.core.cost.Prices;
import rampart.core.evaluation.Evaluation;
import rampart.core.evaluation.Evaluator;
import rampart.core.item.Fragility;
import rampart.core.item.Item;
import rampart.core.journey.Climate;
import rampart.core.journey.DropHeights;
import rampart.core.journey.DropPlan;
import rampart.core.journey.DropSequence;
import rampart.core.journey.Journey;
import rampart.core.journey.Vibration;
import rampart.core.layout.CushionForm;
import rampart.core.layout.Layer;
import rampart.core.layout.PadGrid;
import rampart.core.material.Catalogue;
import rampart.core.material.Foam;
import rampart.core.material.StandardCatalogue;
import rampart.core.material.Structure;
import rampart.core.material.Substance;
import rampart.core.pack.Pack;
import rampart.core.pack.Packs;
import rampart.core.quantity.Face;
import rampart.core.quantity.Point;
import rampart.core.quantity.SixSided;
import rampart.core.quantity.Size;
import rampart.core.verdict.Status;

/** First walls against going through every wall of the space, and against what packers send every day. */
class FirstWallTest {
    private static final Catalogue ALL = StandardCatalogue.get();

    private static Journey parcel() {
        return Journey.plain(
                DropPlan.byTable(DropHeights.PARCEL_1A, DropSequence.ALL, false),
                Optional.of(Vibration.PARCEL_ROAD),
                Optional.empty(),
                new Climate(23, 23));
    }

    private static Catalogue few(Random random, int foams, List<String> boards) {
        List<Foam> all = new ArrayList<>(ALL.foams());
        Collections.shuffle(all, random);
        return new Catalogue(
                all.subList(0, foams), boards.stream().map(ALL::board).toList(), ALL.wraps());
    }

    /** Light and flat ones among them, ones that bear little among them. */
    private static Item item(Random random) {
        Size size = new Size(60 + random.nextInt(500), 40 + random.nextInt(400), 12 + random.nextInt(250));
        double kg = Math.max(0.1, Math.min(25, size.volumeMm3() / 1e6 * (0.05 + random.nextDouble())));
        double[] classes = {25, 40, 60, 85, 115};
        return Item.plain("thing", size, kg, Point.ORIGIN, Packs.bears(classes[random.nextInt(5)]));
    }

    private record Weighed(List<Layer> layers, long volume, long mass, int order) {}

    /** Every wall of these limits that holds, judged whole: the smallest, of equals the lightest, then the first. */
    private static Optional<List<Layer>> everyWall(Item item, Journey journey, Catalogue catalogue, ProposalLimits in) {
        WallSpace space = new WallSpace(item, journey, List.of(), catalogue, in, Prices.NONE);
        List<Weighed> all = new ArrayList<>();
        for (Frame frame : space.frames()) {
            for (Cushioning inner : space.inners(frame)) {
                List<Optional<Cushioning>> outers = frame.nested()
                        ? space.outers(frame).stream().map(Optional::of).toList()
                        : List.of(Optional.empty());
                for (Optional<Cushioning> outer : outers) {
                    for (Frame.Shell shell : frame.shells()) {
                        double kg = item.massKg()
                                + inner.massKg()
                                + frame.innerBox().map(b -> b.massKg()).orElse(0.0)
                                + outer.map(Cushioning::massKg).orElse(0.0)
                                + shell.massKg();
                        all.add(new Weighed(
                                space.layers(inner, outer, shell),
                                Math.round(frame.volumeMm3()),
                                Math.round(kg * 1e6),
                                all.size()));
                    }
                }
            }
        }
        all.sort(Comparator.comparingLong(Weighed::volume)
                .thenComparingLong(Weighed::mass)
                .thenComparingInt(Weighed::order));
        return all.stream()
                .map(Weighed::layers)
                .filter(layers -> holds(item, journey, catalogue, layers))
                .findFirst();
    }

    /** By the closed form, and then in time where that is in doubt: in time nothing is softer. */
    private static boolean holds(Item item, Journey journey, Catalogue catalogue, List<Layer> layers) {
        Pack pack = new Pack(item, journey, layers);
        Evaluation first = Evaluator.evaluateAtFirstLook(pack, catalogue);
        if (first.verdict() != Status.HOLDS) {
            return false;
        }
        Evaluation plain = Evaluator.evaluateUndrawn(pack, catalogue);
        return !plain.doubted() || Evaluator.simulateUndrawn(pack, catalogue).verdict() == Status.HOLDS;
    }

    private static Optional<List<Layer>> ours(FirstWall.Answer answer, FirstWall.Kind kind) {
        return answer.walls().stream()
                .filter(wall -> wall.kind() == kind)
                .map(FirstWall.Wall::layers)
                .findFirst();
    }

    @Test
    void equalEveryWallOfOneCarton() {
        Random random = new Random(200);
        int none = 0;
        for (int i = 0; i < 40 * Thorough.TIMES; i++) {
            Catalogue catalogue = few(random, 3, List.of("c-32", "c-44", "bc-48"));
            Item item = item(random);
            ProposalLimits one = ProposalLimits.none(Stock.NONE).in(ProposalLimits.Build.SINGLE);
            WallSpace space = new WallSpace(item, parcel(), List.of(), catalogue, one, Prices.NONE);
            Optional<List<Layer>> found = new WallSearch(
                            item, parcel(), catalogue, space, new Smallest(Double.POSITIVE_INFINITY), Watcher.NONE)
                    .run(space.frames()).stream().findFirst().map(Found::layers);
            assertThat(found).as("%s", item).isEqualTo(everyWall(item, parcel(), catalogue, one));
            none += found.isEmpty() ? 1 : 0;
        }
        assertThat(none).isBetween(4 * Thorough.TIMES, 30 * Thorough.TIMES);
    }

    /** The whole answer, stock cartons and boxes in boxes among it. */
    @Test
    void equalsEveryWall() {
        Random random = new Random(20);
        int nested = 0;
        int stocked = 0;
        for (int i = 0; i < 4 * Thorough.TIMES; i++) {
            Catalogue catalogue = few(random, 2, List.of("c-32", "bc-48"));
            Item item = item(random);
            Size s = item.size();
            Stock stock = new Stock(
                    List.of(
                            new StockCarton("1", "A", new Size(s.widthMm() + 110, s.lengthMm() + 104, 240), "c-32"),
                            new StockCarton("2", "B", s.plus(155, 158, 152), "c-32")),
                    Map.of(catalogue.foams().get(0).id(), List.of(20.0, 30.0)));
            ProposalLimits one = ProposalLimits.none(stock).in(ProposalLimits.Build.SINGLE);
            ProposalLimits two = one.in(ProposalLimits.Build.BOX_IN_BOX);
            FirstWall.Answer answer = FirstWall.find(item, parcel(), catalogue, stock, Watcher.NONE);
            Optional<List<Layer>> made = everyWall(item, parcel(), catalogue, one);
            assertThat(ours(answer, FirstWall.Kind.ONE_CARTON)).as("%s", item).isEqualTo(made);
            Optional<List<Layer>> boxInBox = everyWall(item, parcel(), catalogue, two);
            boolean worth = boxInBox.isPresent()
                    && (made.isEmpty()
                            || volume(item, boxInBox.get(), catalogue) < 0.8 * volume(item, made.get(), catalogue));
            assertThat(ours(answer, FirstWall.Kind.BOX_IN_BOX))
                    .as("%s", item)
                    .isEqualTo(worth ? boxInBox : Optional.empty());
            Optional<List<Layer>> ready = everyWall(item, parcel(), catalogue, one.fromStock());
            if (ready.isEmpty() && made.isEmpty()) {
                ready = everyWall(item, parcel(), catalogue, two.fromStock());
            }
            assertThat(ours(answer, FirstWall.Kind.IN_STOCK_CARTON))
                    .as("%s", item)
                    .isEqualTo(ready);
            nested += worth ? 1 : 0;
            stocked += ready.isPresent() ? 1 : 0;
        }
        assertThat(nested).isPositive();
        assertThat(stocked).isPositive();
    }

    private static double volume(Item item, List<Layer> layers, Catalogue catalogue) {
        return Evaluator.evaluateUndrawn(new Pack(item, parcel(), layers), catalogue)
                .layout()
                .outside()
                .volumeMm3();
    }

    /**
     * What packers send every day, by the parcel network, with the class of {@code docs/method.md} (common practice, no
     * source). Each gets a wall that holds, with no more than 100 mm of any one cushion; and in 75 to 100 mm of an ordinary
     * fill, pads or corner blocks alone it holds or is thin.
     */
    @ParameterizedTest
    @CsvSource({
        "mug, 120, 90, 100, 0.35, 85",
        "drinking glass, 80, 80, 150, 0.25, 85",
        "wine glass, 80, 80, 220, 0.18, 85",
        "vase of porcelain, 150, 150, 300, 1.5, 60",
        "teapot, 220, 150, 150, 0.9, 60",
        "print under glass that was tested, 900, 700, 25, 3.5, 60",
        "telephone, 160, 80, 10, 0.2, 115",
        "camera, 140, 100, 80, 0.7, 60",
        "radio, 300, 200, 120, 3, 60",
        "laptop in its own box, 360, 270, 60, 2.2, 85",
        "jar of jam, 100, 100, 140, 0.9, 115",
        "hand tool, 300, 80, 80, 1.5, 115",
        "set of six cups in their box, 300, 200, 120, 2.4, 85",
        "instrument of 8 kg, 300, 250, 200, 8, 60",
        "instrument of 12 kg, 350, 300, 250, 12, 60",
        "instrument of 18 kg, 450, 350, 300, 18, 60",
    })
    void whatPackersSendEveryDayGetsAWall(String name, double x, double y, double z, double kg, double bearsG) {
        Item item = Item.plain(name, new Size(x, y, z), kg, Point.ORIGIN, Packs.bears(bearsG));
        FirstWall.Answer answer = FirstWall.find(item, parcel(), ALL, Stock.NONE, Watcher.NONE);
        assertThat(answer.holds()).isTrue();
        for (FirstWall.Wall wall : answer.walls()) {
            Evaluation evaluation = Evaluator.simulate(new Pack(item, parcel(), wall.layers()), ALL);
            assertThat(evaluation.verdict()).isEqualTo(Status.HOLDS);
            for (Layer layer : wall.layers()) {
                if (layer instanceof Layer.Cushion cushion) {
                    Face.ALL.forEach(
                            face -> assertThat(cushion.thicknessMm().on(face)).isBetween(10.0, 100.0));
                }
            }
        }
        assertThat(inAnOrdinaryFill(item)).as("100 mm of an ordinary fill").isLessThanOrEqualTo(0);
        if (bearsG < 100) {
            assertThat(worst(item, new Layer.Cushion("pe-28", new CushionForm.Full(), SixSided.all(25))))
                    .as("25 mm of foam is too little")
                    .isGreaterThan(0);
        }
    }

    /** By how much the best of 75 and 100 mm of fill, pads and blocks is over what the item bears, as a share; 0 or less holds. */
    private static double inAnOrdinaryFill(Item item) {
        double best = Double.POSITIVE_INFINITY;
        for (double mm : new double[] {50, 75, 100}) {
            SixSided all = SixSided.all(mm);
            for (String foam : List.of("bubble-25", "pu-18", "pu-24", "pu-32", "pe-28", "air-cells")) {
                List<CushionForm> forms = new ArrayList<>(List.of(new CushionForm.Full()));
                for (double load : PadSizing.LOADS_KPA) {
                    PadSizing.pads(item.size(), all, item.massKg(), load).ifPresent(forms::add);
                    PadSizing.corners(item.size(), all, item.massKg(), load).ifPresent(forms::add);
                }
                for (CushionForm form : forms) {
                    best = Math.min(best, worst(item, new Layer.Cushion(foam, form, all)));
                }
            }
        }
        return best;
    }

    private static double worst(Item item, Layer.Cushion cushion) {
        Pack pack = new Pack(item, parcel(), List.of(cushion, Packs.box("bc-51", 3)));
        return Evaluator.evaluateUndrawn(pack, ALL).drops().stream()
                                .mapToDouble(drop -> drop.g())
                                .max()
                                .orElseThrow()
                        / item.fragility().leastLimitG().orElseThrow()
                - 1;
    }

    /** An old clock by parcel: no wall. Each way out that is told holds if it is taken. */
    @Test
    void whereNothingHoldsEachWayOutIsOne() {
        Item clock = Item.plain("clock", new Size(250, 120, 350), 3, Point.ORIGIN, Packs.bears(25));
        FirstWall.Answer answer = FirstWall.find(clock, parcel(), ALL, Stock.NONE, Watcher.NONE);
        assertThat(answer.holds()).isFalse();
        List<WhyNot.Way> ways = answer.whyNot().orElseThrow().ways();
        assertThat(ways).extracting(WhyNot.Way::demand).contains("bears", "fall", "both");
        for (WhyNot.Way way : ways) {
            boolean stronger = way.demand().equals("bears") || way.demand().equals("both");
            boolean lower = way.demand().equals("fall") || way.demand().equals("both");
            Item item = stronger ? clock.with(clock.fragility().times(way.gives())) : clock;
            Journey journey = lower
                    ? parcel().with(DropPlan.own(760 / way.gives(), DropSequence.ALL, false))
                    : way.demand().equals("flat")
                            ? parcel().with(parcel().drop().with(DropSequence.FACES))
                            : parcel();
            assertThat(Evaluator.simulate(new Pack(item, journey, way.layers()), ALL)
                            .verdict())
                    .as(way.demand())
                    .isEqualTo(Status.HOLDS);
        }
    }

    @Test
    void tooHeavyForOnePersonIsSaid() {
        Item safe = Item.plain("safe", new Size(400, 350, 400), 30, Point.ORIGIN, Packs.bears(85));
        FirstWall.Answer answer = FirstWall.find(safe, parcel(), ALL, Stock.NONE, Watcher.NONE);
        assertThat(answer.holds()).isFalse();
        assertThat(answer.whyNot().orElseThrow().ways().get(0).demand()).isEqualTo("lift");
    }

    /** The house stocks 20 and 30 mm of one foam: what is proposed of it is a sum of at most three of these. */
    @Test
    void thicknessesAreSumsOfTheSheetsThatLieThere() {
        Stock stock = new Stock(List.of(), Map.of("pe-28", List.of(20.0, 30.0)));
        Thicknesses thicknesses = new Thicknesses(stock);
        assertThat(thicknesses.of(ALL.foam("pe-28"))).containsExactly(20.0, 30.0, 40.0, 50.0, 60.0, 70.0, 80.0, 90.0);
        assertThat(thicknesses.of(ALL.foam("pu-24")))
                .contains(10.0, 25.0, 35.0, 60.0, 100.0)
                .doesNotContain(15.0);
        assertThat(thicknesses.of(ALL.foam("chips-8"))).hasSize(10).contains(30.0, 70.0);
        Thicknesses.Pair pair = thicknesses.filling(ALL.foam("pe-28"), 116).orElseThrow();
        assertThat(pair.less() + pair.more()).isEqualTo(110);
        assertThat(pair.less()).isEqualTo(50);
        assertThat(thicknesses.filling(ALL.foam("pe-28"), 39)).isEmpty();
    }

    @Test
    void anItemOfWhichNobodySaysWhatItBearsHasNoFirstWall() {
        Fragility unknown = new Fragility(
                OptionalDouble.empty(),
                OptionalDouble.empty(),
                Fragility.FragilityBasis.ESTIMATE,
                Optional.empty(),
                Map.of());
        Item item = Item.plain("thing", new Size(100, 100, 100), 1, Point.ORIGIN, unknown);
        assertThatThrownBy(() -> FirstWall.find(item, parcel(), ALL, Stock.NONE, Watcher.NONE))
                .hasMessageContaining("what the item bears");
    }

    @Test
    void aSearchStopsWhenItsWatcherSaysSo() {
        Item item = Item.plain("clock", new Size(250, 120, 350), 3, Point.ORIGIN, Packs.bears(25));
        assertThatThrownBy(() -> FirstWall.find(item, parcel(), ALL, Stock.NONE, () -> false))
                .isInstanceOf(SearchStoppedException.class);
    }

    /** Pads are cut to whole 5 mm, none is under 40 mm or folds over, and what stands on them stands. */
    @Test
    void padsCanBeCutStandStraightAndApart() {
        Random random = new Random(5);
        Set<Double> counts = new HashSet<>();
        for (int i = 0; i < 3000; i++) {
            Size body = new Size(40 + random.nextInt(900), 40 + random.nextInt(700), 40 + random.nextInt(500));
            double mm = 10 * (1 + random.nextInt(10));
            double kg = Math.exp(random.nextDouble() * 6 - 2);
            double load = PadSizing.LOADS_KPA[random.nextInt(8)];
            SixSided all = SixSided.all(mm);
            PadSizing.pads(body, all, kg, load).ifPresent(pads -> {
                for (Face face : Face.ALL) {
                    double area = pads.padMm2(body, face);
                    counts.add(pads.count().on(face));
                    assertThat(area).isGreaterThanOrEqualTo(Math.pow(1.33 * mm, 2) / 0.9);
                    PadGrid grid = pads.grid(body, face);
                    double one = grid.scale() * grid.cellFirstMm();
                    double other = grid.scale() * grid.cellSecondMm();
                    assertThat(grid.scale()).isLessThanOrEqualTo(1 + 1e-9);
                    if (grid.scale() < 1 - 1e-9) {
                        assertThat(Math.min(one, other)).isGreaterThanOrEqualTo(37.5);
                        assertThat(wholeSides(area, Math.min(one, other))).isTrue();
                    }
                    double wanted = kg * 9.80665 / load * 1000;
                    assertThat(area * pads.count().on(face))
                            .isGreaterThanOrEqualTo(Math.min(wanted, body.faceAreaMm2(face)) * (1 - 1e-9));
                }
                for (var axis : List.of(
                        pads.grid(body, Face.BOTTOM).first(),
                        pads.grid(body, Face.BOTTOM).second())) {
                    assertThat(pads.grid(body, Face.BOTTOM).reach(axis)).isGreaterThanOrEqualTo(0.5 / 0.9 * (1 - 1e-9));
                }
            });
        }
        assertThat(counts).containsExactlyInAnyOrder(1.0, 2.0, 4.0);
    }

    /** True where the area is that of a rectangle of whole 5 mm near this side. */
    private static boolean wholeSides(double areaMm2, double sideMm) {
        for (int five = (int) (sideMm / 5) - 1; five <= sideMm / 5 + 2; five++) {
            double other = areaMm2 / (5 * five);
            if (Math.abs(other / 5 - Math.rint(other / 5)) < 1e-6) {
                return true;
            }
        }
        return false;
    }

    /** Common conservation guidance: air cells, bubble, fill, urethane and PVC support nothing for ten years. */
    @Test
    void nothingThatAgesIsProposedForYearsOnAShelf() {
        Journey parcel = Packs.falls(300);
        Journey tenYears = new Journey(
                parcel.drop(),
                parcel.vibration(),
                parcel.stack(),
                parcel.climate(),
                OptionalDouble.empty(),
                OptionalDouble.of(87_600));
        Item brass = Item.plain("brass and silver", new Size(160, 120, 60), 1.4, Point.ORIGIN, Packs.bears(85));
        FirstWall.Answer answer = FirstWall.find(brass, tenYears, ALL, Stock.NONE, Watcher.NONE);
        assertThat(answer.walls()).isNotEmpty();
        for (FirstWall.Wall wall : answer.walls()) {
            for (Layer layer : wall.layers()) {
                if (layer instanceof Layer.Cushion cushion) {
                    assertThat(ALL.foam(cushion.material()).substance()).isIn(Substance.PE, Substance.PP, Substance.PS);
                    assertThat(ALL.foam(cushion.material()).structure()).isIn(Structure.FOAM, Structure.MOULDED);
                }
            }
        }
        assertThat(FirstWall.find(brass, parcel, ALL, Stock.NONE, Watcher.NONE).walls())
                .as("on its way the same item gets what it always got")
                .isNotEqualTo(answer.walls());
    }
}
