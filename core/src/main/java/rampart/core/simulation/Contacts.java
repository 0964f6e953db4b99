package rampart.core.simulation;

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
 * Whether each spring of a falling column is pressed further than ever or has turned, what forces follow from that, and
 * what ends it.
 */
final class Contacts {
    private static final double CHECK_EVERY_S = 1e-3;

    /** Turns are placed to this time, far under what a pulse of milliseconds can show. */
    private static final double EVENT_S = 1e-12;

    /** A turn is looked for this little beyond its point, so that no stretch begins on the point that ended the last. */
    private static final double APART_MPS = 1e-9;

    private static final double APART_M = 1e-13;

    private final FallingColumn column;
    private final int n;
    private final double gravity;
    private final boolean[] pressing;
    private final double[] most;
    private boolean rebounding;

    /** The floor is touched: nothing is pressed yet. */
    Contacts(FallingColumn column, boolean gravity) {
        this.column = column;
        this.n = column.bodies();
        this.gravity = gravity ? Units.STANDARD_GRAVITY : 0;
        this.pressing = new boolean[n];
        this.most = new double[n];
        Arrays.fill(pressing, true);
    }

    private double travel(double[] state, int k) {
        return state[k] - (k + 1 < n ? state[k + 1] : 0);
    }

    private double speed(double[] state, int k) {
        return state[n + k] - (k + 1 < n ? state[n + k + 1] : 0);
    }

    private double force(double[] state, int k) {
        Spring spring = column.springs().get(k);
        double travel = travel(state, k);
        return pressing[k] ? spring.pressed(travel) : spring.released(travel, most[k]);
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
        return ofLayers((spring, k) -> spring.travelsM(Math.max(0, travel(state, k)), most[k], pressing[k]));
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
            sum += pressing[k] || most[k] == 0
                    ? spring.absorbedJ(travel)
                    : spring.absorbedJ(most[k]) - spring.returnedJ(travel, most[k]);
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
            if (travel(state, k) > 0) {
                return false;
            }
        }
        return true;
    }

    /** Turns each spring that has come to its turn. */
    void settle(double[] state) {
        for (int k = 0; k < n; k++) {
            double travel = travel(state, k);
            if (pressing[k] && speed(state, k) <= 0) {
                most[k] = Math.max(0, travel);
                pressing[k] = false;
            } else if (!pressing[k] && travel >= most[k] && speed(state, k) > 0) {
                pressing[k] = true;
            }
        }
    }

    /** What ends the stretch as the springs are now: the integration stops there. */
    List<ODEEventDetector> detectors() {
        List<ODEEventDetector> all = new ArrayList<>();
        for (int i = 0; i < n; i++) {
            int k = i;
            if (pressing[k]) {
                all.add(new Detector(y -> speed(y, k) + APART_MPS, false));
            } else {
                all.add(new Detector(y -> travel(y, k) - most[k] - APART_M, true));
                all.add(new Detector(y -> travel(y, k) + APART_M, false));
            }
        }
        all.add(new Detector(y -> y[n] - APART_MPS, true));
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
