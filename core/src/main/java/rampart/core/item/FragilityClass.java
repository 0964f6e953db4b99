package rampart.core.item;

/**
 * How delicate things of a kind usually are, for those who have no test result. Ranges from MIL-HDBK-304 and packaging
 * textbooks, from memory; the examples are common practice, no source. The design value is the lower end.
 */
public enum FragilityClass {
    EXTREMELY_FRAGILE(
            "extremely fragile", "instruments with knife edges, fine glass blown thin, aligned optics", 15, 25),
    VERY_DELICATE("very delicate", "thin glassware, old clocks, bare circuit boards with tall parts", 25, 40),
    DELICATE("delicate", "china, cameras, disk drives, framed glass", 40, 60),
    MODERATELY_DELICATE("moderately delicate", "small electronics, radios, stoneware, printers", 60, 85),
    MODERATELY_RUGGED("moderately rugged", "screens and household machines, thick glass jars, power tools", 85, 115),
    RUGGED("rugged", "plain castings, hand tools, wooden boxes", 115, Double.POSITIVE_INFINITY);

    /** Where the ranges come from. */
    public static final String SOURCE = "MIL-HDBK-304 and packaging textbooks, from memory";

    private final String words;
    private final String examples;
    private final double fromG;
    private final double toG;

    FragilityClass(String words, String examples, double fromG, double toG) {
        this.words = words;
        this.examples = examples;
        this.fromG = fromG;
        this.toG = toG;
    }

    public String words() {
        return words;
    }

    /** Everyday things of this class. */
    public String examples() {
        return examples;
    }

    /** Least critical acceleration of the class, G: the value to design for. */
    public double fromG() {
        return fromG;
    }

    /** Greatest critical acceleration of the class, G; infinite for the last. */
    public double toG() {
        return toG;
    }
}
