package rampart.core.material;

/** Corrugated flutes, and boards without one. */
public enum Flute {
    E("E", false),
    B("B", false),
    C("C", false),
    BC("BC", true),
    EB("EB", true),
    /** No flute: solid board. */
    SOLID("solid", false);

    private final String letters;
    private final boolean doubleWall;

    Flute(String letters, boolean doubleWall) {
        this.letters = letters;
        this.doubleWall = doubleWall;
    }

    public String letters() {
        return letters;
    }

    public boolean doubleWall() {
        return doubleWall;
    }
}
