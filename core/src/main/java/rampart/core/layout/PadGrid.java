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
 */
public record PadGrid(
        Axis first, Axis second, int alongFirst, int alongSecond, double cellFirstMm, double cellSecondMm) {
    private static final double TIE = 1e-9;

    /** The grid of so many pads on this face of a body. */
    static PadGrid of(Size body, Face face, int count) {
        Axis first = face.axis() == Axis.X ? Axis.Y : Axis.X;
        Axis second = face.axis() == Axis.Z ? Axis.Y : Axis.Z;
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
                    best = new PadGrid(first, second, n, rows, a, b);
                }
            }
        }
        return best;
    }

    int count() {
        return alongFirst * alongSecond;
    }
}
