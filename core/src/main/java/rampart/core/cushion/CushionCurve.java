package rampart.core.cushion;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import rampart.core.material.Foam;
import rampart.core.quantity.Require;

/**
 * The cushion curve of a foam: peak G of a flat drop over static stress, for one thickness and drop height at one
 * temperature.
 *
 * @param points in rising static stress
 * @param bestKpa static stress that gives the least G, kPa
 * @param leastG that least G
 * @param band static stresses that stay within the limit; empty where there is no limit or none does
 */
public record CushionCurve(List<Point> points, double bestKpa, double leastG, Optional<FlatBand> band) {
    private static final int POINTS = 97;
    /** How far the curve goes to either side of its lowest point, as a ratio. */
    private static final double SPREAD = 16;

    /** One point: static stress in kPa and peak G. */
    public record Point(double staticStressKpa, double g) {}

    /**
     * @param repeated true for the second to fifth impact
     * @throws IllegalArgumentException if height, thickness or limit are not above 0
     */
    public static CushionCurve of(
            Foam foam,
            double heightMm,
            double thicknessMm,
            double temperatureC,
            boolean repeated,
            OptionalDouble limitG) {
        Require.positive(heightMm, "drop height in mm");
        Require.positive(thicknessMm, "thickness in mm");
        limitG.ifPresent(limit -> Require.positive(limit, "limit in G"));
        var law = foam.lawAt(temperatureC, repeated);
        double best = FlatBand.bestStressKpa(law, heightMm, thicknessMm);
        List<Point> points = new ArrayList<>(POINTS);
        for (int i = 0; i < POINTS; i++) {
            double stress = best / SPREAD * Math.pow(SPREAD * SPREAD, (double) i / (POINTS - 1));
            points.add(new Point(stress, FlatBand.peakG(law, stress, heightMm, thicknessMm)));
        }
        return new CushionCurve(
                List.copyOf(points),
                best,
                FlatBand.leastG(law, heightMm, thicknessMm),
                limitG.isPresent() ? FlatBand.of(law, heightMm, thicknessMm, limitG.getAsDouble()) : Optional.empty());
    }
}
