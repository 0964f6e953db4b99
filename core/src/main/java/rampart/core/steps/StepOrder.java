package rampart.core.steps;

import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/** Steps in an order that can be done, as near as may be to the one that somebody wants. */
public final class StepOrder {
    private StepOrder() {}

    /**
     * Each step after all that it needs; among those that could come next the one that is wanted first.
     *
     * @param steps in an order that can be done
     * @param wanted ids; those that are not steps are passed over, steps that are not among them stay behind the step that they stand
     *     behind in {@code steps}
     * @throws IllegalArgumentException if steps need each other, or one that is not there
     */
    public static List<Step> sorted(List<Step> steps, List<String> wanted) {
        Map<String, Step> byId = byId(steps);
        List<String> ranked = ranked(steps, wanted);
        Map<String, Integer> rank = new HashMap<>();
        ranked.forEach(id -> rank.put(id, rank.size()));
        List<Step> waiting = new ArrayList<>(steps);
        waiting.sort((a, b) -> Integer.compare(rank.get(a.id()), rank.get(b.id())));
        List<Step> order = new ArrayList<>();
        Set<String> done = new HashSet<>();
        while (!waiting.isEmpty()) {
            Step next = waiting.stream()
                    .filter(step -> done.containsAll(step.after()))
                    .findFirst()
                    .orElseThrow(() -> new IllegalArgumentException("steps that need each other: " + byId.keySet()));
            waiting.remove(next);
            done.add(next.id());
            order.add(next);
        }
        return List.copyOf(order);
    }

    /** Ids of steps that were wanted before others and stand behind them, since they could not be done so early. */
    public static Set<String> held(List<Step> steps, List<String> wanted) {
        List<String> order = sorted(steps, wanted).stream().map(Step::id).toList();
        List<String> known = wanted.stream().filter(order::contains).distinct().toList();
        Set<String> held = new HashSet<>();
        for (int i = 0; i < known.size(); i++) {
            int place = order.indexOf(known.get(i));
            for (String later : known.subList(i + 1, known.size())) {
                if (order.indexOf(later) < place) {
                    held.add(known.get(i));
                }
            }
        }
        return Collections.unmodifiableSet(held);
    }

    private static Map<String, Step> byId(List<Step> steps) {
        Map<String, Step> byId = new HashMap<>();
        for (Step step : steps) {
            if (byId.put(step.id(), step) != null) {
                throw new IllegalArgumentException("two steps are called " + step.id());
            }
        }
        for (Step step : steps) {
            for (String id : step.after()) {
                if (!byId.containsKey(id)) {
                    throw new IllegalArgumentException(step.id() + " needs " + id + ", which is no step");
                }
            }
        }
        return byId;
    }

    private static List<String> ranked(List<Step> steps, List<String> wanted) {
        Set<String> known = new HashSet<>();
        steps.forEach(step -> known.add(step.id()));
        List<String> ranked = new ArrayList<>(
                wanted.stream().filter(known::contains).distinct().toList());
        String before = null;
        for (Step step : steps) {
            if (!ranked.contains(step.id())) {
                ranked.add(before == null ? 0 : ranked.indexOf(before) + 1, step.id());
            }
            before = step.id();
        }
        return ranked;
    }
}
