package rampart.core.material;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.Random;
import org.hipparchus.analysis.integration.IterativeLegendreGaussIntegrator;
import org.hipparchus.analysis.solvers.BrentSolver;
import org.junit.jupiter.api.Test;

/** The law with a first ramp against the figures beside it in the rules, and against integration of its stress. */
class CushionLawTest {
    private static final CushionLaw PE_28 = CushionLaw.of(79, 0.0186, FirstRamp.straight(0.08));

    /** The quick check of edition 2: 200 x 150 mm, 50 mm thick, under 2 kg and under 0.2 kg from 760 mm. */
    @Test
    void givesTheFiguresOfTheRules() {
        assertThat(PE_28.ramp().rise()).isCloseTo(1.042585, within(5e-7));
        assertThat(PE_28.rampStrain()).isCloseTo(0.05444399, within(5e-9));
        assertThat(PE_28.rampStressKpa()).isCloseTo(82.36423, within(5e-6));
        assertThat(PE_28.lockUpStrain()).isCloseTo(0.7071963, within(5e-8));
        assertThat(PE_28.rampEnergyKpa()).isCloseTo(2.242119, within(5e-7));
        assertThat(PE_28.flatG(0.6537767, 9.937405)).isCloseTo(145.3687, within(1e-4));
        assertThat(PE_28.flatG(0.06537767, 0.9937405)).isCloseTo(838.7189, within(1e-4));
    }

    private static CushionLaw random(Random random) {
        int exponent = 1 + random.nextInt(2);
        double share = 0.01 + random.nextDouble() * ((exponent == 1 ? 0.6 : 1) - 0.01);
        double a = Math.exp(random.nextDouble() * 5);
        // Lock-up of the bare line between 0.2 and 2.
        return CushionLaw.of(a, 1 / (a * (0.2 + 1.8 * random.nextDouble())), FirstRamp.of(share, exponent));
    }

    @Test
    void energyIsTheIntegralOfStressOver1000RandomLaws() {
        Random random = new Random(20261128);
        IterativeLegendreGaussIntegrator integrator = new IterativeLegendreGaussIntegrator(24, 1e-12, 1e-12);
        for (int i = 0; i < 1000; i++) {
            CushionLaw law = random(random);
            double strain = law.lockUpStrain() * (0.01 + 0.94 * random.nextDouble());
            double bend = Math.min(strain, law.rampStrain());
            double area = integrator.integrate(100_000, law::stressKpa, 0, bend);
            if (strain > bend) {
                area += integrator.integrate(100_000, law::stressKpa, bend, strain);
            }
            assertThat(law.energyDensityKpa(strain)).as("%s at %s", law, strain).isCloseTo(area, within(area * 1e-9));
        }
    }

    /** The closed form of a flat drop against finding the strain at which the cushion has taken the fall. */
    @Test
    void aFlatDropIsTheStressWhereTheFallIsTaken() {
        Random random = new Random(7);
        for (int i = 0; i < 300; i++) {
            CushionLaw law = random(random);
            double energy = law.rampEnergyKpa() * Math.exp(random.nextGaussian());
            if (!(law.bPerKpa() * energy < 20)) {
                continue;
            }
            double strain = new BrentSolver(1e-15, 1e-16)
                    .solve(10_000, e -> law.energyDensityKpa(e) - energy, 0, law.lockUpStrain() * (1 - 1e-12));
            assertThat(law.flatG(0.5, energy)).isCloseTo(law.stressKpa(strain) / 0.5, within(1e-6 * law.aKpa()));
        }
    }

    @Test
    void aRampOutsideItsBoundsIsRefused() {
        assertThatThrownBy(() -> FirstRamp.of(0.61, 1)).hasMessageContaining("0.61");
        assertThatThrownBy(() -> FirstRamp.of(0.009, 2)).hasMessageContaining("0.009");
        assertThatThrownBy(() -> FirstRamp.of(0.2, 3)).hasMessageContaining("3");
        assertThat(FirstRamp.curved(1).rise()).isGreaterThan(1);
    }
}
