package rampart.core.cushion;

import java.util.List;
import java.util.SortedSet;
import java.util.TreeSet;
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
        for (double end : panelEnds(from, to, resonances)) {
            double middle = (start + end) / 2;
            double half = (end - start) / 2;
            for (int k = 0; k < NODE.length; k++) {
                for (int sign = -1; sign <= 1; sign += 2) {
                    double x = middle + sign * half * NODE[k];
                    double hz = Math.exp(x);
                    double density = Math.exp(level + slope * (x - from));
                    for (Resonance resonance : resonances) {
                        density *= resonance.squaredGain(hz);
                    }
                    sum += half * WEIGHT[k] * density * hz;
                }
            }
            start = end;
        }
        return sum;
    }

    /** Ends of the panels of one segment, rising; the last is the segment's end. */
    private static SortedSet<Double> panelEnds(double from, double to, List<Resonance> resonances) {
        SortedSet<Double> ends = new TreeSet<>();
        for (Resonance resonance : resonances) {
            double at = Math.log(resonance.hz());
            inside(ends, at, from, to);
            for (double away = 0.5 / resonance.q(); away < 3; away *= 2.5) {
                inside(ends, at - away, from, to);
                inside(ends, at + away, from, to);
            }
        }
        ends.add(to);
        double start = from;
        for (double end : List.copyOf(ends)) {
            int parts = (int) Math.ceil((end - start) / WIDEST_PANEL);
            for (int p = 1; p < parts; p++) {
                ends.add(start + (end - start) * p / parts);
            }
            start = end;
        }
        return ends;
    }

    private static void inside(SortedSet<Double> ends, double at, double from, double to) {
        if (at > from && at < to) {
            ends.add(at);
        }
    }
}
