package rampart.core.cushion;

import java.util.Arrays;
import java.util.List;
import rampart.core.journey.Spectrum;

/**
 * Overall level of a random vibration after it has passed through resonances: the integral of density times squared
 * gains over the profile, by Gauss-Legendre panels in the logarithm of frequency that close in on each resonance.
 */
public final class ResponseLevel {
    // Eight-point Gauss-Legendre rule: Abramowitz and Stegun, table 25.4.
    private static final double[] NODE = {0.1834346424956498, 0.5255324099163290, 0.7966664774136267, 0.9602898564975363
    };
    private static final double[] WEIGHT = {
        0.3626837833783620, 0.3137066458778873, 0.2223810344533745, 0.1012285362903763
    };
    private static final double WIDEST_PANEL = 0.35;
    /** Marks round one resonance; more than a Q of 10^9 would ask for. */
    private static final int MOST_MARKS = 64;

    private ResponseLevel() {}

    /** Grms of the profile after the resonances; of the profile itself where there are none. */
    public static double grms(Spectrum spectrum, List<Resonance> resonances) {
        List<Spectrum.Breakpoint> points = spectrum.points();
        double sum = 0;
        for (int i = 1; i < points.size(); i++) {
            sum += segment(points.get(i - 1), points.get(i), resonances);
        }
        return Math.sqrt(sum);
    }

    private static double segment(Spectrum.Breakpoint low, Spectrum.Breakpoint high, List<Resonance> resonances) {
        double from = Math.log(low.hz());
        double to = Math.log(high.hz());
        double level = Math.log(low.g2PerHz());
        double slope = (Math.log(high.g2PerHz()) - level) / (to - from);
        double sum = 0;
        double start = from;
        for (double mark : marks(from, to, resonances)) {
            int parts = (int) Math.ceil((mark - start) / WIDEST_PANEL);
            double width = (mark - start) / parts;
            for (int p = 0; p < parts; p++) {
                double middle = start + (p + 0.5) * width;
                sum += panel(middle, width / 2, level + slope * (middle - from), slope, resonances);
            }
            start = mark;
        }
        return sum;
    }

    private static double panel(
            double middle, double half, double levelThere, double slope, List<Resonance> resonances) {
        double sum = 0;
        for (int k = 0; k < NODE.length; k++) {
            double offset = half * NODE[k];
            sum += WEIGHT[k]
                    * (density(middle + offset, levelThere + slope * offset, resonances)
                            + density(middle - offset, levelThere - slope * offset, resonances));
        }
        return half * sum;
    }

    /** Density after the resonances times frequency: the integrand over the logarithm of frequency. */
    private static double density(double lnHz, double level, List<Resonance> resonances) {
        double density = Math.exp(level + lnHz);
        if (resonances.isEmpty()) {
            return density;
        }
        double hz = Math.exp(lnHz);
        for (int r = 0; r < resonances.size(); r++) {
            density *= resonances.get(r).squaredGain(hz);
        }
        return density;
    }

    /** Places within a segment that a panel must not straddle, rising; the last is the segment's end. */
    private static double[] marks(double from, double to, List<Resonance> resonances) {
        double[] marks = new double[MOST_MARKS * resonances.size() + 1];
        int count = 0;
        for (Resonance resonance : resonances) {
            double at = Math.log(resonance.hz());
            count = inside(marks, count, at, from, to);
            for (double away = 0.5 / resonance.q(); away < 3; away *= 2.5) {
                count = inside(marks, count, at - away, from, to);
                count = inside(marks, count, at + away, from, to);
            }
        }
        marks[count++] = to;
        double[] rising = Arrays.copyOf(marks, count);
        Arrays.sort(rising);
        return rising;
    }

    private static int inside(double[] marks, int count, double at, double from, double to) {
        if (at > from && at < to && count < marks.length - 1) {
            marks[count] = at;
            return count + 1;
        }
        return count;
    }
}
