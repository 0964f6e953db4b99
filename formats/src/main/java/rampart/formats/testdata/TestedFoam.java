package rampart.formats.testdata;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import rampart.core.material.CreepFit;
import rampart.core.material.CreepPoint;
import rampart.core.material.CushionFit;
import rampart.core.material.DropPoint;
import rampart.core.material.FirstRamp;
import rampart.core.material.Measured;
import rampart.core.material.ResidualDrift;
import rampart.core.material.ResonanceFit;
import rampart.core.material.TransmissibilityPoint;
import rampart.formats.json.Json;
import rampart.formats.json.Problem;
import rampart.formats.json.UnreadableFileException;
import rampart.formats.material.FitBasis;
import tools.jackson.databind.node.ObjectNode;

/**
 * Test data of one foam read and fitted.
 *
 * @param measured the fits
 * @param drops every drop with how far it lies from its fit
 * @param firstDrift where the scatter of first impacts grows or shrinks with the blow
 * @param repeatedDrift the same of later ones
 */
public record TestedFoam(
        Measured measured,
        List<Judged> drops,
        Optional<ResidualDrift> firstDrift,
        Optional<ResidualDrift> repeatedDrift) {
    private static final int LAST_REPEATED = 5;

    /**
     * One drop test against its fit.
     *
     * @param row in the table
     * @param deviations from the law in residual deviations; 0 where no law was fitted to it
     * @param outlier true where it does not fit; it stays in
     * @param used false where it belongs to no fit: impacts after the fifth, too few of a kind, within the first rise
     * @param withinRamp true where the foam was pressed so little that the line says nothing of it (rule 38)
     */
    public record Judged(
            int row, DropPoint point, double deviations, boolean outlier, boolean used, boolean withinRamp) {}

    /**
     * Reads and fits what is given.
     *
     * @param drops table of drop tests; blank for none
     * @param creep table of creep tests; blank for none
     * @param vibration table of vibration tests; blank for none
     * @param basis what the fit of drop tests needs to know of the foam
     * @throws UnreadableFileException with every row that is wrong, under {@code /drops}, {@code /creep} and {@code
     *     /vibration}
     */
    public static TestedFoam of(String drops, String creep, String vibration, FitBasis basis) {
        double stiffnessPerC = basis.stiffnessPerC();
        FirstRamp ramp = basis.ramp();
        List<Problem> problems = new ArrayList<>();
        List<TestData.Row<DropPoint>> rows = read("/drops", drops, problems, TestData::drops);
        List<TestData.Row<CreepPoint>> creepRows = read("/creep", creep, problems, TestData::creep);
        List<TestData.Row<TransmissibilityPoint>> vibrationRows =
                read("/vibration", vibration, problems, TestData::vibration);
        Optional<CushionFit> first =
                fitted("/drops", first(rows), problems, p -> CushionFit.of(p, stiffnessPerC, ramp));
        List<DropPoint> later = rows.stream()
                .map(TestData.Row::point)
                .filter(p -> p.impact() > 1 && p.impact() <= LAST_REPEATED)
                .toList();
        Optional<CushionFit> repeated = later.size() < CushionFit.LEAST_POINTS
                ? Optional.empty()
                : fitted("/drops", later, problems, p -> CushionFit.of(p, stiffnessPerC, ramp));
        Measured measured = new Measured(
                first,
                repeated,
                fitted("/creep", points(creepRows), problems, CreepFit::of),
                fitted("/vibration", points(vibrationRows), problems, ResonanceFit::of));
        if (!problems.isEmpty()) {
            throw new UnreadableFileException(problems);
        }
        return new TestedFoam(
                measured,
                rows.stream()
                        .map(row -> judged(row, measured, stiffnessPerC, ramp))
                        .toList(),
                first.flatMap(
                        fit -> ResidualDrift.of(fit, beyond(fit, first(rows), stiffnessPerC, ramp), stiffnessPerC)),
                repeated.flatMap(fit -> ResidualDrift.of(fit, beyond(fit, later, stiffnessPerC, ramp), stiffnessPerC)));
    }

    private static List<DropPoint> beyond(
            CushionFit fit, List<DropPoint> points, double stiffnessPerC, FirstRamp ramp) {
        return points.stream()
                .filter(point -> !fit.withinRamp(point, stiffnessPerC, ramp))
                .toList();
    }

    private static Judged judged(TestData.Row<DropPoint> row, Measured measured, double stiffnessPerC, FirstRamp ramp) {
        DropPoint point = row.point();
        Optional<CushionFit> fit = point.impact() == 1
                ? measured.first()
                : point.impact() <= LAST_REPEATED ? measured.repeated() : Optional.empty();
        double deviations = fit.map(f -> f.deviations(point, stiffnessPerC)).orElse(0.0);
        boolean within = fit.map(f -> f.withinRamp(point, stiffnessPerC, ramp)).orElse(false);
        boolean used = fit.isPresent() && !within;
        return new Judged(row.row(), point, deviations, used && CushionFit.outlier(deviations), used, within);
    }

    private static List<DropPoint> first(List<TestData.Row<DropPoint>> rows) {
        return rows.stream()
                .map(TestData.Row::point)
                .filter(p -> p.impact() == 1)
                .toList();
    }

    private static <T> List<T> points(List<TestData.Row<T>> rows) {
        return rows.stream().map(TestData.Row::point).toList();
    }

    private interface Reader<T> {
        List<TestData.Row<T>> read(String text);
    }

    private static <T> List<TestData.Row<T>> read(String path, String text, List<Problem> problems, Reader<T> reader) {
        if (text.isBlank()) {
            return List.of();
        }
        try {
            return reader.read(text);
        } catch (UnreadableFileException e) {
            e.problems().forEach(p -> problems.add(new Problem(path + p.path(), p.message())));
            return List.of();
        }
    }

    private interface Fitter<T, F> {
        F fit(List<T> points);
    }

    private static <T, F> Optional<F> fitted(String path, List<T> points, List<Problem> problems, Fitter<T, F> fitter) {
        if (points.isEmpty()) {
            return Optional.empty();
        }
        try {
            return Optional.of(fitter.fit(points));
        } catch (IllegalArgumentException e) {
            problems.add(new Problem(path, e.getMessage()));
            return Optional.empty();
        }
    }

    /** Puts the fits into the document of a foam: law, modulus and Q, and what they rest on. */
    public void into(ObjectNode foam) {
        ObjectNode tests = Json.MAPPER.createObjectNode();
        measured.first().ifPresent(fit -> {
            foam.set("law", law(fit));
            tests.set("first", statistics(Json.MAPPER.createObjectNode(), fit));
        });
        measured.repeated().ifPresent(fit -> {
            ObjectNode node = Json.MAPPER.createObjectNode();
            node.set("law", law(fit));
            tests.set("repeated", statistics(node, fit));
        });
        measured.creep().ifPresent(fit -> {
            ObjectNode node = tests.putObject("creep");
            node.put("c1", fit.law().c1());
            node.put("c2", fit.law().c2());
            node.put("atKpa", fit.law().atKpa());
            node.put("points", fit.points());
            node.put("rSquared", fit.rSquared());
            node.put("residual", fit.residual());
            node.put("toHours", fit.toHours());
        });
        measured.vibration().ifPresent(fit -> {
            foam.put("dynamicModulusKpa", fit.dynamicModulusKpa());
            foam.put("q", fit.q());
            ObjectNode node = tests.putObject("vibration");
            node.put("cushions", fit.cushions());
            node.put("points", fit.points());
        });
        if (!tests.isEmpty()) {
            foam.set("tests", tests);
        }
    }

    private static ObjectNode law(CushionFit fit) {
        ObjectNode law = Json.MAPPER.createObjectNode();
        law.put("aKpa", fit.line().aKpa());
        law.put("bPerKpa", fit.line().bPerKpa());
        return law;
    }

    private static ObjectNode statistics(ObjectNode node, CushionFit fit) {
        node.put("points", fit.points());
        node.put("rSquared", fit.rSquared());
        node.put("residual", fit.residual());
        node.put("meanX", fit.meanX());
        node.put("spreadX", fit.spreadX());
        node.put("fromX", fit.fromX());
        node.put("toX", fit.toX());
        return node;
    }
}
