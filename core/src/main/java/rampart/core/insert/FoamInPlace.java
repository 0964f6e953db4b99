package rampart.core.insert;

import rampart.core.quantity.Require;

/**
 * The bed made by foam that rises round the item itself, film between: how much it takes for the base and for the lid.
 *
 * @param baseMm3 to fill under and beside the item up to the parting plane, with what is added
 * @param lidMm3 above it
 */
public record FoamInPlace(double baseMm3, double lidMm3) {
    /** More than the room itself, for it never fills evenly [nominal]. */
    public static final double MORE = 1.1;

    /** Pressure on the walls while it rises, kPa [nominal]. */
    public static final double RISING_KPA = 15;

    private static final double MM3_PER_LITRE = 1e6;

    /** Of a bed. */
    public static FoamInPlace of(BedCut cut) {
        double area = cut.blockFromAbove().areaMm2();
        double base = 0;
        double lid = 0;
        for (BedCut.Level level : cut.levels()) {
            double foam = (area - level.open().areaMm2()) * level.thicknessMm();
            if (level.half() == BedCut.Half.BASE) {
                base += foam;
            } else {
                lid += foam;
            }
        }
        return new FoamInPlace(MORE * base, MORE * lid);
    }

    /**
     * Shots or cans; each half is poured at once, so what is left of one is not kept for the other.
     *
     * @param litresEach what one fills when it has risen, by its maker's label
     */
    public int shots(double litresEach) {
        Require.within(litresEach, 0.5, 500, "yield of a can in litres");
        return (int) (Math.ceil(baseMm3 / MM3_PER_LITRE / litresEach) + Math.ceil(lidMm3 / MM3_PER_LITRE / litresEach));
    }
}
