package rampart.core.explain;

import java.util.Comparator;
import java.util.Optional;
import rampart.core.check.EvaluationContext;
import rampart.core.drop.Drop;
import rampart.core.drop.DropId;
import rampart.core.material.Catalogue;
import rampart.core.pack.Pack;
import rampart.core.simulation.Assumptions;
import rampart.core.simulation.DropSimulation;
import rampart.core.simulation.Pulse;
import rampart.core.simulation.SimulatedDrop;

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
}
