package rampart.core.steps;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import rampart.core.words.Sentence;

/**
 * One thing that is done at the table.
 *
 * @param id outlives changes of the design: what is done, and the id of the layer or feature it is done to
 * @param after ids of the steps that have to be done before
 * @param details what to mind while it is done
 * @param minutes how long it takes (assumed)
 * @param must true where it may not be skipped
 * @param scene what stands there after it; empty where nothing of the pack does yet
 * @param undoing what is done when the pack is opened; empty where there is nothing to undo
 */
public record Step(
        String id,
        Stage stage,
        Set<String> after,
        Sentence words,
        List<Sentence> details,
        Set<Caution> cautions,
        double minutes,
        boolean must,
        Ask ask,
        Optional<Scene> scene,
        Optional<Undoing> undoing) {
    public Step {
        after = Set.copyOf(after);
        details = List.copyOf(details);
        cautions = Set.copyOf(cautions);
    }
}
