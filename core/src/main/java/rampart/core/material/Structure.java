package rampart.core.material;

/** How a cushion material is built, and what follows from that for whoever packs with it. */
public enum Structure {
    FOAM("foam", .01, true, FirstRamp.straight(.08)),
    MOULDED("moulded beads", .01, true, FirstRamp.straight(.05)),
    FOAMED_IN_PLACE("foamed in place", .01, false, FirstRamp.straight(.10)),
    BUBBLE("bubble", .05, true, FirstRamp.curved(.9)),
    AIR_CELLS("air cells", .03, false, FirstRamp.curved(.9)),
    LOOSE("loose fill", .08, false, FirstRamp.curved(.9)),
    PAPER("crumpled paper", .10, false, FirstRamp.curved(.9));

    /** Polyurethane foams rise more slowly than others (nominal). */
    private static final FirstRamp SOFT_FOAM = FirstRamp.straight(.20);

    private final String words;
    private final double settlement;
    private final boolean cut;
    private final FirstRamp ramp;

    Structure(String words, double settlement, boolean cut, FirstRamp ramp) {
        this.words = words;
        this.settlement = settlement;
        this.cut = cut;
        this.ramp = ramp;
    }

    /** The first ramp of a material of this structure that nobody knows better (nominal). */
    public FirstRamp ramp(Substance substance) {
        return this == FOAM && substance.polyurethane() ? SOFT_FOAM : ramp;
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

    /** True where it can only fill all round: it is poured or crumpled, and no piece of it keeps its place. */
    public boolean onlyFull() {
        return this == LOOSE || this == PAPER;
    }

    /** True where blocks of it can lie at corners: cut, or foamed into a mould there. */
    public boolean blocks() {
        return cut || this == FOAMED_IN_PLACE;
    }

    /** True where a bed can be made of it: it keeps the shape that is cut or foamed. */
    public boolean beds() {
        return this == FOAM || this == MOULDED || this == FOAMED_IN_PLACE;
    }

    /** True where it is cut by hand from a sheet (common practice, no source). */
    public boolean handCut() {
        return this == FOAM || this == MOULDED;
    }

    /** True where it is made of cells that print into a soft surface. */
    public boolean cells() {
        return this == BUBBLE || this == AIR_CELLS;
    }

    /** True where it is held up by air that leaks out, or settles: no support for years (common conservation guidance, no source). */
    public boolean sinks() {
        return this == BUBBLE || this == AIR_CELLS || this == LOOSE || this == PAPER;
    }
}
