package rampart.core.bed;

import rampart.core.quantity.Axis;
import rampart.core.quantity.Size;

/**
 * The cells of the size along each axis (rule 46): {@code n = 2 min(200, max(1, ceil(L/5)))} equal ones.
 *
 * @param size of the item
 */
record RayGrid(Size size) {
    private static final double ABOUT_MM = 5;
    private static final int MOST_HALVES = 200;
    private static final double HAIR = 1e-9;

    int cells(Axis axis) {
        return 2 * (int) Math.min(MOST_HALVES, Math.max(1, Math.ceil(size.along(axis) / ABOUT_MM - HAIR)));
    }

    double cellMm(Axis axis) {
        return size.along(axis) / cells(axis);
    }

    /** Middle of a cell, from the middle of the size. */
    double middleMm(Axis axis, int cell) {
        return -size.along(axis) / 2 + (cell + 0.5) * size.along(axis) / cells(axis);
    }
}
