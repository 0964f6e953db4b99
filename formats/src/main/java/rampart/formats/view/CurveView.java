package rampart.formats.view;

import java.util.List;
import rampart.core.pack.Curve;

/**
 * How one check answers to one quantity.
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
    public static CurveView of(Curve curve) {
        return new CurveView(
                curve.checkId(),
                curve.x().name(),
                curve.x().unit(),
                curve.y().name(),
                curve.y().unit(),
                curve.points().stream().map(p -> List.of(p.x(), p.y())).toList(),
                curve.limit().isPresent() ? curve.limit().getAsDouble() : null,
                curve.holdsBelow(),
                curve.band().stream().map(r -> List.of(r.from(), r.to())).toList(),
                List.of(curve.operating().x(), curve.operating().y()));
    }
}
