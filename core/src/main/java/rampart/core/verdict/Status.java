package rampart.core.verdict;

/** How a check or a pack stands. Declared from worst to best (rule 28). */
public enum Status {
    BREAKS("breaks"),
    UNKNOWN("unknown"),
    THIN("thin"),
    HOLDS("holds");

    /** A margin below this is thin. */
    public static final double THIN_BELOW = 0.10;

    private final String word;

    Status(String word) {
        this.word = word;
    }

    public String word() {
        return word;
    }

    /** By the ordinary bands: breaks below 0, thin below 0.10, else holds. */
    public static Status ofMargin(double margin) {
        if (margin < 0) {
            return BREAKS;
        }
        return margin < THIN_BELOW ? THIN : HOLDS;
    }
}
