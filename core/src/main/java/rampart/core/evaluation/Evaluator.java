package rampart.core.evaluation;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import rampart.core.check.CheckRule;
import rampart.core.check.Checks;
import rampart.core.check.DropChecks;
import rampart.core.check.EvaluationContext;
import rampart.core.check.VibrationCheck;
import rampart.core.cushion.Resonance;
import rampart.core.drop.Drop;
import rampart.core.drop.DropId;
import rampart.core.material.Catalogue;
import rampart.core.pack.Pack;
import rampart.core.quantity.Units;
import rampart.core.verdict.Check;
import rampart.core.verdict.CheckId;
import rampart.core.verdict.Status;

/** Evaluates packs by the rules: pure, deterministic, the same pack and catalogue give the same answer to the bit. */
public final class Evaluator {
    private Evaluator() {}

    /**
     * By the closed form alone.
     *
     * @throws IllegalArgumentException if the last layer is not a box or the catalogue lacks a material
     * @throws UnreckonableException if a figure comes to no number
     */
    public static Evaluation evaluate(Pack pack, Catalogue catalogue) {
        return evaluate(EvaluationContext.of(pack, catalogue));
    }

    /**
     * The verdict that everybody is told: the same, with the counted drops worked in time where heavy boxes between the
     * cushions leave the closed form in doubt (rule 34).
     */
    public static Evaluation simulate(Pack pack, Catalogue catalogue) {
        return evaluate(EvaluationContext.inTime(pack, catalogue));
    }

    /** For a search, which draws nothing: the same without solids, by the closed form. */
    public static Evaluation evaluateUndrawn(Pack pack, Catalogue catalogue) {
        return evaluate(EvaluationContext.undrawn(pack, catalogue));
    }

    /** Of a context by the closed form whose counted drops have been worked in time where heavy boxes ask for it. */
    public static Evaluation settled(EvaluationContext closedForm, Map<DropId, Drop.InTime> worked) {
        return evaluate(closedForm.settled(worked));
    }

    /** The verdict that everybody is told, for a search: without solids. */
    public static Evaluation simulateUndrawn(Pack pack, Catalogue catalogue) {
        return evaluate(EvaluationContext.inTimeUndrawn(pack, catalogue));
    }

    /** For the first look of a search at packs with heavy boxes: what it finds is to be settled by {@link #simulate}. */
    public static Evaluation evaluateAtFirstLook(Pack pack, Catalogue catalogue) {
        return evaluate(EvaluationContext.atFirstLook(pack, catalogue));
    }

    private static Evaluation evaluate(EvaluationContext context) {
        List<Check> blows = DropChecks.all(context);
        List<Check> checks = new ArrayList<>();
        for (int i = 0; i < blows.size(); i++) {
            if (context.drops().get(i).counted()) {
                checks.add(blows.get(i));
            }
        }
        for (CheckRule rule : Checks.AFTER_DROPS) {
            checks.addAll(rule.on(context));
        }
        Status verdict = Status.HOLDS;
        for (Check check : checks) {
            if (check.status().ordinal() < verdict.ordinal()) {
                verdict = check.status();
            }
        }
        Optional<Resonance> resonance = VibrationCheck.cushion(context);
        return Finite.all(new Evaluation(
                verdict,
                weakest(checks, verdict),
                context.dropHeightMm(),
                context.velocityChangeMps(),
                resonance.isPresent() ? OptionalDouble.of(resonance.get().hz()) : OptionalDouble.empty(),
                context.layout(),
                context.creep(),
                context.doubted(),
                context.workedInTime(),
                List.copyOf(checks),
                context.drops(),
                blows));
    }

    /** One check alone, by its id, with no more work than it needs; empty where the pack has no such check. */
    public static Optional<Check> check(EvaluationContext context, CheckId id) {
        if (id.kind().isDrop()) {
            return DropId.read(id.text())
                    .map(drop -> DropChecks.check(context, context.working().drop(drop)));
        }
        return Checks.AFTER_DROPS.stream()
                .filter(rule -> rule.makes().contains(id.kind()))
                .flatMap(rule -> rule.on(context).stream())
                .filter(check -> check.id().equals(id))
                .findFirst();
    }

    /** The lowest margin of that status, the first on a tie; among unknown ones the first. */
    private static Optional<Check> weakest(List<Check> checks, Status verdict) {
        Check weakest = null;
        for (Check check : checks) {
            if (check.status() == verdict && (weakest == null || rounded(check) < rounded(weakest))) {
                weakest = check;
            }
        }
        return Optional.ofNullable(weakest);
    }

    private static double rounded(Check check) {
        return Units.roundTo9Decimals(check.margin().orElse(0));
    }
}
