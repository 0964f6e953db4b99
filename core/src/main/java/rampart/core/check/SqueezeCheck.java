package rampart.core.check;

import java.util.List;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.function.Supplier;
import rampart.core.quantity.Axis;
import rampart.core.verdict.Check;
import rampart.core.verdict.CheckId;
import rampart.core.verdict.CheckKind;
import rampart.core.verdict.Figure;
import rampart.core.verdict.Working;
import rampart.core.words.CheckWords;
import rampart.core.words.FigureWords;
import rampart.core.words.Quantity;
import rampart.core.words.Sentence;

/** A carton closed over more than it holds (rule 40): share of the foam that is pressed in, against a fifth. */
final class SqueezeCheck implements CheckRule {
    private static final double RIGHT_FROM = 0.05;
    private static final double RIGHT_TO = 0.15;

    @Override
    public Set<CheckKind> makes() {
        return Set.of(CheckKind.SQUEEZE);
    }

    @Override
    public List<Check> on(EvaluationContext context) {
        Squeezed tightest = null;
        for (Squeezed box : Squeezed.all(context)) {
            boolean pressed = !box.box().stock() && box.squeeze(box.tightest()) > 0;
            if (pressed && (tightest == null || box.squeeze(box.tightest()) > tightest.squeeze(tightest.tightest()))) {
                tightest = box;
            }
        }
        return tightest == null ? List.of() : List.of(check(tightest));
    }

    private static Check check(Squeezed box) {
        Axis axis = box.tightest();
        double squeeze = box.squeeze(axis);
        double over = -box.box().slack().along(axis);
        Supplier<List<Sentence>> because = () -> {
            Quantity share = Quantity.percent(squeeze);
            if (squeeze > Squeezed.BULGES_OVER) {
                return List.of(CheckWords.SQUEEZED_BULGES.of(share, Quantity.wholeMm(box.bulgeMm())));
            }
            boolean right = squeeze >= RIGHT_FROM && squeeze <= RIGHT_TO;
            return List.of((right ? CheckWords.SQUEEZED_RIGHT : CheckWords.SQUEEZED).of(share));
        };
        Supplier<Working> working = () -> Working.noted(
                "D = o/T",
                List.of(),
                List.of(
                        Figure.input("o", FigureWords.CONTENTS_OVER_INSIDE, over, "mm"),
                        Figure.law("T", FigureWords.FOAM_ON_BOTH_SIDES, over / squeeze, "mm"),
                        Figure.assumed("L", FigureWords.WHERE_CARTON_BULGES, Squeezed.BULGES_OVER, "", "a fifth")),
                CheckWords.NOTE_FULL_THICKNESS);
        return Check.judged(
                CheckId.of(CheckKind.SQUEEZE),
                "Pressed together when closed",
                Check.Where.layer(box.box().layer()),
                squeeze,
                OptionalDouble.of(Squeezed.BULGES_OVER),
                "",
                because,
                working);
    }
}
