package rampart.core.search;

import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.Stream;
import rampart.core.check.CheckRule;
import rampart.core.check.Checks;
import rampart.core.check.DropChecks;
import rampart.core.check.EvaluationContext;
import rampart.core.check.StrainCheck;
import rampart.core.cushion.Impact;
import rampart.core.cushion.ImpactSolver;
import rampart.core.drop.Drop;
import rampart.core.drop.DropId;
import rampart.core.drop.Drops;
import rampart.core.drop.DropsInTime;
import rampart.core.evaluation.Evaluation;
import rampart.core.evaluation.Evaluator;
import rampart.core.item.Fragility;
import rampart.core.material.Catalogue;
import rampart.core.pack.Pack;
import rampart.core.simulation.SimulatedDrop;
import rampart.core.verdict.Check;
import rampart.core.verdict.CheckKind;
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
     * Kind of the first check found that does not hold; empty where the pack holds. Where heavy boxes ask for it, the drops
     * are worked in time last (rule 34).
     *
     * @param margin that each check must leave, 0.10 or more
     */
    static Optional<CheckKind> failing(Pack pack, Catalogue catalogue, double margin) {
        EvaluationContext context = EvaluationContext.atFirstLook(pack, catalogue);
        return atFirstLook(context, margin)
                .or(() -> inTime(context, margin, new FailedInTime()).failing());
    }

    /** The same with the closed form for all drops, in which no drop is harder than in time. */
    static Optional<CheckKind> atFirstLook(EvaluationContext context, double margin) {
        return failing(WITHOUT_DROPS, context, margin)
                .or(() -> failingDrop(context, margin))
                .or(() -> failing(LAST, context, margin));
    }

    /** One drop in one condition. */
    private record Blow(Drop drop, SimulatedDrop condition) {
        /** True in the condition that is the hardest by the closed form. */
        boolean hardest() {
            Impact worst = drop.worst();
            return isIn(worst.temperatureC(), worst.repeated(), worst.loadFactor());
        }

        boolean like(Blow other) {
            return drop.id().equals(other.drop.id())
                    && isIn(other.condition.temperatureC(), other.condition.repeated(), other.condition.loadFactor());
        }

        private boolean isIn(double temperatureC, boolean repeated, double loadFactor) {
            return condition.temperatureC() == temperatureC
                    && condition.repeated() == repeated
                    && condition.loadFactor() == loadFactor;
        }
    }

    /** What walls failed by in time, the last first: their neighbours mostly fail by the same, so that is tried first. */
    static final class FailedInTime {
        private static final int KEPT = 3;
        private volatile List<Blow> last = List.of();

        /** 0 for what the last failed by; the greatest number for what none did. */
        private int place(Blow blow) {
            List<Blow> known = last;
            for (int i = 0; i < known.size(); i++) {
                if (known.get(i).like(blow)) {
                    return i;
                }
            }
            return KEPT;
        }

        /** What another thread adds in the same moment may be lost: the next wall finds it again. */
        private void add(Blow blow) {
            List<Blow> others = last.stream()
                    .filter(one -> !one.like(blow))
                    .limit(KEPT - 1L)
                    .toList();
            last = Stream.concat(Stream.of(blow), others.stream()).toList();
        }
    }

    /**
     * How a pack fares in time.
     *
     * @param failing the first check found that does not hold
     * @param worked where none was found: every counted drop, or the first of each group of equal ones
     */
    record InTime(Optional<CheckKind> failing, Map<DropId, Drop.InTime> worked) {}

    /**
     * What is left to ask of a pack that holds at first look: nothing where no box is heavy. Equal blows once, and of each
     * the hardest condition by the closed form before any of the others: most walls that fail do so at once.
     */
    static InTime inTime(EvaluationContext context, double margin, FailedInTime before) {
        if (!context.heavyBoxes()) {
            return new InTime(Optional.empty(), Map.of());
        }
        Drops working = context.working();
        List<Blow> blows = working.alike(context.counted()).stream()
                .map(group -> working.drop(group.get(0)))
                .flatMap(drop -> working.conditions(drop.id()).stream().map(condition -> new Blow(drop, condition)))
                .sorted(Comparator.comparingInt(before::place)
                        .thenComparing(blow -> !blow.hardest())
                        .thenComparingDouble(blow -> -blow.drop().g()))
                .toList();
        Map<DropId, Drop.InTime> worst = new HashMap<>();
        for (Blow blow : blows) {
            DropId id = blow.drop().id();
            Optional<Drop.InTime> worked = DropsInTime.in(blow.condition(), enoughG(context, id, margin));
            Optional<CheckKind> failing = worked.isEmpty()
                    ? Optional.of(id.id().kind())
                    : failing(context, blow.drop().with(worst.merge(id, worked.get(), Drop.InTime::or)), margin);
            if (failing.isPresent()) {
                before.add(blow);
                return new InTime(failing, worst);
            }
        }
        return new InTime(Optional.empty(), worst);
    }

    private static Optional<CheckKind> failing(EvaluationContext context, Drop worked, double margin) {
        if (worked.inTime().orElseThrow().lockUpFraction() > StrainCheck.LIMIT * (1 - margin)) {
            return Optional.of(CheckKind.STRAIN);
        }
        Check check = DropChecks.check(context, worked);
        return leaves(check, margin) ? Optional.empty() : Optional.of(check.id().kind());
    }

    private static List<DropId> counted(EvaluationContext context) {
        return CORNERS_FIRST.stream()
                .filter(id -> id.countedIn(context.pack().journey().drop().sequence()))
                .toList();
    }

    private static Optional<CheckKind> failing(List<CheckRule> rules, EvaluationContext context, double margin) {
        for (CheckRule rule : rules) {
            for (Check check : rule.on(context)) {
                if (!leaves(check, margin)) {
                    return Optional.of(check.id().kind());
                }
            }
        }
        return Optional.empty();
    }

    private static Optional<CheckKind> failingDrop(EvaluationContext context, double margin) {
        Drops drops = context.working();
        Fragility fragility = context.pack().item().fragility();
        List<DropId> counted = drops.alike(counted(context)).stream()
                .map(group -> group.get(0))
                .toList();
        // A look at the limit is much cheaper than solving for G, and mostly decides: all of these first.
        if (gDecides(context, margin)) {
            for (DropId id : counted) {
                if (fragility.limitG(id.faces()).isPresent() && drops.surelyExceeds(id, enoughG(context, id, margin))) {
                    return Optional.of(id.id().kind());
                }
            }
        }
        for (DropId id : counted) {
            Check check = DropChecks.check(context, drops.drop(id));
            if (!leaves(check, margin)) {
                return Optional.of(check.id().kind());
            }
        }
        return Optional.empty();
    }

    /** Where the velocity change may save a drop, its G alone decides nothing. */
    private static boolean gDecides(EvaluationContext context, double margin) {
        OptionalDouble bearsMps = context.pack().item().fragility().criticalVelocityChangeMps();
        return bearsMps.isEmpty() || 1 - context.velocityChangeMps() / bearsMps.getAsDouble() < margin;
    }

    /** A drop that gives more than this does not hold, whatever else there is to know of it. */
    private static double enoughG(EvaluationContext context, DropId id, double margin) {
        OptionalDouble limit = context.pack().item().fragility().limitG(id.faces());
        return limit.isPresent() && gDecides(context, margin)
                ? limit.getAsDouble() * (1 - margin) * (1 + FlatCapacity.HAIR)
                : ImpactSolver.CAP_G;
    }

    private static boolean leaves(Check check, double margin) {
        // A status that a rule fixes, such as that of a pack one person may just lift, holds whatever its margin.
        boolean enough = margin <= Status.THIN_BELOW
                || !Evaluation.marginCounts(check)
                || check.margin().orElse(1) >= margin;
        return check.status() == Status.HOLDS && enough;
    }
}
