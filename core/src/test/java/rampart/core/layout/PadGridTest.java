package rampart.core.layout;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import rampart.core.quantity.Axis;
import rampart.core.quantity.Face;
import rampart.core.quantity.Size;

/** Pads in their grid, by hand with a ruler. */
class PadGridTest {
    private static final Size BODY = new Size(200, 150, 100);

    /** Four cells of 100 x 75 are nearest to squares; six are three along 200 and two along 150. */
    @Test
    void cellsAreAsSquareAsTheyCanBe() {
        PadGrid four = PadGrid.of(BODY, Face.BOTTOM, 4, 1200);
        assertThat(four.cells(Axis.X)).isEqualTo(2);
        assertThat(four.cells(Axis.Y)).isEqualTo(2);
        PadGrid six = PadGrid.of(BODY, Face.BOTTOM, 6, 1200);
        assertThat(six.cells(Axis.X)).isEqualTo(3);
        assertThat(six.cells(Axis.Y)).isEqualTo(2);
        // A prime number of pads stands in one row, along the longer side.
        PadGrid five = PadGrid.of(BODY, Face.BOTTOM, 5, 1200);
        assertThat(five.cells(Axis.X)).isEqualTo(5);
        assertThat(PadGrid.of(BODY, Face.LEFT, 2, 1200).cells(Axis.Y)).isEqualTo(2);
    }

    /** Two pads half as long as their cells of 100 mm: from 25 to 175, which is three quarters of 200. */
    @Test
    void theyReachFromOuterEdgeToOuterEdge() {
        PadGrid four = PadGrid.of(BODY, Face.BOTTOM, 4, 100 * 75 / 4.0);
        assertThat(four.scale()).isCloseTo(0.5, within(1e-12));
        assertThat(four.reach(Axis.X)).isCloseTo(0.75, within(1e-12));
        assertThat(PadGrid.of(BODY, Face.BOTTOM, 1, 200 * 150).reach(Axis.X)).isCloseTo(1, within(1e-12));
    }

    /** 135 cm2 of 200 : 150 is 134.2 x 100.6; 135 x 100 has its very area. 137 cm2 has no such neighbour. */
    @Test
    void theyAreCutToWholeStepsWhereThatIsTheVeryArea() {
        PadGrid whole = PadGrid.of(BODY, Face.BOTTOM, 1, 13_500);
        assertThat(whole.cutMm(Axis.X)).isEqualTo(135);
        assertThat(whole.cutMm(Axis.Y)).isEqualTo(100);
        PadGrid odd = PadGrid.of(BODY, Face.BOTTOM, 1, 13_700);
        assertThat(odd.cutMm(Axis.X)).isCloseTo(Math.sqrt(13_700 * 4 / 3.0), within(1e-9));
        assertThat(odd.cutMm(Axis.X) * odd.cutMm(Axis.Y)).isCloseTo(13_700, within(1e-6));
    }
}
