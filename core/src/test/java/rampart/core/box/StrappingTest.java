package rampart.core.box;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import rampart.core.material.StandardCatalogue;
import rampart.core.quantity.Size;

class StrappingTest {
    private static Carton carton(double l, double w, double h) {
        return CartonStyle.REGULAR_SLOTTED.of(
                new Size(l, w, h), StandardCatalogue.get().board("c-32"));
    }

    /** By hand: c-32 is 4 mm thick, so 592 x 392 x 284 inside is 600 x 400 x 300 outside. Two round 2 x (400 + 300) and two seals. */
    @Test
    void aLightCartonIsStrappedTwiceAcross() {
        Strapping straps = Strapping.of(carton(592, 392, 284), 10, Strapping.STRAP_MM);
        assertThat(straps.acrossMm()).containsExactly(150.0, 450.0);
        assertThat(straps.alongMm()).isEmpty();
        assertThat(straps.doubled()).isFalse();
        assertThat(straps.lengthMm()).isCloseTo(2 * (1400 + 100), within(1e-9));
        // Two straps with two legs each hold twice the weight.
        assertThat(4 * straps.tensionN()).isCloseTo(2 * 10 * 9.80665, within(1e-9));
        // Four tenths of 32 lb/in (5.604 N/mm) over 12 mm.
        assertThat(straps.limitN()).isCloseTo(0.4 * 5.60407 * 12, within(0.01));
        assertThat(straps.holds()).isFalse();
        assertThat(Strapping.of(carton(592, 392, 284), 10, 100).holds()).isTrue();
    }

    @Test
    void aHeavyOneTwiceRoundAndAlongAsWell() {
        Strapping straps = Strapping.of(carton(1192, 592, 284), 40, 100);
        assertThat(straps.acrossMm()).containsExactly(200.0, 600.0, 1000.0);
        assertThat(straps.alongMm()).containsExactly(150.0, 450.0);
        assertThat(straps.doubled()).isTrue();
        assertThat(straps.lengthMm()).isCloseTo(2 * (3 * (2 * 900 + 100) + 2 * (2 * 1500 + 100)), within(1e-9));
    }

    @Test
    void nothingIsNotStrapped() {
        assertThatThrownBy(() -> Strapping.of(carton(300, 200, 100), 0, 12))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining("above 0");
    }

    /** Common practice, no source: half a metre from strap to strap at most, along as well from 15 kg, twice round from 30. */
    @Test
    void anotherStrapWhereTheyWouldStandTooFarApart() {
        assertThat(Strapping.of(carton(992, 392, 284), 10, 100).acrossMm()).hasSize(2);
        assertThat(Strapping.of(carton(993, 392, 284), 10, 100).acrossMm()).hasSize(3);
        assertThat(Strapping.of(carton(592, 392, 284), 14.9, 100).alongMm()).isEmpty();
        assertThat(Strapping.of(carton(592, 392, 284), 15, 100).alongMm()).hasSize(1);
        assertThat(Strapping.of(carton(592, 392, 284), 29.9, 100).doubled()).isFalse();
        assertThat(Strapping.of(carton(592, 392, 284), 30, 100).doubled()).isTrue();
    }
}
