package rampart.core.prove;

import rampart.core.cushion.DropLayer;
import rampart.core.cushion.Springs;
import rampart.core.material.CushionLaw;

/**
 * The struck cushions of one layer, which share one travel along the drop (rule 13), loading on the state law and
 * unloading from (e_m, s_m) on {@code s = s_m (e/e_m)^p}, {@code p = s_m e_m/(r^2 E_m) - 1}: the curve that meets the
 * peak, ends at zero and returns r^2 of what was absorbed.
 */
final class Stage implements Spring {
    /**
     * Strain over which the first elastic ramp rises from nothing to meet the law, where it is asked for (assumed).
     */
    static final double RAMP_STRAIN = 0.05;

    /** Under this strain a cushion counts as barely pressed: a twentieth of a millimetre in 50. */
    private static final double BARELY = 1e-3;

    /** Beyond this share of lock-up the law goes on straight: an integrator may try a step that far. */
    private static final double NEARLY_SOLID = 1 - 1e-7;

    private static final double N_PER_KN = 1000;

    private final CushionLaw law;
    private final boolean ramp;
    private final double[] areaM2;
    private final double[] thicknessM;
    private final double[] cosine;
    private final Springs springs;
    private final double rampKpa;
    private final double rampLossKpa;

    Stage(DropLayer layer, CushionLaw law, double[] cosine, boolean ramp) {
        this.law = law;
        this.ramp = ramp;
        this.areaM2 = layer.areaM2();
        this.thicknessM = layer.thicknessM();
        this.cosine = cosine;
        this.springs = new Springs(areaM2, thicknessM, cosine);
        this.rampKpa = law.stressKpa(RAMP_STRAIN);
        this.rampLossKpa = law.energyDensityKpa(RAMP_STRAIN) - rampKpa * RAMP_STRAIN / 2;
    }

    @Override
    public double startingForceN() {
        double sum = 0;
        for (int i = 0; i < areaM2.length; i++) {
            sum += areaM2[i] * cosine[i];
        }
        return ramp ? 0 : N_PER_KN * law.aKpa() * sum;
    }

    /** Travel at which the first face is pressed solid, m. */
    double solidM() {
        double least = Double.POSITIVE_INFINITY;
        for (int i = 0; i < areaM2.length; i++) {
            least = Math.min(least, thicknessM[i] / cosine[i]);
        }
        return least * law.lockUpStrain();
    }

    @Override
    public double pressed(double travelM) {
        double force = 0;
        for (int i = 0; i < areaM2.length; i++) {
            force += areaM2[i] * cosine[i] * stressKpa(travelM * cosine[i] / thicknessM[i]);
        }
        return N_PER_KN * force;
    }

    /** Travel at which it bears this force; 0 under the starting force. */
    double pressedTravelM(double forceN) {
        if (forceN <= startingForceN()) {
            return 0;
        }
        if (ramp) {
            double most = solidM();
            return pressed(most) <= forceN ? most : Roots.find(x -> pressed(x) - forceN, 0, most);
        }
        return springs.scaledTravelM(forceN / (N_PER_KN * law.aKpa()), 0) * law.lockUpStrain();
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
            return mostM * Math.pow(forceN / most, 1 / exponent(mostM * cosine[0] / thicknessM[0]));
        }
        return Roots.find(x -> released(x, mostM) - forceN, 0, mostM);
    }

    @Override
    public double absorbedJ(double travelM) {
        double sum = 0;
        for (int i = 0; i < areaM2.length; i++) {
            sum += areaM2[i] * thicknessM[i] * energyKpa(travelM * cosine[i] / thicknessM[i]);
        }
        return N_PER_KN * sum;
    }

    @Override
    public double released(double travelM, double mostM) {
        if (travelM <= 0 || mostM <= 0) {
            return 0;
        }
        if (travelM > mostM) {
            // An integrator's trial step may look past the turn, where the law goes on.
            return pressed(travelM);
        }
        double force = 0;
        double logarithm = Math.log(travelM / mostM);
        for (int i = 0; i < areaM2.length; i++) {
            double most = mostM * cosine[i] / thicknessM[i];
            force += areaM2[i] * cosine[i] * stressKpa(most) * Math.exp(exponent(most) * logarithm);
        }
        return N_PER_KN * force;
    }

    @Override
    public double returnedJ(double travelM, double mostM) {
        double sum = 0;
        double share = Math.max(0, travelM) / mostM;
        for (int i = 0; i < areaM2.length; i++) {
            double most = mostM * cosine[i] / thicknessM[i];
            double all = REBOUND * REBOUND * energyKpa(most);
            sum += areaM2[i] * thicknessM[i] * all * (1 - Math.pow(share, exponent(most) + 1));
        }
        return N_PER_KN * sum;
    }

    @Override
    public boolean barelyPressed(double travelM) {
        for (int i = 0; i < areaM2.length; i++) {
            if (travelM * cosine[i] > BARELY * thicknessM[i]) {
                return false;
            }
        }
        return true;
    }

    @Override
    public double[] travelsM(double travelM, double mostM, boolean pressing) {
        return new double[] {travelM};
    }

    private double exponent(double mostStrain) {
        return stressKpa(mostStrain) * mostStrain / (REBOUND * REBOUND * energyKpa(mostStrain)) - 1;
    }

    private double stressKpa(double strain) {
        if (ramp && strain < RAMP_STRAIN) {
            return rampKpa * Math.max(0, strain) / RAMP_STRAIN;
        }
        double share = strain * law.aKpa() * law.bPerKpa();
        if (share < NEARLY_SOLID) {
            return law.aKpa() / (1 - Math.max(0, share));
        }
        double left = 1 - NEARLY_SOLID;
        return law.aKpa() / left * (1 + (share - NEARLY_SOLID) / left);
    }

    private double energyKpa(double strain) {
        if (ramp && strain < RAMP_STRAIN) {
            return rampKpa * strain * strain / (2 * RAMP_STRAIN);
        }
        double share = Math.min(NEARLY_SOLID, strain * law.aKpa() * law.bPerKpa());
        return -Math.log1p(-share) / law.bPerKpa() - (ramp ? rampLossKpa : 0);
    }
}
