package rampart.core.steps;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import rampart.core.words.Wording;

/**
 * What somebody changed in computed steps; it is kept when the design changes.
 *
 * @param order ids in the order that is wanted; empty for the computed one
 * @param rewordings by id of the step
 */
public record StepEdits(List<String> order, Map<String, Rewording> rewordings) {
    public static final StepEdits NONE = new StepEdits(List.of(), Map.of());

    public StepEdits {
        order = List.copyOf(order);
        rewordings = Map.copyOf(rewordings);
    }

    /**
     * Other words for a step.
     *
     * @param was what the step said then, in mm and kg, so that it is seen when it says something else
     */
    public record Rewording(String was, String words) {}

    /**
     * A step with what was changed.
     *
     * @param words in place of the computed ones; empty where nobody changed them
     * @param outdated true where the computed words have changed since
     * @param held true where it was wanted earlier than it can be done
     */
    public record Edited(Step step, Optional<String> words, boolean outdated, boolean held) {
        /** What it says. */
        public String says(Wording wording) {
            return words.orElseGet(() -> wording.say(step.words()));
        }
    }

    /**
     * Steps with what was changed.
     *
     * @param lost words for steps that are no more
     */
    public record Applied(List<Edited> steps, List<Rewording> lost) {
        public Applied {
            steps = List.copyOf(steps);
            lost = List.copyOf(lost);
        }
    }

    /** These edits on steps as they are computed now. */
    public Applied on(List<Step> computed) {
        Set<String> held = StepOrder.held(computed, order);
        Set<String> known = new HashSet<>();
        List<Edited> edited = new ArrayList<>();
        for (Step step : StepOrder.sorted(computed, order)) {
            known.add(step.id());
            Optional<Rewording> other = Optional.ofNullable(rewordings.get(step.id()));
            edited.add(new Edited(
                    step,
                    other.map(Rewording::words),
                    other.isPresent() && !other.get().was().equals(said(step)),
                    held.contains(step.id())));
        }
        return new Applied(
                edited,
                rewordings.entrySet().stream()
                        .filter(entry -> !known.contains(entry.getKey()))
                        .sorted(Map.Entry.comparingByKey())
                        .map(Map.Entry::getValue)
                        .toList());
    }

    /** What a step says, as {@link Rewording#was} keeps it. */
    public static String said(Step step) {
        return Wording.METRIC.say(step.words());
    }
}
