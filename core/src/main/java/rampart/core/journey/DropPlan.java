package rampart.core.journey;

import java.util.Optional;
import java.util.OptionalDouble;
import rampart.core.quantity.Require;

/**
 * How far the pack falls, on what, and how often.
 *
 * @param table the drop height table; empty where the person gives the height
 * @param ownHeightMm the person's own drop height, mm; present exactly where there is no table
 * @param sequence which of the 26 drops count
 * @param repeated true where the repeated-impact law counts besides the first-impact law (rule 30)
 */
public record DropPlan(
        Optional<DropHeights> table, OptionalDouble ownHeightMm, DropSequence sequence, boolean repeated) {
    public DropPlan {
        if (table.isPresent() == ownHeightMm.isPresent()) {
            throw new IllegalArgumentException("a drop plan has either a table or a height of its own");
        }
        ownHeightMm.ifPresent(h -> Require.positive(h, "drop height in mm"));
    }

    public static DropPlan own(double heightMm, DropSequence sequence, boolean repeated) {
        return new DropPlan(Optional.empty(), OptionalDouble.of(heightMm), sequence, repeated);
    }

    public static DropPlan byTable(DropHeights table, DropSequence sequence, boolean repeated) {
        return new DropPlan(Optional.of(table), OptionalDouble.empty(), sequence, repeated);
    }

    /** The same falls on other faces, edges and corners. */
    public DropPlan with(DropSequence other) {
        return new DropPlan(table, ownHeightMm, other, repeated);
    }

    /** Drop height for a pack of this gross mass, mm. */
    public double heightMm(double grossMassKg) {
        return table.isPresent() ? table.get().heightMm(grossMassKg) : ownHeightMm.orElseThrow();
    }
}
