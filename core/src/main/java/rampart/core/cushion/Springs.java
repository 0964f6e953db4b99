package rampart.core.cushion;

/**
 * The struck cushions of one layer in one drop: they share one travel along the drop direction (rule 13). What depends on
 * material, temperature and mass is given with each question, so that one object serves all conditions of a drop. Travel
 * is asked for times a b, as q: face i is then compressed to the fraction {@code q n_i/t_i} of lock-up.
 */
public final class Springs {
    private static final int MOST_STEPS = 100;

    /** A Newton step this small, relative, leaves an error of about its square: below rounding. */
    private static final double CLOSE = 1e-9;

    /** Beyond this share of lock-up no force is told apart from an infinite one. */
    private static final double NEARLY_SOLID = 1 - 1e-12;

    private final int faces;
    /** Area times cosine, m2; cosine over thickness, 1/m; area times thickness, m3. */
    private final double[] weight;

    private final double[] perTravel;
    private final double[] volume;
    private final double sum;
    private final double steepest;

    /**
     * Springs of the struck faces.
     *
     * @param areaM2 bearing area on each, above 0
     * @param thicknessM thickness of each, above 0
     * @param cosine part of the direction along each, 0 to 1
     */
    public Springs(double[] areaM2, double[] thicknessM, double[] cosine) {
        faces = areaM2.length;
        weight = new double[faces];
        perTravel = new double[faces];
        volume = new double[faces];
        double all = 0;
        double most = 0;
        for (int i = 0; i < faces; i++) {
            weight[i] = areaM2[i] * cosine[i];
            perTravel[i] = cosine[i] / thicknessM[i];
            volume[i] = areaM2[i] * thicknessM[i];
            all += weight[i];
            most = Math.max(most, perTravel[i]);
        }
        sum = all;
        steepest = most;
    }

    /** Sum of area times cosine, m2: times the stress a it is the force below which the layer does not give. */
    double weightM2() {
        return sum;
    }

    /** Strain of face i per unit of travel, 1/m. */
    double strainPerTravel(int i) {
        return perTravel[i];
    }

    /** Fraction of lock-up of the most pressed face at this q. */
    double lockUpFraction(double q) {
        return q * steepest;
    }

    /**
     * q under a force of {@code sum A_i n_i / (1 - q n_i/t_i) = load}, where load is the force over the stress a, m2. The
     * reciprocal of that sum is concave in q and straight for a single face, so Newton's method on it arrives in few
     * steps, in one for a flat drop.
     *
     * @param start where to begin, such as the last answer; 0 where nothing is known
     * @return 0 where the force is under the starting force
     */
    public double scaledTravelM(double load, double start) {
        if (load <= sum) {
            return 0;
        }
        double target = 1 / load;
        double most = NEARLY_SOLID / steepest;
        if (faces == 1) {
            return Math.min(most, (1 - sum * target) / steepest);
        }
        return Math.min(most, severalFaces(target, start));
    }

    private double severalFaces(double target, double start) {
        double high = 1 / steepest;
        double low = 0;
        double q = start < high ? start : 0;
        for (int step = 0; step < MOST_STEPS; step++) {
            double force = 0;
            double slope = 0;
            for (int i = 0; i < faces; i++) {
                double k = perTravel[i];
                double left = 1 / (1 - q * k);
                double term = weight[i] * left;
                force += term;
                slope += term * k * left;
            }
            double excess = 1 / force - target;
            if (excess > 0) {
                low = q;
            } else {
                high = q;
            }
            double next = q + excess * force * force / slope;
            if (Math.abs(next - q) <= CLOSE * next) {
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

    /**
     * Volume times {@code -ln(1 - q n_i/t_i)}, summed, m3: over b it is the energy absorbed. By the plain logarithm, which
     * is several times faster than log1p: the digits it loses near no travel are digits of an energy near nothing.
     */
    double energyVolumeM3(double q) {
        double energy = 0;
        for (int i = 0; i < faces; i++) {
            energy -= volume[i] * Math.log(1 - q * perTravel[i]);
        }
        return energy;
    }

    /** Change of load with q, m: sum of {@code A_i n_i k_i / (1 - q k_i)^2}. */
    double stiffness(double q) {
        double slope = 0;
        for (int i = 0; i < faces; i++) {
            double left = 1 - q * perTravel[i];
            slope += weight[i] * perTravel[i] / (left * left);
        }
        return slope;
    }
}
