package rampart.core.quote;

/** A figure with what it may turn out to be. */
public record Range(double low, double likely, double high) {
    /** @throws IllegalArgumentException if they do not rise */
    public Range {
        if (!(low <= likely && likely <= high)) {
            throw new IllegalArgumentException(
                    "a range runs from low to high, not " + low + ", " + likely + ", " + high);
        }
    }

    /** So much more or less, not below 0. */
    public static Range around(double likely, double offBy) {
        return new Range(Math.max(0, likely - offBy), likely, likely + offBy);
    }

    /** That, without a margin. */
    public static Range of(double value) {
        return new Range(value, value, value);
    }

    public Range plus(Range other) {
        return new Range(low + other.low, likely + other.likely, high + other.high);
    }

    public Range times(double factor) {
        return new Range(low * factor, likely * factor, high * factor);
    }
}
