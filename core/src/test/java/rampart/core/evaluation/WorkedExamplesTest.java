package rampart.core.evaluation;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import rampart.core.cushion.FlatBand;
import rampart.core.material.CushionLaw;
import rampart.core.material.StandardCatalogue;
import rampart.core.pack.Pack;
import rampart.core.pack.Packs;
import rampart.core.quantity.Face;
import rampart.core.quantity.Size;

/** Small cases worked by hand. */
class WorkedExamplesTest {
    private static final double G0 = 9.80665;

    /** Worked by hand: 20 mm corner blocks between boxes of BC board, three deep. */
    @Test
    void threeBoxesGrowByBlocksAndBoard() {
        Evaluation evaluation = Packs.evaluate(
                Packs.item(280, 240, 220, 9, 100),
                Packs.falls(610),
                Packs.corners("pe-64", 20, 80),
                Packs.box("bc-48", 0),
                Packs.corners("pe-64", 20, 80),
                Packs.box("bc-48", 0));
        assertThat(evaluation.layout().boxes().get(0).carton().inside()).isEqualTo(new Size(320, 280, 260));
        assertThat(evaluation.layout().boxes().get(0).carton().outside()).isEqualTo(new Size(334, 294, 288));
        assertThat(evaluation.layout().boxes().get(1).carton().inside()).isEqualTo(new Size(374, 334, 328));
        assertThat(evaluation.layout().outside()).isEqualTo(new Size(388, 348, 356));
    }

    /** Worked by hand: 9 kg on four 80 x 80 of PE 64, 610 mm; two equal light stages act as one of twice the thickness. */
    @Test
    void twoLightStagesAreOneOfTwiceTheThickness() {
        CushionLaw pe64 = StandardCatalogue.get().foam("pe-64").law();
        double s = 9 * G0 / (4 * 0.08 * 0.08) / 1000;
        assertThat(s).isCloseTo(3.45, within(0.005));
        assertThat(FlatBand.peakG(pe64, s, 610, 20)).isCloseTo(133, within(0.5));
        assertThat(FlatBand.peakG(pe64, s, 610, 40)).isCloseTo(87.0, within(0.05));

        Pack pack = new Pack(
                Packs.item(280, 240, 220, 9, 100),
                Packs.falls(610),
                List.of(
                        Packs.corners("pe-64", 20, 80),
                        Packs.box("bc-48", 0),
                        Packs.corners("pe-64", 20, 80),
                        Packs.box("bc-48", 0)));
        Evaluation light = Evaluator.evaluate(pack, Packs.weightless());
        assertThat(Packs.drop(light, "drop.face.3").g()).isCloseTo(FlatBand.peakG(pe64, s, 610, 40), within(1e-9));
    }

    /** Worked by hand: foam corners reaching 90 mm along an inner box of 320 x 260 x 220, 50 mm of foam in place. */
    @Test
    void foamInPlaceCorners() {
        Evaluation evaluation = Packs.evaluate(
                Packs.item(320, 260, 220, 7.4, 60),
                Packs.falls(610),
                Packs.corners("fip-8", 50, 90),
                Packs.box("c-32", 0));
        var cushion = evaluation.layout().cushions().get(0);
        assertThat(evaluation.layout().boxes().get(0).carton().inside()).isEqualTo(new Size(420, 360, 320));
        assertThat(cushion.massKg() / 8 * 1000).isCloseTo(16.12, within(0.005));
        assertThat(cushion.bearingMm2().on(Face.BOTTOM) / 100).isCloseTo(324, within(1e-9));
        assertThat(cushion.staticStressKpa(Face.BOTTOM)).isCloseTo(2.24, within(0.005));
        assertThat(cushion.massKg()).isCloseTo(8 * (0.14 * 0.14 * 0.14 - 0.09 * 0.09 * 0.09) * 8, within(1e-12));
        CushionLaw fip = StandardCatalogue.get().foam("fip-8").law();
        assertThat(FlatBand.peakG(fip, cushion.staticStressKpa(Face.TOP), 610, 50))
                .isCloseTo(55.1, within(0.05));
        assertThat(Packs.drop(evaluation, "drop.face.1").g()).isCloseTo(55.1, within(0.05));
    }

    /**
     * A cube with equal full cushions on all sides, dropped on its corner, by hand: all three cushions take the same
     * part 1/sqrt(3) of the direction, so three areas share the fall and G = sqrt(3) (a/s) exp(b s h/(3 t)).
     */
    @Test
    void cornerOfACube() {
        Evaluation evaluation = Packs.evaluate(
                Packs.item(200, 200, 200, 6, 100), Packs.falls(700), Packs.full("pe-28", 50), Packs.box("c-32", 0));
        CushionLaw law = StandardCatalogue.get().foam("pe-28").law();
        double s = 6 * G0 / 0.04 / 1000;
        // The outer carton has two calipers of flap at top and bottom and one at the sides: not quite a cube outside.
        double side = 100 + 50 + 4;
        double end = 100 + 50 + 8;
        double norm = Math.sqrt(2 * side * side + end * end);
        double cubic = Math.sqrt(3) * law.aKpa() / s * Math.exp(law.bPerKpa() * s * 700 / (3 * 50));
        assertThat(Packs.drop(evaluation, "drop.corner.2-3-5").cosine())
                .containsExactly(side / norm, end / norm, side / norm);
        assertThat(Packs.drop(evaluation, "drop.corner.2-3-5").g()).isCloseTo(cubic, within(cubic * 2e-3));
    }
}
