package rampart.core.bed;

import rampart.core.quantity.Axis;
import rampart.core.quantity.Require;

/**
 * A band across the item, through the bed.
 *
 * @param axis in which it runs over the item: X along the length, Y along the width
 * @param atMm where on the other axis
 * @param widthMm drawn, not judged
 * @param tensionN pull of each of its two ends
 */
public record Tie(Axis axis, double atMm, double widthMm, double tensionN) {
    /** @throws IllegalArgumentException if it runs upward, or its tension is below 0 */
    public Tie {
        if (axis == Axis.Z) {
            throw new IllegalArgumentException("a tie runs along the length or the width");
        }
        Require.notNegative(tensionN, "tension in N");
    }
}
