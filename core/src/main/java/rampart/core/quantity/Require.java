package rampart.core.quantity;

/** Guards for arguments; the message says what was given and what is allowed. */
public final class Require {
    private Require() {}

    /** @throws IllegalArgumentException if the value is not a finite number above zero */
    public static double positive(double value, String what) {
        if (!(value > 0) || Double.isInfinite(value)) {
            throw new IllegalArgumentException(what + " is " + value + "; it must be above 0");
        }
        return value;
    }

    /** @throws IllegalArgumentException if the value is not a finite number of at least zero */
    public static double notNegative(double value, String what) {
        if (!(value >= 0) || Double.isInfinite(value)) {
            throw new IllegalArgumentException(what + " is " + value + "; it must be 0 or more");
        }
        return value;
    }

    /** @throws IllegalArgumentException if the value is not between low and high, both included */
    public static double within(double value, double low, double high, String what) {
        if (!(value >= low && value <= high)) {
            throw new IllegalArgumentException(what + " is " + value + "; it must be from " + low + " to " + high);
        }
        return value;
    }
}
