package rampart.core.check;

import java.util.List;
import java.util.OptionalDouble;
import java.util.Set;
import rampart.core.quantity.Basis;
import rampart.core.verdict.Check;
import rampart.core.verdict.CheckId;
import rampart.core.verdict.CheckKind;
import rampart.core.verdict.Figure;
import rampart.core.verdict.Working;
import rampart.core.words.FigureWords;
import rampart.core.words.MaterialWords;
import rampart.core.words.Sentence;

/**
 * Foam, wrap and tape against the surfaces of the item (rule 45). Judged where the surfaces are given, or tape lies on
 * the item. The demand counts what harms whole and what wants watching as 0.95 together; the limit is 1.
 */
final class MaterialCheck implements CheckRule {
    private static final double WATCH = 0.95;

    @Override
    public Set<CheckKind> makes() {
        return Set.of(CheckKind.MATERIAL);
    }

    @Override
    public List<Check> on(EvaluationContext context) {
        boolean asked = !context.pack().item().properties().surfaces().isEmpty()
                || context.pack().journey().storageHours().isPresent();
        if (!asked) {
            return List.of();
        }
        List<Incompatibility> clashes = MaterialCompatibility.of(context.pack(), context.catalogue());
        int harms = (int) clashes.stream().filter(Incompatibility::harm).count();
        boolean watched = clashes.stream().anyMatch(clash -> !clash.harm());
        return List.of(Check.judged(
                CheckId.of(CheckKind.MATERIAL),
                "What lies against the surface",
                Check.Where.PACK,
                harms > 0 ? 1 + harms : watched ? WATCH : 0,
                OptionalDouble.of(1),
                "",
                () -> because(clashes),
                () -> working(harms, watched, clashes)));
    }

    private static List<Sentence> because(List<Incompatibility> clashes) {
        return clashes.isEmpty()
                ? List.of(MaterialWords.NOTE_NOTHING_HARMS.of())
                : clashes.stream()
                        .sorted((a, b) -> Boolean.compare(b.harm(), a.harm()))
                        .map(Incompatibility::reason)
                        .toList();
    }

    private static Working working(int harms, boolean watched, List<Incompatibility> clashes) {
        return new Working(
                harms > 0 ? "D = one + n" : watched ? "D = w" : "D = n",
                List.of(),
                List.of(
                        Figure.of("n", FigureWords.WHAT_HARMS, harms, "", Basis.CP, "conservation guidance, no source"),
                        Figure.assumed("w", FigureWords.SOMETHING_WANTS_WATCHING, WATCH, "", "counts as thin"),
                        Figure.assumed("one", FigureWords.LIMIT, 1, "", "nothing that harms")),
                clashes.stream().map(Incompatibility::reason).toList());
    }
}
