package rampart.core.search;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Random;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import rampart.core.bed.BedShape;
import rampart.core.box.StockCarton;
import rampart.core.cost.Prices;
import rampart.core.cut.MaterialCost;
import rampart.core.evaluation.Evaluation;
import rampart.core.evaluation.Evaluator;
import rampart.core.item.Item;
import rampart.core.layout.CushionForm;
import rampart.core.layout.Layer;
import rampart.core.material.Board;
import rampart.core.material.Catalogue;
import rampart.core.material.Flute;
import rampart.core.material.StandardCatalogue;
import rampart.core.pack.Pack;
import rampart.core.pack.Packs;
import rampart.core.quantity.Axis;
import rampart.core.quantity.Basis;
import rampart.core.quantity.Face;
import rampart.core.quantity.Point;
import rampart.core.quantity.Size;
import rampart.core.verdict.Status;

/** Proposals against evaluating every wall of the space and comparing each with each, written apart from the search. */
class ProposalsTest {
    private static final Catalogue ALL = StandardCatalogue.get();

    private static Catalogue few(String... foams) {
        return new Catalogue(
                List.of(foams).stream().map(ALL::foam).toList(),
                List.of(ALL.board("c-32"), ALL.board("c-44"), ALL.board("bc-48")),
                ALL.wraps());
    }

    private static Prices prices(Random random) {
        Map<String, Double> perUnit = new HashMap<>();
        ALL.foams().forEach(foam -> perUnit.put(foam.id(), 0.1 + random.nextDouble()));
        ALL.boards().forEach(board -> perUnit.put(board.id(), 0.5 + random.nextDouble()));
        ALL.wraps().forEach(wrap -> perUnit.put(wrap.id(), 0.2));
        return new Prices("EUR", perUnit);
    }

    private record Weighed(List<Layer> layers, long volume, long cost, long mass, int percent, boolean nested) {
        boolean outdoes(Weighed other) {
            return volume <= other.volume && cost <= other.cost && mass <= other.mass && percent >= other.percent;
        }

        boolean sameAs(Weighed other) {
            return outdoes(other) && other.outdoes(this);
        }
    }

    private static Set<List<Layer>> everyWall(Pack pack, Catalogue catalogue, ProposalLimits limits, Prices prices) {
        WallSpace space = new WallSpace(
                pack.item(), pack.journey(), Proposals.kept(pack), Proposals.bed(pack), catalogue, limits, prices);
        List<Weighed> all = new ArrayList<>();
        for (Frame frame : space.frames()) {
            for (Cushioning inner : space.inners(frame)) {
                List<Optional<Cushioning>> outers = frame.nested()
                        ? space.outers(frame).stream().map(Optional::of).toList()
                        : List.of(Optional.empty());
                for (Optional<Cushioning> outer : outers) {
                    for (Frame.Shell shell : frame.shells()) {
                        weighed(pack, catalogue, prices, space.layers(inner, outer, shell))
                                .ifPresent(all::add);
                    }
                }
            }
        }
        long single = all.stream()
                .filter(w -> !w.nested)
                .mapToLong(Weighed::volume)
                .min()
                .orElse(Long.MAX_VALUE);
        all.removeIf(w -> w.nested && w.volume >= 0.8 * single);
        List<Weighed> best = new ArrayList<>();
        for (int i = 0; i < all.size(); i++) {
            Weighed one = all.get(i);
            boolean outdone = false;
            for (int j = 0; j < all.size() && !outdone; j++) {
                Weighed other = all.get(j);
                outdone = j != i && other.outdoes(one) && (!one.sameAs(other) || j < i);
            }
            if (!outdone) {
                best.add(one);
            }
        }
        return best.stream().map(Weighed::layers).collect(Collectors.toSet());
    }

    private static Optional<Weighed> weighed(Pack pack, Catalogue catalogue, Prices prices, List<Layer> layers) {
        Pack whole = new Pack(pack.item(), pack.journey(), layers);
        if (Evaluator.evaluateAtFirstLook(whole, catalogue).verdict() != Status.HOLDS) {
            return Optional.empty();
        }
        Evaluation evaluation = Evaluator.simulate(whole, catalogue);
        if (evaluation.verdict() != Status.HOLDS) {
            return Optional.empty();
        }
        double margin = evaluation.checks().stream()
                .filter(c -> !c.id().text().equals("fit"))
                .mapToDouble(c -> c.margin().orElse(1))
                .min()
                .orElseThrow();
        double cost = prices.equals(Prices.NONE)
                ? 0
                : MaterialCost.of(whole, evaluation.layout(), catalogue, prices).orElseThrow();
        return Optional.of(new Weighed(
                layers,
                Math.round(evaluation.layout().outside().volumeMm3()),
                Math.round(cost * 1e6),
                Math.round(evaluation.layout().grossMassKg() * 1e6),
                (int) Math.floor(Math.min(margin, 0.30) * 100 + 1e-9),
                evaluation.layout().boxes().size() > 1));
    }

    private static Item item(Random random) {
        Size size = new Size(100 + random.nextInt(300), 80 + random.nextInt(250), 30 + random.nextInt(200));
        return Item.plain(
                "thing",
                size,
                0.2 + size.volumeMm3() / 1e6 * (0.2 + random.nextDouble()),
                Point.ORIGIN,
                Packs.bears(45 + random.nextInt(80)));
    }

    @Test
    void equalEveryWallComparedWithEveryOther() {
        Random random = new Random(35);
        int found = 0;
        for (int i = 0; i < 12; i++) {
            Catalogue catalogue = i % 2 == 0 ? few("pe-28", "pu-18") : few("pp-20", "bubble-25");
            Pack pack = new Pack(item(random), Packs.falls(500 + random.nextInt(300)), List.of(Packs.box("c-32", 3)));
            ProposalLimits limits = ProposalLimits.none(Stock.NONE).in(ProposalLimits.Build.SINGLE);
            // Costs are compared in every second case: with the same sum made in another order, roundings could differ.
            Prices prices = i % 3 == 0 ? prices(random) : Prices.NONE;
            Set<List<Layer>> ours = Proposals.find(pack, catalogue, limits, prices, Watcher.NONE).proposals().stream()
                    .map(Proposal::layers)
                    .collect(Collectors.toSet());
            assertThat(ours).as("%d %s", i, pack.item()).isEqualTo(everyWall(pack, catalogue, limits, prices));
            found += ours.size();
        }
        assertThat(found).isGreaterThan(15);
    }

    /** A bed stays as it was cut: only its foam, its thickness and what is round it are open. */
    @Test
    void aBedKeepsItsShape() {
        Random random = new Random(11);
        int found = 0;
        for (int i = 0; i < 16; i++) {
            Pack pack = Packs.bedded(random);
            pack = new Pack(pack.item(), Packs.falls(300), pack.layers());
            BedShape shape = Proposals.bed(pack).orElseThrow();
            Catalogue catalogue = few("pe-28", "pu-18", "bubble-25");
            ProposalLimits limits = ProposalLimits.none(Stock.NONE).in(ProposalLimits.Build.SINGLE);
            Set<List<Layer>> ours =
                    Proposals.find(pack, catalogue, limits, Prices.NONE, Watcher.NONE).proposals().stream()
                            .map(Proposal::layers)
                            .collect(Collectors.toSet());
            assertThat(ours).as("%d", i).isEqualTo(everyWall(pack, catalogue, limits, Prices.NONE));
            for (List<Layer> layers : ours) {
                Layer.Cushion cushion = (Layer.Cushion) layers.get(0);
                assertThat(cushion.form()).isEqualTo(new CushionForm.Bed(shape));
                assertThat(shape.liesWithin(cushion.thicknessMm(), 0)).isTrue();
            }
            found += ours.size();
        }
        assertThat(found).isPositive();
    }

    /** Flat work stays between its boards: they are what the cushions bear on, and part of what they carry. */
    @Test
    void aPairOfBoardsStays() {
        Board stiff = new Board(
                "own.stiff",
                "Stiff",
                Flute.SOLID,
                6,
                60,
                2500,
                100,
                100,
                Basis.INPUT,
                "",
                new Board.Panel(OptionalDouble.of(400), OptionalDouble.of(9)));
        Catalogue catalogue = few("pe-28", "pu-18").with(new Catalogue(List.of(), List.of(stiff), List.of()));
        Layer boards = new Layer.Boards("own.stiff", 1, Axis.Z, 30, 1, 0);
        Random random = new Random(61);
        int found = 0;
        for (int i = 0; i < 6; i++) {
            Item flat = Item.plain(
                    "dial",
                    new Size(200 + random.nextInt(300), 150 + random.nextInt(200), 12),
                    1 + 4 * random.nextDouble(),
                    Point.ORIGIN,
                    Packs.bears(60 + random.nextInt(60)));
            Pack pack = new Pack(flat, Packs.falls(500), List.of(boards, Packs.box("c-32", 3)));
            ProposalLimits limits = ProposalLimits.none(Stock.NONE).in(ProposalLimits.Build.SINGLE);
            Set<List<Layer>> ours =
                    Proposals.find(pack, catalogue, limits, Prices.NONE, Watcher.NONE).proposals().stream()
                            .map(Proposal::layers)
                            .collect(Collectors.toSet());
            assertThat(ours).as("%d", i).isEqualTo(everyWall(pack, catalogue, limits, Prices.NONE));
            assertThat(ours).allMatch(layers -> layers.get(0).equals(boards));
            found += ours.size();
        }
        assertThat(found).isPositive();
    }

    /** A house with one thickness of sheet: boxes in boxes among them, worked in time where the inner box is heavy. */
    @Test
    void boxesInBoxesAreAmongThem() {
        Catalogue catalogue = few("bubble-25", "eps-16");
        Stock stock = new Stock(List.of(), Map.of("bubble-25", List.of(45.0), "eps-16", List.of(20.0)));
        int nested = 0;
        for (double bears : new double[] {85, 115}) {
            Pack pack = new Pack(
                    Item.plain("telephone", new Size(160, 80, 10), 0.2, Point.ORIGIN, Packs.bears(bears)),
                    Packs.falls(760),
                    List.of(Packs.box("c-32", 3)));
            ProposalLimits limits = ProposalLimits.none(stock);
            List<Proposal> ours = Proposals.find(pack, catalogue, limits, Prices.NONE, Watcher.NONE)
                    .proposals();
            assertThat(ours.stream().map(Proposal::layers).collect(Collectors.toSet()))
                    .isEqualTo(everyWall(pack, catalogue, limits, Prices.NONE));
            assertThat(ours).allMatch(p -> p.evaluation().verdict() == Status.HOLDS);
            nested += (int) ours.stream().filter(p -> p.layers().size() == 4).count();
        }
        assertThat(nested).isPositive();
    }

    /** What is proposed for the stock cartons of the house goes into one of them, with less than 10 mm of play. */
    @Test
    void wallsFromStockFillTheirCarton() {
        StockCarton small = new StockCarton("s", "Small", new Size(330, 420, 330), "c-32");
        StockCarton large = new StockCarton("l", "Large", new Size(460, 360, 360), "c-44");
        ProposalLimits limits = ProposalLimits.none(new Stock(List.of(small, large), Map.of()))
                .in(ProposalLimits.Build.SINGLE)
                .fromStock();
        Pack pack = new Pack(
                Item.plain("radio", new Size(300, 200, 220), 4, Point.ORIGIN, Packs.bears(85)),
                Packs.falls(610),
                List.of(Layer.Wrap.plain("tissue", 1), Packs.box("c-32", 3)));
        List<Proposal> ours =
                Proposals.find(pack, ALL, limits, Prices.NONE, Watcher.NONE).proposals();
        assertThat(ours).isNotEmpty();
        for (Proposal one : ours) {
            assertThat(one.stock()).isIn("s", "l");
            assertThat(one.layers().get(0)).isInstanceOf(Layer.Wrap.class);
            var box = one.evaluation().layout().outer();
            assertThat(box.slack().lengthMm()).isBetween(0.0, 9.0);
            assertThat(box.slack().widthMm()).isBetween(0.0, 9.0);
            assertThat(box.slack().heightMm()).isBetween(0.0, 9.0);
            Layer.Cushion cushion = (Layer.Cushion) one.layers().get(1);
            assertThat(cushion.thicknessMm().on(Face.BOTTOM))
                    .isGreaterThanOrEqualTo(cushion.thicknessMm().on(Face.TOP));
        }
    }

    @Test
    void limitsAreKept() {
        Pack pack = new Pack(
                Item.plain("radio", new Size(300, 200, 120), 3, Point.ORIGIN, Packs.bears(85)),
                Packs.falls(610),
                List.of(Packs.box("c-32", 3)));
        ProposalLimits limits = new ProposalLimits(
                ProposalLimits.Build.ANY,
                Set.of(),
                OptionalDouble.of(420),
                OptionalDouble.of(1500),
                /* reusable= */ true,
                /* handCut= */ true,
                /* stockOnly= */ false,
                Stock.NONE);
        List<Proposal> ours =
                Proposals.find(pack, ALL, limits, Prices.NONE, Watcher.NONE).proposals();
        assertThat(ours).isNotEmpty();
        for (Proposal one : ours) {
            Size out = one.evaluation().layout().outside();
            double longest = Math.max(out.lengthMm(), Math.max(out.widthMm(), out.heightMm()));
            assertThat(longest).isLessThanOrEqualTo(420);
            assertThat(2 * (out.lengthMm() + out.widthMm() + out.heightMm()) - longest)
                    .isLessThanOrEqualTo(1500);
            one.evaluation().layout().cushions().forEach(c -> {
                assertThat(c.foam().repeatFactor()).isLessThanOrEqualTo(1.2);
                assertThat(c.foam().structure().handCut()).isTrue();
            });
        }
    }

    /** Where the limits leave nothing, the one that has to give is told, with a wall that then holds. */
    @Test
    void theNearestMissSaysWhatHasToGive() {
        Pack pack = new Pack(
                Item.plain("radio", new Size(300, 200, 120), 3, Point.ORIGIN, Packs.bears(85)),
                Packs.falls(610),
                List.of(Packs.box("c-32", 3)));
        ProposalLimits small = new ProposalLimits(
                ProposalLimits.Build.ANY,
                Set.of(),
                OptionalDouble.of(320),
                OptionalDouble.empty(),
                false,
                false,
                false,
                Stock.NONE);
        assertThat(Proposals.find(pack, ALL, small, Prices.NONE, Watcher.NONE).proposals())
                .isEmpty();
        ProposalMiss miss = ProposalMiss.of(pack, ALL, small, Watcher.NONE);
        assertThat(miss.demand()).isEqualTo("size");
        assertThat(miss.layers().get(0).evaluation().verdict()).isEqualTo(Status.HOLDS);
        Pack clock = new Pack(
                Item.plain("clock", new Size(250, 120, 350), 3, Point.ORIGIN, Packs.bears(25)),
                Packs.falls(760),
                List.of(Packs.box("c-32", 3)));
        assertThat(ProposalMiss.of(clock, ALL, ProposalLimits.none(Stock.NONE), Watcher.NONE)
                        .demand())
                .isIn("bears", "both");
    }

    @Test
    void anItemOfWhichNobodySaysWhatItBearsIsRefused() {
        Pack pack = new Pack(
                Item.plain(
                        "thing",
                        new Size(100, 100, 100),
                        1,
                        Point.ORIGIN,
                        new rampart.core.item.Fragility(
                                OptionalDouble.empty(),
                                OptionalDouble.empty(),
                                rampart.core.item.Fragility.FragilityBasis.ESTIMATE,
                                Optional.empty(),
                                Map.of())),
                Packs.falls(500),
                List.of(Packs.box("c-32", 3)));
        assertThatThrownBy(() -> Proposals.find(pack, ALL, ProposalLimits.none(Stock.NONE), Prices.NONE, Watcher.NONE))
                .hasMessageContaining("what the item bears");
    }
}
