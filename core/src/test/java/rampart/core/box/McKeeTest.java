package rampart.core.box;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import rampart.core.quantity.Units;

/** The two forms against what their authors say of them (McKee, Gander and Wachuta 1963, from memory). */
class McKeeTest {
    private static final double LBF = Units.N_PER_LBF;
    private static final double LB_PER_IN = Units.N_PER_MM_PER_LB_PER_IN;
    private static final double LB_IN = Units.N_PER_LBF * Units.MM_PER_IN / 1000;

    /** By hand in lbf and inches: 5.87 x 32 x sqrt(0.161 x 60) = 583.8; 5.87 x 44 x sqrt(0.165 x 72) = 890.3; 5.87 x 51 x sqrt(0.27 x 100) = 1555.6. */
    @ParameterizedTest
    @CsvSource({"32, 0.161, 60, 583.8", "44, 0.165, 72, 890.2", "51, 0.27, 100, 1555.6"})
    void theShortFormByHand(double ect, double caliperIn, double perimeterIn, double lbf) {
        double newtons = McKee.shortForm(ect * LB_PER_IN, caliperIn * Units.MM_PER_IN, perimeterIn * Units.MM_PER_IN);
        assertThat(newtons / LBF).isCloseTo(lbf, within(0.1));
    }

    /**
     * The authors put sqrt(Dx Dy) = 66.1 Pm h^2 into 2.028 Pm^0.746 sqrt(DxDy)^0.254 Z^0.492 and get 5.874 Pm h^0.508 Z^0.492,
     * which they then round to the square roots.
     */
    @ParameterizedTest
    @CsvSource({"32, 0.161, 60", "44, 0.165, 72", "26, 0.125, 48", "82, 0.29, 110"})
    void theLongFormGivesTheShortOneForTheStiffnessThatItsAuthorsPutIn(double pm, double h, double z) {
        double stiffness = 66.1 * pm * h * h * LB_IN;
        double lbf = McKee.longForm(pm * LB_PER_IN, stiffness, stiffness, z * Units.MM_PER_IN) / LBF;
        assertThat(lbf).isCloseTo(5.874 * pm * Math.pow(h, 0.508) * Math.pow(z, 0.492), within(0.002 * lbf));
        assertThat(McKee.shortForm(pm * LB_PER_IN, h * Units.MM_PER_IN, z * Units.MM_PER_IN) / LBF)
                .isCloseTo(lbf, within(0.08 * lbf));
    }

    /** A worked number in inches: Pm 40, Dx 180, Dy 90, Z 50 gives 2.028 x 15.673 x 3.424 x 6.853 = 745.9 lbf. */
    @Test
    void theLongFormByHand() {
        double lbf = McKee.longForm(40 * LB_PER_IN, 180 * LB_IN, 90 * LB_IN, 50 * Units.MM_PER_IN) / LBF;
        double expected = 2.028
                * Math.exp(0.746 * Math.log(40))
                * Math.exp(0.254 * 0.5 * (Math.log(180) + Math.log(90)))
                * Math.exp(0.492 * Math.log(50));
        assertThat(lbf).isCloseTo(expected, within(1e-6));
        assertThat(lbf).isBetween(740.0, 752.0);
    }

    @Test
    void withoutAStiffnessThereIsNoLongForm() {
        assertThatThrownBy(() -> McKee.longForm(7, 0, 3, 1000))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining("along the machine");
    }
}
