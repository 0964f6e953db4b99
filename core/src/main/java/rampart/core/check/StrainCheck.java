package rampart.core.check;

import java.util.List;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.function.Supplier;
import rampart.core.drop.Drop;
import rampart.core.quantity.Units;
import rampart.core.verdict.Check;
import rampart.core.verdict.CheckId;
import rampart.core.verdict.CheckKind;
import rampart.core.verdict.Figure;
import rampart.core.verdict.Working;
import rampart.core.words.CheckWords;
import rampart.core.words.FigureWords;
import rampart.core.words.Quantity;
import rampart.core.words.Sentence;
import rampart.core.words.Term;

/** No cushion may be pressed solid: the largest fraction of lock-up over all counted drops (rule 20). */
public final class StrainCheck implements CheckRule {
    /** Most of lock-up that may be used. */
    public static final double LIMIT = 0.9;

    @Override
    public Set<CheckKind> makes() {
        return Set.of(CheckKind.STRAIN);
    }

    @Override
    public boolean quick() {
        return false;
    }

    @Override
    public List<Check> on(EvaluationContext context) {
        double largest = 0;
        String place = "";
        for (Drop drop : context.drops()) {
            // To nine decimals, so that equal blows name the first of them.
            if (drop.counted() && Units.roundTo9Decimals(drop.lockUpFraction()) > Units.roundTo9Decimals(largest)) {
                largest = drop.lockUpFraction();
                place = drop.id().does();
            }
        }
        return List.of(check(largest, place));
    }

    private static Check check(double largest, String place) {
        Supplier<List<Sentence>> because = () -> List.of(
                largest >= 1
                        ? CheckWords.NOTE_NOTHING_TAKES_THE_LOAD.of()
                        : CheckWords.PRESSED_TO.of(Quantity.percent(largest), Term.name(place)));
        Supplier<Working> working = () -> Working.noted(
                "D = e_max",
                List.of(),
                List.of(
                        Figure.law("e_max", FigureWords.LARGEST_STRAIN_OVER, largest, ""),
                        Figure.assumed(
                                "L",
                                FigureWords.MOST_STRAIN_USED,
                                LIMIT,
                                "",
                                "strain at the peak under 0.9 of lock-up")),
                CheckWords.NOTE_OVER_EVERY_CUSHION);
        return Check.judged(
                CheckId.of(CheckKind.STRAIN),
                "Foam pressed flat",
                Check.Where.PACK,
                largest,
                OptionalDouble.of(LIMIT),
                "",
                because,
                working);
    }
}
