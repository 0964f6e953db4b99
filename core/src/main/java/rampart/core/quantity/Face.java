package rampart.core.quantity;

import java.util.List;

/** The six faces of a package, numbered as in ISO 2206 and ASTM D5276 (from memory). Declared in rising number. */
public enum Face {
    TOP(1, Axis.Z, 1, "top"),
    RIGHT(2, Axis.X, 1, "right"),
    BOTTOM(3, Axis.Z, -1, "bottom"),
    LEFT(4, Axis.X, -1, "left"),
    FRONT(5, Axis.Y, -1, "front"),
    BACK(6, Axis.Y, 1, "back");

    /** All faces in rising number; shared, so that loops need no array copy. */
    public static final List<Face> ALL = List.of(values());

    private final int number;
    private final Axis axis;
    private final int sign;
    private final String word;

    Face(int number, Axis axis, int sign, String word) {
        this.number = number;
        this.axis = axis;
        this.sign = sign;
        this.word = word;
    }

    /** 1 to 6. */
    public int number() {
        return number;
    }

    /** The axis this face is square to. */
    public Axis axis() {
        return axis;
    }

    /** +1 where the face looks along its axis, -1 where it looks against it. */
    public int sign() {
        return sign;
    }

    /** The face on the other side. */
    public Face opposite() {
        return switch (this) {
            case TOP -> BOTTOM;
            case BOTTOM -> TOP;
            case RIGHT -> LEFT;
            case LEFT -> RIGHT;
            case FRONT -> BACK;
            case BACK -> FRONT;
        };
    }

    /** The word a packer uses, lower case; also the key in the pack file. */
    public String word() {
        return word;
    }
}
