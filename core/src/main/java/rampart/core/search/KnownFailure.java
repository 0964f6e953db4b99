package rampart.core.search;

/**
 * A fall that certain cushions are known not to take, whatever the grade of the board round them. The board's thickness is
 * part of it: it moves the outside faces, and with them the direction of a blow on an edge or a corner (rule 12).
 *
 * @param percent of margin that they do not leave; more they do not leave either
 */
record KnownFailure(double heightMm, double caliperMm, int percent) {
    /** Nothing is known. */
    public static final KnownFailure NONE = new KnownFailure(Double.NaN, Double.NaN, Integer.MAX_VALUE);

    public boolean covers(double height, double caliper, int wanted) {
        return height == heightMm && caliper == caliperMm && wanted >= percent;
    }
}
