package rampart.core.pack;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.function.Supplier;
import java.util.stream.Stream;
import rampart.core.item.Fragility;
import rampart.core.material.Catalogue;

/**
 * Whether a pack holds, with as little work as that takes: the cheap checks first, corners before faces, and the first
 * check that does not hold ends it. It asks the same rules as {@link Evaluator}, so it cannot disagree with it.
 */
final class Holds {
    private static final List<CheckRule> WITHOUT_DROPS =
            Evaluator.AFTER_DROPS.stream().filter(CheckRule::quick).toList();
    private static final List<DropId> CORNERS_FIRST = DropId.ALL.stream()
            .sorted(Comparator.comparingInt(id -> -id.faces().size()))
            .toList();
    private static final List<CheckRule> LAST =
            Evaluator.AFTER_DROPS.stream().filter(rule -> !rule.quick()).toList();

    private Holds() {}

    /**
     * Id of the first check found that does not hold; empty where the pack holds.
     *
     * @param forgiven ids of checks that may fail
     */
    static Optional<String> failing(Pack pack, Catalogue catalogue, Set<String> forgiven) {
        return failing(pack, catalogue, forgiven, Status.THIN_BELOW);
    }

    /** The same where each check must leave this margin, 0.10 or more. */
    static Optional<String> failing(Pack pack, Catalogue catalogue, Set<String> forgiven, double margin) {
        EvaluationContext context = EvaluationContext.undrawn(pack, catalogue);
        return Stream.<Supplier<Optional<String>>>of(
                        () -> failing(WITHOUT_DROPS, context, forgiven, margin),
                        () -> failingDrop(context, margin),
                        () -> failing(LAST, context, forgiven, margin))
                .map(Supplier::get)
                .flatMap(Optional::stream)
                .findFirst();
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
        List<DropId> counted = CORNERS_FIRST.stream()
                .filter(id -> id.countedIn(context.pack().journey().drop().sequence()))
                .toList();
        // A look at the limit is much cheaper than solving for G, and mostly decides: all of these first.
        // Where the velocity change may save a drop, its G alone decides nothing.
        OptionalDouble bearsMps = fragility.criticalVelocityChangeMps();
        boolean byG = bearsMps.isEmpty() || 1 - context.velocityChangeMps() / bearsMps.getAsDouble() < margin;
        if (byG) {
            for (DropId id : counted) {
                OptionalDouble limit = fragility.limitG(id.faces());
                if (limit.isPresent()
                        && drops.surelyExceeds(id, limit.getAsDouble() * (1 - margin) * (1 + WallSpace.HAIR))) {
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
        boolean enough = !Evaluation.marginCounts(check) || check.margin().orElse(1) >= margin;
        return check.status() == Status.HOLDS && enough;
    }
}
