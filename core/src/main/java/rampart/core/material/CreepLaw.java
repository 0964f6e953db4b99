package rampart.core.material;

/**
 * Loss of thickness under a load that stays: {@code strain = c1 + c2 log10(hours)} at a known load, in proportion to
 * the load elsewhere (assumed).
 *
 * @param c1 strain after an hour
 * @param c2 what each tenfold time adds
 * @param atKpa static stress at which that holds, kPa
 */
public record CreepLaw(double c1, double c2, double atKpa) {
    private static final double MOST = 0.9;

    /** A tenth in 1,000 hours at the creep limit: nominal, the shape assumed. */
    public static CreepLaw nominal(double creepLimitKpa) {
        return new CreepLaw(0.02, 0.08 / 3, creepLimitKpa);
    }

    /** Share of the thickness lost after so long under this load, 0 to 0.9; the first hour counts whole. */
    public double strain(double staticStressKpa, double hours) {
        return Math.max(0, Math.min(MOST, atKnownLoad(hours) * staticStressKpa / atKpa));
    }

    /** The same at the load at which it is known, without bounds. */
    public double atKnownLoad(double hours) {
        return c1 + c2 * Math.log10(Math.max(1, hours));
    }
}
