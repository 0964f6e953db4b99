package rampart.core.layout;

import rampart.core.quantity.Axis;
import rampart.core.quantity.Face;

/**
 * A part of a face of a body on which a cushion bears: the springs of a drop are made of these, and what is cut.
 *
 * @param areaMm2 that bears
 * @param thicknessMm of the cushion there
 * @param firstMm near edge along the face's first axis, from the body's edge
 * @param secondMm near edge along its second axis
 * @param alongFirstMm side along the first axis, as it is cut
 * @param alongSecondMm side along the second
 */
public record ContactPatch(
        Face face,
        double areaMm2,
        double thicknessMm,
        double firstMm,
        double secondMm,
        double alongFirstMm,
        double alongSecondMm) {
    /** The first of a face's two axes, in the order x, y, z. */
    public static Axis first(Face face) {
        return face.axis() == Axis.X ? Axis.Y : Axis.X;
    }

    /** The second of a face's two axes. */
    public static Axis second(Face face) {
        return face.axis() == Axis.Z ? Axis.Y : Axis.Z;
    }
}
