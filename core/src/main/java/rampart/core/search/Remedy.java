package rampart.core.search;

import java.util.List;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import rampart.core.evaluation.Evaluation;
import rampart.core.pack.Pack;
import rampart.core.words.Sentence;

/**
 * What mends a check: one change to one layer, two together where one does not do, or a part sent by itself.
 *
 * @param changes to layers, one or two; empty where a part is sent apart
 * @param apart index of the feature that is sent by itself
 * @param title what to do, in a packer's words
 * @param pack the pack so
 * @param evaluation of it
 * @param cost of all material of the changed pack; empty where some part has no price
 * @param dearer by how much that is more than before; empty where either has no price
 */
public record Remedy(
        List<Change> changes,
        OptionalInt apart,
        Sentence title,
        Pack pack,
        Evaluation evaluation,
        OptionalDouble cost,
        OptionalDouble dearer) {
    public Remedy {
        changes = List.copyOf(changes);
    }

    /** The same with the evaluation that counts. */
    public Remedy with(Evaluation settled) {
        return new Remedy(changes, apart, title, pack, settled, cost, dearer);
    }

    /**
     * One change to one layer.
     *
     * @param layer index of the layer that changes
     * @param what the change
     */
    public record Change(int layer, LayerChange what) {}

    /** Outside volume of the changed pack, mm3. */
    public double volumeMm3() {
        return evaluation.layout().outside().volumeMm3();
    }

    /** What it is compared by; cost only where {@code costed}: every part of every remedy has a price (rule 35). */
    public WallMetrics metrics(boolean costed) {
        return WallMetrics.of(
                volumeMm3(),
                costed ? cost.orElseThrow() : 0,
                evaluation.layout().grossMassKg(),
                evaluation.lowestMarginButFit());
    }
}
