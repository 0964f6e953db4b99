package rampart.core.bed;

import java.util.Arrays;
import java.util.BitSet;
import java.util.List;
import rampart.core.geometry.PlanPoint;
import rampart.core.quantity.Axis;

/** Where the lines through the middles of a grid's cells cross one prism's outline, and which middles lie inside it. */
final class Crossings {
    private final double[] leastX;
    private final double[] mostX;
    private final double[] leastY;
    private final double[] mostY;
    private final BitSet inside;
    private final int rows;

    private Crossings(int columns, int rows) {
        this.rows = rows;
        leastX = filled(rows, Double.POSITIVE_INFINITY);
        mostX = filled(rows, Double.NEGATIVE_INFINITY);
        leastY = filled(columns, Double.POSITIVE_INFINITY);
        mostY = filled(columns, Double.NEGATIVE_INFINITY);
        inside = new BitSet(columns * rows);
    }

    private static double[] filled(int n, double value) {
        double[] all = new double[n];
        Arrays.fill(all, value);
        return all;
    }

    static Crossings of(Prism prism, RayGrid grid) {
        int columns = grid.cells(Axis.X);
        int rows = grid.cells(Axis.Y);
        Crossings crossings = new Crossings(columns, rows);
        List<PlanPoint> outline = prism.outline();
        int n = outline.size();
        double[] found = new double[n];
        for (int row = 0; row < rows; row++) {
            double y = grid.middleMm(Axis.Y, row);
            int count = 0;
            for (int i = 0; i < n; i++) {
                PlanPoint p = outline.get(i);
                PlanPoint q = outline.get(i + 1 == n ? 0 : i + 1);
                if ((p.yMm() > y) != (q.yMm() > y)) {
                    found[count++] = p.xMm() + (q.xMm() - p.xMm()) * (y - p.yMm()) / (q.yMm() - p.yMm());
                }
            }
            crossings.row(row, found, count, grid);
        }
        for (int column = 0; column < columns; column++) {
            double x = grid.middleMm(Axis.X, column);
            for (int i = 0; i < n; i++) {
                PlanPoint p = outline.get(i);
                PlanPoint q = outline.get(i + 1 == n ? 0 : i + 1);
                if ((p.xMm() > x) != (q.xMm() > x)) {
                    double y = p.yMm() + (q.yMm() - p.yMm()) * (x - p.xMm()) / (q.xMm() - p.xMm());
                    crossings.leastY[column] = Math.min(crossings.leastY[column], y);
                    crossings.mostY[column] = Math.max(crossings.mostY[column], y);
                }
            }
        }
        return crossings;
    }

    private void row(int row, double[] found, int count, RayGrid grid) {
        if (count == 0) {
            return;
        }
        Arrays.sort(found, 0, count);
        leastX[row] = found[0];
        mostX[row] = found[count - 1];
        int passed = 0;
        int columns = grid.cells(Axis.X);
        for (int column = 0; column < columns; column++) {
            double x = grid.middleMm(Axis.X, column);
            while (passed < count && found[passed] <= x) {
                passed++;
            }
            if ((count - passed) % 2 == 1) {
                inside.set(column * rows + row);
            }
        }
    }

    boolean inside(int column, int row) {
        return inside.get(column * rows + row);
    }

    /** The outermost crossing toward the left or the right on the line through a row; infinite where none. */
    double outermostX(int row, int sign) {
        return sign < 0 ? leastX[row] : mostX[row];
    }

    /** The outermost crossing toward the front or the back on the line through a column; infinite where none. */
    double outermostY(int column, int sign) {
        return sign < 0 ? leastY[column] : mostY[column];
    }
}
