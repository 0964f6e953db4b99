package rampart.formats.view;

import java.util.List;
import rampart.core.explain.Curve;
import rampart.core.words.Unit;
import rampart.core.words.Wording;

/**
 * How one check answers to one quantity, in the units that were asked for.
 *
 * @param points pairs x, y in rising x
 * @param band pairs from, to of x that hold
 * @param holdsBelow true where y under the limit holds
 */
public record CurveView(
        String check,
        String xName,
        String xUnit,
        String yName,
        String yUnit,
        List<List<Double>> points,
        @Nullable Double limit,
        boolean holdsBelow,
        List<List<Double>> band,
        List<Double> operating) {
    public static CurveView of(Curve curve, Wording wording) {
        Wording.Scale x = scale(curve.x().unit(), wording);
        Wording.Scale y = scale(curve.y().unit(), wording);
        double fx = x.factor();
        double fy = y.factor();
        return new CurveView(
                curve.check().text(),
                wording.say(curve.x().name()),
                x.unit(),
                wording.say(curve.y().name()),
                y.unit(),
                curve.points().stream()
                        .map(p -> List.of(fx * p.x(), fy * p.y()))
                        .toList(),
                curve.limit().isPresent() ? fy * curve.limit().getAsDouble() : null,
                curve.holdsBelow(),
                curve.band().stream()
                        .map(r -> List.of(fx * r.from(), fx * r.to()))
                        .toList(),
                List.of(fx * curve.operating().x(), fy * curve.operating().y()));
    }

    private static Wording.Scale scale(String unit, Wording wording) {
        Unit known = Unit.of(unit);
        return known == Unit.NONE ? new Wording.Scale(1, unit) : wording.scale(known);
    }
}
