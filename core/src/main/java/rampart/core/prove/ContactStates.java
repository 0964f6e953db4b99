package rampart.core.prove;

import java.util.ArrayList;
import java.util.Arrays;
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

/**
 * In which state each spring of a falling column is, what forces follow from that, and what ends it. A spring that was
 * never or barely pressed is rigid until the force through it makes it give; the bodies at its ends then move as one.
 */
final class ContactStates {
    private static final double CHECK_EVERY_S = 1e-3;

    /** Events are placed to this time, far under what a pulse of milliseconds can show. */
    private static final double EVENT_S = 1e-12;

    /** A change is looked for this little beyond its point, so that no stretch begins on the point that ended the last. */
    private static final double APART = 1e-9;

    private static final double APART_M = 1e-13;

    private enum State {
        /** Never pressed, or barely: it passes any force up to that at which it gives further. */
        RIGID,
        /** The same, and its bodies have parted. */
        PARTED,
        /** Pressed further than ever. */
        PRESSING,
        /** Pressed less than it was, or its bodies have parted. */
        RELEASED
    }

    private final FallingColumn column;
    private final int n;
    private final double gravity;
    private final State[] states;
    private final double[] most;
    private boolean rebounding;

    ContactStates(FallingColumn column, boolean gravity) {
        this.column = column;
        this.n = column.bodies();
        this.gravity = gravity ? Units.STANDARD_GRAVITY : 0;
        this.states = new State[n];
        this.most = new double[n];
    }

    /** The floor stops the carton: the outermost spring is pressed, and inward whatever cannot pass the force. */
    void touch(double[] state) {
        Arrays.fill(states, State.RIGID);
        states[n - 1] = State.PRESSING;
        giveWay(state);
    }

    private double travel(double[] state, int k) {
        return state[k] - (k + 1 < n ? state[k + 1] : 0);
    }

    private double speed(double[] state, int k) {
        return state[n + k] - (k + 1 < n ? state[n + k + 1] : 0);
    }

    /** Force of spring k where its state and travel tell it; NaN where it is rigid. */
    private double ownForce(double[] state, int k) {
        double travel = travel(state, k);
        return switch (states[k]) {
            case RIGID -> Double.NaN;
            case PARTED -> 0;
            case PRESSING -> column.springs().get(k).pressed(travel);
            case RELEASED -> column.springs().get(k).released(travel, most[k]);
        };
    }

    /** Forces of all springs, N; those of rigid ones from the common motion of what they join. */
    double[] forces(double[] state) {
        double[] force = new double[n];
        for (int k = 0; k < n; k++) {
            force[k] = ownForce(state, k);
        }
        for (int first = 0; first < n; ) {
            int last = first;
            double mass = column.massKg()[first];
            while (last < n && states[last] == State.RIGID) {
                last++;
                mass += last < n ? column.massKg()[last] : 0;
            }
            double above = first > 0 ? force[first - 1] : 0;
            // Joined to the floor they stand still; the acceleration here is without gravity.
            double acceleration = last == n ? -gravity : (above - force[last]) / mass;
            for (int k = first; k < last; k++) {
                above -= column.massKg()[k] * acceleration;
                force[k] = above;
            }
            first = last + 1;
        }
        return force;
    }

    /** Velocities, then accelerations toward the floor. */
    double[] motion(double[] state) {
        double[] force = forces(state);
        double[] slope = new double[2 * n];
        for (int k = 0; k < n; k++) {
            slope[k] = state[n + k];
            slope[n + k] = ((k > 0 ? force[k - 1] : 0) - force[k]) / column.massKg()[k] + gravity;
        }
        return slope;
    }

    /** What an accelerometer on the item reads, G. */
    double itemG(double[] state) {
        return forces(state)[0] / (column.massKg()[0] * Units.STANDARD_GRAVITY);
    }

    /** Travel of every layer, innermost first. */
    double[] travelsM(double[] state) {
        return ofLayers((spring, k) -> {
            boolean virgin = most[k] == 0 && states[k] != State.PRESSING;
            double travel = virgin ? 0 : Math.max(0, travel(state, k));
            return spring.travelsM(travel, most[k], states[k] != State.RELEASED);
        });
    }

    /** The greatest travel of every layer, innermost first. */
    double[] greatestTravelsM() {
        return ofLayers((spring, k) -> spring.travelsM(most[k], most[k], true));
    }

    private double[] ofLayers(BiFunction<Spring, Integer, double[]> travels) {
        double[] all = new double[column.layerCount()];
        int at = 0;
        for (int k = 0; k < n; k++) {
            double[] some = travels.apply(column.springs().get(k), k);
            System.arraycopy(some, 0, all, at, some.length);
            at += some.length;
        }
        return all;
    }

    /** Energy that the springs hold or have turned into heat, J. */
    double absorbedJ(double[] state) {
        double sum = 0;
        for (int k = 0; k < n; k++) {
            Spring spring = column.springs().get(k);
            double travel = Math.max(0, travel(state, k));
            if (states[k] == State.PRESSING) {
                sum += spring.absorbedJ(travel);
            } else if (states[k] == State.RELEASED) {
                sum += spring.absorbedJ(most[k]) - spring.returnedJ(travel, most[k]);
            } else {
                sum += spring.absorbedJ(most[k]);
            }
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
        return rebounding && (!up || everyCushionHasLetGo(state));
    }

    private boolean everyCushionHasLetGo(double[] state) {
        for (int k = 0; k < n; k++) {
            boolean letGo = switch (states[k]) {
                case PARTED -> true;
                case RELEASED -> travel(state, k) <= 0;
                case PRESSING -> false;
                // Between two bodies that fly as one no force goes through it; on the floor it still bears them.
                case RIGID -> k < n - 1;
            };
            if (!letGo) {
                return false;
            }
        }
        return true;
    }

    /** Takes each spring that has come to a change into its new state. */
    void settle(double[] state) {
        for (int k = 0; k < n; k++) {
            double travel = travel(state, k);
            if (states[k] == State.PRESSING && speed(state, k) <= 0) {
                most[k] = Math.max(0, travel);
                states[k] = column.springs().get(k).barelyPressed(most[k]) ? State.RIGID : State.RELEASED;
            } else if (states[k] == State.RELEASED && travel >= most[k] && speed(state, k) > 0) {
                states[k] = State.PRESSING;
            } else if (states[k] == State.PARTED && travel >= most[k] && speed(state, k) > 0) {
                states[k] = State.PRESSING;
            }
        }
        giveWay(state);
    }

    /** Rigid springs whose force has passed their starting force give way, the most overloaded first. */
    private void giveWay(double[] state) {
        while (true) {
            double[] force = forces(state);
            int worst = -1;
            double largest = 1;
            for (int k = 0; k < n; k++) {
                double share = force[k] / givesAtN(k);
                if (states[k] == State.RIGID && force[k] < 0) {
                    states[k] = State.PARTED;
                    worst = -1;
                    break;
                }
                if (states[k] == State.RIGID && share >= largest) {
                    largest = share;
                    worst = k;
                }
            }
            if (worst < 0) {
                return;
            }
            states[worst] = State.PRESSING;
        }
    }

    /** The force at which a rigid spring gives further, N. */
    private double givesAtN(int k) {
        return column.springs().get(k).pressed(most[k]);
    }

    /** What ends the stretch in the present states: the integration stops there. */
    List<ODEEventDetector> detectors() {
        List<ODEEventDetector> all = new ArrayList<>();
        for (int i = 0; i < n; i++) {
            int k = i;
            switch (states[k]) {
                case RIGID -> {
                    double start = givesAtN(k);
                    all.add(new Detector(y -> forces(y)[k] - start * (1 + APART), true));
                    all.add(new Detector(y -> forces(y)[k] + start * APART, false));
                }
                case PARTED -> all.add(new Detector(y -> travel(y, k) - most[k] - APART_M, true));
                case PRESSING -> all.add(new Detector(y -> speed(y, k) + APART, false));
                case RELEASED -> {
                    all.add(new Detector(y -> travel(y, k) - most[k] - APART_M, true));
                    all.add(new Detector(y -> travel(y, k) + APART_M, false));
                }
            }
        }
        all.add(new Detector(y -> y[n] - APART, true));
        return all;
    }

    /** Stops where a function of the state passes zero in one direction. */
    private record Detector(ToDoubleFunction<double[]> function, boolean rising) implements ODEEventDetector {
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
            return (state, detector, increasing) -> increasing == rising ? Action.STOP : Action.CONTINUE;
        }

        @Override
        public double g(ODEStateAndDerivative state) {
            return function.applyAsDouble(state.getPrimaryState());
        }
    }
}
