package rampart.core.explain;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import rampart.core.drop.Drop;
import rampart.core.evaluation.Evaluation;
import rampart.core.evaluation.Evaluator;
import rampart.core.item.Item;
import rampart.core.material.Catalogue;
import rampart.core.material.CushionFit;
import rampart.core.material.Foam;
import rampart.core.material.Measured;
import rampart.core.material.StandardCatalogue;
import rampart.core.pack.Pack;
import rampart.core.pack.Packs;
import rampart.core.quantity.Basis;
import rampart.core.search.Watcher;
import rampart.core.verdict.Status;
import rampart.core.words.Wording;

/** What matters most, against the closed form's own derivatives and against the flip put in by hand. */
class SensitivityTest {
    private static final Pack PACK = new Pack(
            Packs.item(240, 200, 180, 6, 75), Packs.falls(600), List.of(Packs.full("pe-28", 60), Packs.box("c-32", 3)));

    @Test
    void theFlipIsWhereTheVerdictChanges() {
        Sensitivity.Answer answer = Sensitivity.of(PACK, StandardCatalogue.get(), Watcher.NONE);
        Status now = Evaluator.evaluate(PACK, StandardCatalogue.get()).verdict();
        Sensitivity.Influence bears = answer.influences().stream()
                .filter(i -> Wording.METRIC.say(i.name()).equals("what the item bears"))
                .findFirst()
                .orElseThrow();
        double flip = bears.flipsAt().orElseThrow();
        // At 75 G the pack is thin; the nearest turn is where the margin reaches a tenth: G / 0.9.
        double worst = Evaluator.evaluate(PACK, StandardCatalogue.get()).drops().stream()
                .mapToDouble(Drop::g)
                .max()
                .orElseThrow();
        assertThat(now).isEqualTo(Status.BREAKS);
        assertThat(flip).isCloseTo(worst, within(worst * 1e-3));
        assertThat(bears.verdictThere()).isEqualTo(Status.THIN);
        assertThat(verdict(worst * 0.999)).isEqualTo(Status.BREAKS);
        assertThat(verdict(worst * 1.001)).isEqualTo(Status.THIN);
    }

    private static Status verdict(double bearsG) {
        Item item = Packs.item(240, 200, 180, 6, bearsG);
        return Evaluator.evaluate(new Pack(item, PACK.journey(), PACK.layers()), StandardCatalogue.get())
                .verdict();
    }

    /** The margin of what the item bears is 1 - G/Gc: a tenth more or less gives it by hand. */
    @Test
    void swingsAreThoseOfTheClosedForm() {
        Evaluation evaluation = Evaluator.evaluate(PACK, StandardCatalogue.get());
        double worst = evaluation.drops().stream().mapToDouble(Drop::g).max().orElseThrow();
        Sensitivity.Answer answer = Sensitivity.of(PACK, StandardCatalogue.get(), Watcher.NONE);
        assertThat(answer.margin()).isCloseTo(1 - worst / 75, within(1e-12));
        Sensitivity.Influence bears = answer.influences().stream()
                .filter(i -> i.unit().equals("G"))
                .findFirst()
                .orElseThrow();
        assertThat(bears.marginLess()).isCloseTo(1 - worst / 67.5, within(1e-12));
        assertThat(bears.marginMore()).isLessThanOrEqualTo(1 - worst / 82.5 + 1e-12);
        assertThat(answer.influences()).isSortedAccordingTo((a, b) -> Double.compare(b.swing(), a.swing()));
        assertThat(answer.influences()).hasSize(7);
    }

    /** Nothing nominal, no band; nominal constants of 20 %, a band; measured ones, a band that grows with their scatter. */
    @Test
    void theBandHoldsTheMarginAndGrowsWithDoubt() {
        double[] widths = new double[4];
        List<Foam> foams =
                List.of(own(Basis.INPUT, 0), own(Basis.NOMINAL, 0), own(Basis.NOMINAL, 0.03), own(Basis.NOMINAL, 0.12));
        for (int i = 0; i < widths.length; i++) {
            Catalogue catalogue =
                    StandardCatalogue.get().with(new Catalogue(List.of(foams.get(i)), List.of(), List.of()));
            Pack pack = new Pack(PACK.item(), PACK.journey(), List.of(Packs.full("own.one", 60), Packs.box("c-32", 3)));
            Sensitivity.Answer answer = Sensitivity.of(pack, catalogue, Watcher.NONE);
            assertThat(answer.margin()).isBetween(answer.marginLow(), answer.marginHigh());
            widths[i] = answer.marginHigh() - answer.marginLow();
        }
        assertThat(widths[0]).isZero();
        assertThat(widths[1]).isGreaterThan(0.05);
        assertThat(widths[2]).isGreaterThan(0.01).isLessThan(widths[3] / 3);
    }

    private static Foam own(Basis basis, double residual) {
        Foam like = StandardCatalogue.get().foam("pe-28");
        Measured measured = residual == 0
                ? Measured.NOTHING
                : new Measured(
                        Optional.of(new CushionFit(like.law().line(), 24, 0.9, residual, 30, 9000, 5, 120)),
                        Optional.empty(),
                        Optional.empty(),
                        Optional.empty());
        return like.called("own.one", "One").with(basis).with(measured);
    }
}
