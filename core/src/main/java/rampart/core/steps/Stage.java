package rampart.core.steps;

/** Part of the work to which a step belongs. */
public enum Stage {
    READY("Make ready"),
    CUT("Cut"),
    WRAP("Wrap and lay in"),
    INNER("Inner box"),
    OUTER("Outer carton"),
    SEND("Weigh and send");

    private final String words;

    Stage(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
