package rampart.core.check;

import java.util.List;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.function.Supplier;
import rampart.core.bed.Web;
import rampart.core.layout.LaidCushion;
import rampart.core.verdict.Check;
import rampart.core.verdict.CheckId;
import rampart.core.verdict.CheckKind;
import rampart.core.verdict.Figure;
import rampart.core.verdict.Working;
import rampart.core.words.BedWords;
import rampart.core.words.FigureWords;
import rampart.core.words.Quantity;
import rampart.core.words.Sentence;
import rampart.core.words.Term;

/** The thinnest web of foam between two pockets of a bed (rule 53). */
final class BedWebCheck implements CheckRule {
    private static final double LEAST_MM = 12;

    @Override
    public Set<CheckKind> makes() {
        return Set.of(CheckKind.BED_WEB);
    }

    @Override
    public List<Check> on(EvaluationContext context) {
        return context.layout()
                .bed()
                .flatMap(cushion -> cushion.bed().orElseThrow().contact().web().map(web -> check(web, cushion)))
                .map(List::of)
                .orElse(List.of());
    }

    private static Check check(Web web, LaidCushion cushion) {
        Supplier<List<Sentence>> because = () -> List.of((web.mm() < LEAST_MM
                        ? BedWords.BED_WEB_THIN
                        : BedWords.BED_WEB)
                .of(Term.name(web.one()), Term.name(web.other()), Quantity.mm(web.mm()), Quantity.wholeMm(LEAST_MM)));
        Supplier<Working> working = () -> Working.noted(
                "D = w",
                List.of(),
                List.of(
                        Figure.assumed("w", FigureWords.LEAST_WEB_THAT_STANDS, LEAST_MM, "mm", "rule 53"),
                        Figure.law("L", FigureWords.THINNEST_WEB_OF_BED, web.mm(), "mm")));
        return Check.judged(
                CheckId.of(CheckKind.BED_WEB),
                "Web between two pockets",
                Check.Where.layer(cushion.layer()),
                LEAST_MM,
                OptionalDouble.of(web.mm()),
                "mm",
                because,
                working);
    }
}
