package rampart.core.material;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

/** Fits of creep and vibration tests, and of drops at other temperatures, against what the points were made from. */
class OtherFitsTest {
    @Test
    void creepIsFoundFromPointsAtSeveralLoads() {
        CreepLaw law = new CreepLaw(0.015, 0.022, 6);
        List<CreepPoint> points = new ArrayList<>();
        for (double kpa : new double[] {3, 4.5, 6}) {
            for (double hours : new double[] {1, 10, 100, 1000}) {
                points.add(new CreepPoint(kpa, hours, (0.015 + 0.022 * Math.log10(hours)) * kpa / 6));
            }
        }
        CreepFit fit = CreepFit.of(points);
        assertThat(fit.law().c1()).isCloseTo(law.c1(), within(1e-12));
        assertThat(fit.law().c2()).isCloseTo(law.c2(), within(1e-12));
        assertThat(fit.law().atKpa()).isEqualTo(6);
        assertThat(fit.toHours()).isEqualTo(1000);
        // Half the load, a hundred hours: (0.015 + 0.044) / 2.
        assertThat(fit.law().strain(3, 100)).isCloseTo(0.0295, within(1e-12));
        assertThat(fit.law().strain(3, 0.5)).isCloseTo(0.0075, within(1e-12));
    }

    @Test
    void nominalCreepIsATenthInAThousandHoursAtTheLimit() {
        assertThat(CreepLaw.nominal(4.8).strain(4.8, 1000)).isCloseTo(0.10, within(1e-12));
        assertThat(CreepLaw.nominal(4.8).strain(2.4, 1000)).isCloseTo(0.05, within(1e-12));
        assertThat(CreepLaw.nominal(0.1).strain(50, 1e6)).isEqualTo(0.9);
    }

    @Test
    void creepThatIsNoneIsRefusedWithTheReason() {
        List<CreepPoint> two = List.of(new CreepPoint(3, 1, 0.01), new CreepPoint(3, 10, 0.02));
        assertThatThrownBy(() -> CreepFit.of(two)).hasMessageContaining("2 creep points");
        List<CreepPoint> sameTime =
                List.of(new CreepPoint(3, 5, 0.01), new CreepPoint(4, 5, 0.02), new CreepPoint(5, 5, 0.03));
        assertThatThrownBy(() -> CreepFit.of(sameTime)).hasMessageContaining("same time, 5.0 h");
        List<CreepPoint> growing =
                List.of(new CreepPoint(3, 1, 0.05), new CreepPoint(3, 10, 0.03), new CreepPoint(3, 100, 0.01));
        assertThatThrownBy(() -> CreepFit.of(growing)).hasMessageContaining("grows under load");
    }

    /** Readings made from the damped single-degree system itself: its modulus and Q come back. */
    @Test
    void modulusAndQComeBackFromATransmissibilityCurve() {
        double modulus = 600;
        double q = 4.5;
        List<TransmissibilityPoint> points = new ArrayList<>();
        for (double kpa : new double[] {2, 5}) {
            double hz = Math.sqrt(9.80665 * modulus / (kpa * 0.050)) / (2 * Math.PI);
            for (int i = -30; i <= 30; i++) {
                double r = 1 + i * 0.02;
                double gain = Math.sqrt((1 + r * r / q / q) / ((1 - r * r) * (1 - r * r) + r * r / q / q));
                points.add(new TransmissibilityPoint(kpa, 50, hz * r, gain));
            }
        }
        ResonanceFit fit = ResonanceFit.of(points);
        assertThat(fit.cushions()).isEqualTo(2);
        // The highest reading lies a little under the own frequency of a damped system: within the step of the curve.
        assertThat(fit.dynamicModulusKpa()).isCloseTo(modulus, within(modulus * 0.06));
        assertThat(fit.q()).isCloseTo(q, within(q * 0.03));
    }

    @Test
    void aCurveWithoutAPeakIsRefused() {
        List<TransmissibilityPoint> falling = List.of(
                new TransmissibilityPoint(2, 50, 10, 3),
                new TransmissibilityPoint(2, 50, 20, 2),
                new TransmissibilityPoint(2, 50, 30, 1));
        assertThatThrownBy(() -> ResonanceFit.of(falling)).hasMessageContaining("no resonance");
    }

    /** Points made cold and warm by rule 16 give the law at 23 degC back. */
    @Test
    void dropsAtOtherTemperaturesGiveTheLawAtRoomTemperature() {
        CushionLaw law = CushionLaw.of(48.6, 0.0298, FirstRamp.straight(0.2));
        Random random = new Random(16);
        List<DropPoint> points = new ArrayList<>();
        for (int i = 0; i < 40; i++) {
            double temperature = -20 + 60 * random.nextDouble();
            CushionLaw there = law.stiffened(Foam.stiffness(-0.012, temperature));
            double h = 300 + 600 * random.nextDouble();
            double s = 1 + 3 * random.nextDouble();
            double g = there.aKpa() / s * Math.exp(there.bPerKpa() * s * h / 50);
            points.add(new DropPoint(h, 50, s, g, 1, temperature));
        }
        CushionFit fit = CushionFit.of(points, -0.012, law.ramp());
        assertThat(fit.line().aKpa()).isCloseTo(48.6, within(1e-6));
        assertThat(fit.line().bPerKpa()).isCloseTo(0.0298, within(1e-9));
        assertThat(CushionFit.of(points, 0, law.ramp()).residual()).isGreaterThan(0.05);
    }
}
