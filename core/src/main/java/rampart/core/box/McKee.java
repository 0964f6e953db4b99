package rampart.core.box;

import rampart.core.quantity.Require;
import rampart.core.quantity.Units;

/**
 * McKee's formula for the strength of a carton that stands on four walls with upright flutes (McKee, Gander and Wachuta 1963,
 * from memory): new and dry, in the short time of a compression test.
 */
public final class McKee {
    /** Constant of the short form; the same in N, mm and N/mm as in lbf, in and lb/in. */
    public static final double SHORT = 5.87;

    /** Constant of the long form, in lbf, lb/in, lb in and in. */
    public static final double LONG = 2.028;

    private static final double OF_EDGE_CRUSH = 0.746;
    private static final double OF_STIFFNESS = 0.254;
    private static final double OF_PERIMETER = 0.492;

    private McKee() {}

    /**
     * The short form, N.
     *
     * @param edgeCrushNPerMm edge crush strength, N/mm
     * @param perimeterMm inside perimeter
     */
    public static double shortForm(double edgeCrushNPerMm, double caliperMm, double perimeterMm) {
        return SHORT * edgeCrushNPerMm * Math.sqrt(caliperMm * perimeterMm);
    }

    /**
     * The long form, N: with what the board was measured to resist bending in both directions.
     *
     * @param edgeCrushNPerMm edge crush strength, N/mm
     * @param alongNm flexural rigidity per width along the machine, N m, above 0
     * @param acrossNm likewise across the machine
     * @param perimeterMm inside perimeter
     */
    public static double longForm(double edgeCrushNPerMm, double alongNm, double acrossNm, double perimeterMm) {
        Require.positive(alongNm, "bending stiffness along the machine in N m");
        Require.positive(acrossNm, "bending stiffness across the machine in N m");
        double lbPerIn = edgeCrushNPerMm / Units.N_PER_MM_PER_LB_PER_IN;
        // A rigidity per width is a moment: N m to lb in.
        double lbIn = Math.sqrt(alongNm * acrossNm) / (Units.N_PER_LBF * Units.MM_PER_IN * 1e-3);
        double lbf = LONG
                * Math.pow(lbPerIn, OF_EDGE_CRUSH)
                * Math.pow(lbIn, OF_STIFFNESS)
                * Math.pow(perimeterMm / Units.MM_PER_IN, OF_PERIMETER);
        return lbf * Units.N_PER_LBF;
    }
}
