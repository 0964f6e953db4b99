package rampart.formats.view;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import rampart.core.material.CushionFit;
import rampart.core.material.Foam;
import rampart.core.material.ResidualDrift;
import rampart.core.words.Wording;
import rampart.formats.testdata.TestedFoam;
import rampart.formats.view.CatalogueView.CreepFitView;
import rampart.formats.view.CatalogueView.LawFitView;
import rampart.formats.view.CatalogueView.VibrationFitView;

/**
 * Test data of a foam fitted, with what a plot of it needs.
 *
 * @param points every drop: energy density and dynamic stress at 23 degC, kPa
 * @param doubts what is to be said of the fits, a sentence each
 * @param lines the law of each fit with its prediction interval, over what was tested
 */
public record FoamTestsView(
        @Nullable LawFitView first,
        @Nullable LawFitView repeated,
        @Nullable CreepFitView creep,
        @Nullable VibrationFitView vibration,
        List<TestPointView> points,
        List<String> doubts,
        List<TestLineView> lines) {
    private static final int LINE_POINTS = 25;
    private static final double PROBABILITY = 0.9;

    /** One drop test. */
    public record TestPointView(
            int row,
            double x,
            double y,
            int impact,
            double peakG,
            double deviations,
            boolean outlier,
            boolean used,
            boolean withinRise) {}

    /** A law over energy density. */
    public record TestLineView(boolean repeated, List<TestBandView> band) {}

    /** Stress by the law at one energy density, and between what nine results in ten lie, kPa. */
    public record TestBandView(double x, double low, double law, double high) {}

    public static FoamTestsView of(TestedFoam tested, double stiffnessPerC) {
        return new FoamTestsView(
                tested.measured().first().map(LawFitView::of).orElse(null),
                tested.measured().repeated().map(LawFitView::of).orElse(null),
                tested.measured().creep().map(CreepFitView::of).orElse(null),
                tested.measured().vibration().map(VibrationFitView::of).orElse(null),
                tested.drops().stream().map(drop -> point(drop, stiffnessPerC)).toList(),
                Stream.of(
                                leftOut(tested),
                                tested.firstDrift().map(d -> doubt("First impacts", d)),
                                tested.repeatedDrift().map(d -> doubt("Later impacts", d)))
                        .flatMap(Optional::stream)
                        .toList(),
                Stream.concat(
                                tested.measured().first().map(f -> line(f, false)).stream(),
                                tested.measured().repeated().map(f -> line(f, true)).stream())
                        .toList());
    }

    private static Optional<String> leftOut(TestedFoam tested) {
        List<String> rows = tested.drops().stream()
                .filter(TestedFoam.Judged::withinRamp)
                .map(drop -> Integer.toString(drop.row()))
                .toList();
        return rows.isEmpty()
                ? Optional.empty()
                : Optional.of(
                        rows.size() + (rows.size() == 1 ? " test is" : " tests are")
                                + " left out of the fit (row " + String.join(", ", rows)
                                + "): the foam was pressed so little that it was still in its first rise, where the line says nothing.");
    }

    private static String doubt(String which, ResidualDrift drift) {
        return which + " scatter " + (drift.grows() ? "more" : "less") + " the harder the blow is (rank correlation "
                + Wording.decimals(drift.rho(), 2) + " over " + drift.points()
                + " tests, significant at 5 %): the interval is too narrow for " + (drift.grows() ? "hard" : "light")
                + " blows.";
    }

    private static TestPointView point(TestedFoam.Judged drop, double stiffnessPerC) {
        double stiffness = Foam.stiffness(stiffnessPerC, drop.point().temperatureC());
        return new TestPointView(
                drop.row(),
                drop.point().energyDensityKpa() / stiffness,
                drop.point().dynamicStressKpa() / stiffness,
                drop.point().impact(),
                drop.point().peakG(),
                drop.deviations(),
                drop.outlier(),
                drop.used(),
                drop.withinRamp());
    }

    private static TestLineView line(CushionFit fit, boolean repeated) {
        List<TestBandView> band = java.util.stream.IntStream.range(0, LINE_POINTS)
                .mapToObj(i -> fit.fromX() + (fit.toX() - fit.fromX()) * i / (LINE_POINTS - 1))
                .map(x -> {
                    double law = fit.line().stressKpa(x);
                    double factor = fit.predictionFactor(x, PROBABILITY);
                    return new TestBandView(x, law / factor, law, law * factor);
                })
                .toList();
        return new TestLineView(repeated, band);
    }
}
