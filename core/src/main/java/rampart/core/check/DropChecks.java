package rampart.core.check;

import java.util.List;
import java.util.OptionalDouble;
import rampart.core.cushion.Impact;
import rampart.core.cushion.ImpactSolver;
import rampart.core.drop.Drop;
import rampart.core.verdict.Check;
import rampart.core.verdict.CheckId;
import rampart.core.verdict.Status;
import rampart.core.words.CheckWords;

/** Each drop against what the item bears (rules 12 to 19, 31, 34, 36 and 38). */
public final class DropChecks {
    private DropChecks() {}

    /** All 26 in their order; those that the journey does not count are for showing only (rule 29). */
    public static List<Check> all(EvaluationContext context) {
        return context.drops().stream().map(drop -> check(context, drop)).toList();
    }

    public static Check check(EvaluationContext context, Drop drop) {
        OptionalDouble limitG =
                context.pack().item().fragility().limitG(drop.id().faces());
        boolean byVelocity = judgedByVelocity(context, drop, limitG);
        double velocity = context.velocityChangeMps(drop);
        DropSentence sentence = new DropSentence(context, drop);
        CheckId id = drop.id().id();
        String title = drop.id().title();
        Check.Where where =
                drop.id().flat() ? Check.Where.face(drop.id().faces().get(0)) : Check.Where.PACK;
        Check check = byVelocity
                ? Check.judged(
                        id,
                        title,
                        where,
                        velocity,
                        context.pack().item().fragility().criticalVelocityChangeMps(),
                        "m/s",
                        () -> sentence.byVelocity(velocity),
                        () -> new DropWorking(context, drop).ofVelocity())
                : Check.judged(
                        id,
                        title,
                        where,
                        drop.g(),
                        limitG,
                        "G",
                        () -> sentence.byAcceleration(limitG),
                        () -> new DropWorking(context, drop).ofG());
        boolean doubtful = drop.tilt() != Drop.Tilt.STANDS || context.doubted(drop);
        Check settled = check.status() == Status.HOLDS && doubtful
                ? check.withStatus(
                        Status.THIN, drop.tilt() == Drop.Tilt.STANDS ? CheckWords.RULE_FORMULA : CheckWords.RULE_TIPS)
                : check;
        if (drop.tilt() == Drop.Tilt.TOPPLES) {
            return settled.withStatus(Status.BREAKS, CheckWords.RULE_TOPPLES);
        }
        return byVelocity ? settled : withScatter(context, drop, settled);
    }

    /** Rule 38: the interval of test data is carried into the answer. */
    private static Check withScatter(EvaluationContext context, Drop drop, Check check) {
        if (drop.worst().capped()) {
            return check;
        }
        TestScatter scatter = TestScatter.of(context, drop.worst());
        return scatter.measured()
                ? check.withSpread(new Check.Spread(drop.g() / scatter.factor(), drop.g() * scatter.factor()))
                : check;
    }

    /** Rule 18: the velocity change counts where it leaves the larger margin; never for a capped drop (rule 17). */
    private static boolean judgedByVelocity(EvaluationContext context, Drop drop, OptionalDouble limitG) {
        OptionalDouble limit = context.pack().item().fragility().criticalVelocityChangeMps();
        Impact worst = drop.worst();
        if (limit.isEmpty() || worst.capped() || drop.g() >= ImpactSolver.CAP_G) {
            return false;
        }
        double margin = 1 - context.velocityChangeMps(drop) / limit.getAsDouble();
        return limitG.isPresent() ? margin > 1 - drop.g() / limitG.getAsDouble() : margin > 0;
    }
}
