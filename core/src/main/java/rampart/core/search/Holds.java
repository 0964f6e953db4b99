package rampart.core.search;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.function.Supplier;
import java.util.stream.Stream;
import rampart.core.check.CheckRule;
import rampart.core.check.Checks;
import rampart.core.check.DropChecks;
import rampart.core.check.EvaluationContext;
import rampart.core.check.StrainCheck;
import rampart.core.drop.Drop;
import rampart.core.drop.DropId;
import rampart.core.drop.Drops;
import rampart.core.drop.DropsInTime;
import rampart.core.evaluation.Evaluation;
import rampart.core.evaluation.Evaluator;
import rampart.core.item.Fragility;
import rampart.core.material.Catalogue;
import rampart.core.pack.Pack;
import rampart.core.verdict.Check;
import rampart.core.verdict.Status;

/**
 * Whether a pack holds, with as little work as that takes: the cheap checks first, corners before faces, and the first
 * check that does not hold ends it. It asks the same rules as {@link Evaluator}, so it cannot disagree with it.
 */
public final class Holds {
    private static final List<CheckRule> WITHOUT_DROPS =
            Checks.AFTER_DROPS.stream().filter(CheckRule::quick).toList();
    private static final List<DropId> CORNERS_FIRST = DropId.ALL.stream()
            .sorted(Comparator.comparingInt(id -> -id.faces().size()))
            .toList();
    private static final List<CheckRule> LAST =
            Checks.AFTER_DROPS.stream().filter(rule -> !rule.quick()).toList();

    private Holds() {}

    /**
     * Id of the first check found that does not hold; empty where the pack holds. Where heavy boxes ask for it, the drops
     * are worked in time last, the hardest first (rule 34).
     *
     * @param forgiven ids of checks that may fail
     * @param margin that each check must leave, 0.10 or more
     */
    static Optional<String> failing(Pack pack, Catalogue catalogue, Set<String> forgiven, double margin) {
        EvaluationContext context = EvaluationContext.atFirstLook(pack, catalogue);
        return Stream.<Supplier<Optional<String>>>of(
                        () -> failing(WITHOUT_DROPS, context, forgiven, margin),
                        () -> failingDrop(context, margin),
                        () -> failing(LAST, context, forgiven, margin),
                        () -> context.heavyBoxes() ? failingInTime(context, margin) : Optional.empty())
                .map(Supplier::get)
                .flatMap(Optional::stream)
                .findFirst();
    }

    /** Equal blows once, the hardest by the closed form first: most walls that fail in time fail at the first. */
    private static Optional<String> failingInTime(EvaluationContext context, double margin) {
        Drops working = context.working();
        List<Drop> hardest = working.alike(counted(context)).stream()
                .map(group -> working.drop(group.get(0)))
                .sorted(Comparator.comparingDouble((Drop drop) -> -drop.g()))
                .toList();
        for (Drop drop : hardest) {
            Optional<Drop.InTime> worked = DropsInTime.worst(working, drop.id());
            if (worked.isEmpty() || worked.get().lockUpFraction() > StrainCheck.LIMIT * (1 - margin)) {
                return Optional.of(worked.isEmpty() ? drop.id().id() : "cushion.strain");
            }
            Check check = DropChecks.check(context, drop.with(worked.get()));
            if (!leaves(check, margin)) {
                return Optional.of(check.id());
            }
        }
        return Optional.empty();
    }

    private static List<DropId> counted(EvaluationContext context) {
        return CORNERS_FIRST.stream()
                .filter(id -> id.countedIn(context.pack().journey().drop().sequence()))
                .toList();
    }

    private static Optional<String> failing(
            List<CheckRule> rules, EvaluationContext context, Set<String> forgiven, double margin) {
        for (CheckRule rule : rules) {
            for (Check check : rule.on(context)) {
                if (!leaves(check, margin) && !forgiven.contains(check.id())) {
                    return Optional.of(check.id());
                }
            }
        }
        return Optional.empty();
    }

    private static Optional<String> failingDrop(EvaluationContext context, double margin) {
        Drops drops = context.working();
        Fragility fragility = context.pack().item().fragility();
        List<DropId> counted = drops.alike(counted(context)).stream()
                .map(group -> group.get(0))
                .toList();
        // A look at the limit is much cheaper than solving for G, and mostly decides: all of these first.
        // Where the velocity change may save a drop, its G alone decides nothing.
        OptionalDouble bearsMps = fragility.criticalVelocityChangeMps();
        boolean byG = bearsMps.isEmpty() || 1 - context.velocityChangeMps() / bearsMps.getAsDouble() < margin;
        if (byG) {
            for (DropId id : counted) {
                OptionalDouble limit = fragility.limitG(id.faces());
                if (limit.isPresent()
                        && drops.surelyExceeds(id, limit.getAsDouble() * (1 - margin) * (1 + FlatCapacity.HAIR))) {
                    return Optional.of(id.id());
                }
            }
        }
        for (DropId id : counted) {
            Check check = DropChecks.check(context, drops.drop(id));
            if (!leaves(check, margin)) {
                return Optional.of(check.id());
            }
        }
        return Optional.empty();
    }

    private static boolean leaves(Check check, double margin) {
        // A status that a rule fixes, such as that of a pack one person may just lift, holds whatever its margin.
        boolean enough = margin <= Status.THIN_BELOW
                || !Evaluation.marginCounts(check)
                || check.margin().orElse(1) >= margin;
        return check.status() == Status.HOLDS && enough;
    }
}
