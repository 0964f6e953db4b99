package rampart.core.cushion;

import rampart.core.material.CushionLaw;

/**
 * The struck cushions of one layer in one drop: they share one travel along the drop direction (rule 13).
 *
 * @param movingMassKg mass this layer carries
 * @param law the material's law at the temperature and impact of the drop
 * @param areaM2 bearing area on each struck face, above 0
 * @param thicknessM thickness on each struck face, above 0
 * @param cosine part of the direction along each struck face, 0 to 1
 */
record Springs(double movingMassKg, CushionLaw law, double[] areaM2, double[] thicknessM, double[] cosine) {
    private static final int MOST_STEPS = 100;

    /** A Newton step this small, relative, leaves an error of about its square: below rounding. */
    private static final double CLOSE = 1e-12;

    private static final double N_PER_KN = 1000;

    /** The force below which the layer does not give, N. */
    double startingForceN() {
        return N_PER_KN * law.aKpa() * weight();
    }

    /** Sum of area times cosine, m2. */
    private double weight() {
        double sum = 0;
        for (int i = 0; i < areaM2.length; i++) {
            sum += areaM2[i] * cosine[i];
        }
        return sum;
    }

    /** Strain of face i per unit of travel, 1/m. */
    double strainPerTravel(int i) {
        return cosine[i] / thicknessM[i];
    }

    /**
     * Travel times a b under this force, m. With q for it, face i is compressed to the fraction q n_i/t_i of lock-up
     * and the force is {@code 1000 a sum A_i n_i / (1 - q n_i/t_i)}. The reciprocal of that sum is concave in q and
     * straight for a single face, so Newton's method on it arrives in few steps, in one for a flat drop.
     *
     * @return 0 where the force is under the starting force
     */
    double scaledTravelM(double forceN) {
        double target = N_PER_KN * law.aKpa() / forceN;
        if (1 / weight() <= target) {
            return 0;
        }
        double steepest = 0;
        for (int i = 0; i < areaM2.length; i++) {
            steepest = Math.max(steepest, strainPerTravel(i));
        }
        double low = 0;
        double high = 1 / steepest;
        double q = 0;
        for (int step = 0; step < MOST_STEPS; step++) {
            double sum = 0;
            double slope = 0;
            for (int i = 0; i < areaM2.length; i++) {
                double k = strainPerTravel(i);
                double term = areaM2[i] * cosine[i] / (1 - q * k);
                sum += term;
                slope += term * k / (1 - q * k);
            }
            double excess = 1 / sum - target;
            if (excess > 0) {
                low = q;
            } else {
                high = q;
            }
            double next = q + excess * sum * sum / slope;
            if (Math.abs(next - q) <= CLOSE * high) {
                return next;
            }
            if (!(next > low && next < high)) {
                next = (low + high) / 2;
            }
            if (next == low || next == high) {
                return next;
            }
            q = next;
        }
        return q;
    }

    /** Energy absorbed at this scaled travel, J. */
    double energyJ(double q) {
        double sum = 0;
        for (int i = 0; i < areaM2.length; i++) {
            sum -= areaM2[i] * thicknessM[i] * Math.log1p(-q * strainPerTravel(i));
        }
        return N_PER_KN * sum / law.bPerKpa();
    }

    /** Change of absorbed energy with the logarithm of the force at this scaled travel, J. */
    double energySlopeJ(double q, double forceN) {
        double slope = 0;
        for (int i = 0; i < areaM2.length; i++) {
            double k = strainPerTravel(i);
            double left = 1 - q * k;
            slope += areaM2[i] * cosine[i] * k / (left * left);
        }
        double forcePerTravel = N_PER_KN * law.aKpa() * law.aKpa() * law.bPerKpa() * slope;
        return forceN * forceN / forcePerTravel;
    }
}
