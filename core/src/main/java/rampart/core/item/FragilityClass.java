package rampart.core.item;

/**
 * How delicate things of a kind usually are, for those who have no test result. Ranges from MIL-HDBK-304 and packaging
 * textbooks, from memory; the examples are common practice, no source, set so that
 * what packers send safely in 50 to 75 mm of the usual fill comes out holding or near it. The design value is the lower end.
 */
public enum FragilityClass {
    EXTREMELY_FRAGILE("extremely fragile", "free pivots, knife edges, optics that are not locked", 15, 25),
    VERY_DELICATE("very delicate", "old clocks, unfired clay, loose putty", 25, 40),
    DELICATE("delicate", "framed glass, hollow figures with thin limbs, locked mechanical instruments", 40, 60),
    MODERATELY_DELICATE("moderately delicate", "porcelain, cameras, radios, open electronics", 60, 85),
    MODERATELY_RUGGED(
            "moderately rugged", "drinking glasses, stoneware, household machines, screens in their housing", 85, 115),
    RUGGED("rugged", "hand tools, solid wood, thick jars, sealed telephones", 115, Double.POSITIVE_INFINITY);

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
