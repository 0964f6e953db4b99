package rampart.core.pack;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import rampart.core.material.Catalogue;
import rampart.core.prove.Assumptions;
import rampart.core.prove.DropSimulation;
import rampart.core.prove.Pulse;
import rampart.core.prove.SimulatedDrop;

/** Drops of a pack worked in time (rule 34). */
public final class Simulations {
    private Simulations() {}

    /**
     * One drop at its worst.
     *
     * @param drop the same drop by the closed form
     * @param condition of the highest peak
     * @param pulse its course
     */
    public record Simulated(Drop drop, SimulatedDrop condition, Pulse pulse) {}

    /**
     * The drop of this id in the condition that gives the highest peak.
     *
     * @return empty where no drop has this id
     */
    public static Optional<Simulated> of(Pack pack, Catalogue catalogue, String drop, Assumptions assumptions) {
        EvaluationContext context = EvaluationContext.of(pack, catalogue);
        return DropId.ALL.stream()
                .filter(id -> id.id().equals(drop))
                .findFirst()
                .map(id -> {
                    SimulatedDrop worst = worst(context, id, assumptions);
                    return new Simulated(context.working().drop(id), worst, DropSimulation.run(worst, assumptions));
                });
    }

    private static SimulatedDrop worst(EvaluationContext context, DropId id, Assumptions assumptions) {
        return context.working().conditions(id).stream()
                .max(Comparator.comparingDouble(
                        condition -> DropSimulation.run(condition, assumptions).peakG()))
                .orElseThrow();
    }

    /** These drops, the counted ones with the highest peak of their simulations; on all cores. */
    static List<Drop> worst(EvaluationContext context, List<Drop> drops) {
        Drops working = context.working();
        return drops.parallelStream()
                .map(drop -> {
                    OptionalDouble peak =
                            drop.counted() && !drop.worst().capped() ? peakG(working, drop) : OptionalDouble.empty();
                    return peak.isPresent() ? drop.simulated(peak.getAsDouble()) : drop;
                })
                .toList();
    }

    /** The highest peak of all conditions; empty where one of them was broken off, so that it may be too low. */
    private static OptionalDouble peakG(Drops working, Drop drop) {
        double highest = 0;
        for (SimulatedDrop condition : working.conditions(drop.id())) {
            Pulse pulse = DropSimulation.run(condition, Assumptions.RULE_34);
            if (!pulse.whole()) {
                return OptionalDouble.empty();
            }
            highest = Math.max(highest, pulse.peakG());
        }
        return OptionalDouble.of(highest);
    }
}
