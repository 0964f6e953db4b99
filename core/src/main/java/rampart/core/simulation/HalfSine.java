package rampart.core.simulation;

/**
 * How much a part that swings by itself makes of a half-sine pulse: the greatest of its response during and after the
 * pulse over the pulse's peak, for a single degree of freedom without damping (closed form; textbooks of shock and
 * vibration, checked in the tests by integration in time). Its greatest value is about 1.77 near f D = 0.8.
 */
public final class HalfSine {
    private HalfSine() {}

    /**
     * Amplification of a part.
     *
     * @param frequencyTimesDuration the part's frequency times the duration of the pulse, f D; not negative
     */
    public static double amplification(double frequencyTimesDuration) {
        if (frequencyTimesDuration <= 0) {
            return 0;
        }
        double ratio = 1 / (2 * frequencyTimesDuration);
        if (Math.abs(ratio - 1) < 1e-6) {
            return Math.PI / 2;
        }
        double after = Math.abs(2 * ratio * Math.cos(Math.PI / (2 * ratio)) / (1 - ratio * ratio));
        return Math.max(during(ratio), after);
    }

    /**
     * While the pulse lasts the response turns where cos(w t) = cos(W t), with W = pi/D and w = 2 pi f = W/ratio: at the
     * phases p = W t = 2 pi n ratio/(1 + ratio) up to pi. There sin(w t) = -sin(p), so that the response is
     * sin(p)/(1 - ratio): the greatest is one of the two n nearest to p = pi/2.
     */
    private static double during(double ratio) {
        double step = 2 * Math.PI * ratio / (1 + ratio);
        double nearest = Math.PI / 2 / step;
        double greatest = 0;
        for (double n : new double[] {Math.max(1, Math.floor(nearest)), Math.max(1, Math.ceil(nearest))}) {
            double phase = n * step;
            if (phase <= Math.PI) {
                greatest = Math.max(greatest, Math.abs(Math.sin(phase) / (1 - ratio)));
            }
        }
        return greatest;
    }

    /** Duration of the half sine that has this peak and velocity change, s: {@code pi dV / (2 G g)}. */
    public static double durationS(double velocityChangeMps, double peakMps2) {
        return Math.PI * velocityChangeMps / (2 * peakMps2);
    }
}
