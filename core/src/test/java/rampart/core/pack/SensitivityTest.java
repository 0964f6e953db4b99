package rampart.core.pack;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import rampart.core.item.Item;
import rampart.core.material.StandardCatalogue;

/** What matters most, against the closed form's own derivatives and against the flip put in by hand. */
class SensitivityTest {
    private static final Pack PACK = new Pack(
            Packs.item(240, 200, 180, 6, 75), Packs.falls(600), List.of(Packs.full("pe-28", 60), Packs.box("c-32", 3)));

    @Test
    void theFlipIsWhereTheVerdictChanges() {
        Sensitivity.Answer answer = Sensitivity.of(PACK, StandardCatalogue.get());
        Status now = Evaluator.evaluate(PACK, StandardCatalogue.get()).verdict();
        Sensitivity.Influence bears = answer.influences().stream()
                .filter(i -> i.name().equals("what the item bears"))
                .findFirst()
                .orElseThrow();
        double flip = bears.flipsAt().orElseThrow();
        Status beyond = verdict(flip * (flip < 75 ? 0.999 : 1.001));
        Status before = verdict(flip * (flip < 75 ? 1.001 : 0.999));
        assertThat(before).isEqualTo(now);
        assertThat(beyond).isNotEqualTo(now).isEqualTo(bears.verdictThere());
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
        Sensitivity.Answer answer = Sensitivity.of(PACK, StandardCatalogue.get());
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

    @Test
    void theBandHoldsTheMarginAndGrowsWithDoubt() {
        Sensitivity.Answer answer = Sensitivity.of(PACK, StandardCatalogue.get());
        assertThat(answer.marginLow()).isLessThan(answer.margin());
        assertThat(answer.marginHigh()).isGreaterThanOrEqualTo(answer.margin());
        assertThat(answer.verdictLow().ordinal())
                .isLessThanOrEqualTo(answer.verdictHigh().ordinal());
    }
}
