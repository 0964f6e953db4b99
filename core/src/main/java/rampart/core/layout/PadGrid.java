package rampart.core.layout;

import rampart.core.quantity.Axis;
import rampart.core.quantity.Face;
import rampart.core.quantity.Size;

/**
 * How the pads of a face lie: in rows and columns, so that the cells are nearest to square; each pad in the middle of its
 * cell and of its proportions. On a tie the more cells lie along the face's first axis, in the order x, y, z.
 *
 * @param first the face's first axis
 * @param second its other axis
 * @param alongFirst cells along the first axis
 * @param alongSecond cells along the second
 * @param cellFirstMm extent of a cell along the first axis
 * @param cellSecondMm extent of a cell along the second
 * @param scale side of a pad over that of its cell; 0 where there is no pad
 */
public record PadGrid(
        Axis first,
        Axis second,
        int alongFirst,
        int alongSecond,
        double cellFirstMm,
        double cellSecondMm,
        double scale) {
    private static final double TIE = 1e-9;
    private static final double CUT_STEP_MM = 5;

    /** The grid of so many pads on this face of a body. */
    public static PadGrid of(Size body, Face face, int count, double padMm2) {
        Axis first = ContactPatch.first(face);
        Axis second = ContactPatch.second(face);
        PadGrid best = null;
        double least = Double.POSITIVE_INFINITY;
        for (int n = count; n >= 1; n--) {
            if (count % n == 0) {
                double a = body.along(first) / n;
                int rows = count / n;
                double b = body.along(second) / rows;
                double offSquare = Math.abs(Math.log(a / b));
                if (offSquare < least - TIE) {
                    least = offSquare;
                    best = new PadGrid(first, second, n, rows, a, b, Math.sqrt(padMm2 / (a * b)));
                }
            }
        }
        return best;
    }

    /** Cells along one of its axes. */
    public int cells(Axis axis) {
        return axis == first ? alongFirst : alongSecond;
    }

    /** Outer edge to outer edge of the pads along one of its axes, over the length of the body there. */
    public double reach(Axis axis) {
        int cells = cells(axis);
        return (cells - 1 + scale) / cells;
    }

    /**
     * Side of a pad along one of its axes as it is cut: whole steps of 5 mm where such a rectangle has its very area and is
     * no further than a step from its proportions; else to its proportions.
     */
    public double cutMm(Axis axis) {
        double mine = scale * (axis == first ? cellFirstMm : cellSecondMm);
        double other = scale * (axis == first ? cellSecondMm : cellFirstMm);
        double area = mine * other;
        double step = CUT_STEP_MM * Math.rint(mine / CUT_STEP_MM);
        for (double side : new double[] {step, step - CUT_STEP_MM, step + CUT_STEP_MM}) {
            double across = area / side;
            boolean whole = Math.abs(across / CUT_STEP_MM - Math.rint(across / CUT_STEP_MM)) < TIE * across;
            if (side > 0 && whole && Math.abs(side - mine) <= CUT_STEP_MM && Math.abs(across - other) <= CUT_STEP_MM) {
                return side;
            }
        }
        return mine;
    }

    int count() {
        return alongFirst * alongSecond;
    }
}
