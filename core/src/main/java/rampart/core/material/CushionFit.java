package rampart.core.material;

import java.util.List;
import org.hipparchus.distribution.continuous.TDistribution;
import org.hipparchus.stat.regression.SimpleRegression;

/**
 * The stress-energy law fitted to drop tests: linear regression of ln(G s) on s h / t (Burgess 1990s; Daum 2006, from
 * memory), by Hipparchus. Points that do not fit stay in it and are told of.
 *
 * @param law what was found
 * @param points how many there were
 * @param rSquared share of the spread of ln(G s) that the law explains
 * @param residual standard deviation of ln(G s) about the line, with two constants taken from the points
 * @param meanX mean energy density of the points, kPa
 * @param spreadX sum of squared distances of the energy densities from their mean, kPa2
 * @param fromX least energy density covered, kPa
 * @param toX greatest energy density covered, kPa
 */
public record CushionFit(
        CushionLaw law,
        int points,
        double rSquared,
        double residual,
        double meanX,
        double spreadX,
        double fromX,
        double toX) {
    /** Fewer points than this say nothing of their own scatter. */
    public static final int LEAST_POINTS = 4;

    /** A scatter wider than this says nothing more. */
    public static final double WIDEST = 1000;

    /** A point further from the line than this many residual deviations does not fit (common practice, no source). */
    public static final double OUTLIER = 2.5;

    /**
     * The law of these points.
     *
     * @throws IllegalArgumentException if there are fewer than four, if all lie at one energy density, or if stress does
     *     not grow with energy
     */
    public static CushionFit of(List<DropPoint> points) {
        return of(points, 0);
    }

    /**
     * The law at 23 degC of points at other temperatures too: by rule 16 stress and energy of each point are divided by
     * its stiffness.
     *
     * @param stiffnessPerC change of stiffness per degC, 1/degC
     */
    public static CushionFit of(List<DropPoint> points, double stiffnessPerC) {
        if (points.size() < LEAST_POINTS) {
            throw new IllegalArgumentException(
                    "there are " + points.size() + " points; a fit needs at least " + LEAST_POINTS);
        }
        SimpleRegression line = new SimpleRegression();
        double from = Double.POSITIVE_INFINITY;
        double to = Double.NEGATIVE_INFINITY;
        double sum = 0;
        for (DropPoint point : points) {
            double stiffness = Foam.stiffness(stiffnessPerC, point.temperatureC());
            double x = point.energyDensityKpa() / stiffness;
            line.addData(x, Math.log(point.dynamicStressKpa() / stiffness));
            from = Math.min(from, x);
            to = Math.max(to, x);
            sum += x;
        }
        if (!(to > from * (1 + 1e-6))) {
            throw new IllegalArgumentException(
                    "all points lie at the same energy density, " + from + " kPa; a fit needs different ones");
        }
        double slope = line.getSlope();
        if (!(slope > 0)) {
            throw new IllegalArgumentException("stress falls with energy in these points; no cushion does that");
        }
        return new CushionFit(
                new CushionLaw(Math.exp(line.getIntercept()), slope),
                points.size(),
                line.getRSquare(),
                Math.sqrt(line.getMeanSquareError()),
                sum / points.size(),
                line.getXSumSquares(),
                from,
                to);
    }

    /** Natural logarithm of the dynamic stress at this energy density by the law. */
    private double lnStress(double x) {
        return Math.log(law.aKpa()) + law.bPerKpa() * x;
    }

    /**
     * How far a single new result may lie from the law, as a factor on G, at most 1000: with this probability it lies between the law
     * over the factor and the law times the factor.
     *
     * @param energyDensityKpa where
     * @param probability such as 0.9
     */
    public double predictionFactor(double energyDensityKpa, double probability) {
        double away = energyDensityKpa - meanX;
        double standard = residual * Math.sqrt(1 + 1.0 / points + away * away / spreadX);
        double t = new TDistribution(points - 2.0).inverseCumulativeProbability(0.5 + probability / 2);
        return Math.min(WIDEST, Math.exp(t * standard));
    }

    /** True where the points say nothing of this energy density. */
    public boolean extrapolates(double energyDensityKpa) {
        return energyDensityKpa < fromX || energyDensityKpa > toX;
    }

    /**
     * How many residual deviations this point lies above the line; negative below it.
     *
     * @param stiffnessPerC change of stiffness per degC, 1/degC
     */
    public double deviations(DropPoint point, double stiffnessPerC) {
        double stiffness = Foam.stiffness(stiffnessPerC, point.temperatureC());
        double off = Math.log(point.dynamicStressKpa() / stiffness) - lnStress(point.energyDensityKpa() / stiffness);
        return residual > 0 ? off / residual : 0;
    }

    /** True where a point so many deviations away does not fit. */
    public static boolean outlier(double deviations) {
        return Math.abs(deviations) > OUTLIER;
    }
}
