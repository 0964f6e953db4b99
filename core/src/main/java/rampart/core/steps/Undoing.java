package rampart.core.steps;

import java.util.List;
import java.util.Set;
import rampart.core.words.Sentence;

/**
 * How a step is undone when the pack is opened. Opening is not packing backwards: a tie that was laid under the item is drawn out
 * before the item is lifted. So what has to be out of the way first is said here, not read out of the order of packing.
 *
 * @param words the first says what is done, the others what to mind
 * @param after ids of steps that have to be undone before
 */
public record Undoing(List<Sentence> words, Set<String> after) {
    public Undoing {
        if (words.isEmpty()) {
            throw new IllegalArgumentException("what is undone is said in a sentence at least");
        }
        words = List.copyOf(words);
        after = Set.copyOf(after);
    }
}
