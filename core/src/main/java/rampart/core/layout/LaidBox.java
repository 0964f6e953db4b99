package rampart.core.layout;

import rampart.core.box.Carton;
import rampart.core.box.CartonState;
import rampart.core.quantity.Size;

/**
 * A box layer in its place.
 *
 * @param layer index in the pack's layers
 * @param contents envelope of what is inside, mm
 * @param box as the pack has it
 */
public record LaidBox(int layer, Carton carton, Size contents, Layer.Box box) {
    /** Clearance per dimension, mm; negative where a stock carton is too small. */
    public Size slack() {
        return box.room().slack(contents);
    }

    /** True where the carton comes from stock. */
    public boolean stock() {
        return box.room().stock();
    }

    /** What it has been through and how it is filled. */
    public CartonState state() {
        return box.state();
    }

    /** The largest clearance of the three dimensions, mm. */
    public double largestSlackMm() {
        Size slack = slack();
        return slack.longestMm();
    }
}
