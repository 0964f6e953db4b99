package rampart.core.check;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.Test;
import rampart.core.cost.Prices;
import rampart.core.evaluation.Evaluation;
import rampart.core.evaluation.Evaluator;
import rampart.core.explain.Sensitivity;
import rampart.core.item.Item;
import rampart.core.journey.DropPlan;
import rampart.core.journey.DropSequence;
import rampart.core.journey.Journey;
import rampart.core.layout.Layer;
import rampart.core.material.Catalogue;
import rampart.core.material.CushionFit;
import rampart.core.material.CushionLaw;
import rampart.core.material.DropPoint;
import rampart.core.material.FirstRamp;
import rampart.core.material.Foam;
import rampart.core.material.Measured;
import rampart.core.material.StandardCatalogue;
import rampart.core.pack.Pack;
import rampart.core.pack.Packs;
import rampart.core.quantity.Basis;
import rampart.core.search.Proposal;
import rampart.core.search.ProposalLimits;
import rampart.core.search.Proposals;
import rampart.core.search.Stock;
import rampart.core.search.Watcher;
import rampart.core.verdict.Check;
import rampart.core.verdict.Status;
import rampart.core.words.Wording;

/** A foam of the house with test data (rule 38): the interval of the fit reaches the verdict. */
class MeasuredFoamTest {
    private static final CushionLaw TRUE_LAW = CushionLaw.of(90, 0.017, FirstRamp.straight(0.08));

    private static Foam tested(double noise) {
        Random random = new Random(38);
        List<DropPoint> points = new ArrayList<>();
        for (int i = 0; i < 24; i++) {
            double s = 1 + 5 * random.nextDouble();
            double h = 300 + 600 * random.nextDouble();
            double g = TRUE_LAW.aKpa() / s * Math.exp(TRUE_LAW.bPerKpa() * s * h / 50 + noise * random.nextGaussian());
            points.add(new DropPoint(h, 50, s, g, 1, 23));
        }
        CushionFit fit = CushionFit.of(points, 0, TRUE_LAW.ramp());
        Foam like = StandardCatalogue.get().foam("pe-28");
        return like.called("own.blue", "Blue foam")
                .withLaw(new CushionLaw(fit.line(), TRUE_LAW.ramp()))
                .with(new Measured(Optional.of(fit), Optional.empty(), Optional.empty(), Optional.empty()));
    }

    private static Evaluation evaluate(Foam foam, double kg, double bearsG, double heightMm) {
        Catalogue catalogue = StandardCatalogue.get().with(new Catalogue(List.of(foam), List.of(), List.of()));
        Item item = Packs.item(200, 200, 200, kg, bearsG);
        List<Layer> layers = List.of(Packs.full("own.blue", 50), Packs.box("c-32", 3));
        return Evaluator.evaluate(new Pack(item, Packs.falls(heightMm), layers), catalogue);
    }

    @Test
    void theIntervalOfAFlatDropIsThatOfTheFitAtItsEnergy() {
        Foam foam = tested(0.05);
        Check check = Packs.check(evaluate(foam, 10, 120, 600), "drop.face.1");
        double s = 10 * 9.80665 / 0.04 / 1000;
        double factor = foam.fit(false).orElseThrow().predictionFactor(s * 600 / 50, 0.9);
        assertThat(check.spread().orElseThrow().high()).isCloseTo(check.demand() * factor, within(1e-9));
        assertThat(check.spread().orElseThrow().low()).isCloseTo(check.demand() / factor, within(1e-9));
        assertThat(check.working().figures())
                .filteredOn(f -> f.symbol().equals("a"))
                .singleElement()
                .satisfies(a -> assertThat(a.basis()).isEqualTo(Basis.MEASURED));
        assertThat(Packs.because(check)).contains("scatter of its test data");
    }

    /** With a margin of 15 % a foam that scatters by 3 % holds, one that scatters by 12 % is thin at the same G. */
    @Test
    void anIntervalOverTheLimitIsThinAndTheMarginStays() {
        for (double noise : new double[] {0.03, 0.12}) {
            Foam foam = tested(noise);
            double g = Packs.check(evaluate(foam, 10, 1000, 600), "drop.face.3").demand();
            Check check = Packs.check(evaluate(foam, 10, g / 0.85, 600), "drop.face.3");
            assertThat(check.margin().orElseThrow()).isCloseTo(0.15, within(1e-9));
            assertThat(check.status()).isEqualTo(noise < 0.1 ? Status.HOLDS : Status.THIN);
        }
    }

    @Test
    void aBlowOutsideWhatWasTestedIsExtrapolated() {
        Foam foam = tested(0.05);
        double to = foam.fit(false).orElseThrow().toX();
        double kg = 1.2 * to * 50 / 600 * 0.04 * 1000 / 9.80665;
        Check check = Packs.check(evaluate(foam, kg, 1000, 600), "drop.face.1");
        assertThat(check.working().notes())
                .anyMatch(note -> Wording.METRIC.say(note).contains("Extrapolated"));
        assertThat(check.working().figures())
                .filteredOn(f -> f.symbol().equals("b"))
                .singleElement()
                .satisfies(b -> assertThat(b.basis()).isEqualTo(Basis.EXTRAPOLATED));
        assertThat(Packs.because(check)).contains("outside what was tested");
    }

    /**
     * First impacts alone were tested: the later ones, stiffer by the repeat factor, scatter as the first do at their energy.
     * A journey that is harder reads a spread no smaller, and never holds where the gentler one is thin.
     */
    @Test
    void laterBlowsScatterAsTheFirstOnesDo() {
        Foam foam = tested(0.09);
        Catalogue catalogue = StandardCatalogue.get().with(new Catalogue(List.of(foam), List.of(), List.of()));
        List<Layer> layers = List.of(Packs.full("own.blue", 50), Packs.box("c-32", 3));
        double g = Packs.check(evaluate(foam, 10, 1000, 600), "drop.face.3").demand();
        Item item = Packs.item(200, 200, 200, 10, g / 0.88);
        Journey once = Packs.falls(600);
        Journey again = once.with(DropPlan.own(600, DropSequence.ALL, true));
        Check first = Packs.check(Evaluator.evaluate(new Pack(item, once, layers), catalogue), "drop.face.3");
        Check later = Packs.check(Evaluator.evaluate(new Pack(item, again, layers), catalogue), "drop.face.3");
        assertThat(first.status()).isEqualTo(Status.THIN);
        assertThat(later.demand()).isGreaterThan(first.demand());
        double x = Math.log(
                        later.demand() * 10 * 9.80665 / 0.04 / 1000 / foam.law().aKpa())
                / foam.law(true).bPerKpa();
        double factor = foam.fit(false).orElseThrow().predictionFactor(x, 0.9);
        assertThat(later.spread().orElseThrow().high()).isCloseTo(later.demand() * factor, within(1e-6));
        assertThat(later.status().ordinal()).isLessThanOrEqualTo(first.status().ordinal());
        assertThat(Packs.because(first)).contains("reaches over what the item bears, so call it thin");
    }

    /** The same law without test data gives the same G and no interval. */
    @Test
    void numbersAreThoseOfTheLaw() {
        Foam foam = tested(0.05);
        Foam untested = foam.withLaw(foam.law());
        Evaluation a = evaluate(foam, 10, 120, 600);
        Evaluation b = evaluate(untested, 10, 120, 600);
        for (int i = 0; i < 26; i++) {
            assertThat(a.drops().get(i).g()).isEqualTo(b.drops().get(i).g());
        }
        assertThat(b.checks()).allMatch(check -> check.spread().isEmpty());
    }

    /** The band of the verdict follows the scatter of the tests, not the 20 % of nominal constants. */
    @Test
    void howSureTheVerdictIsFollowsTheScatter() {
        double[] width = new double[2];
        for (int i = 0; i < 2; i++) {
            Foam foam = tested(i == 0 ? 0.02 : 0.10);
            Catalogue catalogue = StandardCatalogue.get().with(new Catalogue(List.of(foam), List.of(), List.of()));
            Item item = Packs.item(200, 200, 200, 10, 120);
            List<Layer> layers = List.of(Packs.full("own.blue", 50), Packs.box("c-32", 3));
            Sensitivity.Answer answer =
                    Sensitivity.of(new Pack(item, Packs.falls(600), layers), catalogue, Watcher.NONE);
            width[i] = answer.marginHigh() - answer.marginLow();
        }
        assertThat(width[1]).isGreaterThan(2 * width[0]);
        assertThat(width[0]).isPositive();
    }

    /** No wall is proposed whose full evaluation is thin by the scatter of its foam's tests. */
    @Test
    void whatScattersOverTheLimitIsNotProposed() {
        Foam foam = tested(0.16);
        Catalogue catalogue = StandardCatalogue.get().with(new Catalogue(List.of(foam), List.of(), List.of()));
        Pack pack = new Pack(
                Packs.item(250, 200, 150, 6, 110),
                Packs.falls(610),
                List.of(Packs.full("own.blue", 50), Packs.box("c-32", 3)));
        ProposalLimits limits = new ProposalLimits(
                ProposalLimits.Build.SINGLE,
                Set.of("own.blue"),
                OptionalDouble.empty(),
                OptionalDouble.empty(),
                false,
                false,
                false,
                Stock.NONE);
        List<Proposal> found = Proposals.find(pack, catalogue, limits, Prices.NONE, Watcher.NONE)
                .proposals();
        assertThat(found).isNotEmpty();
        for (Proposal wall : found) {
            assertThat(wall.evaluation().verdict()).isEqualTo(Status.HOLDS);
            for (Check check : wall.evaluation().checks()) {
                check.spread()
                        .ifPresent(spread -> assertThat(spread.high())
                                .isLessThanOrEqualTo(check.limit().orElseThrow()));
            }
        }
        // Without its tests the same law would allow a smaller pack.
        Catalogue untested =
                StandardCatalogue.get().with(new Catalogue(List.of(foam.withLaw(foam.law())), List.of(), List.of()));
        double smallest = Proposals.find(pack, untested, limits, Prices.NONE, Watcher.NONE)
                .proposals()
                .get(0)
                .volumeMm3();
        assertThat(smallest).isLessThan(found.get(0).volumeMm3());
    }
}
