package rampart.core.quantity;

import java.util.function.ToDoubleFunction;

/** One value for each face; the unit is that of the field that holds it. */
public record SixSided(double top, double right, double bottom, double left, double front, double back) {
    public static final SixSided ZERO = all(0);

    public static SixSided all(double value) {
        return new SixSided(value, value, value, value, value, value);
    }

    /** The value that the function gives for each face. */
    public static SixSided of(ToDoubleFunction<Face> value) {
        return new SixSided(
                value.applyAsDouble(Face.TOP),
                value.applyAsDouble(Face.RIGHT),
                value.applyAsDouble(Face.BOTTOM),
                value.applyAsDouble(Face.LEFT),
                value.applyAsDouble(Face.FRONT),
                value.applyAsDouble(Face.BACK));
    }

    public double on(Face face) {
        return switch (face) {
            case TOP -> top;
            case RIGHT -> right;
            case BOTTOM -> bottom;
            case LEFT -> left;
            case FRONT -> front;
            case BACK -> back;
        };
    }

    /** This with another value on one face. */
    public SixSided with(Face face, double value) {
        return of(f -> f == face ? value : on(f));
    }
}
