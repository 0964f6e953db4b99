package rampart.core.check;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import java.util.Set;
import rampart.core.box.CartonState;
import rampart.core.quantity.Axis;
import rampart.core.verdict.Check;
import rampart.core.verdict.CheckId;
import rampart.core.verdict.CheckKind;
import rampart.core.verdict.Figure;
import rampart.core.verdict.Status;
import rampart.core.verdict.Working;
import rampart.core.words.CheckWords;
import rampart.core.words.FigureWords;
import rampart.core.words.Quantity;
import rampart.core.words.Sentence;
import rampart.core.words.Term;

/**
 * What will move on the way once foam and fill have settled (rule 39): the room above the contents against 10 mm. Judged
 * where the file says what fills a carton.
 */
final class SettlingCheck implements CheckRule {
    private static final double LIMIT_MM = MovementCheck.LIMIT_MM;
    private static final double SQUEEZE = 0.10;

    @Override
    public Set<CheckKind> makes() {
        return Set.of(CheckKind.SETTLING);
    }

    @Override
    public List<Check> on(EvaluationContext context) {
        Squeezed loosest = null;
        for (Squeezed box : Squeezed.all(context)) {
            if (box.state().fill().isPresent() && (loosest == null || box.gapMm() > loosest.gapMm())) {
                loosest = box;
            }
        }
        if (loosest == null) {
            return List.of();
        }
        boolean innermost =
                loosest.box().layer() == context.layout().boxes().get(0).layer();
        return List.of(check(loosest, innermost ? "the item" : "the inner box"));
    }

    private static Check check(Squeezed box, String what) {
        double gap = box.gapMm();
        return Check.judged(
                CheckId.of(CheckKind.SETTLING),
                "Room to move after settling",
                Check.Where.layer(box.box().layer()),
                Math.max(0, gap),
                OptionalDouble.of(LIMIT_MM),
                "mm",
                () -> because(box, what, gap),
                () -> working(box));
    }

    private static List<Sentence> because(Squeezed box, String what, double gap) {
        Quantity settles = Quantity.mm(box.settlementMm());
        if (gap <= 0) {
            return List.of(CheckWords.SETTLES_AND_STAYS.of(settles));
        }
        Sentence moves = CheckWords.SETTLES.of(settles, Term.name(what), Quantity.mm(gap), Quantity.wholeMm(LIMIT_MM));
        return gap > LIMIT_MM * (1 - Status.THIN_BELOW)
                ? List.of(moves, CheckWords.FOAM_CLOSES_IT.of(Quantity.cut(Math.ceil(gap / (1 - SQUEEZE)))))
                : List.of(moves);
    }

    private static Working working(Squeezed box) {
        List<Figure> figures = new ArrayList<>();
        CartonState.Fill fill = box.state().fill().orElse(CartonState.Fill.NONE);
        double slack = box.box().slack().along(Axis.Z);
        double open = fill == CartonState.Fill.NONE ? slack : Math.min(0, slack);
        figures.add(Figure.input("x", CheckWords.PLAY_LEFT.of(Term.name(fill.words())), open, "mm"));
        figures.add(
                Figure.assumed(
                        "e",
                        FigureWords.SETTLING_FOAM_FILL,
                        box.settlementMm(),
                        "mm",
                        "foam 1 %, air cells 3 %, bubble 5 %, loose 8 %, paper 10 % of the thickness, and creep at the bottom"));
        figures.add(Figure.assumed("L", FigureWords.MOST_SETTLING, LIMIT_MM, "mm", "rule 33"));
        figures.add(Figure.law("z", FigureWords.WHERE_STAYS_PRESSED, 0, "mm"));
        return Working.noted(
                box.gapMm() > 0 ? "D = x + e" : "D = z", List.of(), figures, CheckWords.NOTE_FILLS_PLAY_COUNTS);
    }
}
