package rampart.core.cushion;

import java.util.Optional;
import rampart.core.material.CushionLaw;

/**
 * The range of static stress in which a flat drop on one cushion stays within a limit: closed form by Lambert's W.
 *
 * @param lowKpa least static stress, kPa
 * @param highKpa greatest static stress, kPa
 */
public record FlatBand(double lowKpa, double highKpa) {
    private static final int MOST_STEPS = 60;

    /** Peak G of a flat drop on one cushion: {@code (a/s) exp(b s h/t)}. */
    public static double peakG(CushionLaw law, double staticStressKpa, double heightMm, double thicknessMm) {
        return law.aKpa() / staticStressKpa * Math.exp(law.bPerKpa() * staticStressKpa * heightMm / thicknessMm);
    }

    /** The least G that any static stress gives, G: {@code e a b h/t}. */
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
        double scale = -bestStressKpa(law, heightMm, thicknessMm);
        return Optional.of(new FlatBand(scale * lambertW0(argument), scale * lambertWm1(argument)));
    }

    /** The branch of w e^w = x with w of -1 or more, for x from -1/e to 0. */
    static double lambertW0(double x) {
        double p = Math.sqrt(Math.max(0, 2 * (1 + Math.E * x)));
        return halley(x, -1 + p - p * p / 3);
    }

    /** The branch of w e^w = x with w of -1 or less, for x from -1/e to 0. */
    static double lambertWm1(double x) {
        double start;
        if (x > -0.25) {
            double l1 = Math.log(-x);
            double l2 = Math.log(-l1);
            start = l1 - l2 + l2 / l1;
        } else {
            double p = Math.sqrt(Math.max(0, 2 * (1 + Math.E * x)));
            start = -1 - p - p * p / 3;
        }
        return halley(x, start);
    }

    private static double halley(double x, double start) {
        double w = start;
        for (int i = 0; i < MOST_STEPS; i++) {
            double e = Math.exp(w);
            double f = w * e - x;
            double w1 = w + 1;
            if (w1 == 0) {
                return w;
            }
            double step = f / (e * w1 - (w + 2) * f / (2 * w1));
            w -= step;
            if (Math.abs(step) <= 1e-16 * Math.abs(w)) {
                return w;
            }
        }
        return w;
    }
}
