package rampart.core.sheet;

import rampart.core.quantity.Require;

/**
 * Equal rectangles to cut.
 *
 * @param count how many, 1 or more
 */
public record CutPart(String name, double lengthMm, double widthMm, int count) {
    /** Most rectangles in one plan. */
    public static final int MOST = 2000;

    /** @throws IllegalArgumentException if a size or the count is out of its range */
    public CutPart {
        Require.positive(lengthMm, "length of a piece in mm");
        Require.positive(widthMm, "width of a piece in mm");
        Require.within(count, 1, MOST, "number of pieces");
    }
}
