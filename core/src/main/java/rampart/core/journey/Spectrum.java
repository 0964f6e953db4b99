package rampart.core.journey;

import java.util.List;
import rampart.core.quantity.Require;

/**
 * A random vibration profile: power spectral density over frequency, straight between breakpoints on log-log paper.
 *
 * @param points breakpoints in rising frequency, at least two
 */
public record Spectrum(List<Breakpoint> points) {
    /** A point of the profile: frequency in Hz and power spectral density in g2/Hz. */
    public record Breakpoint(double hz, double g2PerHz) {
        public Breakpoint {
            Require.positive(hz, "frequency in Hz");
            Require.positive(g2PerHz, "power spectral density in g2/Hz");
        }
    }

    public Spectrum {
        points = List.copyOf(points);
        if (points.size() < 2) {
            throw new IllegalArgumentException("a spectrum has " + points.size() + " points; it needs at least 2");
        }
        for (int i = 1; i < points.size(); i++) {
            if (!(points.get(i).hz() > points.get(i - 1).hz())) {
                throw new IllegalArgumentException("frequency " + points.get(i).hz() + " Hz does not rise above "
                        + points.get(i - 1).hz() + " Hz before it");
            }
        }
    }

    /** From pairs Hz, g2/Hz. */
    public static Spectrum of(double... pairs) {
        List<Breakpoint> points = new java.util.ArrayList<>();
        for (int i = 0; i < pairs.length; i += 2) {
            points.add(new Breakpoint(pairs[i], pairs[i + 1]));
        }
        return new Spectrum(points);
    }

    /** Density at a frequency inside the profile, g2/Hz. */
    public double at(double hz) {
        int i = 1;
        while (i < points.size() - 1 && hz > points.get(i).hz()) {
            i++;
        }
        Breakpoint low = points.get(i - 1);
        Breakpoint high = points.get(i);
        double slope = Math.log(high.g2PerHz() / low.g2PerHz()) / Math.log(high.hz() / low.hz());
        return low.g2PerHz() * Math.pow(hz / low.hz(), slope);
    }
}
