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
    private static final List<CheckRule> WITHOUT_DROPS = List.of(
            new CreepCheck(),
            new BucklingCheck(),
            new LiftCheck(),
            new BoardLimitsCheck(),
            new StackCheck(),
            new FitCheck(),
            new MovementCheck());
    private static final List<DropId> CORNERS_FIRST = DropId.ALL.stream()
            .sorted(Comparator.comparingInt(id -> -id.faces().size()))
            .toList();
    private static final List<CheckRule> LAST = List.of(new StrainCheck(), new VibrationCheck());

    private Holds() {}

    /**
     * Id of the first check found that does not hold; empty where the pack holds.
     *
     * @param forgiven ids of checks that may fail
     */
    static Optional<String> failing(Pack pack, Catalogue catalogue, Set<String> forgiven) {
        Situation situation = Situation.undrawn(pack, catalogue);
        return Stream.<Supplier<Optional<String>>>of(
                        () -> failing(WITHOUT_DROPS, situation, forgiven),
                        () -> failingDrop(situation),
                        () -> failing(LAST, situation, forgiven))
                .map(Supplier::get)
                .flatMap(Optional::stream)
                .findFirst();
    }

    private static Optional<String> failing(List<CheckRule> rules, Situation situation, Set<String> forgiven) {
        for (CheckRule rule : rules) {
            for (Check check : rule.on(situation)) {
                if (check.status() != Status.HOLDS && !forgiven.contains(check.id())) {
                    return Optional.of(check.id());
                }
            }
        }
        return Optional.empty();
    }

    private static Optional<String> failingDrop(Situation situation) {
        Drops drops = situation.working();
        Fragility fragility = situation.pack().item().fragility();
        List<DropId> counted = CORNERS_FIRST.stream()
                .filter(id -> id.countedIn(situation.pack().journey().drop().sequence()))
                .toList();
        // A look at the limit is much cheaper than solving for G, and mostly decides: all of these first.
        if (fragility.criticalVelocityChangeMps().isEmpty()) {
            for (DropId id : counted) {
                OptionalDouble limit = fragility.limitG(id.faces());
                if (limit.isPresent()
                        && drops.surelyExceeds(
                                id, limit.getAsDouble() * (1 - Status.THIN_BELOW) * (1 + WallSpace.HAIR))) {
                    return Optional.of(id.id());
                }
            }
        }
        for (DropId id : counted) {
            Check check = DropChecks.check(situation, drops.drop(id));
            if (check.status() != Status.HOLDS) {
                return Optional.of(check.id());
            }
        }
        return Optional.empty();
    }
}
