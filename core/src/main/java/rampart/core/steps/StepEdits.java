package rampart.core.steps;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import rampart.core.words.Sentence;
import rampart.core.words.Wording;

/**
 * What somebody changed in computed steps; it is kept when the design changes.
 *
 * @param order ids in the order that is wanted; empty for the computed one
 * @param rewordings by id of the step
 * @param added steps of somebody's own
 */
public record StepEdits(List<String> order, Map<String, Rewording> rewordings, List<Own> added) {
    public static final StepEdits NONE = new StepEdits(List.of(), Map.of(), List.of());

    /** What ids of steps that somebody added begin with. */
    public static final String OWN = "own:";

    private static final double MINUTES = 0.5;

    public StepEdits {
        order = List.copyOf(order);
        rewordings = Map.copyOf(rewordings);
        added = List.copyOf(added);
    }

    /**
     * A step of somebody's own: a state to confirm, a thing to lay beside.
     *
     * @param id begins with {@link #OWN}
     * @param behind id of the step that it stands behind
     */
    public record Own(String id, String behind, String words, boolean must) {}

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
        List<Step> all = withOwn(computed);
        Set<String> held = StepOrder.held(all, order);
        Set<String> known = new HashSet<>();
        Set<String> adrift = new HashSet<>();
        added.stream()
                .filter(own -> computed.stream().noneMatch(step -> step.id().equals(own.behind()))
                        && added.stream().noneMatch(other -> other.id().equals(own.behind())))
                .forEach(own -> adrift.add(own.id()));
        List<Edited> edited = new ArrayList<>();
        for (Step step : StepOrder.sorted(all, order)) {
            known.add(step.id());
            Optional<Rewording> other = Optional.ofNullable(rewordings.get(step.id()));
            boolean outdated = other.isPresent() && !other.get().was().equals(said(step));
            edited.add(new Edited(
                    step,
                    other.map(Rewording::words),
                    outdated || adrift.contains(step.id()),
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

    /** Each behind its step; one whose step is no more stands first, so that it is seen. */
    private List<Step> withOwn(List<Step> computed) {
        List<Step> all = new ArrayList<>(computed);
        for (Own own : added) {
            int behind = -1;
            for (int i = 0; i < all.size(); i++) {
                behind = all.get(i).id().equals(own.behind()) ? i : behind;
            }
            all.add(
                    behind + 1,
                    new Step(
                            own.id(),
                            behind < 0 ? Stage.READY : all.get(behind).stage(),
                            behind < 0 ? Set.of() : Set.of(own.behind()),
                            Sentence.asItIs(own.words()),
                            List.of(),
                            Set.of(),
                            MINUTES,
                            own.must(),
                            new Ask.Tick(),
                            Optional.empty(),
                            Optional.empty()));
        }
        return all;
    }

    /** What a step says, as {@link Rewording#was} keeps it. */
    public static String said(Step step) {
        return Wording.METRIC.say(step.words());
    }
}
