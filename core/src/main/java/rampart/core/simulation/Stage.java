package rampart.core.simulation;

import java.util.Arrays;
import java.util.stream.IntStream;
import rampart.core.cushion.DropLayer;
import rampart.core.cushion.Springs;
import rampart.core.material.CushionLaw;

/**
 * The struck cushions of one layer, which share one travel along the drop (rule 13), loading on the law of their material
 * and unloading from (e_m, s_m, E_m) on {@code s = s_m (e/e_m)^u}, {@code u = s_m e_m/(r^2 E_m) - 1}: the curve that meets
 * the peak, ends at zero and returns r^2 of what was absorbed.
 */
final class Stage implements Spring {
    /** Beyond this share of lock-up the law goes on straight: an integrator may try a step that far. */
    private static final double NEARLY_SOLID = 1 - 1e-7;

    private static final double N_PER_KN = 1000;

    /** The released law, a steep power, is carried on to this power of e times the peak: a finite force to look at. */
    private static final double FARTHEST_LOOK = 40;

    private final double[] areaM2;
    private final double[] thicknessM;
    private final double[] strainPerM;
    private final CushionLaw law;
    private final Springs springs;
    /** q of {@link Springs} per travel. */
    private final double scale;

    private final double solidM;
    private final double[] bendsM;

    /** Whether each spring is in its ramp, after so many bends. */
    private final boolean[][] inRamp;

    /** What is known of the release from one greatest travel, which is asked for again and again. */
    private double knownMostM = Double.NaN;

    private final double[] peakN;
    private final double[] exponent;

    Stage(DropLayer layer, CushionLaw law, double[] cosine) {
        this.law = law;
        this.areaM2 = layer.areaM2();
        this.thicknessM = layer.thicknessM();
        int n = areaM2.length;
        double[] along = new double[n];
        this.strainPerM = new double[n];
        double steepest = 0;
        for (int i = 0; i < n; i++) {
            along[i] = cosine[layer.side()[i]];
            strainPerM[i] = along[i] / thicknessM[i];
            steepest = Math.max(steepest, strainPerM[i]);
        }
        this.springs = new Springs(areaM2, thicknessM, along, law.ramp());
        this.scale = law.aKpa() * law.bPerKpa();
        this.solidM = law.lockUpStrain() / steepest * NEARLY_SOLID;
        double[] bends = IntStream.range(0, n)
                .mapToDouble(springs::rampEnd)
                .filter(Double::isFinite)
                .sorted()
                .distinct()
                .toArray();
        this.bendsM = Arrays.stream(bends).map(q -> q / scale).toArray();
        this.inRamp = new boolean[bends.length + 1][n];
        for (int passed = 0; passed <= bends.length; passed++) {
            for (int i = 0; i < n; i++) {
                inRamp[passed][i] = passed == 0 || springs.rampEnd(i) > bends[passed - 1];
            }
        }
        this.peakN = new double[n];
        this.exponent = new double[n];
    }

    @Override
    public double pressed(double travelM) {
        if (travelM <= 0) {
            return 0;
        }
        double within = Math.min(travelM, solidM);
        double load = springs.loadM2(within * scale);
        if (travelM > solidM) {
            load += springs.stiffnessM(within * scale) * (travelM - solidM) * scale;
        }
        return N_PER_KN * law.aKpa() * load;
    }

    @Override
    public double[] bendsM() {
        return bendsM.clone();
    }

    @Override
    public double pressed(double travelM, int bendsPassed) {
        if (travelM <= 0 || travelM > solidM) {
            return pressed(travelM);
        }
        return N_PER_KN * law.aKpa() * springs.loadM2(travelM * scale, inRamp[bendsPassed]);
    }

    /** Travel at which it bears this force. */
    double pressedTravelM(double forceN) {
        return forceN <= 0 ? 0 : springs.travelUnder(forceN / (N_PER_KN * law.aKpa()), 0) / scale;
    }

    /** Travel at which it still bears this force after it was pressed as far as {@code mostM}. */
    double releasedTravelM(double forceN, double mostM) {
        if (mostM <= 0 || forceN <= 0) {
            return 0;
        }
        double most = released(mostM, mostM);
        if (forceN >= most) {
            return mostM;
        }
        if (areaM2.length == 1) {
            return mostM * Math.pow(forceN / most, 1 / exponent[0]);
        }
        return Roots.find(x -> released(x, mostM) - forceN, 0, mostM);
    }

    @Override
    public double absorbedJ(double travelM) {
        if (travelM <= 0) {
            return 0;
        }
        double energy = N_PER_KN / law.bPerKpa() * springs.energyVolumeM3(Math.min(travelM, solidM) * scale);
        // Beyond, the force goes on straight: its mean over the rest.
        double beyond = travelM - solidM;
        return beyond > 0 ? energy + (pressed(solidM) + pressed(travelM)) / 2 * beyond : energy;
    }

    @Override
    public double released(double travelM, double mostM) {
        if (travelM <= 0 || mostM <= 0) {
            return 0;
        }
        turnAt(mostM);
        double force = 0;
        double logarithm = Math.log(travelM / mostM);
        for (int i = 0; i < peakN.length; i++) {
            force += peakN[i] * Math.exp(Math.min(exponent[i] * logarithm, FARTHEST_LOOK));
        }
        return force;
    }

    @Override
    public double returnedJ(double travelM, double mostM) {
        turnAt(mostM);
        double share = Math.max(0, travelM) / mostM;
        double sum = 0;
        for (int i = 0; i < peakN.length; i++) {
            // The integral of the released force: peak x most travel/(u + 1), the whole of it at no travel.
            sum += peakN[i] * mostM / (exponent[i] + 1) * (1 - Math.pow(share, exponent[i] + 1));
        }
        return sum;
    }

    private void turnAt(double mostM) {
        if (mostM == knownMostM) {
            return;
        }
        knownMostM = mostM;
        double within = Math.min(mostM, solidM);
        for (int i = 0; i < peakN.length; i++) {
            double strain = within * strainPerM[i];
            double stress = law.aKpa() * springs.stressOverA(within * scale, i);
            peakN[i] = N_PER_KN * areaM2[i] * strainPerM[i] * thicknessM[i] * stress;
            exponent[i] = stress * strain / (REBOUND * REBOUND * law.energyDensityKpa(strain)) - 1;
        }
    }

    @Override
    public double[] travelsM(double travelM, double mostM, boolean pressing) {
        return new double[] {travelM};
    }
}
