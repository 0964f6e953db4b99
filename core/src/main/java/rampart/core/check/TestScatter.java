package rampart.core.check;

import java.util.Optional;
import rampart.core.cushion.Impact;
import rampart.core.material.CushionFit;
import rampart.core.material.CushionLaw;
import rampart.core.material.Foam;

/**
 * How far the peak of a drop may lie from the law of a foam that was measured (rule 38): the prediction interval of its
 * test data at the energy density of each struck cushion; the widest counts for the drop, as a factor on G (assumed).
 *
 * @param factor the peak may be so many times higher or lower; 1 where no measured foam takes part
 * @param measured true where one does
 * @param extrapolated true where the blow lies outside what was tested
 */
record TestScatter(double factor, boolean measured, boolean extrapolated) {
    /** Share of single results that the interval holds. */
    public static final double PROBABILITY = 0.9;

    private static final TestScatter NONE = new TestScatter(1, false, false);

    public static TestScatter of(EvaluationContext context, Impact impact) {
        TestScatter widest = NONE;
        if (!context.measured()) {
            return widest;
        }
        for (Impact.LayerPeak peak : impact.layers()) {
            Foam foam = context.cushion(peak.layer()).foam();
            // Later blows that nobody tested scatter as the first ones do at their energy.
            Optional<CushionFit> fit = foam.fit(impact.repeated()).or(() -> foam.fit(false));
            if (fit.isPresent() && peak.energyJ() > 0) {
                widest = widest.or(of(foam, fit.get(), impact, peak));
            }
        }
        return widest;
    }

    private static TestScatter of(Foam foam, CushionFit fit, Impact impact, Impact.LayerPeak peak) {
        CushionLaw law = foam.law(impact.repeated());
        TestScatter widest = NONE;
        for (double strain : peak.strain()) {
            // The energy over the stiffness of that day, which is the energy at 23 degC: strains do not move.
            double x = law.energyDensityKpa(strain);
            widest = widest.or(new TestScatter(fit.predictionFactor(x, PROBABILITY), true, fit.extrapolates(x)));
        }
        return widest;
    }

    private TestScatter or(TestScatter other) {
        return new TestScatter(
                Math.max(factor, other.factor), measured || other.measured, extrapolated || other.extrapolated);
    }
}
