package rampart.core.quantity;

/** Package axes: X is length, left to right; Y is width, front to back; Z is height, up. */
public enum Axis {
    X("length"),
    Y("width"),
    Z("height");

    private final String word;

    Axis(String word) {
        this.word = word;
    }

    /** The dimension along it, as people and the pack file call it. */
    public String word() {
        return word;
    }

    /**
     * The axis of a dimension.
     *
     * @throws IllegalArgumentException if no axis is called so
     */
    public static Axis named(String word) {
        for (Axis axis : values()) {
            if (axis.word.equals(word)) {
                return axis;
            }
        }
        throw new IllegalArgumentException(word + " is not length, width or height");
    }
}
