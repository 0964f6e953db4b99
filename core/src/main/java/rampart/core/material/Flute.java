package rampart.core.material;

/** Corrugated flutes with their nominal caliper, mm. */
public enum Flute {
    E("E", 1.6, false),
    B("B", 3.2, false),
    C("C", 4.0, false),
    BC("BC", 7.0, true),
    EB("EB", 4.7, true);

    private final String letters;
    private final double caliperMm;
    private final boolean doubleWall;

    Flute(String letters, double caliperMm, boolean doubleWall) {
        this.letters = letters;
        this.caliperMm = caliperMm;
        this.doubleWall = doubleWall;
    }

    public String letters() {
        return letters;
    }

    public double caliperMm() {
        return caliperMm;
    }

    public boolean doubleWall() {
        return doubleWall;
    }
}
