package rampart.core.simulation;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.hipparchus.ode.ODEState;
import org.hipparchus.ode.OrdinaryDifferentialEquation;
import org.hipparchus.ode.nonstiff.DormandPrince853Integrator;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class HalfSineTest {
    /** Textbooks of shock and vibration, from memory: 1.77 near f D = 0.8. */
    @Test
    void peaksAt177Near08() {
        double greatest = 0;
        double at = 0;
        for (double fd = 0.01; fd < 10; fd += 0.001) {
            if (HalfSine.amplification(fd) > greatest) {
                greatest = HalfSine.amplification(fd);
                at = fd;
            }
        }
        assertThat(greatest).isCloseTo(1.77, within(0.005));
        assertThat(at).isBetween(0.78, 0.84);
    }

    @Test
    void slowPartsFeelTheAreaFastOnesThePeak() {
        // Impulsive: w dV with dV = 2 D / pi for a peak of one, so 4 f D.
        assertThat(HalfSine.amplification(0.01)).isCloseTo(0.04, within(1e-4));
        assertThat(HalfSine.amplification(200)).isCloseTo(1, within(0.01));
        assertThat(HalfSine.amplification(0)).isZero();
    }

    /** An oscillator under the pulse, integrated by Hipparchus: no closed form in it. */
    @ParameterizedTest
    @ValueSource(doubles = {0.1, 0.3, 0.5, 0.8, 1.2, 2.5, 4.1, 7.7})
    void equalsAnOscillatorInTime(double fd) {
        double w = 2 * Math.PI * fd;
        OrdinaryDifferentialEquation swing = new OrdinaryDifferentialEquation() {
            @Override
            public int getDimension() {
                return 2;
            }

            @Override
            public double[] computeDerivatives(double t, double[] y) {
                double pulse = t < 1 ? Math.sin(Math.PI * t) : 0;
                return new double[] {y[1], w * w * (pulse - y[0])};
            }
        };
        DormandPrince853Integrator integrator = new DormandPrince853Integrator(1e-12, 2e-3, 1e-11, 1e-11);
        double[] greatest = {0};
        integrator.addStepHandler(step -> greatest[0] =
                Math.max(greatest[0], Math.abs(step.getCurrentState().getPrimaryState()[0])));
        integrator.integrate(swing, new ODEState(0, new double[] {0, 0}), 1 + 1.5 / fd);
        assertThat(HalfSine.amplification(fd)).isCloseTo(greatest[0], within(2e-4));
    }
}
