package rampart.core.box;

/**
 * McKee's formula, its short form, for the strength of a carton that stands on four walls with upright flutes (McKee, Gander and Wachuta 1963,
 * from memory): new and dry, in the short time of a compression test.
 */
public final class McKee {
    /** Constant of the short form; the same in N, mm and N/mm as in lbf, in and lb/in. */
    public static final double SHORT = 5.87;

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
}
