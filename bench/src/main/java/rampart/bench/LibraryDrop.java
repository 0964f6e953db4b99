package rampart.bench;

import java.util.Arrays;
import java.util.List;
import org.hipparchus.analysis.UnivariateFunction;
import org.hipparchus.analysis.solvers.BrentSolver;
import org.hipparchus.ode.ODEState;
import org.hipparchus.ode.OrdinaryDifferentialEquation;
import org.hipparchus.ode.nonstiff.DormandPrince853Integrator;
import rampart.core.cushion.DropLayer;
import rampart.core.material.CushionLaw;
import rampart.core.simulation.SimulatedDrop;

/** The drop of a benchmark, solved with the numerics library alone: what our own solver is measured against. */
final class LibraryDrop {
    private static final double G0 = 9.80665;
    private static final double ACCURACY = 1e-12;
    private static final double RISE_STRAIN = 1e-3;
    private static final double LONGEST_S = 0.05;

    private LibraryDrop() {}

    static double peakG(SimulatedDrop drop) {
        List<DropLayer> layers = drop.layers().stream().filter(DropLayer::acts).toList();
        double fall = layers.get(layers.size() - 1).movingMassKg() * drop.loadFactor() * G0 * drop.heightM();
        UnivariateFunction missing = lnG -> {
            double absorbed = 0;
            for (DropLayer layer : layers) {
                double force = Math.exp(lnG) * layer.movingMassKg() * drop.loadFactor() * G0;
                absorbed += energy(drop, layer, travel(drop, layer, force));
            }
            return absorbed - fall;
        };
        return Math.exp(new BrentSolver(ACCURACY, ACCURACY).solve(1000, missing, 0, Math.log(9999)));
    }

    private static double travel(SimulatedDrop drop, DropLayer layer, double force) {
        double solid = solid(drop, layer);
        return force(drop, layer, 0) >= force
                ? 0
                : new BrentSolver(ACCURACY, ACCURACY)
                        .solve(1000, x -> force(drop, layer, x) - force, 0, solid * (1 - 1e-9));
    }

    private static CushionLaw law(SimulatedDrop drop, DropLayer layer) {
        return layer.foam().lawAt(drop.temperatureC(), drop.repeated());
    }

    private static double solid(SimulatedDrop drop, DropLayer layer) {
        double least = Double.POSITIVE_INFINITY;
        for (int i = 0; i < drop.cosine().length; i++) {
            least = Math.min(least, layer.thicknessM()[i] / drop.cosine()[i]);
        }
        return least * law(drop, layer).lockUpStrain();
    }

    private static double force(SimulatedDrop drop, DropLayer layer, double travel) {
        double sum = 0;
        for (int i = 0; i < drop.cosine().length; i++) {
            sum += 1000
                    * layer.areaM2()[i]
                    * drop.cosine()[i]
                    * law(drop, layer).stressKpa(travel * drop.cosine()[i] / layer.thicknessM()[i]);
        }
        return sum;
    }

    private static double energy(SimulatedDrop drop, DropLayer layer, double travel) {
        double sum = 0;
        for (int i = 0; i < drop.cosine().length; i++) {
            sum += 1000
                    * layer.areaM2()[i]
                    * layer.thicknessM()[i]
                    * law(drop, layer).energyDensityKpa(travel * drop.cosine()[i] / layer.thicknessM()[i]);
        }
        return sum;
    }

    /** Peak G while everything still moves down; unloading is left out, which favours the library. */
    static double simulatedPeakG(SimulatedDrop drop) {
        List<DropLayer> layers = drop.layers().stream().filter(DropLayer::acts).toList();
        int n = layers.size();
        double[] mass = new double[n];
        for (int k = 0; k < n; k++) {
            double inward = k == 0 ? 0 : layers.get(k - 1).movingMassKg();
            mass[k] = drop.loadFactor() * (layers.get(k).movingMassKg() - inward);
        }
        double[] peak = {0};
        OrdinaryDifferentialEquation motion = new OrdinaryDifferentialEquation() {
            @Override
            public int getDimension() {
                return 2 * n;
            }

            @Override
            public double[] computeDerivatives(double t, double[] y) {
                double[] slope = new double[2 * n];
                double above = 0;
                for (int k = 0; k < n; k++) {
                    double travel = Math.max(0, y[k] - (k + 1 < n ? y[k + 1] : 0));
                    DropLayer layer = layers.get(k);
                    double rise = Math.min(1, travel / (RISE_STRAIN * layer.thicknessM()[0]));
                    double force = rise * force(drop, layer, Math.min(travel, solid(drop, layer) * (1 - 1e-6)));
                    slope[k] = y[n + k];
                    slope[n + k] = (above - force) / mass[k] + G0;
                    above = force;
                    if (k == 0) {
                        peak[0] = Math.max(peak[0], force / (mass[0] * G0));
                    }
                }
                return slope;
            }
        };
        double[] state = new double[2 * n];
        Arrays.fill(state, n, 2 * n, Math.sqrt(2 * G0 * drop.heightM()));
        new DormandPrince853Integrator(1e-14, 5e-3, 1e-12, 1e-8).integrate(motion, new ODEState(0, state), LONGEST_S);
        return peak[0];
    }
}
