package rampart.core.drop;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import rampart.core.simulation.Assumptions;
import rampart.core.simulation.DropSimulation;
import rampart.core.simulation.Pulse;
import rampart.core.simulation.SimulatedDrop;

/** Drops worked in time, each figure at its worst over all conditions (rule 34). */
public final class DropsInTime {
    private DropsInTime() {}

    /** These drops, the counted ones with what their simulations give; on all cores, equal blows once. */
    public static List<Drop> of(Drops working, List<Drop> drops) {
        List<DropId> ids = drops.stream()
                .filter(drop -> drop.counted() && !drop.worst().capped())
                .map(Drop::id)
                .toList();
        Map<DropId, Optional<Drop.InTime>> worked = new HashMap<>();
        List<List<DropId>> groups = working.alike(ids);
        List<Optional<Drop.InTime>> answers = groups.parallelStream()
                .map(group -> worst(working, group.get(0)))
                .toList();
        for (int i = 0; i < groups.size(); i++) {
            for (DropId id : groups.get(i)) {
                worked.put(id, answers.get(i));
            }
        }
        return drops.stream()
                .map(drop -> worked.getOrDefault(drop.id(), Optional.empty())
                        .map(drop::with)
                        .orElse(drop))
                .toList();
    }

    /** One drop; empty where one of its conditions was broken off, so that it may be too low. */
    public static Optional<Drop.InTime> worst(Drops working, DropId id) {
        Drop.InTime worst = new Drop.InTime(0, 0, 0);
        for (SimulatedDrop condition : working.conditions(id)) {
            Pulse pulse = DropSimulation.runUndrawn(condition, Assumptions.RULE_34);
            if (!pulse.whole()) {
                return Optional.empty();
            }
            worst = new Drop.InTime(
                    Math.max(worst.g(), pulse.peakG()),
                    Math.max(worst.velocityChangeMps(), pulse.velocityChangeMps()),
                    Math.max(worst.lockUpFraction(), pulse.lockUpFraction()));
        }
        return Optional.of(worst);
    }
}
