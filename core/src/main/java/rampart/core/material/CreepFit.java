package rampart.core.material;

import java.util.List;
import org.hipparchus.stat.regression.SimpleRegression;

/**
 * The creep law fitted to creep tests: linear regression of strain, put in proportion to the greatest load tested, on
 * log10(hours).
 *
 * @param law what was found, at the greatest load tested
 * @param points how many there were
 * @param rSquared share of the spread that the law explains
 * @param residual standard deviation of the strain about the line
 * @param toHours longest time covered
 */
public record CreepFit(CreepLaw law, int points, double rSquared, double residual, double toHours) {
    /** @throws IllegalArgumentException if there are fewer than three, all at one time, or thickness grows under load */
    public static CreepFit of(List<CreepPoint> points) {
        if (points.size() < 3) {
            throw new IllegalArgumentException("there are " + points.size() + " creep points; a fit needs at least 3");
        }
        double atKpa =
                points.stream().mapToDouble(CreepPoint::staticStressKpa).max().orElseThrow();
        double toHours = points.stream().mapToDouble(CreepPoint::hours).max().orElseThrow();
        double fromHours = points.stream().mapToDouble(CreepPoint::hours).min().orElseThrow();
        if (!(toHours > fromHours * (1 + 1e-6))) {
            throw new IllegalArgumentException("all creep points were read after the same time, " + toHours + " h");
        }
        SimpleRegression line = new SimpleRegression();
        points.forEach(p -> line.addData(Math.log10(p.hours()), p.strain() * atKpa / p.staticStressKpa()));
        if (line.getSlope() < 0) {
            throw new IllegalArgumentException("the foam grows under load in these creep points; no cushion does that");
        }
        return new CreepFit(
                new CreepLaw(line.getIntercept(), line.getSlope(), atKpa),
                points.size(),
                line.getRSquare(),
                Math.sqrt(line.getMeanSquareError()),
                toHours);
    }
}
