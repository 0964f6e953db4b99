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
import rampart.core.words.Quantity;
import rampart.core.words.Say;
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
                        ? Sentence.plain(
                                "In one blow nothing takes the load: a face is bare or a cushion is pressed solid.")
                        : Say.PRESSED_TO.of(Quantity.percent(largest), Term.name(place)));
        Supplier<Working> working = () -> Working.noted(
                "D = e_max",
                List.of(),
                List.of(
                        Figure.law("e_max", "largest strain over lock-up strain", largest, ""),
                        Figure.assumed(
                                "L", "most that may be used", LIMIT, "", "strain at the peak under 0.9 of lock-up")),
                "Over every cushion and struck face of the counted drops, all temperatures, laws and load factors, worked in time too where that was done.");
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
