package rampart.core.blank;

import java.util.ArrayList;
import java.util.List;
import rampart.core.geometry.PlanPoint;

/**
 * Folds a blank with homogeneous matrices, apart from the code under test: every crease is carried to the x axis of its parent,
 * turned there, and carried back. Panels become slabs of the board's thickness.
 */
final class FoldedByMatrices {
    private FoldedByMatrices() {}

    /** A folded panel as the box round it; panels of a closed carton lie square. */
    record Slab(String name, double[] min, double[] max, int onto) {
        double overlap(int axis, Slab other) {
            return Math.min(max[axis], other.max[axis]) - Math.max(min[axis], other.min[axis]);
        }
    }

    static List<Slab> slabs(Blank blank) {
        List<double[][]> placed = new ArrayList<>();
        List<Slab> slabs = new ArrayList<>();
        double half = blank.caliperMm() / 2;
        for (Panel panel : blank.panels()) {
            double[][] at = panel.fold()
                    .map(fold -> times(placed.get(fold.onto()), hinge(panel, fold, blank.caliperMm())))
                    .orElseGet(() -> columns(blank.pose()));
            placed.add(at);
            double[] min = {1e9, 1e9, 1e9};
            double[] max = {-1e9, -1e9, -1e9};
            for (PlanPoint corner : panel.corners()) {
                for (double z : new double[] {-half, half}) {
                    double[] p = apply(at, corner.xMm(), corner.yMm(), z);
                    for (int k = 0; k < 3; k++) {
                        min[k] = Math.min(min[k], p[k]);
                        max[k] = Math.max(max[k], p[k]);
                    }
                }
            }
            slabs.add(new Slab(
                    panel.name(), min, max, panel.fold().map(Fold::onto).orElse(-1)));
        }
        return slabs;
    }

    private static double[][] columns(Pose pose) {
        double[] u = {pose.right().xMm(), pose.right().yMm(), pose.right().zMm()};
        double[] v = {pose.away().xMm(), pose.away().yMm(), pose.away().zMm()};
        double[] n = {u[1] * v[2] - u[2] * v[1], u[2] * v[0] - u[0] * v[2], u[0] * v[1] - u[1] * v[0]};
        double[] o = {pose.origin().xMm(), pose.origin().yMm(), pose.origin().zMm()};
        return new double[][] {
            {u[0], v[0], n[0], o[0]}, {u[1], v[1], n[1], o[1]}, {u[2], v[2], n[2], o[2]}, {0, 0, 0, 1}
        };
    }

    /** In the plane of the parent: to the crease, turn about it, lift in the turned plane, back. */
    private static double[][] hinge(Panel panel, Fold fold, double caliper) {
        double dx = fold.to().xMm() - fold.from().xMm();
        double dy = fold.to().yMm() - fold.from().yMm();
        double length = Math.hypot(dx, dy);
        double area = 0;
        for (PlanPoint p : panel.corners()) {
            area += dx * (p.yMm() - fold.from().yMm())
                    - dy * (p.xMm() - fold.from().xMm());
        }
        double cos = dx / length;
        double sin = dy / length;
        double[][] there = {
            {cos, sin, 0, -cos * fold.from().xMm() - sin * fold.from().yMm()},
            {-sin, cos, 0, sin * fold.from().xMm() - cos * fold.from().yMm()},
            {0, 0, 1, 0},
            {0, 0, 0, 1}
        };
        double[][] back = {
            {cos, -sin, 0, fold.from().xMm()}, {sin, cos, 0, fold.from().yMm()}, {0, 0, 1, 0}, {0, 0, 0, 1}
        };
        double angle = Math.signum(area) * fold.degrees() * Math.PI / 180;
        double[][] turn = {
            {1, 0, 0, 0},
            {0, Math.cos(angle), -Math.sin(angle), 0},
            {0, Math.sin(angle), Math.cos(angle), 0},
            {0, 0, 0, 1}
        };
        double[][] lift = {{1, 0, 0, 0}, {0, 1, 0, 0}, {0, 0, 1, fold.raise() * caliper}, {0, 0, 0, 1}};
        return times(times(times(back, turn), lift), there);
    }

    private static double[][] times(double[][] a, double[][] b) {
        double[][] product = new double[4][4];
        for (int i = 0; i < 4; i++) {
            for (int j = 0; j < 4; j++) {
                for (int k = 0; k < 4; k++) {
                    product[i][j] += a[i][k] * b[k][j];
                }
            }
        }
        return product;
    }

    private static double[] apply(double[][] m, double x, double y, double z) {
        double[] p = new double[3];
        for (int i = 0; i < 3; i++) {
            p[i] = m[i][0] * x + m[i][1] * y + m[i][2] * z + m[i][3];
        }
        return p;
    }
}
