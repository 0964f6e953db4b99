package rampart.core.pack;

import java.util.List;
import java.util.OptionalDouble;
import rampart.core.cushion.Impact;
import rampart.core.cushion.ImpactSolver;

/** Each drop against what the item bears (rules 12 to 19, 31, 34, 36 and 38). */
final class DropChecks {
    private DropChecks() {}

    /** All 26 in their order; those that the journey does not count are for showing only (rule 29). */
    static List<Check> all(Situation situation) {
        return situation.drops().stream().map(drop -> check(situation, drop)).toList();
    }

    static Check check(Situation situation, Drop drop) {
        OptionalDouble limitG =
                situation.pack().item().fragility().limitG(drop.id().faces());
        boolean byVelocity = judgedByVelocity(situation, drop, limitG);
        double velocity = situation.velocityChangeMps();
        DropSentence sentence = new DropSentence(situation, drop);
        String id = drop.id().id();
        String title = drop.id().title();
        Check.Where where =
                drop.id().flat() ? Check.Where.face(drop.id().faces().get(0)) : Check.Where.PACK;
        Check check = byVelocity
                ? Check.judged(
                        id,
                        title,
                        where,
                        velocity,
                        situation.pack().item().fragility().criticalVelocityChangeMps(),
                        "m/s",
                        () -> sentence.byVelocity(velocity),
                        () -> new DropWorking(situation, drop).ofVelocity())
                : Check.judged(
                        id,
                        title,
                        where,
                        drop.g(),
                        limitG,
                        "G",
                        () -> sentence.byAcceleration(limitG),
                        () -> new DropWorking(situation, drop).ofG());
        boolean doubtful = drop.tips() || situation.doubted(drop);
        Check settled = check.status() == Status.HOLDS && doubtful ? check.withStatus(Status.THIN) : check;
        return byVelocity ? settled : withScatter(situation, drop, settled);
    }

    /** Rule 38: the interval of test data is carried into the answer. */
    private static Check withScatter(Situation situation, Drop drop, Check check) {
        if (drop.worst().capped()) {
            return check;
        }
        TestScatter scatter = TestScatter.of(situation, drop.worst());
        return scatter.measured()
                ? check.withSpread(new Check.Spread(drop.g() / scatter.factor(), drop.g() * scatter.factor()))
                : check;
    }

    /** Rule 18: the velocity change counts where it leaves the larger margin; never for a capped drop (rule 17). */
    private static boolean judgedByVelocity(Situation situation, Drop drop, OptionalDouble limitG) {
        OptionalDouble limit = situation.pack().item().fragility().criticalVelocityChangeMps();
        Impact worst = drop.worst();
        if (limit.isEmpty() || worst.capped() || drop.g() >= ImpactSolver.CAP_G) {
            return false;
        }
        double margin = 1 - situation.velocityChangeMps() / limit.getAsDouble();
        return limitG.isPresent() ? margin > 1 - drop.g() / limitG.getAsDouble() : margin > 0;
    }
}
