package rampart.core.material;

/** How a cushion material is built, and what follows from that for whoever packs with it. */
public enum Structure {
    FOAM("foam", .01, true),
    MOULDED("moulded beads", .01, true),
    FOAMED_IN_PLACE("foamed in place", .01, false),
    BUBBLE("bubble", .05, true),
    AIR_CELLS("air cells", .03, false),
    LOOSE("loose fill", .08, false),
    PAPER("crumpled paper", .10, false);

    private final String words;
    private final double settlement;
    private final boolean cut;

    Structure(String words, double settlement, boolean cut) {
        this.words = words;
        this.settlement = settlement;
        this.cut = cut;
    }

    public String words() {
        return words;
    }

    /** Share of its thickness that it settles on the way (assumed). */
    public double settlement() {
        return settlement;
    }

    /** True where pieces are cut from it; the rest is poured, laid in or crumpled by volume. */
    public boolean cut() {
        return cut;
    }

    /** True where it is cut by hand from a sheet (common practice, no source). */
    public boolean handCut() {
        return this == FOAM || this == MOULDED;
    }

    /** True where it is made of cells that print into a soft surface. */
    public boolean cells() {
        return this == BUBBLE || this == AIR_CELLS;
    }
}
