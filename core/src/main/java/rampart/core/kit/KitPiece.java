package rampart.core.kit;

import rampart.core.quantity.Require;
import rampart.core.quantity.Size;

/**
 * One kind of thing in a kit, lying as it is measured.
 *
 * @param massKg of one
 * @param count of equal ones
 */
public record KitPiece(String name, Size size, double massKg, int count) {
    /** Most things of a kit: a bed has at most so many parts. */
    public static final int MOST = 60;

    private static final double LEAST_MM = 3;
    private static final double LONGEST_MM = 3000;
    private static final double HEAVIEST_KG = 1000;

    /** @throws IllegalArgumentException if a figure is out of its range */
    public KitPiece {
        Require.within(size.lengthMm(), LEAST_MM, LONGEST_MM, "length of " + name + " in mm");
        Require.within(size.widthMm(), LEAST_MM, LONGEST_MM, "width of " + name + " in mm");
        Require.within(size.heightMm(), LEAST_MM, LONGEST_MM, "height of " + name + " in mm");
        Require.within(massKg, 0.001, HEAVIEST_KG, "mass of " + name + " in kg");
        Require.within(count, 1, MOST, "number of " + name);
    }

    /** One of them. */
    KitPiece single() {
        return new KitPiece(name, size, massKg, 1);
    }

    /** The longer side to the right. */
    double acrossMm() {
        return Math.max(size.lengthMm(), size.widthMm());
    }

    double deepMm() {
        return Math.min(size.lengthMm(), size.widthMm());
    }
}
