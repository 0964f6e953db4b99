package rampart.core.material;

import rampart.core.quantity.Require;

/**
 * How stress rises from nothing before the stress-energy line holds. Its share r is of the strain {@code 1/(a b)}; its
 * exponent w is 1 where it rises straight, as in foams, and 2 where it is curved, as in cells of air, loose fill and paper.
 * Equal where both are.
 */
public final class FirstRamp {
    private static final double LEAST_SHARE = 0.01;
    private static final double MOST_STRAIGHT = 0.6;
    private static final double MOST_CURVED = 1;

    private final double share;
    private final int exponent;
    private final double rise;

    private FirstRamp(double share, int exponent) {
        this.share = share;
        this.exponent = exponent;
        double z = -share / (exponent + 1);
        this.rise = LambertW.principal(z) / z;
    }

    /**
     * A ramp.
     *
     * @param share r, 0.01 to 0.6 where straight, to 1 where curved
     * @param exponent w, 1 or 2
     * @throws IllegalArgumentException beyond these
     */
    public static FirstRamp of(double share, int exponent) {
        if (exponent != 1 && exponent != 2) {
            throw new IllegalArgumentException("the exponent of a first ramp is 1 or 2, not " + exponent);
        }
        Require.within(share, LEAST_SHARE, mostShare(exponent), "share of a first ramp");
        return new FirstRamp(share, exponent);
    }

    /** A straight one. */
    public static FirstRamp straight(double share) {
        return of(share, 1);
    }

    /** A curved one. */
    public static FirstRamp curved(double share) {
        return of(share, 2);
    }

    /** The most that the share of a ramp of this exponent may be. */
    public static double mostShare(int exponent) {
        return exponent == 1 ? MOST_STRAIGHT : MOST_CURVED;
    }

    /** r. */
    public double share() {
        return share;
    }

    /** w. */
    public int exponent() {
        return exponent;
    }

    /** k, the stress at the end of the ramp over a: {@code -((w+1)/r) W0(-r/(w+1))}, so that {@code ln k = k r/(w+1)}. */
    public double rise() {
        return rise;
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof FirstRamp that && share == that.share && exponent == that.exponent;
    }

    @Override
    public int hashCode() {
        return Double.hashCode(share) * 31 + exponent;
    }

    @Override
    public String toString() {
        return "share " + share + ", exponent " + exponent;
    }
}
