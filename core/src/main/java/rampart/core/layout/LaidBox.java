package rampart.core.layout;

import rampart.core.box.Carton;
import rampart.core.box.CartonState;
import rampart.core.quantity.Size;

/**
 * A box layer in its place.
 *
 * @param layer index in the pack's layers
 * @param contents envelope of what is inside, mm
 * @param slack clearance per dimension, mm; negative where a stock carton is too small
 * @param stock true where the carton comes from stock
 * @param state what it has been through and how it is filled
 */
public record LaidBox(int layer, Carton carton, Size contents, Size slack, boolean stock, CartonState state) {
    /** The largest clearance of the three dimensions, mm. */
    public double largestSlackMm() {
        return Math.max(slack.lengthMm(), Math.max(slack.widthMm(), slack.heightMm()));
    }
}
