package rampart.core.material;

/** Both real branches of Lambert's function between -1/e and 0, by Halley's iteration (Corless and others, 1996). */
public final class LambertW {
    private static final int MOST_STEPS = 60;
    private static final double HAIR = 1e-16;

    private LambertW() {}

    /** The branch of w e^w = x with w of -1 or more. */
    public static double principal(double x) {
        double p = fromBranchPoint(x);
        return halley(x, -1 + p - p * p / 3 + 11.0 / 72 * p * p * p);
    }

    /** The branch of w e^w = x with w of -1 or less. */
    public static double lower(double x) {
        if (x > -0.25) {
            double l1 = Math.log(-x);
            double l2 = Math.log(-l1);
            return halley(x, l1 - l2 + l2 / l1);
        }
        double p = fromBranchPoint(x);
        return halley(x, -1 - p - p * p / 3);
    }

    private static double fromBranchPoint(double x) {
        return Math.sqrt(Math.max(0, 2 * (1 + Math.E * x)));
    }

    private static double halley(double x, double start) {
        double w = start;
        for (int i = 0; i < MOST_STEPS; i++) {
            double e = Math.exp(w);
            double off = w * e - x;
            double beyond = w + 1;
            if (beyond == 0) {
                return w;
            }
            double step = off / (e * beyond - (w + 2) * off / (2 * beyond));
            w -= step;
            if (Math.abs(step) <= HAIR * Math.abs(w)) {
                return w;
            }
        }
        return w;
    }
}
