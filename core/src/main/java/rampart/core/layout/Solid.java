package rampart.core.layout;

import java.util.Optional;
import java.util.OptionalInt;
import rampart.core.quantity.Cuboid;
import rampart.core.quantity.Face;

/**
 * A piece of the pack to draw to scale.
 *
 * @param layer index of its layer; empty for the item
 * @param face the face of the pack it guards; empty for the item
 */
public record Solid(Part part, OptionalInt layer, Optional<Face> face, Cuboid cuboid) {
    /** What a solid is made as. */
    public enum Part {
        ITEM,
        WRAP,
        FOAM,
        PAD,
        BLOCK,
        BOARD
    }
}
