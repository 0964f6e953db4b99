package rampart.formats.view;

import java.util.List;
import rampart.core.pack.Check;
import rampart.core.pack.Curves;
import rampart.core.pack.Figure;
import rampart.core.pack.Working;
import rampart.core.quantity.Face;

/** One demand against one limit, with its working. */
public record CheckView(
        String id,
        String title,
        @Nullable Integer layer,
        @Nullable String face,
        double demand,
        @Nullable Double limit,
        String unit,
        @Nullable Double margin,
        StatusView status,
        @Nullable Spread spread,
        String because,
        Line formula,
        List<Line> steps,
        List<FigureView> working,
        List<String> notes,
        boolean curve) {

    static CheckView of(Check check) {
        Working working = check.working();
        return new CheckView(
                check.id(),
                check.title(),
                check.layer().isPresent() ? check.layer().getAsInt() : null,
                check.face().map(Face::word).orElse(null),
                check.demand(),
                check.limit().isPresent() ? check.limit().getAsDouble() : null,
                check.unit(),
                check.margin().isPresent() ? check.margin().getAsDouble() : null,
                StatusView.of(check.status()),
                check.spread().map(s -> new Spread(s.low(), s.high())).orElse(null),
                check.because(),
                Line.of(working, working.formula()),
                working.steps().stream().map(step -> Line.of(working, step)).toList(),
                working.figures().stream().map(FigureView::of).toList(),
                working.notes(),
                Curves.has(check.id()));
    }

    /** Lowest and highest demand that the test data of a material allow. */
    public record Spread(double low, double high) {}

    /** A formula with symbols, and its right side with the numbers put in. */
    public record Line(String symbols, String numbers) {
        static Line of(Working working, String formula) {
            return new Line(formula, working.withNumbers(formula));
        }
    }

    /** One number of a working. */
    public record FigureView(String symbol, String name, double value, String unit, String basis, String source) {
        static FigureView of(Figure figure) {
            return new FigureView(
                    figure.symbol(),
                    figure.name(),
                    figure.value(),
                    figure.unit(),
                    figure.basis().word(),
                    figure.source());
        }
    }
}
