package rampart.core.check;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Optional;
import org.junit.jupiter.api.Test;
import rampart.core.evaluation.Evaluation;
import rampart.core.item.Item;
import rampart.core.journey.Journey;
import rampart.core.journey.Stack;
import rampart.core.pack.Packs;

/** From where on a check says more: each limit from both sides, worked by hand. */
class NotesTest {
    /** Closed over 4 of 80 mm of foam is 5 %, over 12 of them 15 %: so much is right (common practice, no source). */
    @Test
    void aSqueezeOfATwentiethToASeventhIsRight() {
        assertThat(squeezed(3.9)).doesNotContain("this is right");
        assertThat(squeezed(4)).contains("this is right");
        assertThat(squeezed(12)).contains("this is right");
        assertThat(squeezed(12.1)).doesNotContain("this is right");
    }

    private static String squeezed(double mm) {
        Evaluation evaluation = Packs.evaluate(
                Packs.item(300, 250, 100, 4, 60), Packs.falls(500), Packs.full("pe-28", 40), Packs.box("c-32", -mm));
        return Packs.because(Packs.check(evaluation, "squeeze"));
    }

    /** McKee's cartons were no lower than a seventh of their perimeter (McKee, Gander and Wachuta 1963, from memory): 1400 mm round, 200 high. */
    @Test
    void aLowCartonWasNotTested() {
        assertThat(stacked(199.9)).contains("was not tested");
        assertThat(stacked(200.1)).doesNotContain("was not tested");
    }

    private static String stacked(double highMm) {
        Item item = Packs.item(400, 300, highMm, 4, 60);
        Journey falls = Packs.falls(500);
        Journey journey = Journey.plain(
                falls.drop(),
                falls.vibration(),
                Optional.of(new Stack(2400, 10, 0.5, Stack.Pattern.ALIGNED)),
                falls.climate());
        return Packs.because(Packs.check(Packs.evaluate(item, journey, Packs.box("c-32", 0)), "stack"));
    }
}
