package rampart.server.packs;

import rampart.core.layout.Layer;
import rampart.core.pack.Pack;

/** How a pack is built. */
public enum Kind {
    /** One carton. */
    single,
    /** A box in a carton. */
    box_in_box,
    /** Two boxes or more in a carton. */
    more_boxes;

    static Kind of(Pack pack) {
        long boxes = pack.layers().stream().filter(Layer.Box.class::isInstance).count();
        return boxes <= 1 ? single : boxes == 2 ? box_in_box : more_boxes;
    }
}
