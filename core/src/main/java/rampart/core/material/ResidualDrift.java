package rampart.core.material;

import java.util.List;
import java.util.Optional;
import org.hipparchus.distribution.continuous.TDistribution;
import org.hipparchus.stat.correlation.SpearmansCorrelation;

/**
 * Residuals of a fit that grow or shrink with the energy of the blow: its one interval is then too narrow at one end.
 * Spearman's rank correlation of their size with the energy density, by Hipparchus, where it is significant at 5 %
 * (Student's t, textbooks of statistics).
 *
 * @param rho rank correlation, -1 to 1
 * @param points how many tests there were
 */
public record ResidualDrift(double rho, int points) {
    private static final double SIGNIFICANT = 0.05;

    /** The drift of these points about their fit; empty where there is none to tell of. */
    public static Optional<ResidualDrift> of(CushionFit fit, List<DropPoint> points, double stiffnessPerC) {
        int n = points.size();
        double[] x = new double[n];
        double[] size = new double[n];
        for (int i = 0; i < n; i++) {
            DropPoint point = points.get(i);
            x[i] = point.energyDensityKpa() / Foam.stiffness(stiffnessPerC, point.temperatureC());
            size[i] = Math.abs(fit.deviations(point, stiffnessPerC));
        }
        double rho = new SpearmansCorrelation().correlation(x, size);
        // NaN where all residuals are equal, as in points that were made up.
        return significant(rho, n) ? Optional.of(new ResidualDrift(rho, n)) : Optional.empty();
    }

    private static boolean significant(double rho, int n) {
        if (!(Math.abs(rho) < 1)) {
            return Math.abs(rho) == 1;
        }
        double t = Math.abs(rho) * Math.sqrt((n - 2) / (1 - rho * rho));
        return 2 * (1 - new TDistribution(n - 2.0).cumulativeProbability(t)) < SIGNIFICANT;
    }

    /** True where hard blows scatter more than light ones. */
    public boolean grows() {
        return rho > 0;
    }
}
