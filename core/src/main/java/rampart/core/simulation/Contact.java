package rampart.core.simulation;

/** How one spring of a falling column is pressed: further than ever before, released, or let go of. */
final class Contact {
    /**
     * A released cushion is let go of at this share of its greatest travel. Its force falls with the third power of the
     * travel or a steeper one, so that less than a thousand-millionth of its peak is left, and the flat end of a power is
     * where an integrator takes its shortest steps.
     */
    private static final double LET_GO = 1e-3;

    private enum Way {
        PRESSED,
        RELEASED,
        LET_GO_OF
    }

    private final Spring spring;
    private final double[] bendsM;
    private Way way = Way.PRESSED;
    private double mostM;
    private int bendsPassed;

    /** Touched, and not pressed yet. */
    Contact(Spring spring) {
        this.spring = spring;
        this.bendsM = spring.bendsM();
    }

    boolean pressed() {
        return way == Way.PRESSED;
    }

    boolean letGoOf() {
        return way == Way.LET_GO_OF;
    }

    /** Where a released spring is let go of. */
    double letGoM() {
        return LET_GO * mostM;
    }

    /** The greatest travel before it turned; 0 where it never has. */
    double mostM() {
        return mostM;
    }

    /** Travel at which the law bends next while it is pressed; infinite where it does not. */
    double nextBendM() {
        return bendsPassed < bendsM.length ? bendsM[bendsPassed] : Double.POSITIVE_INFINITY;
    }

    double forceN(double travelM) {
        return switch (way) {
            case PRESSED -> spring.pressed(travelM, bendsPassed);
            case RELEASED -> spring.released(travelM, mostM);
            case LET_GO_OF -> 0;
        };
    }

    /** Energy that the spring holds or has turned into heat, J. */
    double absorbedJ(double travelM) {
        double travel = Math.max(0, travelM);
        return pressed() || mostM == 0
                ? spring.absorbedJ(travel)
                : spring.absorbedJ(mostM) - spring.returnedJ(travel, mostM);
    }

    /** Travel of every layer in it, innermost first. */
    double[] travelsM(double travelM) {
        return spring.travelsM(Math.max(0, travelM), mostM, pressed());
    }

    /** The greatest travel of every layer in it, innermost first. */
    double[] greatestTravelsM() {
        return spring.travelsM(mostM, mostM, true);
    }

    /**
     * Goes over to what holds from here on.
     *
     * @param speedMps change of travel
     */
    void settle(double travelM, double speedMps) {
        if (pressed() && speedMps <= 0) {
            mostM = Math.max(0, travelM);
            way = Way.RELEASED;
        } else if (!pressed() && travelM >= mostM && speedMps > 0) {
            way = Way.PRESSED;
        }
        if (pressed()) {
            bendsPassed = 0;
            while (travelM >= nextBendM()) {
                bendsPassed++;
            }
        } else {
            way = travelM > letGoM() ? Way.RELEASED : Way.LET_GO_OF;
        }
    }
}
