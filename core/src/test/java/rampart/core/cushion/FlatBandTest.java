package rampart.core.cushion;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Optional;
import java.util.Random;
import java.util.function.DoubleUnaryOperator;
import org.junit.jupiter.api.Test;
import rampart.core.material.CushionLaw;
import rampart.core.material.FirstRamp;
import rampart.core.material.StandardCatalogue;

/** The usable band by Lambert's W against plain bisection, and a window of foam worked by hand. */
class FlatBandTest {
    private static final double G0 = 9.80665;

    /** Worked by hand: 3.2 kg, PE 35, 760 mm. */
    @Test
    void foamWindow() {
        CushionLaw pe35 = StandardCatalogue.get().foam("pe-35").law();
        double s = 3.2 * G0 / 215e-4 / 1000;
        assertThat(s).isCloseTo(1.46, within(0.005));
        assertThat(FlatBand.peakG(pe35, s, 760, 50)).isCloseTo(95.8, within(0.05));
        assertThat(FlatBand.peakG(pe35, s, 760, 60)).isCloseTo(90.6, within(0.05));

        FlatBand band = FlatBand.of(pe35, 760, 60, 70).orElseThrow();
        assertThat(areaCm2(3.2, band.highKpa())).isCloseTo(30.3, within(0.05));
        assertThat(areaCm2(3.2, band.lowKpa())).isCloseTo(145.4, within(0.05));
        // Buckling needs (1.33 * 6)^2, creep 3.2 g / 6.9 kPa.
        assertThat(Math.pow(1.33 * 6, 2)).isCloseTo(63.7, within(0.05));
        assertThat(areaCm2(3.2, StandardCatalogue.get().foam("pe-35").creepLimitKpa()))
                .isCloseTo(45.5, within(0.05));

        assertThat(FlatBand.of(pe35, 760, 50, 55)).isEmpty();
        assertThat(FlatBand.leastG(pe35, 760, 50)).isCloseTo(62.4, within(0.05));
        assertThat(FlatBand.thinnestMm(pe35, 760, 55)).isCloseTo(56.7, within(0.05));
    }

    private static double areaCm2(double massKg, double kpa) {
        return massKg * G0 / (kpa * 1000) * 1e4;
    }

    @Test
    void endsAgreeWithBisectionOnRandomCushions() {
        Random random = new Random(20261125);
        int bands = 0;
        int onRamp = 0;
        for (int i = 0; i < 2000; i++) {
            FirstRamp ramp = i % 2 == 0
                    ? FirstRamp.straight(0.01 + 0.59 * random.nextDouble())
                    : FirstRamp.curved(0.01 + 0.99 * random.nextDouble());
            CushionLaw law = CushionLaw.of(10 + 190 * random.nextDouble(), 0.005 + 0.13 * random.nextDouble(), ramp);
            double h = 100 + 1000 * random.nextDouble();
            double t = 10 + 120 * random.nextDouble();
            double limit = 15 + 150 * random.nextDouble();
            Optional<FlatBand> band = FlatBand.of(law, h, t, limit);
            double best = FlatBand.bestStressKpa(law, h, t);
            DoubleUnaryOperator g = s -> FlatBand.peakG(law, s, h, t);
            assertThat(band.isPresent()).isEqualTo(g.applyAsDouble(best) <= limit);
            if (band.isPresent()) {
                bands++;
                onRamp += band.get().lowKpa() < law.rampEnergyKpa() * t / h ? 1 : 0;
                double low = bisect(g, limit, best * 1e-6, best);
                double high = bisect(g, limit, best * 1000, best);
                assertThat(band.get().lowKpa()).isCloseTo(low, within(low * 1e-6));
                assertThat(band.get().highKpa()).isCloseTo(high, within(high * 1e-6));
            }
        }
        assertThat(bands).isBetween(400, 1600);
        assertThat(onRamp).as("bands that begin on the ramp").isGreaterThan(100);
    }

    /** Where g crosses the limit between a place that is over it and one that is not. */
    private static double bisect(DoubleUnaryOperator g, double limit, double over, double under) {
        double a = over;
        double b = under;
        for (int i = 0; i < 200; i++) {
            double middle = (a + b) / 2;
            if (g.applyAsDouble(middle) > limit) {
                a = middle;
            } else {
                b = middle;
            }
        }
        return (a + b) / 2;
    }

    /** The cushion factor at the best load is e a b, between 3.5 and 5 for good foams (textbooks, from memory), more for fill. */
    @Test
    void catalogueFoamsHaveSensibleCushionFactorsAndLockUp() {
        StandardCatalogue.get().foams().forEach(foam -> {
            CushionLaw law = foam.law();
            assertThat(Math.E * law.aKpa() * law.bPerKpa()).as(foam.id()).isBetween(3.5, 7.5);
            assertThat(law.lockUpStrain()).as(foam.id()).isBetween(0.5, 0.85);
        });
    }

    /** No cushion beats the ideal one that gives the same force all the way: G >= h / (t * strain). */
    @Test
    void noCushionBeatsTheIdealOne() {
        StandardCatalogue.get()
                .foams()
                .forEach(foam -> assertThat(FlatBand.leastG(foam.law(), 760, 50))
                        .as(foam.id())
                        .isGreaterThan(760 / (50 * foam.law().lockUpStrain())));
    }
}
