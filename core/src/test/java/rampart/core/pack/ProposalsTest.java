package rampart.core.pack;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.Test;
import rampart.core.box.StockCarton;
import rampart.core.cost.MaterialCost;
import rampart.core.cost.Prices;
import rampart.core.item.Item;
import rampart.core.item.ItemProperties;
import rampart.core.item.Surface;
import rampart.core.journey.Climate;
import rampart.core.journey.DropHeights;
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
import rampart.core.quantity.Face;
import rampart.core.quantity.Point;
import rampart.core.quantity.SixSided;
import rampart.core.quantity.Size;
import rampart.core.words.Wording;

/** Proposals against trying every wall of small catalogues in full: the same list, and nothing in it breaks. */
class ProposalsTest {
    private static final int STEP = 20;
    private static final int MOST = 100;

    /** Outside in mm3, cost in millionths, mass in mg, margin in percent up to 30. */
    private record Point4(long volume, long cost, long mass, int percent) {
        boolean outdoes(Point4 o) {
            return volume <= o.volume && cost <= o.cost && mass <= o.mass && percent >= o.percent && !equals(o);
        }
    }

    @Test
    void equalBruteForceOnRandomCases() {
        Random random = new Random(4);
        int withWalls = 0;
        for (int i = 0; i < 24; i++) {
            Catalogue catalogue = small(random);
            Pack pack = pack(random);
            Prices prices = i % 3 == 0 ? Prices.NONE : prices(catalogue, random);
            ProposalLimits limits = limits(ProposalLimits.Build.values()[i % 3]);
            Set<Point4> proposed = proposed(pack, catalogue, limits, prices);
            assertThat(proposed).as("case %s: %s", i, pack).isEqualTo(bruteForce(pack, catalogue, limits, prices));
            withWalls += proposed.isEmpty() ? 0 : 1;
        }
        assertThat(withWalls).isBetween(8, 24);
    }

    /** What is proposed: all of it holds, and no two are alike. */
    private static Set<Point4> proposed(Pack pack, Catalogue catalogue, ProposalLimits limits, Prices prices) {
        List<Proposal> proposals =
                Proposals.find(pack, catalogue, limits, prices, Watcher.NONE).proposals();
        Set<Point4> points = new HashSet<>();
        for (Proposal p : proposals) {
            assertThat(p.evaluation().verdict()).isEqualTo(Status.HOLDS);
            points.add(point(p.evaluation(), p.cost()));
        }
        assertThat(points).hasSameSizeAs(proposals);
        return points;
    }

    private static ProposalLimits limits(ProposalLimits.Build build) {
        return new ProposalLimits(
                build,
                Set.of(),
                OptionalDouble.empty(),
                OptionalDouble.empty(),
                false,
                false,
                false,
                List.of(),
                STEP,
                MOST);
    }

    private static Catalogue small(Random random) {
        Catalogue all = StandardCatalogue.get();
        List<Foam> foams = new ArrayList<>(all.foams());
        java.util.Collections.shuffle(foams, random);
        return new Catalogue(
                foams.subList(0, 3),
                List.of(all.board("c-32"), all.board(random.nextBoolean() ? "c-44" : "c-29"), all.board("bc-48")),
                all.wraps());
    }

    private static Pack pack(Random random) {
        Size size = new Size(
                Packs.between(random, 100, 350), Packs.between(random, 100, 300), Packs.between(random, 80, 300));
        // What the item is made of keeps some foams away from it; the others must still be found.
        ItemProperties properties = new ItemProperties(
                List.of(),
                random.nextBoolean() ? Set.of(Surface.values()[random.nextInt(Surface.values().length)]) : Set.of(),
                random.nextBoolean() ? OptionalDouble.of(Packs.between(random, 5, 40)) : OptionalDouble.empty());
        Item item = new Item(
                "thing",
                size,
                Packs.between(random, 0.8, 9),
                new Point(0, 0, -size.heightMm() * 0.05),
                Packs.bears(Packs.between(random, 40, 130)),
                properties);
        Journey journey = new Journey(
                DropPlan.byTable(DropHeights.PARCEL_1A, DropSequence.TEN, random.nextBoolean()),
                Optional.of(Vibration.PARCEL_ROAD),
                random.nextBoolean() ? Optional.of(new Stack(2000, 20, 0.6, Stack.Pattern.ALIGNED)) : Optional.empty(),
                new Climate(5, 30),
                OptionalDouble.of(72),
                random.nextInt(3) == 0 ? OptionalDouble.of(2000) : OptionalDouble.empty());
        List<Layer> layers = new ArrayList<>();
        if (random.nextBoolean()) {
            layers.add(Layer.Wrap.plain("tissue", 1));
        }
        layers.add(Packs.full("pe-35", 50));
        layers.add(Packs.box("c-32", 3));
        return new Pack(item, journey, layers);
    }

    private static Prices prices(Catalogue catalogue, Random random) {
        Map<String, Double> perUnit = new HashMap<>();
        catalogue.foams().forEach(f -> perUnit.put(f.id(), Packs.between(random, 0.05, 0.4)));
        catalogue.boards().forEach(b -> perUnit.put(b.id(), Packs.between(random, 0.5, 2)));
        perUnit.put("tissue", 0.1);
        return new Prices("EUR", perUnit);
    }

    private static Point4 point(Evaluation evaluation, OptionalDouble cost) {
        return new Point4(
                Math.round(evaluation.layout().outside().volumeMm3()),
                // A constant for the wrap is in the cost; it changes no comparison.
                Math.round(cost.orElse(0) * 1e6),
                Math.round(evaluation.layout().grossMassKg() * 1e6),
                (int) Math.floor(Math.min(0.3, evaluation.lowestMarginButFit()) * 100 + 1e-9));
    }

    /** Every wall, laid and evaluated in full; the rules of the space are written out here once more. */
    private static Set<Point4> bruteForce(Pack pack, Catalogue catalogue, ProposalLimits limits, Prices prices) {
        List<Layer> wraps =
                pack.layers().stream().filter(l -> l instanceof Layer.Wrap).toList();
        Size wrapped = wrapped(pack.item(), wraps);
        List<Point4> holding = new ArrayList<>();
        for (int t = STEP; t <= MOST; t += STEP) {
            for (Layer inner : cushions(catalogue, t, pack.item().size())) {
                for (Board board : catalogue.boards()) {
                    if (limits.build() != ProposalLimits.Build.BOX_IN_BOX) {
                        tryOut(pack, catalogue, prices, holding, wraps, inner, Packs.box(board.id(), 3));
                    }
                }
                double both = 2 * t + 3;
                double c = 4;
                Size box = wrapped.plus(both + 2 * c, both + 2 * c, both + 4 * c);
                for (int o = STEP; o + t <= MOST && limits.build() != ProposalLimits.Build.SINGLE; o += STEP) {
                    for (Layer outer : cushions(catalogue, o, box)) {
                        for (Board board : catalogue.boards()) {
                            tryOut(
                                    pack,
                                    catalogue,
                                    prices,
                                    holding,
                                    wraps,
                                    inner,
                                    Packs.box("c-32", 3),
                                    outer,
                                    Packs.box(board.id(), 3));
                        }
                    }
                }
            }
        }
        return front(holding);
    }

    private static Set<Point4> front(List<Point4> holding) {
        Set<Point4> front = new HashSet<>();
        for (Point4 one : holding) {
            if (holding.stream().noneMatch(other -> other.outdoes(one))) {
                front.add(one);
            }
        }
        return front;
    }

    private static Size wrapped(Item item, List<Layer> wraps) {
        double mm = wraps.stream()
                .mapToDouble(l -> 2 * ((Layer.Wrap) l).thicknessMm())
                .sum();
        return item.size().plus(mm, mm, mm);
    }

    private static void tryOut(
            Pack pack, Catalogue catalogue, Prices prices, List<Point4> holding, List<Layer> wraps, Layer... walls) {
        List<Layer> layers = new ArrayList<>(wraps);
        layers.addAll(List.of(walls));
        Evaluation evaluation = Evaluator.evaluate(new Pack(pack.item(), pack.journey(), layers), catalogue);
        if (evaluation.verdict() == Status.HOLDS) {
            holding.add(point(evaluation, MaterialCost.of(pack.item().size(), layers, evaluation.layout(), prices)));
        }
    }

    /**
     * In a carton from stock the cushion takes what is left on each axis, in steps of 5 mm, and the carton may be turned; a
     * box in a box has an inner cushion of one thickness.
     */
    @Test
    void equalBruteForceInCartonsFromStock() {
        Random random = new Random(7);
        int withWalls = 0;
        for (int i = 0; i < 60; i++) {
            Catalogue catalogue = small(random);
            Pack pack = pack(random);
            Prices prices = i % 3 == 0 ? Prices.NONE : prices(catalogue, random);
            List<StockCarton> stock = new ArrayList<>();
            for (int n = 0; n < 4; n++) {
                Size inside = pack.item()
                        .size()
                        .plus(
                                Packs.between(random, 20, 220),
                                Packs.between(random, 20, 220),
                                Packs.between(random, 60, 220));
                Board board = catalogue.boards().get(random.nextInt(3));
                stock.add(new StockCarton("s" + n, "carton " + n, inside, board.id()));
            }
            ProposalLimits limits = new ProposalLimits(
                    ProposalLimits.Build.values()[i % 3],
                    Set.of(),
                    OptionalDouble.empty(),
                    OptionalDouble.empty(),
                    false,
                    false,
                    true,
                    stock,
                    STEP,
                    MOST);
            Set<Point4> proposed = proposed(pack, catalogue, limits, prices);
            assertThat(proposed)
                    .as("case %s: %s", i, pack)
                    .isEqualTo(bruteForceInStock(pack, catalogue, limits, prices));
            withWalls += proposed.isEmpty() ? 0 : 1;
        }
        assertThat(withWalls).isBetween(5, 59);
    }

    private static Set<Point4> bruteForceInStock(Pack pack, Catalogue catalogue, ProposalLimits limits, Prices prices) {
        List<Layer> wraps =
                pack.layers().stream().filter(l -> l instanceof Layer.Wrap).toList();
        Size wrapped = wrapped(pack.item(), wraps);
        List<Point4> holding = new ArrayList<>();
        for (StockCarton carton : limits.stock()) {
            for (StockCarton way : List.of(carton, carton.turned())) {
                Layer box = Layer.Box.stock(way.board(), way.inside());
                if (limits.build() != ProposalLimits.Build.BOX_IN_BOX) {
                    for (Layer only : filling(
                            catalogue, way.inside(), wrapped, pack.item().size())) {
                        tryOut(pack, catalogue, prices, holding, wraps, only, box);
                    }
                }
                for (int t = STEP; t + STEP <= MOST && limits.build() != ProposalLimits.Build.SINGLE; t += STEP) {
                    double both = 2 * t + 3;
                    Size inner = wrapped.plus(both + 8, both + 8, both + 16);
                    for (Layer outer : filling(catalogue, way.inside(), inner, inner)) {
                        for (Layer first : cushions(catalogue, t, pack.item().size())) {
                            tryOut(pack, catalogue, prices, holding, wraps, first, Packs.box("c-32", 3), outer, box);
                        }
                    }
                }
            }
        }
        return front(holding);
    }

    /** Cushions that fill what is left of this inside round an envelope, if it is enough on each axis and not too much. */
    private static List<Layer> filling(Catalogue catalogue, Size inside, Size envelope, Size body) {
        double length = Math.floor((inside.lengthMm() - envelope.lengthMm()) / 10 + 1e-9) * 5;
        double width = Math.floor((inside.widthMm() - envelope.widthMm()) / 10 + 1e-9) * 5;
        double height = Math.floor((inside.heightMm() - envelope.heightMm()) / 10 + 1e-9) * 5;
        if (Math.min(length, Math.min(width, height)) < STEP || Math.max(length, Math.max(width, height)) > MOST) {
            return List.of();
        }
        return cushions(
                catalogue,
                SixSided.of(face -> switch (face) {
                    case LEFT, RIGHT -> length;
                    case FRONT, BACK -> width;
                    case TOP, BOTTOM -> height;
                }),
                body);
    }

    private static List<Layer> cushions(Catalogue catalogue, int mm, Size body) {
        return cushions(catalogue, SixSided.all(mm), body);
    }

    private static List<Layer> cushions(Catalogue catalogue, SixSided mm, Size body) {
        List<Layer> all = new ArrayList<>();
        for (Foam foam : catalogue.foams()) {
            all.add(new Layer.Cushion(foam.id(), new CushionForm.Full(), mm));
            for (int share : new int[] {80, 60, 40, 20}) {
                SixSided area =
                        SixSided.of(face -> Math.max(1, Math.round(body.faceAreaMm2(face) * share / 100 / 100)));
                for (int count : new int[] {4, 2, 1}) {
                    boolean stands = Face.ALL.stream()
                            .allMatch(face -> Math.pow(1.33 * mm.on(face), 2)
                                    <= 0.9 * Math.min(area.on(face) * 100, body.faceAreaMm2(face)) / count);
                    if (stands) {
                        all.add(new Layer.Cushion(foam.id(), new CushionForm.Pads(area, SixSided.all(count)), mm));
                        break;
                    }
                }
            }
        }
        return all;
    }

    @Test
    void theSameInputGivesTheSameListAndStopsWhenTold() {
        Pack pack = pack(new Random(12));
        ProposalLimits limits = ProposalLimits.none();
        Proposals.Answer first = Proposals.find(pack, StandardCatalogue.get(), limits, Prices.NONE, Watcher.NONE);
        Proposals.Answer again = Proposals.find(pack, StandardCatalogue.get(), limits, Prices.NONE, Watcher.NONE);
        assertThat(first.proposals()).isNotEmpty();
        assertThat(again.proposals().stream().map(Proposal::layers).toList())
                .isEqualTo(first.proposals().stream().map(Proposal::layers).toList());
        assertThat(first.considered()).isGreaterThan(100_000);
        int[] looks = {0};
        assertThatThrownBy(() ->
                        Proposals.find(pack, StandardCatalogue.get(), limits, Prices.NONE, () -> looks[0]++ < 500))
                .isInstanceOf(SearchStoppedException.class);
        assertThat(looks[0]).as("looks until every thread has seen it").isLessThan(1000);
    }

    /** A corner's direction moves with the thickness of the board: what fails in C flute may hold in BC, whoever is first. */
    @Test
    void threadsThatRaceDoNotShowInTheList() {
        for (int seed = 30; seed < 36; seed++) {
            Pack pack = pack(new Random(seed));
            List<List<Layer>> lists = new ArrayList<>();
            for (int run = 0; run < 2; run++) {
                Proposals.Answer answer =
                        Proposals.find(pack, StandardCatalogue.get(), ProposalLimits.none(), Prices.NONE, Watcher.NONE);
                lists.add(answer.proposals().stream()
                        .flatMap(proposal -> proposal.layers().stream())
                        .toList());
            }
            assertThat(lists.get(1)).as("pack " + seed).isEqualTo(lists.get(0));
        }
    }

    @Test
    void limitsAreKept() {
        Pack pack = new Pack(
                Packs.item(260, 220, 200, 4, 150),
                Packs.falls(760),
                List.of(Packs.full("pe-35", 50), Packs.box("c-32", 3)));
        List<StockCarton> stock = List.of(
                new StockCarton("s1", "large", new Size(600, 500, 500), "bc-48"),
                new StockCarton("s2", "middle", new Size(400, 360, 345), "c-44"));
        ProposalLimits limits = new ProposalLimits(
                ProposalLimits.Build.ANY,
                Set.of("pe-35", "pe-28", "xpe-33"),
                OptionalDouble.of(700),
                OptionalDouble.of(3000),
                true,
                true,
                true,
                stock,
                10,
                200);
        List<Proposal> proposals = Proposals.find(pack, StandardCatalogue.get(), limits, Prices.NONE, Watcher.NONE)
                .proposals();
        assertThat(proposals).isNotEmpty();
        for (Proposal p : proposals) {
            assertThat(p.stock()).isIn("s1", "s2");
            assertThat(p.evaluation().layout().outer().stock()).isTrue();
            assertThat(p.evaluation().layout().cushions())
                    .allMatch(c -> limits.foams().contains(c.foam().id()));
        }
    }

    @Test
    void whereNothingHoldsItSaysWhatHasToGive() {
        Item item = Packs.item(300, 250, 200, 6, 8);
        Pack pack = new Pack(item, Packs.falls(760), List.of(Packs.full("pe-35", 50), Packs.box("c-32", 3)));
        ProposalLimits limits = limits(ProposalLimits.Build.ANY);
        assertThat(Proposals.find(pack, StandardCatalogue.get(), limits, Prices.NONE, Watcher.NONE)
                        .proposals())
                .isEmpty();
        ProposalMiss miss = ProposalMiss.of(pack, StandardCatalogue.get(), limits, Watcher.NONE);
        assertThat(miss.demand()).isEqualTo("bears");
        String because = Wording.METRIC.say(miss.because());
        assertThat(because).contains("instead of 8 G");
        Evaluation evaluation = miss.layers().get(0).evaluation();
        assertThat(evaluation.verdict()).isEqualTo(Status.BREAKS);
        // Under the demand as it would have to be, that wall does hold.
        double needed = Double.parseDouble(because.replaceAll(".*about ([0-9]+) G instead.*", "$1"));
        assertThat(evaluation.drops()).allMatch(drop -> drop.g() <= needed * 0.9 * 1.001);

        ProposalLimits tiny = new ProposalLimits(
                ProposalLimits.Build.ANY,
                Set.of(),
                OptionalDouble.of(330),
                OptionalDouble.empty(),
                false,
                false,
                false,
                List.of(),
                STEP,
                MOST);
        Item sturdy = Packs.item(300, 250, 200, 6, 90);
        ProposalMiss size = ProposalMiss.of(
                new Pack(sturdy, Packs.falls(760), pack.layers()), StandardCatalogue.get(), tiny, Watcher.NONE);
        assertThat(size.demand()).isEqualTo("size");
        assertThat(Wording.METRIC.say(size.because())).contains("no edge may be over 330 mm");
        assertThat(Wording.IMPERIAL.say(size.because())).contains("no edge may be over 13 in");
    }
}
