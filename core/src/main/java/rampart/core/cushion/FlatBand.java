package rampart.core.cushion;

import java.util.Optional;
import rampart.core.material.CushionLaw;
import rampart.core.material.LambertW;

/**
 * The range of static stress in which a flat drop on one cushion stays within a limit, in closed form: where its ends lie
 * beyond the first ramp by Lambert's W, within the ramp by the power law.
 *
 * @param lowKpa least static stress, kPa
 * @param highKpa greatest static stress, kPa
 */
public record FlatBand(double lowKpa, double highKpa) {
    /** Peak G of a flat drop on one cushion. */
    public static double peakG(CushionLaw law, double staticStressKpa, double heightMm, double thicknessMm) {
        return law.flatG(staticStressKpa, staticStressKpa * heightMm / thicknessMm);
    }

    /**
     * The least G that any static stress gives, G: {@code e a b h/t}. It lies beyond the ramp of every law: there
     * {@code b x = 1}, and the ramp ends at {@code ln k = k r/(w+1)}, which is below 1 for every r allowed.
     */
    public static double leastG(CushionLaw law, double heightMm, double thicknessMm) {
        return Math.E * law.aKpa() * law.bPerKpa() * heightMm / thicknessMm;
    }

    /** The static stress that gives the least G, kPa: {@code t/(b h)}. */
    public static double bestStressKpa(CushionLaw law, double heightMm, double thicknessMm) {
        return thicknessMm / (law.bPerKpa() * heightMm);
    }

    /** The thinnest cushion that can stay within the limit, mm: {@code e a b h/G}. */
    public static double thinnestMm(CushionLaw law, double heightMm, double limitG) {
        return Math.E * law.aKpa() * law.bPerKpa() * heightMm / limitG;
    }

    /** The band for this limit; empty where even the best static stress gives more. */
    public static Optional<FlatBand> of(CushionLaw law, double heightMm, double thicknessMm, double limitG) {
        double argument = -law.aKpa() * law.bPerKpa() * heightMm / (limitG * thicknessMm);
        if (argument < -1 / Math.E) {
            return Optional.empty();
        }
        double best = bestStressKpa(law, heightMm, thicknessMm);
        double low = -best * LambertW.principal(argument);
        double rampEnd = law.rampEnergyKpa() * thicknessMm / heightMm;
        return Optional.of(
                new FlatBand(low >= rampEnd ? low : onRamp(law, rampEnd, limitG), -best * LambertW.lower(argument)));
    }

    /** Static stress at which the ramp gives this G: {@code G = (k a/s)(s/s_e)^(w/(w+1))}, s_e where it ends. */
    private static double onRamp(CushionLaw law, double rampEndKpa, double limitG) {
        int w = law.ramp().exponent();
        double atEnd = law.rampStressKpa() / rampEndKpa;
        return rampEndKpa * Math.pow(atEnd / limitG, w + 1.0);
    }
}
