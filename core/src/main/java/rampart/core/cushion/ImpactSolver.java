package rampart.core.cushion;

import java.util.ArrayList;
import java.util.List;
import rampart.core.material.CushionLaw;
import rampart.core.quantity.Units;

/**
 * Finds the G at which all cushion layers, each carrying G times its mass, have absorbed the fall (rules 13 to 17).
 * Gravity while compressing, shear, friction, rotation and the cushions opposite are neglected.
 * One object works all conditions of one drop, each beginning where the last ended; not for use by two threads.
 */
public final class ImpactSolver {
    /** A G above this is reported as this. */
    public static final double CAP_G = 9999;

    private static final int MOST_STEPS = 200;
    private static final double LN_CAP = Math.log(CAP_G);
    private static final double PA_PER_KPA = 1000;

    /** A Newton step this small leaves an error of about its square: below rounding. */
    private static final double CLOSE = 1e-9;

    private final List<DropLayer> layers;
    private final double[] cosine;
    private final double heightM;

    /** Of the layers that act, innermost first. */
    private final DropLayer[] acting;

    private final Springs[] springs;
    private final CushionLaw[] laws;
    private final double[] weightN;
    private final double[] q;
    private final double[] travelPerLnG;

    /** Energy absorbed at the G last asked for, J, and its slope with ln G. */
    private double absorbedJ;

    private double slopeJ;
    private double lastLnG = Double.NaN;
    private double lastEstimate;

    /**
     * A drop on these layers.
     *
     * @param layers cushion layers, innermost first
     * @param cosine the drop direction along each struck face
     * @param heightM drop height
     */
    public ImpactSolver(List<DropLayer> layers, double[] cosine, double heightM) {
        this.layers = layers;
        this.cosine = cosine;
        this.heightM = heightM;
        List<DropLayer> those = new ArrayList<>(layers.size());
        for (DropLayer layer : layers) {
            if (layer.acts()) {
                those.add(layer);
            }
        }
        this.acting = those.toArray(DropLayer[]::new);
        int n = acting.length;
        springs = new Springs[n];
        for (int j = 0; j < n; j++) {
            springs[j] = new Springs(
                    acting[j].areaM2(),
                    acting[j].thicknessM(),
                    along(acting[j]),
                    acting[j].foam().law().ramp());
        }
        laws = new CushionLaw[n];
        weightN = new double[n];
        q = new double[n];
        travelPerLnG = new double[n];
    }

    /** The direction along each spring of a layer. */
    private double[] along(DropLayer layer) {
        double[] along = new double[layer.side().length];
        for (int i = 0; i < along.length; i++) {
            along[i] = cosine[layer.side()[i]];
        }
        return along;
    }

    /**
     * The worst of a drop's conditions.
     *
     * @param impact the one of the highest G, the first on a tie
     * @param lockUpFraction the largest over all of them (rule 20)
     */
    public record Worst(Impact impact, double lockUpFraction) {}

    /**
     * The worst over all conditions: each temperature, first and, where asked, repeated impacts, each load factor.
     *
     * @param loadFactors 1 and, for an item off its middle, the share of the heaviest quarter (rule 19)
     */
    public Worst worst(double[] temperaturesC, boolean repeated, double[] loadFactors) {
        double highest = -1;
        boolean capped = false;
        double lockUp = 0;
        double[] worstQ = new double[q.length];
        double worstC = 0;
        double worstLoad = 0;
        boolean worstRepeated = false;
        for (double temperatureC : temperaturesC) {
            for (int r = 0; r < (repeated ? 2 : 1); r++) {
                for (double load : loadFactors) {
                    double g = solve(temperatureC, r == 1, load);
                    lockUp = Math.max(lockUp, g > CAP_G ? 1 : lockUpFraction());
                    if (Math.min(g, CAP_G) > highest) {
                        highest = Math.min(g, CAP_G);
                        capped = g > CAP_G;
                        worstC = temperatureC;
                        worstRepeated = r == 1;
                        worstLoad = load;
                        System.arraycopy(q, 0, worstQ, 0, q.length);
                    }
                }
            }
        }
        condition(worstC, worstRepeated, worstLoad);
        System.arraycopy(worstQ, 0, q, 0, q.length);
        return new Worst(impact(highest, capped, worstC, worstRepeated, worstLoad), lockUp);
    }

    /** The same conditions, each by itself, in their order. */
    public List<Impact> each(double[] temperaturesC, boolean repeated, double[] loadFactors) {
        List<Impact> all = new ArrayList<>();
        for (double temperatureC : temperaturesC) {
            for (int r = 0; r < (repeated ? 2 : 1); r++) {
                for (double load : loadFactors) {
                    double g = solve(temperatureC, r == 1, load);
                    all.add(impact(Math.min(g, CAP_G), g > CAP_G, temperatureC, r == 1, load));
                }
            }
        }
        return all;
    }

    /** True where the cushions cannot take this fall without more than this G: one look instead of a solution. */
    public boolean exceeds(double limitG, double temperatureC, boolean repeated) {
        if (acting.length == 0) {
            return true;
        }
        condition(temperatureC, repeated, 1);
        absorb(Math.log(limitG));
        return absorbedJ < fallJ();
    }

    private void condition(double temperatureC, boolean repeated, double loadFactor) {
        for (int j = 0; j < acting.length; j++) {
            laws[j] = acting[j].foam().lawAt(temperatureC, repeated);
            weightN[j] = acting[j].movingMassKg() * loadFactor * Units.STANDARD_GRAVITY;
        }
    }

    private double fallJ() {
        return weightN[acting.length - 1] * heightM;
    }

    /** The G of this condition, infinite above the cap. */
    private double solve(double temperatureC, boolean repeated, double loadFactor) {
        if (acting.length == 0) {
            return Double.POSITIVE_INFINITY;
        }
        condition(temperatureC, repeated, loadFactor);
        return acting.length == 1 ? single() : several();
    }

    /** One layer absorbs the whole fall: its travel tells the force. */
    private double single() {
        q[0] = springs[0].travelAbsorbing(fallJ() * laws[0].bPerKpa() / PA_PER_KPA);
        double g = PA_PER_KPA * laws[0].aKpa() * springs[0].loadM2(q[0]) / weightN[0];
        return g > CAP_G ? Double.POSITIVE_INFINITY : g;
    }

    /**
     * Newton's method on the energy absorbed over ln G, which is straight for a flat drop beyond the ramp, and on its
     * logarithm as long as all are in their ramp, where that is straight; kept between bounds.
     */
    private double several() {
        double fall = fallJ();
        double low = Double.NEGATIVE_INFINITY;
        double high = LN_CAP;
        boolean capKnown = false;
        double estimate = evenLnG();
        double x =
                Math.min(high, lastLnG < high ? lastLnG + (estimate - lastEstimate) : Math.max(estimate, rampEndLnG()));
        lastEstimate = estimate;
        for (int step = 0; step < MOST_STEPS; step++) {
            absorb(x);
            double missing = fall - absorbedJ;
            if (missing > 0) {
                low = x;
            } else {
                high = x;
                capKnown = true;
            }
            double next = x + (withinRamp() ? Math.log(fall / absorbedJ) * absorbedJ : missing) / slopeJ;
            if (Math.abs(next - x) <= CLOSE) {
                return found(next, next - x);
            }
            if (!(next > low && next < high)) {
                if (!capKnown) {
                    absorb(high);
                    if (absorbedJ < fall) {
                        return Double.POSITIVE_INFINITY;
                    }
                    capKnown = true;
                }
                next = low == Double.NEGATIVE_INFINITY ? x - 2 : (low + high) / 2;
            }
            if (next == low || next == high) {
                return found(next, next - x);
            }
            // Where each layer is likely to be then: its own search begins there.
            for (int j = 0; j < q.length; j++) {
                q[j] += travelPerLnG[j] * (next - x);
            }
            x = next;
        }
        return found(x, 0);
    }

    /** ln G if every layer were pressed evenly, beyond its ramp: near enough to tell how one condition differs from another. */
    private double evenLnG() {
        double missing = fallJ();
        double perLnG = 0;
        for (int j = 0; j < acting.length; j++) {
            double volume = PA_PER_KPA / laws[j].bPerKpa() * springs[j].wholeVolumeM3();
            missing -= volume * Math.log(load(j, 1) / springs[j].wholeWeightM2());
            perLnG += volume;
        }
        return missing / perLnG;
    }

    /** ln G at which the first layer comes to the end of its ramp: where to begin. */
    private double rampEndLnG() {
        double least = Double.POSITIVE_INFINITY;
        for (int j = 0; j < acting.length; j++) {
            least = Math.min(least, PA_PER_KPA * laws[j].aKpa() * springs[j].loadAtRampEndM2() / weightN[j]);
        }
        return Math.log(least);
    }

    private boolean withinRamp() {
        for (int j = 0; j < acting.length; j++) {
            if (!springs[j].withinRamp(q[j])) {
                return false;
            }
        }
        return true;
    }

    /** Takes the travels along the last hair's step, by their slopes: what is left is of second order. */
    private double found(double lnG, double step) {
        lastLnG = lnG;
        double g = Math.exp(lnG);
        for (int j = 0; j < acting.length; j++) {
            q[j] += travelPerLnG[j] * step;
        }
        return g;
    }

    /** Force on a layer over its stress a, m2. */
    private double load(int j, double g) {
        return g * weightN[j] / (PA_PER_KPA * laws[j].aKpa());
    }

    /** Energy absorbed at this ln G and its slope. */
    private void absorb(double lnG) {
        double g = Math.exp(lnG);
        double energy = 0;
        double slope = 0;
        for (int j = 0; j < acting.length; j++) {
            double load = load(j, g);
            double travel = springs[j].travelUnder(load, q[j]);
            q[j] = travel;
            double perB = PA_PER_KPA / laws[j].bPerKpa();
            energy += perB * springs[j].energyVolumeM3(travel);
            // dE/dlnG = F dx/dlnF with x = q/(a b): F^2 / (dF/dx).
            travelPerLnG[j] = load / springs[j].stiffnessM(travel);
            slope += perB * load * travelPerLnG[j];
        }
        absorbedJ = energy;
        slopeJ = slope;
    }

    /** The largest fraction of lock-up at the G last found. */
    private double lockUpFraction() {
        double largest = 0;
        for (int j = 0; j < acting.length; j++) {
            largest = Math.max(largest, springs[j].lockUpFraction(q[j]));
        }
        return largest;
    }

    private Impact impact(double g, boolean capped, double temperatureC, boolean repeated, double loadFactor) {
        return new Impact(
                g, capped, withinRamp(), temperatureC, repeated, loadFactor, peaks(capped ? CAP_G : g, loadFactor));
    }

    /** What each layer takes at this G in the condition last asked for. */
    private List<Impact.LayerPeak> peaks(double g, double loadFactor) {
        List<Impact.LayerPeak> peaks = new ArrayList<>(layers.size());
        int j = 0;
        for (DropLayer layer : layers) {
            double force = g * layer.movingMassKg() * loadFactor * Units.STANDARD_GRAVITY;
            if (layer.acts()) {
                peaks.add(peak(layer, j, force));
                j++;
            } else {
                int n = cosine.length;
                peaks.add(new Impact.LayerPeak(
                        layer.layer(), false, force, new double[n], new double[n], new double[n], new double[n], 0));
            }
        }
        return peaks;
    }

    /** On each struck side, what its most pressed spring takes. */
    private Impact.LayerPeak peak(DropLayer layer, int j, double forceN) {
        int n = cosine.length;
        double[] stress = new double[n];
        double[] strain = new double[n];
        double[] squeeze = new double[n];
        double[] fraction = new double[n];
        CushionLaw law = laws[j];
        double lockUp = law.lockUpStrain();
        for (int i = 0; i < layer.side().length; i++) {
            int side = layer.side()[i];
            double share = springs[j].lockUpFraction(q[j], i);
            if (share >= fraction[side]) {
                fraction[side] = share;
                strain[side] = share * lockUp;
                squeeze[side] = strain[side] * layer.thicknessM()[i] * 1000;
                stress[side] = law.aKpa() * springs[j].stressOverA(q[j], i);
            }
        }
        double energy = PA_PER_KPA / law.bPerKpa() * springs[j].energyVolumeM3(q[j]);
        return new Impact.LayerPeak(layer.layer(), true, forceN, stress, strain, squeeze, fraction, energy);
    }
}
