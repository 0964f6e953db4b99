package rampart.core.cushion;

import java.util.ArrayList;
import java.util.List;
import rampart.core.quantity.Units;

/**
 * Finds the G at which all cushion layers, each carrying G times its mass, have absorbed the fall (rules 13 to 17).
 * Gravity while compressing, the first elastic ramp, shear, friction, rotation and the cushions opposite are neglected.
 */
public final class ImpactSolver {
    /** A G above this is reported as this. */
    public static final double CAP_G = 9999;

    private static final int MOST_STEPS = 200;

    /** A Newton step this small leaves an error of about its square: below rounding. */
    private static final double CLOSE = 1e-12;

    private final List<DropLayer> layers;
    private final double[] cosine;
    private final double heightM;

    /**
     * @param layers cushion layers, innermost first
     * @param cosine the drop direction along each struck face
     * @param heightM drop height
     */
    public ImpactSolver(List<DropLayer> layers, double[] cosine, double heightM) {
        this.layers = layers;
        this.cosine = cosine;
        this.heightM = heightM;
    }

    /** The drop at this temperature, law and load factor. */
    public Impact solve(double temperatureC, boolean repeated, double loadFactor) {
        List<Springs> acting = new ArrayList<>(layers.size());
        for (DropLayer layer : layers) {
            if (layer.acts()) {
                acting.add(springs(layer, temperatureC, repeated, loadFactor));
            }
        }
        double g = acting.isEmpty() ? Double.POSITIVE_INFINITY : solve(acting);
        boolean capped = !(g <= CAP_G);
        double peakG = capped ? CAP_G : g;
        return new Impact(
                peakG, capped, temperatureC, repeated, loadFactor, peaks(peakG, temperatureC, repeated, loadFactor));
    }

    /** True where the cushions cannot take this fall without more than this G: one look instead of a solution. */
    public boolean exceeds(double limitG, double temperatureC, boolean repeated) {
        List<Springs> acting = new ArrayList<>(layers.size());
        for (DropLayer layer : layers) {
            if (layer.acts()) {
                acting.add(springs(layer, temperatureC, repeated, 1));
            }
        }
        if (acting.isEmpty()) {
            return true;
        }
        double fallJ = acting.get(acting.size() - 1).movingMassKg() * Units.STANDARD_GRAVITY * heightM;
        return absorbed(acting, Math.log(limitG))[0] < fallJ;
    }

    private Springs springs(DropLayer layer, double temperatureC, boolean repeated, double loadFactor) {
        return new Springs(
                layer.movingMassKg() * loadFactor,
                layer.foam().lawAt(temperatureC, repeated),
                layer.areaM2(),
                layer.thicknessM(),
                cosine);
    }

    /** Newton's method on ln G, kept between bounds: absorbed energy is straight in ln G for a flat single layer. */
    private double solve(List<Springs> acting) {
        double outermostKg = acting.get(acting.size() - 1).movingMassKg();
        double fallJ = outermostKg * Units.STANDARD_GRAVITY * heightM;
        double low = Double.POSITIVE_INFINITY;
        for (Springs s : acting) {
            low = Math.min(low, Math.log(s.startingForceN() / (s.movingMassKg() * Units.STANDARD_GRAVITY)));
        }
        double high = Math.log(CAP_G);
        if (low >= high || absorbed(acting, high)[0] < fallJ) {
            return Double.POSITIVE_INFINITY;
        }
        double x = low;
        for (int step = 0; step < MOST_STEPS; step++) {
            double[] at = absorbed(acting, x);
            double missing = fallJ - at[0];
            if (missing > 0) {
                low = x;
            } else {
                high = x;
            }
            double next = x + missing / at[1];
            if (Math.abs(next - x) <= CLOSE) {
                return Math.exp(next);
            }
            if (!(next > low && next < high)) {
                next = (low + high) / 2;
            }
            if (next == low || next == high) {
                return Math.exp(next);
            }
            x = next;
        }
        return Math.exp(x);
    }

    /** Energy absorbed at this ln G, J, and its slope. */
    private static double[] absorbed(List<Springs> acting, double lnG) {
        double g = Math.exp(lnG);
        double energy = 0;
        double slope = 0;
        for (Springs s : acting) {
            double force = g * s.movingMassKg() * Units.STANDARD_GRAVITY;
            double q = s.scaledTravelM(force);
            // At the very start the slope of the side that gives is wanted, or the first step would not move.
            if (q > 0 || force >= s.startingForceN() * (1 - 1e-12)) {
                energy += s.energyJ(q);
                slope += s.energySlopeJ(q, force);
            }
        }
        return new double[] {energy, slope};
    }

    private List<Impact.LayerPeak> peaks(double g, double temperatureC, boolean repeated, double loadFactor) {
        List<Impact.LayerPeak> peaks = new ArrayList<>(layers.size());
        for (DropLayer layer : layers) {
            int n = cosine.length;
            double[] stress = new double[n];
            double[] strain = new double[n];
            double[] squeeze = new double[n];
            double[] fraction = new double[n];
            double force = g * layer.movingMassKg() * loadFactor * Units.STANDARD_GRAVITY;
            double energy = 0;
            if (layer.acts()) {
                Springs s = springs(layer, temperatureC, repeated, loadFactor);
                double q = s.scaledTravelM(force);
                if (q > 0) {
                    energy = s.energyJ(q);
                    for (int i = 0; i < n; i++) {
                        fraction[i] = q * s.strainPerTravel(i);
                        strain[i] = fraction[i] * s.law().lockUpStrain();
                        squeeze[i] = strain[i] * layer.thicknessM()[i] * 1000;
                        stress[i] = s.law().aKpa() / (1 - fraction[i]);
                    }
                } else {
                    double share = force / s.startingForceN();
                    for (int i = 0; i < n; i++) {
                        stress[i] = s.law().aKpa() * share;
                    }
                }
            }
            peaks.add(new Impact.LayerPeak(
                    layer.layer(), layer.acts(), force, stress, strain, squeeze, fraction, energy));
        }
        return peaks;
    }
}
