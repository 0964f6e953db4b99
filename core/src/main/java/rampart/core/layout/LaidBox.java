package rampart.core.layout;

import rampart.core.box.RegularSlotted;
import rampart.core.quantity.Size;

/**
 * A box layer in its place.
 *
 * @param layer index in the pack's layers
 * @param contents envelope of what is inside, mm
 * @param slack clearance per dimension, mm; negative where a stock carton is too small
 * @param stock true where the carton comes from stock
 */
public record LaidBox(int layer, RegularSlotted carton, Size contents, Size slack, boolean stock) {
    /** The largest clearance of the three dimensions, mm. */
    public double largestSlackMm() {
        return Math.max(slack.lengthMm(), Math.max(slack.widthMm(), slack.heightMm()));
    }
}
