package rampart.core.journey;

/** Which drops count (rule 29); all 26 are always computed. */
public enum DropSequence {
    ALL("on every face, edge and corner"),
    /** Corner 2-3-5, edges 2-3, 3-5 and 2-5, all six faces: the order of ISTA 1A (from memory). */
    TEN("ten times, one corner, three edges, six faces"),
    FACES("flat on each face");

    private final String words;

    DropSequence(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
