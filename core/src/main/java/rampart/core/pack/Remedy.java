package rampart.core.pack;

import java.util.Optional;
import java.util.OptionalDouble;
import rampart.core.layout.Layer;
import rampart.core.quantity.Face;

/**
 * One change to one layer that mends a check.
 *
 * @param layer index of the layer that changes
 * @param lever what of it changes
 * @param face the face concerned; empty where all change alike
 * @param changed the layer as it becomes
 * @param title what to change, in a packer's words
 * @param evaluation of the pack with that layer
 * @param cost of all material of the changed pack; empty where some part has no price
 * @param dearer by how much that is more than before; empty where either has no price
 */
public record Remedy(
        int layer,
        Lever lever,
        Optional<Face> face,
        Layer changed,
        String title,
        Evaluation evaluation,
        OptionalDouble cost,
        OptionalDouble dearer) {
    /** What can be changed of a layer. */
    public enum Lever {
        THICKNESS,
        BEARING_AREA,
        PAD_COUNT,
        BLOCK,
        FOAM,
        BOARD
    }

    /** Outside volume of the changed pack, mm3. */
    public double volumeMm3() {
        return evaluation.layout().outside().volumeMm3();
    }

    /** The lowest margin of the changed pack. */
    public double margin() {
        return evaluation.lowestMargin();
    }

    /** What it is compared by; cost only where {@code costed}: every part of every remedy has a price (rule 35). */
    Standing standing(boolean costed) {
        return Standing.of(
                volumeMm3(),
                costed ? cost.orElseThrow() : 0,
                evaluation.layout().grossMassKg(),
                margin());
    }
}
