package rampart.core.cushion;

import rampart.core.material.FirstRamp;

/**
 * The struck cushions of one layer in one drop: they share one travel along the drop direction (rule 13). What depends on
 * temperature, impacts and mass is given with each question, so that one object serves all conditions of a drop. Travel is
 * asked for times a b, as q: spring i is then strained by {@code u = q n_i/t_i} in units of {@code 1/(a b)}, where its ramp
 * ends at r and it is solid at {@code r + 1/k}; stress is asked for over a, energy density times b.
 */
public final class Springs {
    private static final int MOST_STEPS = 200;

    /** A Newton step this small, relative, leaves an error of about its square: below rounding. */
    private static final double CLOSE = 1e-9;

    /** Beyond this share of lock-up no force is told apart from an infinite one. */
    private static final double NEARLY_SOLID = 1 - 1e-12;

    private final int count;
    /** Area times cosine, m2; cosine over thickness, 1/m; area times thickness, m3. */
    private final double[] weight;

    private final double[] perTravel;
    private final double[] volume;
    private final double wholeWeight;
    private final double wholeVolume;
    private final double steepest;

    private final double share;
    private final int exponent;
    private final double rise;
    private final double solid;

    /** q where the steepest comes to the end of its ramp; load over a and energy times b there. */
    private final double rampEnd;

    private final double loadAtRampEnd;
    private final double energyAtRampEnd;

    /**
     * Springs in parallel.
     *
     * @param areaM2 bearing area of each, above 0
     * @param thicknessM thickness of each, above 0
     * @param cosine part of the direction along each, 0 to 1
     * @param ramp first ramp of their material
     */
    public Springs(double[] areaM2, double[] thicknessM, double[] cosine, FirstRamp ramp) {
        count = areaM2.length;
        weight = new double[count];
        perTravel = new double[count];
        volume = new double[count];
        double weights = 0;
        double volumes = 0;
        double most = 0;
        for (int i = 0; i < count; i++) {
            weight[i] = areaM2[i] * cosine[i];
            perTravel[i] = cosine[i] / thicknessM[i];
            volume[i] = areaM2[i] * thicknessM[i];
            weights += weight[i];
            volumes += volume[i];
            most = Math.max(most, perTravel[i]);
        }
        wholeWeight = weights;
        wholeVolume = volumes;
        steepest = most;
        share = ramp.share();
        exponent = ramp.exponent();
        rise = ramp.rise();
        solid = share + 1 / rise;
        rampEnd = share / steepest;
        loadAtRampEnd = loadM2(rampEnd);
        energyAtRampEnd = energyVolumeM3(rampEnd);
    }

    /** Areas times cosines, summed, m2. */
    double wholeWeightM2() {
        return wholeWeight;
    }

    /** Areas times thicknesses, summed, m3. */
    double wholeVolumeM3() {
        return wholeVolume;
    }

    /** Force over the stress a under which every spring is about at the end of its ramp, m2. */
    double loadAtRampEndM2() {
        return rise * wholeWeight;
    }

    /** Strain of spring i per unit of travel, 1/m. */
    double strainPerTravel(int i) {
        return perTravel[i];
    }

    /** Strain over lock-up strain of spring i at this q. */
    double lockUpFraction(double q, int i) {
        return q * perTravel[i] / solid;
    }

    /** The same of the most pressed spring. */
    double lockUpFraction(double q) {
        return q * steepest / solid;
    }

    /** True where no spring is pressed beyond its ramp. */
    boolean withinRamp(double q) {
        return q * steepest <= share;
    }

    /** Stress over a of spring i at this q. */
    public double stressOverA(double q, int i) {
        return stress(q * perTravel[i]);
    }

    private double stress(double u) {
        return stress(u, u <= share);
    }

    private double stress(double u, boolean inRamp) {
        if (inRamp) {
            double part = u / share;
            return exponent == 1 ? rise * part : rise * part * part;
        }
        return 1 / (solid - u);
    }

    /** Change of stress over a with u, where it is this much. */
    private double slope(double u, double stress) {
        if (u <= share) {
            return exponent == 1 ? rise / share : 2 * rise * u / (share * share);
        }
        return stress * stress;
    }

    /**
     * Energy density times b. By the plain logarithm, several times faster than log1p: beyond the ramp it is never taken
     * near 1.
     */
    private double energy(double u) {
        return u <= share ? stress(u) * u / (exponent + 1) : -Math.log(solid - u);
    }

    /** Force over the stress a at this q, m2. */
    public double loadM2(double q) {
        double load = 0;
        for (int i = 0; i < count; i++) {
            load += weight[i] * stress(q * perTravel[i]);
        }
        return load;
    }

    /** q where spring i comes to the end of its ramp; infinite where it is not pressed at all. */
    public double rampEnd(int i) {
        return share / perTravel[i];
    }

    /**
     * Force over the stress a at this q, m2, with each spring on the one branch of its law, which is smooth beyond its
     * end too.
     *
     * @param inRamp per spring, whether it is in its ramp
     */
    public double loadM2(double q, boolean[] inRamp) {
        double load = 0;
        for (int i = 0; i < count; i++) {
            load += weight[i] * stress(q * perTravel[i], inRamp[i]);
        }
        return load;
    }

    /** Change of load with q, m. */
    public double stiffnessM(double q) {
        double sum = 0;
        for (int i = 0; i < count; i++) {
            double u = q * perTravel[i];
            sum += weight[i] * perTravel[i] * slope(u, stress(u));
        }
        return sum;
    }

    /** Volume times energy density times b, summed, m3: over b it is the energy absorbed. */
    public double energyVolumeM3(double q) {
        double energy = 0;
        for (int i = 0; i < count; i++) {
            double u = q * perTravel[i];
            energy += volume[i] * energy(u);
        }
        return energy;
    }

    private double mostQ() {
        return NEARLY_SOLID * solid / steepest;
    }

    /**
     * q under this force over the stress a: in closed form for a single spring and as long as all are in their ramp, else
     * by Newton's method on the reciprocal of the force, which is straight in q for a single spring beyond its ramp; the
     * root is kept between bounds.
     *
     * @param start where to begin, such as the last answer; 0 where nothing is known
     */
    public double travelUnder(double loadM2, double start) {
        double most = mostQ();
        if (count == 1) {
            double stress = loadM2 / weight[0];
            double u = stress <= rise ? share * root(stress / rise, exponent) : solid - 1 / stress;
            return Math.min(most, u / steepest);
        }
        if (loadM2 <= loadAtRampEnd) {
            return rampEnd * root(loadM2 / loadAtRampEnd, exponent);
        }
        // No spring is pressed more than the steepest: it bears at least the mean.
        double low = Math.max(rampEnd, (solid - wholeWeight / loadM2) / steepest);
        double high = solid / steepest;
        double target = 1 / loadM2;
        double q = start > low && start < high ? start : low;
        for (int step = 0; step < MOST_STEPS; step++) {
            double load = 0;
            double stiffness = 0;
            for (int i = 0; i < count; i++) {
                double u = q * perTravel[i];
                double stress = stress(u);
                load += weight[i] * stress;
                stiffness += weight[i] * perTravel[i] * slope(u, stress);
            }
            double excess = 1 / load - target;
            if (excess > 0) {
                low = q;
            } else {
                high = q;
            }
            double next = q + excess * load * load / stiffness;
            if (Math.abs(next - q) <= CLOSE * q) {
                return Math.min(most, next);
            }
            if (!(next > low && next < high)) {
                next = (low + high) / 2;
            }
            if (next == low || next == high) {
                return Math.min(most, next);
            }
            q = next;
        }
        return Math.min(most, q);
    }

    /**
     * q at which the springs have absorbed so much: in closed form as long as all are in their ramp and for a single
     * spring, else by Newton's method on {@code exp(-energy/volume)}, which is straight in q where all are pressed alike
     * beyond their ramps.
     *
     * @param energyM3 volume times energy density times b
     */
    double travelAbsorbing(double energyM3) {
        double most = mostQ();
        if (count == 1) {
            double density = energyM3 / wholeVolume;
            double atEnd = rise * share / (exponent + 1);
            double u = density <= atEnd ? share * root(density / atEnd, exponent + 1) : solid - Math.exp(-density);
            return Math.min(most, u / steepest);
        }
        if (energyM3 <= energyAtRampEnd) {
            return rampEnd * root(energyM3 / energyAtRampEnd, exponent + 1);
        }
        // Nor has any absorbed more of its volume.
        double low = Math.max(rampEnd, (solid - Math.exp(-energyM3 / wholeVolume)) / steepest);
        double high = solid / steepest;
        double q = low;
        for (int step = 0; step < MOST_STEPS; step++) {
            double load = 0;
            double energy = 0;
            for (int i = 0; i < count; i++) {
                double u = q * perTravel[i];
                load += weight[i] * stress(u);
                energy += volume[i] * energy(u);
            }
            if (energy < energyM3) {
                low = q;
            } else {
                high = q;
            }
            double next = q + wholeVolume / load * -Math.expm1((energy - energyM3) / wholeVolume);
            if (Math.abs(next - q) <= CLOSE * q) {
                return Math.min(most, next);
            }
            if (!(next > low && next < high)) {
                next = (low + high) / 2;
            }
            if (next == low || next == high) {
                return Math.min(most, next);
            }
            q = next;
        }
        return Math.min(most, q);
    }

    private static double root(double value, int degree) {
        return switch (degree) {
            case 1 -> value;
            case 2 -> Math.sqrt(value);
            default -> Math.cbrt(value);
        };
    }
}
