package rampart.core.cut;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import rampart.core.box.Carton;
import rampart.core.box.CartonStyle;
import rampart.core.material.StandardCatalogue;
import rampart.core.quantity.Size;

class CutDownTest {
    private static Carton lower(double height) {
        return CartonStyle.REGULAR_SLOTTED.of(
                new Size(430, 430, height), StandardCatalogue.get().board("bc-48"));
    }

    /**
     * Worked by hand without allowances: 430 x 430 x 600 scored at 380, flaps 215, 595 of 600 used. With a board of 7 mm the score
     * lies two calipers above the height inside and half a caliper more is in each flap.
     */
    @Test
    void aCartonOfSixHundredCutDownToThreeHundredAndEighty() {
        CutDown down = CutDown.of(lower(380), 600);
        double c = 7;
        assertThat(down.scoreMm() - 2 * c).isCloseTo(380, within(1e-9));
        assertThat(down.flapMm() - c / 2).isCloseTo(215, within(1e-9));
        // New flaps end below the old score, 220 above the new one: it is cut off.
        assertThat(down.oldScoreInFlap()).isFalse();
        assertThat(CutDown.of(lower(400), 600).oldScoreInFlap()).isTrue();
    }

    /** Two flaps of opposite sides meet: together they are the width from score to score. */
    @Test
    void theNewFlapsMeet() {
        assertThat(2 * CutDown.of(lower(300), 600).flapMm()).isCloseTo(430 + 7, within(1e-9));
    }

    /** Whatever is cut off, walls and flaps that are left are what there was. */
    @Test
    void whatIsLeftAndWhatIsCutOffIsWhatThereWas() {
        for (double to : new double[] {50, 200, 399, 599}) {
            CutDown down = CutDown.of(lower(to), 600);
            double before = 600 + 2 * 7 + (430 + 7) / 2.0;
            assertThat(down.scoreMm() + down.flapMm() + down.offMm()).isCloseTo(before, within(1e-9));
            assertThat(down.steps()).hasSize(down.oldScoreInFlap() ? 7 : 6);
        }
    }

    @Test
    void itIsNotCutUpward() {
        assertThatThrownBy(() -> CutDown.of(lower(600), 600))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining("above 600.0 mm");
    }
}
