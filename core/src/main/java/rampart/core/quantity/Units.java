package rampart.core.quantity;

/** Exact conversion factors between core units and the units of the tables. */
public final class Units {
    /** Standard acceleration of gravity, m/s2, by definition (CGPM 1901). */
    public static final double STANDARD_GRAVITY = 9.80665;

    /** Kilograms in one pound, by definition. */
    public static final double KG_PER_LB = 0.45359237;

    /** Millimetres in one inch, by definition. */
    public static final double MM_PER_IN = 25.4;

    public static final double MM_PER_FT = 12 * MM_PER_IN;

    /** Kilopascal in a pound force per square inch. */
    public static final double KPA_PER_PSI = KG_PER_LB * STANDARD_GRAVITY / (MM_PER_IN * MM_PER_IN) * 1000;

    /** Newton in a pound force. */
    public static final double N_PER_LBF = KG_PER_LB * STANDARD_GRAVITY;

    /** N/mm in one lb/in of edge crush strength. */
    public static final double N_PER_MM_PER_LB_PER_IN = KG_PER_LB * STANDARD_GRAVITY / MM_PER_IN;

    private Units() {}

    /** To nine decimals, so that a value exactly on a class limit stays there after a unit change. */
    public static double roundTo9Decimals(double value) {
        return Math.rint(value * 1e9) / 1e9;
    }
}
