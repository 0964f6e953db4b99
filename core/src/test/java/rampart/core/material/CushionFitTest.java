package rampart.core.material;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

/** Fits of points made from a known law, with noise of a known size. */
class CushionFitTest {
    private static final FirstRamp RAMP = FirstRamp.straight(0.08);
    private static final CushionLaw LAW = CushionLaw.of(100, 0.0151, RAMP);

    private static List<DropPoint> points(Random random, int count, double noise) {
        List<DropPoint> points = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            double h = 300 + 200 * random.nextInt(4);
            double t = 25 * (1 + random.nextInt(4));
            double s = 1 + 6 * random.nextDouble();
            points.add(point(h, t, s, Math.exp(noise * random.nextGaussian())));
        }
        return points;
    }

    private static CushionFit fit(List<DropPoint> points) {
        return CushionFit.of(points, 0, RAMP);
    }

    private static DropPoint point(double h, double t, double s, double factor) {
        double g = LAW.aKpa() / s * Math.exp(LAW.bPerKpa() * s * h / t) * factor;
        return new DropPoint(h, t, s, Math.max(1, Math.min(10_000, g)), 1, 23);
    }

    @Test
    void findsTheLawOfPointsWithoutNoise() {
        CushionFit fit = fit(points(new Random(1), 20, 0));
        assertThat(fit.line().aKpa()).isCloseTo(100, within(1e-6));
        assertThat(fit.line().bPerKpa()).isCloseTo(0.0151, within(1e-9));
        assertThat(fit.rSquared()).isCloseTo(1, within(1e-9));
    }

    /**
     * Points made by the whole law, ramp and all: those within the ramp lie under the line, and the constants come back
     * only where they are left out.
     */
    @Test
    void pointsWithinTheFirstRiseAreLeftOutAndTheConstantsComeBack() {
        for (FirstRamp ramp : List.of(FirstRamp.straight(0.2), FirstRamp.curved(0.9))) {
            CushionLaw law = CushionLaw.of(30, 0.0672, ramp);
            Random random = new Random(31);
            List<DropPoint> points = new ArrayList<>();
            int within = 0;
            for (int i = 0; i < 40; i++) {
                double x = law.rampEnergyKpa() * (0.05 + 3.5 * random.nextDouble());
                within += x < law.rampEnergyKpa() ? 1 : 0;
                double s = x * 50 / 500;
                points.add(new DropPoint(500, 50, s, law.flatG(s, x), 1, 23));
            }
            CushionFit fit = CushionFit.of(points, 0, ramp);
            assertThat(within).isBetween(5, 20);
            assertThat(fit.points()).isEqualTo(40 - within);
            assertThat(fit.line().aKpa()).isCloseTo(30, within(1e-6));
            assertThat(fit.line().bPerKpa()).isCloseTo(0.0672, within(1e-9));
            assertThat(points.stream().filter(p -> fit.withinRamp(p, 0, ramp))).hasSize(within);
        }
    }

    /** Worked by hand: x = 10, 20, 30, 40; ln y = 4.7, 4.8, 5.1, 5.2. Slope 9/500, mean 4.95. */
    @Test
    void aSmallFitByHand() {
        double[] x = {10, 20, 30, 40};
        double[] lnY = {4.7, 4.8, 5.1, 5.2};
        List<DropPoint> points = new ArrayList<>();
        for (int i = 0; i < 4; i++) {
            // s = 1 kPa, t = 10 mm, h = 10 x: x = s h / t.
            points.add(new DropPoint(10 * x[i], 10, 1, Math.exp(lnY[i]), 1, 23));
        }
        CushionFit fit = fit(points);
        assertThat(fit.line().bPerKpa()).isCloseTo(0.018, within(1e-12));
        assertThat(Math.log(fit.line().aKpa())).isCloseTo(4.95 - 0.018 * 25, within(1e-12));
        // Residuals 0.02, -0.06, 0.06, -0.02: sum of squares 0.008 over two degrees of freedom.
        assertThat(fit.residual()).isCloseTo(Math.sqrt(0.004), within(1e-12));
        assertThat(fit.rSquared()).isCloseTo(1 - 0.008 / 0.17, within(1e-12));
        // Student's t for 90 % both sides and 2 degrees of freedom: 2.920 (tables, from memory).
        double standard = Math.sqrt(0.004 * (1 + 0.25 + 25.0 / 500));
        assertThat(Math.log(fit.predictionFactor(30, 0.9))).isCloseTo(2.920 * standard, within(1e-4));
    }

    /** Of 1,000 trials the 90 % interval must hold a new result in about 900: within four deviations of the count. */
    @Test
    void theIntervalIsHonest() {
        Random random = new Random(1596);
        int inside = 0;
        int near = 0;
        for (int trial = 0; trial < 1000; trial++) {
            CushionFit fit = fit(points(random, 15, 0.08));
            DropPoint fresh = points(random, 1, 0.08).get(0);
            double x = fresh.energyDensityKpa();
            double byLaw = fit.line().aKpa() * Math.exp(fit.line().bPerKpa() * x) / fresh.staticStressKpa();
            double factor = fit.predictionFactor(x, 0.9);
            inside += fresh.peakG() <= byLaw * factor && fresh.peakG() >= byLaw / factor ? 1 : 0;
            near += Math.abs(fit.line().aKpa() - 100) < 12 ? 1 : 0;
        }
        double deviation = Math.sqrt(1000 * 0.9 * 0.1);
        assertThat((double) inside).isCloseTo(900, within(4 * deviation));
        assertThat(near).isGreaterThan(950);
    }

    @Test
    void aPointThatDoesNotFitIsToldOfAndStaysIn() {
        List<DropPoint> points = points(new Random(3), 20, 0.03);
        DropPoint wrong = point(600, 50, 3, 1.6);
        points.add(wrong);
        CushionFit fit = fit(points);
        assertThat(fit.points()).isEqualTo(21);
        assertThat(CushionFit.outlier(fit.deviations(wrong, 0))).isTrue();
        assertThat(points.stream().filter(p -> CushionFit.outlier(fit.deviations(p, 0))))
                .hasSize(1);
    }

    @Test
    void saysWhatCannotBeFitted() {
        assertThatThrownBy(() -> fit(points(new Random(1), 2, 0)))
                .hasMessage("there are 2 points; a fit needs at least 3");
        List<DropPoint> same =
                List.of(point(600, 50, 3, 1), point(600, 50, 3, 1.1), point(600, 50, 3, 1), point(600, 50, 3, 0.9));
        assertThatThrownBy(() -> fit(same)).hasMessageContaining("same energy density, 36");
        List<DropPoint> falling = new ArrayList<>();
        for (int i = 1; i <= 5; i++) {
            falling.add(new DropPoint(100 * i, 50, 2, 100.0 / i, 1, 23));
        }
        assertThatThrownBy(() -> fit(falling)).hasMessageContaining("stress falls with energy");
        assertThatThrownBy(() -> new DropPoint(-3, 50, 2, 10, 1, 23)).hasMessageContaining("-3");
    }
}
