package rampart.core.evaluation;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import rampart.core.drop.Drop;
import rampart.core.layout.Layout;
import rampart.core.verdict.Check;
import rampart.core.verdict.CheckKind;
import rampart.core.verdict.Status;

/**
 * Everything Rampart says of a pack.
 *
 * @param verdict the worst status present
 * @param weakest the check that stands for it (rule 28)
 * @param velocityChangeMps with rebound, m/s
 * @param naturalFrequencyHz of the item on its bottom cushions; empty without such
 * @param creep share of the bottom's thickness that is lost under the load, by index of the layer (rule 21)
 * @param doubted true where heavy boxes make a time simulation worth while and none was asked for (rule 34)
 * @param workedInTime true where heavy boxes asked for a time simulation and the counted drops went through one
 * @param checks in their order
 * @param drops all 26 in their order
 * @param blows the same 26 judged, counted or not
 */
public record Evaluation(
        Status verdict,
        Optional<Check> weakest,
        double dropHeightMm,
        double velocityChangeMps,
        OptionalDouble naturalFrequencyHz,
        Layout layout,
        java.util.Map<Integer, Double> creep,
        boolean doubted,
        boolean workedInTime,
        List<Check> checks,
        List<Drop> drops,
        List<Check> blows) {
    /** Edition of the rules that this code follows. */
    public static final int RULES_EDITION = 2;

    /** The lowest margin of all checks that have one; empty where none has. */
    public OptionalDouble lowestMargin() {
        return checks.stream()
                .filter(check -> check.margin().isPresent())
                .mapToDouble(check -> check.margin().getAsDouble())
                .min();
    }

    /** What searches compare: going into a stock carton is a yes or a no, and how closely it fits is no margin there. */
    public double lowestMarginButFit() {
        return checks.stream()
                .filter(Evaluation::marginCounts)
                .mapToDouble(check -> check.margin().getAsDouble())
                .min()
                .orElse(Double.NEGATIVE_INFINITY);
    }

    public static boolean marginCounts(Check check) {
        boolean fits = check.id().kind() == CheckKind.FIT && check.status() == Status.HOLDS;
        return check.margin().isPresent() && !fits;
    }
}
