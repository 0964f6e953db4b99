package rampart.core.simulation;

import java.util.ArrayList;
import java.util.List;
import java.util.function.BiFunction;
import java.util.function.ToDoubleFunction;
import org.hipparchus.analysis.solvers.BracketingNthOrderBrentSolver;
import org.hipparchus.ode.ODEStateAndDerivative;
import org.hipparchus.ode.events.Action;
import org.hipparchus.ode.events.AdaptableInterval;
import org.hipparchus.ode.events.ODEEventDetector;
import org.hipparchus.ode.events.ODEEventHandler;
import rampart.core.quantity.Units;

/** How the springs of a falling column are pressed, what forces follow from that, and what ends it. */
final class Contacts {
    /** Once a step: what happens twice within one has a turn of its spring between, where all are looked at again. */
    private static final double CHECK_EVERY_S = Double.POSITIVE_INFINITY;

    /** Turns are placed to this time, far under what a pulse of milliseconds can show. */
    private static final double EVENT_S = 1e-12;

    /** An event is looked for this little beyond its point, so that no stretch begins on the point that ended the last. */
    private static final double APART_MPS = 1e-9;

    private static final double APART_M = 1e-13;

    private final FallingColumn column;
    private final int n;
    private final double gravity;
    private final List<Contact> contacts;
    private boolean rebounding;

    /** The floor is touched: nothing is pressed yet. */
    Contacts(FallingColumn column, boolean gravity) {
        this.column = column;
        this.n = column.bodies();
        this.gravity = gravity ? Units.STANDARD_GRAVITY : 0;
        this.contacts = column.springs().stream().map(Contact::new).toList();
    }

    private double travel(double[] state, int k) {
        return state[k] - (k + 1 < n ? state[k + 1] : 0);
    }

    private double speed(double[] state, int k) {
        return state[n + k] - (k + 1 < n ? state[n + k + 1] : 0);
    }

    private double force(double[] state, int k) {
        return contacts.get(k).forceN(travel(state, k));
    }

    /** Velocities, then accelerations toward the floor. */
    double[] motion(double[] state) {
        double[] slope = new double[2 * n];
        double above = 0;
        for (int k = 0; k < n; k++) {
            double below = force(state, k);
            slope[k] = state[n + k];
            slope[n + k] = (above - below) / column.massKg()[k] + gravity;
            above = below;
        }
        return slope;
    }

    /** What an accelerometer on the item reads, G. */
    double itemG(double[] state) {
        return force(state, 0) / (column.massKg()[0] * Units.STANDARD_GRAVITY);
    }

    /** Travel of every layer, innermost first. */
    double[] travelsM(double[] state) {
        return ofLayers((contact, k) -> contact.travelsM(travel(state, k)));
    }

    /** The greatest travel of every layer, innermost first. */
    double[] greatestTravelsM() {
        return ofLayers((contact, k) -> contact.greatestTravelsM());
    }

    private double[] ofLayers(BiFunction<Contact, Integer, double[]> travels) {
        double[] all = new double[column.layerCount()];
        int at = 0;
        for (int k = 0; k < n; k++) {
            double[] some = travels.apply(contacts.get(k), k);
            System.arraycopy(some, 0, all, at, some.length);
            at += some.length;
        }
        return all;
    }

    /** Energy that the springs hold or have turned into heat, J. */
    double absorbedJ(double[] state) {
        double sum = 0;
        for (int k = 0; k < n; k++) {
            sum += contacts.get(k).absorbedJ(travel(state, k));
        }
        return sum;
    }

    /**
     * True when the item flies up and every cushion has let go, so that nothing can reach it any more, or when its
     * rebound has turned.
     */
    boolean over(double[] state) {
        boolean up = state[n] < 0;
        rebounding |= up;
        return rebounding && (!up || contacts.stream().allMatch(Contact::letGoOf));
    }

    /** Each spring that has come to a turn or a bend goes over to what holds from there. */
    void settle(double[] state) {
        for (int k = 0; k < n; k++) {
            contacts.get(k).settle(travel(state, k), speed(state, k));
        }
    }

    /** What ends the stretch as the springs are now: the integration stops there. */
    List<ODEEventDetector> detectors() {
        List<ODEEventDetector> all = new ArrayList<>();
        for (int i = 0; i < n; i++) {
            int k = i;
            Contact contact = contacts.get(k);
            double mostM = contact.mostM();
            double letGoM = contact.letGoM();
            if (!contact.pressed()) {
                // Nothing ends there, but all are looked at: a spring that is pressed again for less than a step is
                // seen.
                all.add(new Detector(y -> speed(y, k), Ends.NEVER));
            }
            if (contact.pressed()) {
                all.add(new Detector(y -> speed(y, k) + APART_MPS, Ends.FALLING));
                double bendM = contact.nextBendM();
                if (Double.isFinite(bendM)) {
                    all.add(new Detector(y -> travel(y, k) - bendM - APART_M, Ends.RISING));
                }
            } else if (contact.letGoOf()) {
                all.add(new Detector(y -> travel(y, k) - letGoM - APART_M, Ends.RISING));
            } else {
                all.add(new Detector(y -> travel(y, k) - mostM - APART_M, Ends.RISING));
                all.add(new Detector(y -> travel(y, k) - letGoM + APART_M, Ends.FALLING));
            }
        }
        all.add(new Detector(y -> y[n] - APART_MPS, Ends.RISING));
        return all;
    }

    private enum Ends {
        RISING,
        FALLING,
        NEVER
    }

    /** Looks for where a function of the state passes zero, and stops there if it does so in this direction. */
    private record Detector(ToDoubleFunction<double[]> function, Ends ends) implements ODEEventDetector {
        @Override
        public AdaptableInterval getMaxCheckInterval() {
            return (state, forward) -> CHECK_EVERY_S;
        }

        @Override
        public int getMaxIterationCount() {
            return 100;
        }

        @Override
        public BracketingNthOrderBrentSolver getSolver() {
            return new BracketingNthOrderBrentSolver(0, EVENT_S, 0, 5);
        }

        @Override
        public ODEEventHandler getHandler() {
            return (state, detector, increasing) ->
                    ends == (increasing ? Ends.RISING : Ends.FALLING) ? Action.STOP : Action.CONTINUE;
        }

        @Override
        public double g(ODEStateAndDerivative state) {
            return function.applyAsDouble(state.getPrimaryState());
        }
    }
}
