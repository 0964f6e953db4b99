package rampart.core.prove;

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
        // Turning points while the pulse lasts: cos(w t) = cos(W t), with W = pi/D and w = 2 pi f = W/ratio.
        double during = 0;
        for (int n = 1; n <= (1 / ratio + 1) / 2; n++) {
            double phase = 2 * Math.PI * n / (1 / ratio + 1);
            if (phase <= Math.PI) {
                double response = (Math.sin(phase) - ratio * Math.sin(phase / ratio)) / (1 - ratio * ratio);
                during = Math.max(during, Math.abs(response));
            }
        }
        return Math.max(during, after);
    }

    /** Duration of the half sine that has this peak and velocity change, s: {@code pi dV / (2 G g)}. */
    public static double durationS(double velocityChangeMps, double peakMps2) {
        return Math.PI * velocityChangeMps / (2 * peakMps2);
    }
}
