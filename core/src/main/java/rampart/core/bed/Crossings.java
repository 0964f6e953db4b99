package rampart.core.bed;

import java.util.Arrays;
import java.util.BitSet;
import rampart.core.geometry.PlanPoint;
import rampart.core.quantity.Axis;

/** Where the lines through the middles of a grid's cells cross one prism's outline, and which middles lie inside it. */
final class Crossings {
    private static final int USUAL_CROSSINGS = 4;

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
        double[] x = prism.outline().stream().mapToDouble(PlanPoint::xMm).toArray();
        double[] y = prism.outline().stream().mapToDouble(PlanPoint::yMm).toArray();
        double[][] found = new double[rows][];
        int[] count = new int[rows];
        for (int i = 0; i < x.length; i++) {
            int next = i + 1 == x.length ? 0 : i + 1;
            int last = grid.cellUpTo(Axis.Y, Math.max(y[i], y[next]));
            for (int row = grid.cellFrom(Axis.Y, Math.min(y[i], y[next])); row <= last; row++) {
                double at = grid.middleMm(Axis.Y, row);
                if ((y[i] > at) != (y[next] > at)) {
                    if (found[row] == null) {
                        found[row] = new double[USUAL_CROSSINGS];
                    } else if (count[row] == found[row].length) {
                        found[row] = Arrays.copyOf(found[row], 2 * count[row]);
                    }
                    found[row][count[row]++] = x[i] + (x[next] - x[i]) * (at - y[i]) / (y[next] - y[i]);
                }
            }
            last = grid.cellUpTo(Axis.X, Math.max(x[i], x[next]));
            for (int column = grid.cellFrom(Axis.X, Math.min(x[i], x[next])); column <= last; column++) {
                double at = grid.middleMm(Axis.X, column);
                if ((x[i] > at) != (x[next] > at)) {
                    double crossed = y[i] + (y[next] - y[i]) * (at - x[i]) / (x[next] - x[i]);
                    crossings.leastY[column] = Math.min(crossings.leastY[column], crossed);
                    crossings.mostY[column] = Math.max(crossings.mostY[column], crossed);
                }
            }
        }
        for (int row = 0; row < rows; row++) {
            if (count[row] > 0) {
                crossings.row(row, found[row], count[row], grid);
            }
        }
        return crossings;
    }

    private void row(int row, double[] found, int count, RayGrid grid) {
        Arrays.sort(found, 0, count);
        leastX[row] = found[0];
        mostX[row] = found[count - 1];
        int passed = 0;
        int columns = grid.cells(Axis.X);
        for (int column = grid.cellFrom(Axis.X, found[0]); column < columns && passed < count; column++) {
            double x = grid.middleMm(Axis.X, column);
            while (passed < count && found[passed] <= x) {
                passed++;
            }
            if ((count - passed) % 2 == 1) {
                inside.set(column * rows + row);
            }
        }
    }

    /** The middles that lie inside, numbered like the rays from above and below. */
    BitSet inside() {
        return inside;
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
