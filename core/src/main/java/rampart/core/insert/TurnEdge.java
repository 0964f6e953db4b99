package rampart.core.insert;

import rampart.core.geometry.Outline;

/**
 * The edge over which a lid is turned to lie face up beside its base, as it is cut: what was on the one side of it comes
 * to lie on the other.
 */
public enum TurnEdge {
    /** The left or the right edge: left and right change places. */
    SIDE,
    /** The front or the back edge: front and back change places. */
    FRONT;

    /** As it lies when turned over, about the middle of the item. */
    public Outline turned(Outline outline) {
        return this == SIDE ? outline.mirroredAboutX(0) : outline.mirroredAboutY(0);
    }
}
