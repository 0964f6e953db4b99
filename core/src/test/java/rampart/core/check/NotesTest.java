package rampart.core.check;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import java.util.function.DoublePredicate;
import org.junit.jupiter.api.Test;
import rampart.core.evaluation.Evaluation;
import rampart.core.item.Item;
import rampart.core.journey.Journey;
import rampart.core.journey.Stack;
import rampart.core.layout.Layout;
import rampart.core.material.CushionLaw;
import rampart.core.material.StandardCatalogue;
import rampart.core.pack.Packs;
import rampart.core.quantity.Face;
import rampart.core.verdict.Check;
import rampart.core.words.DropWords;
import rampart.core.words.Sentence;

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

    /** The energy line was fitted for b s h/t from 0.2 to 2.3 (rule 31); beyond it the working says so. */
    @Test
    void beyondTheFitIsExtrapolated() {
        assertThat(extrapolated(0.21)).isFalse();
        assertThat(extrapolated(0.19)).isTrue();
        assertThat(extrapolated(2.29)).isFalse();
        assertThat(extrapolated(2.31)).isTrue();
    }

    /** From what height b s h/t is so much, on the top of a block of 200 x 150 mm under 2 kg and 60 mm of foam. */
    private static boolean extrapolated(double x) {
        double b = StandardCatalogue.get().foam("pe-28").law().line().bPerKpa();
        double stressKpa = 2 * 9.80665 / (0.2 * 0.15) / 1000;
        double heightMm = x * 60 / (b * stressKpa);
        Evaluation evaluation = Packs.evaluate(
                Packs.item(200, 150, 100, 2, 60), Packs.falls(heightMm), Packs.full("pe-28", 60), Packs.box("c-32", 0));
        return Packs.check(evaluation, "drop.face.1").working().notes().stream()
                .anyMatch(note -> note.key() == DropWords.EXTRAPOLATED_LAW);
    }

    /** Rule 34: the inner box and what lies outside the first cushion weigh a twentieth of the item, and that is heavy. */
    @Test
    void boxesAreHeavyFromATwentiethOfTheItemOn() {
        Layout layout = boxed(3).layout();
        double boxes = layout.cushions().get(1).movingMassKg()
                - layout.cushions().get(0).movingMassKg();
        assertThat(heavy(boxes / 0.0505)).isTrue();
        assertThat(heavy(boxes / 0.0495)).isFalse();
    }

    private static boolean heavy(double kg) {
        return boxed(kg).workedInTime() || boxed(kg).doubted();
    }

    private static Evaluation boxed(double kg) {
        return Packs.evaluate(
                Packs.item(200, 150, 100, kg, 60),
                Packs.falls(500),
                Packs.full("pe-28", 40),
                Packs.box("c-32", 0),
                Packs.full("pe-28", 40),
                Packs.box("c-32", 0));
    }

    /** Softest at b E = 1 (rule 31: G over s is least there); an eighth of the way to lock-up on either side is said to be near it. */
    @Test
    void howFarACushionIsFromItsBest() {
        CushionLaw law = StandardCatalogue.get().foam("pe-28").law();
        double best = 1 - 1 / (Math.E * law.aKpa() * law.bPerKpa() * law.lockUpStrain());
        double thick = between(15, 300, mm -> blow(mm).because().stream().noneMatch(NotesTest::tooLittle));
        double thin = between(8, 300, mm -> blow(mm).because().stream().anyMatch(NotesTest::nearlyFlat));
        assertThat(best - pressed(thick)).isCloseTo(0.12, within(0.003));
        assertThat(pressed(thin) - best).isCloseTo(0.12, within(0.003));
    }

    private static boolean tooLittle(Sentence said) {
        return said.key() == DropWords.TOO_LITTLE;
    }

    private static boolean nearlyFlat(Sentence said) {
        return said.key() == DropWords.NEARLY_FLAT;
    }

    /** The largest thickness of which something is true that is true of the least. */
    private static double between(double leastMm, double mostMm, DoublePredicate holds) {
        double from = leastMm;
        double to = mostMm;
        for (int i = 0; i < 30; i++) {
            double middle = (from + to) / 2;
            if (holds.test(middle)) {
                from = middle;
            } else {
                to = middle;
            }
        }
        return from;
    }

    private static Evaluation padded(double mm) {
        return Packs.evaluate(
                Packs.item(200, 150, 100, 3, 60), Packs.falls(760), Packs.full("pe-28", mm), Packs.box("c-32", 0));
    }

    private static Check blow(double mm) {
        return Packs.check(padded(mm), "drop.face.1");
    }

    private static double pressed(double mm) {
        return padded(mm).drops().stream()
                .filter(drop -> drop.id().faces().equals(List.of(Face.TOP)))
                .findFirst()
                .orElseThrow()
                .worst()
                .layers()
                .get(0)
                .lockUpFraction()[0];
    }

    /** A tenth of the thickness may go by the check of creep; half of that is said of the drops on the bottom. */
    @Test
    void aTwentiethThatIsLostIsTold() {
        double most = between(1, 40, kg -> !toldThinner(kg));
        assertThat(Packs.check(standing(most), "cushion.creep").demand()).isCloseTo(0.05, within(0.002));
    }

    private static boolean toldThinner(double kg) {
        return Packs.check(standing(kg), "drop.face.3").because().stream()
                .anyMatch(said -> said.key() == DropWords.THINNER_IN_TIME);
    }

    private static Evaluation standing(double kg) {
        return Packs.evaluate(
                Packs.item(200, 150, 100, kg, 60), Packs.falls(760), Packs.full("pe-28", 50), Packs.box("c-32", 0));
    }
}
