package rampart.core.check;

import java.util.List;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.function.Supplier;
import rampart.core.layout.LaidBox;
import rampart.core.quantity.Axis;
import rampart.core.quantity.Units;
import rampart.core.verdict.Check;
import rampart.core.verdict.CheckId;
import rampart.core.verdict.CheckKind;
import rampart.core.verdict.Figure;
import rampart.core.verdict.Status;
import rampart.core.verdict.Working;
import rampart.core.words.CheckWords;
import rampart.core.words.Quantity;
import rampart.core.words.Sentence;
import rampart.core.words.Term;

/**
 * Does what is inside go into the cartons taken from stock (rule 32)? The demand is the contents, the limit the
 * inside, in the tightest dimension of all. A close fit is a good fit: what goes in holds, whatever the margin.
 */
final class FitCheck implements CheckRule {
    @Override
    public Set<CheckKind> makes() {
        return Set.of(CheckKind.FIT);
    }

    @Override
    public List<Check> on(EvaluationContext context) {
        LaidBox tightest = null;
        Axis axis = Axis.X;
        for (LaidBox box : context.layout().boxes()) {
            if (!box.stock()) {
                continue;
            }
            for (Axis candidate : Axis.values()) {
                if (tightest == null || ratio(box, candidate) > ratio(tightest, axis)) {
                    tightest = box;
                    axis = candidate;
                }
            }
        }
        if (tightest == null) {
            return List.of();
        }
        return List.of(check(tightest, axis));
    }

    private static Check check(LaidBox tightest, Axis axis) {
        double contents = tightest.contents().along(axis);
        double inside = tightest.carton().inside().along(axis);
        String dimension = axis.word();
        boolean fits = tightest.slack().along(axis) >= 0;
        Supplier<List<Sentence>> because = () -> List.of((fits ? CheckWords.FITS : CheckWords.DOES_NOT_FIT)
                .of(Term.name(dimension), Quantity.mm(contents), Quantity.mm(inside)));
        Supplier<Working> working = () -> new Working(
                "D = C",
                List.of(),
                List.of(
                        Figure.law("C", CheckWords.OF_THE_CONTENTS.of(Term.name(dimension)), contents, "mm"),
                        Figure.input("I", CheckWords.INSIDE_OF_STOCK.of(Term.name(dimension)), inside, "mm")),
                List.of());
        Check check = Check.judged(
                CheckId.of(CheckKind.FIT),
                "Going into the stock carton",
                Check.Where.layer(tightest.layer()),
                contents,
                OptionalDouble.of(inside),
                "mm",
                because,
                working);
        return fits ? check.withStatus(Status.HOLDS).withMargin(1) : check.withStatus(Status.BREAKS);
    }

    private static double ratio(LaidBox box, Axis axis) {
        return Units.roundTo9Decimals(
                box.contents().along(axis) / box.carton().inside().along(axis));
    }
}
