package rampart.core.item;

/** A surface that the packing lies against or breathes on. */
public enum Surface {
    SILVER("silver"),
    COPPER("copper or brass"),
    IRON("iron or steel"),
    LEAD("lead"),
    BARE_METAL("bare metal"),
    PAINTED("painted"),
    VARNISHED("varnished"),
    OIL_PAINT("oil paint"),
    GILDED("gilded"),
    GLASS("glass"),
    CERAMIC("ceramic"),
    STONE("stone"),
    PAPER("paper"),
    PHOTOGRAPH("photograph"),
    TEXTILE("textile"),
    LEATHER("leather"),
    WOOD("wood"),
    PLASTIC("plastic"),
    RUBBER("rubber"),
    ELECTRONICS("electronics");

    private final String words;

    Surface(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
