package rampart.core.bed;

import java.util.Arrays;
import rampart.core.quantity.Axis;
import rampart.core.quantity.Size;

/** The cells of the size along each axis (rule 46): {@code n = 2 min(200, max(1, ceil(L/5)))} equal ones. */
final class RayGrid {
    private static final double ABOUT_MM = 5;
    private static final int MOST_HALVES = 200;
    private static final double HAIR = 1e-9;

    private final Size size;
    private final int[] cells;

    /** @param size of the item */
    RayGrid(Size size) {
        this.size = size;
        cells = Arrays.stream(Axis.values())
                .mapToInt(axis -> cells(size.along(axis)))
                .toArray();
    }

    private static int cells(double mm) {
        return 2 * (int) Math.min(MOST_HALVES, Math.max(1, Math.ceil(mm / ABOUT_MM - HAIR)));
    }

    int cells(Axis axis) {
        return cells[axis.ordinal()];
    }

    double cellMm(Axis axis) {
        return size.along(axis) / cells(axis);
    }

    /** Middle of a cell, from the middle of the size. */
    double middleMm(Axis axis, int cell) {
        return -size.along(axis) / 2 + (cell + 0.5) * size.along(axis) / cells(axis);
    }

    /** No cell before this one has its middle at or beyond a place. */
    int cellFrom(Axis axis, double mm) {
        return Math.max(0, (int) Math.floor(cellsAt(axis, mm)) - 1);
    }

    /** No cell after this one has its middle at or before a place. */
    int cellUpTo(Axis axis, double mm) {
        return Math.min(cells(axis) - 1, (int) Math.ceil(cellsAt(axis, mm)));
    }

    private double cellsAt(Axis axis, double mm) {
        return (mm + size.along(axis) / 2) / cellMm(axis);
    }
}
