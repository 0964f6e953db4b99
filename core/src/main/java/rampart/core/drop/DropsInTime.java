package rampart.core.drop;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import rampart.core.cushion.ImpactSolver;
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
        List<List<DropId>> groups = working.alike(ids);
        List<Optional<Drop.InTime>> answers = groups.parallelStream()
                .map(group -> worst(working, group.get(0)))
                .toList();
        Map<DropId, Drop.InTime> worked = new HashMap<>();
        for (int i = 0; i < answers.size(); i++) {
            DropId first = groups.get(i).get(0);
            answers.get(i).ifPresent(answer -> worked.put(first, answer));
        }
        return with(drops, groups, worked);
    }

    /** These drops with what is known of the first of each group of equal ones. */
    public static List<Drop> with(List<Drop> drops, List<List<DropId>> groups, Map<DropId, Drop.InTime> worked) {
        Map<DropId, Drop.InTime> all = new HashMap<>();
        for (List<DropId> group : groups) {
            Drop.InTime first = worked.get(group.get(0));
            if (first != null) {
                group.forEach(id -> all.put(id, first));
            }
        }
        return drops.stream()
                .map(drop -> all.containsKey(drop.id()) ? drop.with(all.get(drop.id())) : drop)
                .toList();
    }

    /** One drop; empty where one of its conditions was broken off, so that it may be too low. */
    public static Optional<Drop.InTime> worst(Drops working, DropId id) {
        Drop.InTime worst = Drop.InTime.NOTHING;
        for (SimulatedDrop condition : working.conditions(id)) {
            Optional<Drop.InTime> worked = in(condition, ImpactSolver.CAP_G);
            if (worked.isEmpty()) {
                return Optional.empty();
            }
            worst = worst.or(worked.get());
        }
        return Optional.of(worst);
    }

    /**
     * In one condition; empty where it was broken off.
     *
     * @param enoughG where the item feels more than this, what is told is no more than the beginning
     */
    public static Optional<Drop.InTime> in(SimulatedDrop condition, double enoughG) {
        Pulse pulse = DropSimulation.runUndrawn(condition, Assumptions.RULE_34, enoughG);
        return pulse.whole()
                ? Optional.of(new Drop.InTime(pulse.peakG(), pulse.velocityChangeMps(), pulse.lockUpFraction()))
                : Optional.empty();
    }
}
