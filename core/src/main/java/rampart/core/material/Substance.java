package rampart.core.material;

/** What a foam or wrap is made of, as far as it matters to what lies against it. */
public enum Substance {
    PE("polyethylene"),
    PP("polypropylene"),
    PS("polystyrene"),
    PET("polyester film"),
    PU("polyurethane"),
    PU_ETHER("polyether urethane"),
    PU_ESTER("polyester urethane"),
    PVC("PVC"),
    RUBBER("rubber"),
    WOOL("wool felt"),
    PAPER("paper that is not free of acid"),
    PAPER_ACID_FREE("acid-free paper"),
    STARCH("starch"),
    OTHER("a plastic that nobody has named");

    private final String words;

    Substance(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }

    public boolean polyurethane() {
        return this == PU || this == PU_ETHER || this == PU_ESTER;
    }

    /** True where it breaks down, sticks or gives off vapours within some years (common conservation guidance, no source). */
    public boolean ages() {
        return polyurethane() || this == PVC || this == RUBBER;
    }
}
