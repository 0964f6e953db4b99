package rampart.core.steps;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Deque;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import rampart.core.words.Sentence;

/**
 * How a pack is opened: each step undone after all that is in its way ({@link Undoing#after()}), and otherwise the last that was done
 * first.
 */
public final class UnpackingSteps {
    private static final List<String> HOLDING = List.of("knots:", "ties:", "wedges:", "wells:");

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

    /**
     * All of it.
     *
     * @param packing in the order in which it was packed
     * @throws IllegalArgumentException if steps are in each other's way
     */
    public static List<Opening> of(List<Step> packing) {
        List<Step> waiting = new ArrayList<>(
                packing.stream().filter(step -> step.undoing().isPresent()).toList());
        Collections.reverse(waiting);
        Set<String> shut = new HashSet<>();
        waiting.forEach(step -> shut.add(step.id()));
        List<Opening> openings = new ArrayList<>();
        while (!waiting.isEmpty()) {
            Step next = waiting.stream()
                    .filter(step ->
                            Collections.disjoint(step.undoing().orElseThrow().after(), shut))
                    .findFirst()
                    .orElseThrow(() -> new IllegalArgumentException("steps in each other's way: " + shut));
            waiting.remove(next);
            shut.remove(next.id());
            openings.add(new Opening(next.id(), next.undoing().orElseThrow().words(), next.scene()));
        }
        return List.copyOf(openings);
    }

    /**
     * As far as an inspector goes who wants to see the item: what lies over it is opened, what holds it stays. Of all openings those
     * that are in the way of the first that touches the item, less those that hold it in its place.
     */
    public static List<Opening> untilSeen(List<Step> packing) {
        Map<String, Step> byId = new HashMap<>();
        packing.forEach(step -> byId.put(step.id(), step));
        String goal = packing.stream()
                .filter(UnpackingSteps::touchesTheItem)
                .reduce((before, last) -> before.id().startsWith("item:") ? before : last)
                .orElseThrow()
                .id();
        Set<String> needed = new HashSet<>();
        Deque<String> open = new ArrayDeque<>(List.of(goal));
        while (!open.isEmpty()) {
            Step step = byId.get(open.pop());
            step.undoing()
                    .ifPresent(undoing -> undoing.after().stream()
                            .filter(id -> byId.containsKey(id)
                                    && byId.get(id).undoing().isPresent()
                                    && !holds(id)
                                    && needed.add(id))
                            .forEach(open::push));
        }
        return of(packing).stream()
                .filter(opening -> needed.contains(opening.id()))
                .toList();
    }

    /** What is wrapped round an inner box comes in a later stage than what is wrapped round the item. */
    private static boolean touchesTheItem(Step step) {
        String id = step.id();
        return step.undoing().isPresent()
                && (id.startsWith("item:")
                        || (id.startsWith("round:") && step.stage() == Stage.WRAP)
                        || id.equals("pieces")
                        || (step.stage() != Stage.READY && id.startsWith("set:") && innermost(step)));
    }

    /** The item itself, and not a box, is set in. */
    private static boolean innermost(Step step) {
        return step.after().stream()
                .noneMatch(id -> id.startsWith("close:") || id.startsWith("strap:") || id.startsWith("outside:"));
    }

    /** What keeps the item where it is while somebody looks. */
    private static boolean holds(String id) {
        return HOLDING.stream().anyMatch(id::startsWith);
    }
}
