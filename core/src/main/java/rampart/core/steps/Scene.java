package rampart.core.steps;

import java.util.List;

/**
 * What stands on the table after a step, to be drawn.
 *
 * @param there solids of the layout that are in their place, by index
 * @param added those of them that came with this step
 */
public record Scene(List<Integer> there, List<Integer> added) {
    public Scene {
        there = List.copyOf(there);
        added = List.copyOf(added);
    }
}
