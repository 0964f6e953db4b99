package rampart.core.steps;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
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
        Set<String> touching = new HashSet<>();
        packing.stream().filter(UnpackingSteps::touchesTheItem).forEach(step -> touching.add(step.id()));
        packing.stream()
                .map(Step::id)
                .filter(id -> id.startsWith("open:"))
                .findFirst()
                .ifPresent(id -> touching.add("set:" + id.substring("open:".length())));
        List<Opening> openings = new ArrayList<>();
        for (Opening opening : of(packing)) {
            if (touching.contains(opening.id())) {
                break;
            }
            openings.add(opening);
        }
        return List.copyOf(openings);
    }

    /** What is wrapped round an inner box comes in a later stage than what is wrapped round the item. */
    private static boolean touchesTheItem(Step step) {
        String id = step.id();
        return id.startsWith("item:")
                || id.startsWith("knots:")
                || (id.startsWith("round:") && step.stage() == Stage.WRAP)
                || id.equals("look");
    }
}
