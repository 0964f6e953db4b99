package rampart.server.releases;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import rampart.core.steps.StepEdits;
import rampart.formats.kept.KeptForm;

/**
 * What somebody changed in the steps of a pack, as it is kept.
 *
 * @param order ids in the order that is wanted
 * @param words by id, in place of the computed ones
 * @param added steps of somebody's own
 */
public record KeptSteps(List<String> order, Map<String, Words> words, List<StepEdits.Own> added) {
    public static final KeptForm<KeptSteps> FORM = KeptForm.of("steps", KeptSteps.class);

    public static final KeptSteps NONE = new KeptSteps(List.of(), Map.of(), List.of());

    public KeptSteps {
        order = List.copyOf(order);
        words = Map.copyOf(words);
        added = List.copyOf(added);
    }

    /**
     * Other words.
     *
     * @param was what the step said then, in mm and kg
     */
    public record Words(String was, String words) {}

    /** As core takes them. */
    public StepEdits edits() {
        Map<String, StepEdits.Rewording> rewordings = new LinkedHashMap<>();
        words.forEach((id, each) -> rewordings.put(id, new StepEdits.Rewording(each.was(), each.words())));
        return new StepEdits(order, rewordings, added);
    }
}
