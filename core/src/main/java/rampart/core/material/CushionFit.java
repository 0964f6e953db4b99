package rampart.core.material;

import java.util.ArrayList;
import java.util.List;
import org.hipparchus.distribution.continuous.TDistribution;
import org.hipparchus.stat.regression.SimpleRegression;

/**
 * The stress-energy line fitted to drop tests: linear regression of ln(G s) on s h / t (Burgess 1990s; Daum 2006, from
 * memory), by Hipparchus. Points within the first ramp say nothing of the line and are left out; points that do not fit
 * stay in it and are told of.
 *
 * @param line what was found
 * @param points how many it rests on
 * @param rSquared share of the spread of ln(G s) that the line explains
 * @param residual standard deviation of ln(G s) about the line, with two constants taken from the points
 * @param meanX mean energy density of the points, kPa
 * @param spreadX sum of squared distances of the energy densities from their mean, kPa2
 * @param fromX least energy density covered, kPa
 * @param toX greatest energy density covered, kPa
 */
public record CushionFit(
        StressEnergyLine line,
        int points,
        double rSquared,
        double residual,
        double meanX,
        double spreadX,
        double fromX,
        double toX) {
    /** Fewer points than this say nothing of their own scatter; so many must lie beyond the first ramp. */
    public static final int LEAST_POINTS = 3;

    /** A scatter wider than this says nothing more. */
    public static final double WIDEST = 1000;

    /** A point further from the line than this many residual deviations does not fit (common practice, no source). */
    public static final double OUTLIER = 2.5;

    /** Fitting and leaving out end after so many rounds, whether the same points stay or not (rule 38). */
    private static final int MOST_ROUNDS = 20;

    /**
     * The line at 23 degC of points at any temperatures: by rule 16 stress and energy of each point are divided by its
     * stiffness. All are fitted, those with an energy below the end of the ramp left out, the rest fitted again, until the
     * same points stay (rule 38).
     *
     * @param stiffnessPerC change of stiffness per degC, 1/degC
     * @param ramp first ramp of the material
     * @throws IllegalArgumentException if fewer than three stay, if all lie at one energy density, or if stress does not
     *     grow with energy
     */
    public static CushionFit of(List<DropPoint> points, double stiffnessPerC, FirstRamp ramp) {
        List<DropPoint> staying = points;
        for (int round = 0; ; round++) {
            CushionFit fit = through(staying, points.size() - staying.size(), stiffnessPerC);
            List<DropPoint> beyond = new ArrayList<>(points.size());
            for (DropPoint point : points) {
                if (!fit.withinRamp(point, stiffnessPerC, ramp)) {
                    beyond.add(point);
                }
            }
            if (beyond.equals(staying) || round == MOST_ROUNDS) {
                return fit;
            }
            staying = beyond;
        }
    }

    private static CushionFit through(List<DropPoint> points, int leftOut, double stiffnessPerC) {
        if (points.size() < LEAST_POINTS) {
            throw new IllegalArgumentException("there are " + points.size() + " points"
                    + (leftOut > 0 ? " beyond the first rise of the foam, and " + leftOut + " within it" : "")
                    + "; a fit needs at least " + LEAST_POINTS);
        }
        SimpleRegression regression = new SimpleRegression();
        double from = Double.POSITIVE_INFINITY;
        double to = Double.NEGATIVE_INFINITY;
        double sum = 0;
        for (DropPoint point : points) {
            double stiffness = Foam.stiffness(stiffnessPerC, point.temperatureC());
            double x = point.energyDensityKpa() / stiffness;
            regression.addData(x, Math.log(point.dynamicStressKpa() / stiffness));
            from = Math.min(from, x);
            to = Math.max(to, x);
            sum += x;
        }
        if (!(to > from * (1 + 1e-6))) {
            throw new IllegalArgumentException(
                    "all points lie at the same energy density, " + from + " kPa; a fit needs different ones");
        }
        double slope = regression.getSlope();
        if (!(slope > 0)) {
            throw new IllegalArgumentException("stress falls with energy in these points; no cushion does that");
        }
        return new CushionFit(
                new StressEnergyLine(Math.exp(regression.getIntercept()), slope),
                points.size(),
                regression.getRSquare(),
                Math.sqrt(regression.getMeanSquareError()),
                sum / points.size(),
                regression.getXSumSquares(),
                from,
                to);
    }

    /** True where this point's energy lies below the end of the first ramp, where the line says nothing. */
    public boolean withinRamp(DropPoint point, double stiffnessPerC, FirstRamp ramp) {
        double x = point.energyDensityKpa() / Foam.stiffness(stiffnessPerC, point.temperatureC());
        return x < new CushionLaw(line, ramp).rampEnergyKpa();
    }

    /** Natural logarithm of the dynamic stress at this energy density by the line. */
    private double lnStress(double x) {
        return Math.log(line.aKpa()) + line.bPerKpa() * x;
    }

    /**
     * How far a single new result may lie from the line, as a factor on G, at most 1000: with this probability it lies between the line
     * over the factor and the line times the factor.
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
