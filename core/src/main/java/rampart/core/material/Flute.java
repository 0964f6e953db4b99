package rampart.core.material;

/** Corrugated flutes. */
public enum Flute {
    E("E", false),
    B("B", false),
    C("C", false),
    BC("BC", true),
    EB("EB", true);

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
