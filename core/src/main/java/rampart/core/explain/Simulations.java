package rampart.core.explain;

import java.util.Comparator;
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
     * A drop in the condition that gives the highest peak.
     */
    public static Simulated of(Pack pack, Catalogue catalogue, DropId drop, Assumptions assumptions) {
        EvaluationContext context = EvaluationContext.of(pack, catalogue);
        SimulatedDrop worst = worst(context, drop, assumptions);
        return new Simulated(context.working().drop(drop), worst, DropSimulation.run(worst, assumptions));
    }

    private static SimulatedDrop worst(EvaluationContext context, DropId id, Assumptions assumptions) {
        return context.working().conditions(id).stream()
                .max(Comparator.comparingDouble(
                        condition -> DropSimulation.run(condition, assumptions).peakG()))
                .orElseThrow();
    }
}
