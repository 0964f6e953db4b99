package rampart.core.steps;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import rampart.core.words.Sentence;

/** How a pack is opened: what was done, undone in reverse. */
public final class UnpackingSteps {
    private UnpackingSteps() {}

    /**
     * One thing that is done when it is opened.
     *
     * @param id of the step that is undone
     * @param words the first says what is done, the others what to mind
     * @param scene what still stands there before it
     */
    public record Opening(String id, List<Sentence> words, Optional<Scene> scene) {
        public Opening {
            words = List.copyOf(words);
        }
    }

    /** @param packing in the order in which it was packed */
    public static List<Opening> of(List<Step> packing) {
        List<Opening> openings = new ArrayList<>();
        for (int i = packing.size() - 1; i >= 0; i--) {
            Step step = packing.get(i);
            if (!step.undone().isEmpty()) {
                openings.add(new Opening(step.id(), step.undone(), step.scene()));
            }
        }
        return List.copyOf(openings);
    }

    /** As far as an inspector goes who wants to see the item: until it lies open, not until it is lifted out. */
    public static List<Opening> untilSeen(List<Step> packing) {
        List<Opening> openings = new ArrayList<>();
        for (Opening opening : of(packing)) {
            if (opening.id().equals("set:" + firstBox(packing)) || takesTheItem(opening.id())) {
                break;
            }
            openings.add(opening);
        }
        return List.copyOf(openings);
    }

    private static boolean takesTheItem(String id) {
        return id.startsWith("item:") || id.startsWith("knots:") || id.startsWith("round:") || id.equals("look");
    }

    private static String firstBox(List<Step> packing) {
        return packing.stream()
                .map(Step::id)
                .filter(id -> id.startsWith("open:"))
                .map(id -> id.substring("open:".length()))
                .findFirst()
                .orElse("");
    }
}
