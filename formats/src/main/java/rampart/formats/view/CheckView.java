package rampart.formats.view;

import java.util.List;
import rampart.core.explain.Curves;
import rampart.core.quantity.Face;
import rampart.core.verdict.Check;
import rampart.core.verdict.Figure;
import rampart.core.verdict.Working;
import rampart.core.words.Quantity;
import rampart.core.words.Unit;
import rampart.core.words.Wording;

/**
 * One demand against one limit, with its working.
 *
 * @param about what it is told with on a page
 * @param byRule why its status is another than its margin alone would give, in two or three words; null where it is not
 * @param said demand and limit in the units that were asked for
 */
public record CheckView(
        String id,
        AboutView about,
        String title,
        @Nullable Integer layer,
        @Nullable String face,
        double demand,
        @Nullable Double limit,
        String unit,
        @Nullable Double margin,
        StatusView status,
        @Nullable String byRule,
        SaidView said,
        @Nullable Spread spread,
        String because,
        Line formula,
        List<Line> steps,
        List<FigureView> working,
        List<String> notes,
        boolean curve) {

    /** The title as it stands within a sentence. */
    public String titleInside() {
        return Check.inside(title);
    }

    static CheckView of(Check check, Wording wording) {
        Working working = check.working();
        return new CheckView(
                check.id().text(),
                AboutView.of(check.id().kind()),
                check.title(),
                check.layer().isPresent() ? check.layer().getAsInt() : null,
                check.face().map(Face::word).orElse(null),
                check.demand(),
                check.limit().isPresent() ? check.limit().getAsDouble() : null,
                check.unit(),
                check.margin().isPresent() ? check.margin().getAsDouble() : null,
                StatusView.of(check.status()),
                check.byRule().map(wording::say).orElse(null),
                SaidView.of(check, wording),
                check.spread().map(s -> new Spread(s.low(), s.high())).orElse(null),
                wording.say(check.because()),
                Line.of(working, working.formula()),
                working.steps().stream().map(step -> Line.of(working, step)).toList(),
                working.figures().stream().map(f -> FigureView.of(f, wording)).toList(),
                working.notes().stream().map(wording::say).toList(),
                Curves.has(check));
    }

    /** Lowest and highest demand that the test data of a material allow. */
    public record Spread(double low, double high) {}

    /** A formula with symbols, and its right side with the numbers put in. */
    public record Line(String symbols, String numbers) {
        static Line of(Working working, String formula) {
            return new Line(formula, working.withNumbers(formula));
        }
    }

    /**
     * One number of a working.
     *
     * @param value in {@code unit}, as the formula takes it
     * @param said the same in the units that were asked for; null where they are these
     */
    public record FigureView(
            String symbol,
            String name,
            double value,
            String unit,
            @Nullable String said,
            String basis,
            String source) {
        private static final int DECIMALS = 2;

        static FigureView of(Figure figure, Wording wording) {
            Unit unit = Unit.of(figure.unit());
            return new FigureView(
                    figure.symbol(),
                    wording.say(figure.name()),
                    figure.value(),
                    figure.unit(),
                    wording.changes(unit)
                            ? wording.amount(new Quantity(figure.value(), unit, DECIMALS))
                                    .toString()
                            : null,
                    figure.basis().word(),
                    figure.source());
        }
    }
}
