package rampart.core.search;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import rampart.core.evaluation.Evaluation;
import rampart.core.layout.Layer;
import rampart.core.pack.Pack;
import rampart.core.quantity.Face;
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

    /** What can be changed of a layer. */
    public enum ChangeKind {
        THICKNESS,
        BEARING_AREA,
        PAD_COUNT,
        BLOCK,
        FOAM,
        BOARD;

        /** What this kind of change takes from one layer, on another; everything else of the layer stays. */
        Layer pulled(Layer layer, Layer to) {
            return switch (this) {
                case THICKNESS -> ((Layer.Cushion) layer).with(((Layer.Cushion) to).thicknessMm());
                case BEARING_AREA, PAD_COUNT, BLOCK -> ((Layer.Cushion) layer).with(((Layer.Cushion) to).form());
                case FOAM -> ((Layer.Cushion) layer).of(to.material());
                case BOARD -> ((Layer.Box) layer).of(to.material());
            };
        }

        /** True where both say what form the cushion has: the second would undo the first. */
        boolean sameAs(ChangeKind other) {
            return this == other || (ofForm() && other.ofForm());
        }

        private boolean ofForm() {
            return this == BEARING_AREA || this == PAD_COUNT || this == BLOCK;
        }
    }

    /**
     * One change to one layer.
     *
     * @param layer index of the layer that changes
     * @param kind what of it changes
     * @param face the face concerned; empty where all change alike
     * @param changed the layer as this change alone would make it
     */
    public record Change(int layer, ChangeKind kind, Optional<Face> face, Layer changed) {}

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
