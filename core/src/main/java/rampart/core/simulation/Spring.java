package rampart.core.simulation;

/**
 * What stands between two bodies: it is pressed along one path, gives way along a lower one, and never pulls.
 * Travel in m, force in N, energy in J.
 */
interface Spring {
    /** Rebound of every material: it returns the square of this of what it absorbed (assumed). */
    double REBOUND = 0.5;

    double[] NO_BENDS = {};

    /** Force at this travel while it is pressed further than ever before; 0 at and below no travel. */
    double pressed(double travelM);

    /** Where {@link #pressed} bends, rising: between two bends it is smooth. */
    default double[] bendsM() {
        return NO_BENDS;
    }

    /**
     * The same on the law that holds after so many of the {@link #bendsM} and is carried on smoothly beyond the next: a
     * step of an integrator may look past a bend before the bend is found.
     */
    default double pressed(double travelM, int bendsPassed) {
        return pressed(travelM);
    }

    /**
     * Force at this travel after it was pressed as far as {@code mostM}; 0 at and below no travel. Beyond
     * {@code mostM} it is pressed again: an integrator may look there, but not stay.
     */
    double released(double travelM, double mostM);

    /** Energy absorbed on the way to this travel. */
    double absorbedJ(double travelM);

    /** Energy given back on the way from {@code mostM} to this travel. */
    double returnedJ(double travelM, double mostM);

    /**
     * Travel of each cushion layer in it under this force, innermost first.
     *
     * @param mostM the greatest travel so far
     * @param pressing true where it is pressed further than ever
     */
    double[] travelsM(double travelM, double mostM, boolean pressing);
}
