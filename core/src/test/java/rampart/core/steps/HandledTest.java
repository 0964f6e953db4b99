package rampart.core.steps;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import rampart.core.layout.Layout;
import rampart.core.layout.LayoutWalk;
import rampart.core.material.StandardCatalogue;
import rampart.core.pack.Pack;
import rampart.core.pack.Packs;
import rampart.core.words.Say;
import rampart.core.words.StepWords;

/** What hands can do at the table (common practice, no source). */
class HandledTest {
    private static List<Step> steps(double kg) {
        Pack pack = new Pack(
                Packs.item(200, 150, 100, kg, 60),
                Packs.falls(500),
                List.of(Packs.full("chips-8", 60), Packs.box("c-32", 0)));
        Layout layout = LayoutWalk.lay(pack.item(), pack.layers(), StandardCatalogue.get());
        return PackingSteps.of(pack, layout, StandardCatalogue.get(), StepIds.byPlace(pack));
    }

    private static boolean says(double kg, Say what) {
        return steps(kg).stream().anyMatch(step -> step.words().key() == what);
    }

    /** 15 kg are rocked, not shaken; what lies in loose fill weighs so much with the item alone. */
    @Test
    void whatIsHeavyIsRockedAndNotShaken() {
        assertThat(says(14.5, StepWords.STEP_SHAKE)).isTrue();
        assertThat(says(14.5, StepWords.STEP_ROCK)).isFalse();
        assertThat(says(15.5, StepWords.STEP_ROCK)).isTrue();
        assertThat(says(15.5, StepWords.STEP_SHAKE)).isFalse();
    }

    /** A closed carton gives by a centimetre. */
    @Test
    void theLongestEdgeIsMeasuredToACentimetre() {
        assertThat(steps(4))
                .extracting(Step::ask)
                .filteredOn(Ask.Length.class::isInstance)
                .singleElement()
                .extracting(ask -> ((Ask.Length) ask).toleranceMm())
                .isEqualTo(10.0);
    }
}
