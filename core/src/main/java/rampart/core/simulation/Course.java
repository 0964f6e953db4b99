package rampart.core.simulation;

import java.util.ArrayList;
import java.util.List;
import org.hipparchus.ode.sampling.ODEStateInterpolator;

/** Writes down how a simulated drop goes, and keeps its peak. */
final class Course {
    private static final int MOMENTS_A_STEP = 3;
    private static final double TENTH = 0.1;

    private final int bodies;
    private final boolean drawn;
    private final List<Pulse.Moment> moments = new ArrayList<>();
    private double peakG;
    private double peakS;

    /** @param drawn false where the moments between are wanted by nobody */
    Course(FallingColumn column, boolean drawn) {
        this.bodies = column.bodies();
        this.drawn = drawn;
    }

    boolean drawn() {
        return drawn;
    }

    void note(ODEStateInterpolator step, Contacts contacts) {
        double from = step.getPreviousState().getTime();
        double to = step.getCurrentState().getTime();
        for (int i = 1; i <= MOMENTS_A_STEP; i++) {
            double time = from + (to - from) * i / MOMENTS_A_STEP;
            note(time, step.getInterpolatedState(time).getPrimaryState(), contacts);
        }
    }

    void note(double time, double[] state, Contacts contacts) {
        double g = contacts.itemG(state);
        if (g > peakG) {
            peakG = g;
            peakS = time;
        }
        if (drawn) {
            moments.add(new Pulse.Moment(time, g, state[bodies], contacts.travelsM(state)));
        }
    }

    double peakG() {
        return peakG;
    }

    double peakS() {
        return peakS;
    }

    List<Pulse.Moment> moments() {
        return List.copyOf(moments);
    }

    /** Time between the points at a tenth of the peak on both its sides, straight between the moments. */
    double durationS() {
        if (!drawn) {
            return 0;
        }
        int at = 0;
        while (moments.get(at).g() < peakG) {
            at++;
        }
        double tenth = TENTH * peakG;
        int first = at;
        while (first > 0 && moments.get(first).g() > tenth) {
            first--;
        }
        int last = at;
        while (last < moments.size() - 1 && moments.get(last).g() > tenth) {
            last++;
        }
        return crossing(last - 1, last, tenth) - crossing(first + 1, first, tenth);
    }

    private double crossing(int inside, int outside, double level) {
        Pulse.Moment in = moments.get(Math.max(0, Math.min(inside, moments.size() - 1)));
        Pulse.Moment out = moments.get(outside);
        if (out.g() >= level || in.g() <= out.g()) {
            return out.timeS();
        }
        return out.timeS() + (in.timeS() - out.timeS()) * (level - out.g()) / (in.g() - out.g());
    }
}
