package rampart.core.pack;

import java.util.List;
import rampart.core.item.Item;
import rampart.core.journey.Journey;
import rampart.core.layout.Layer;

/** An item, its journey and the layers round it, from the item outward; the last is the outer carton. */
public record Pack(Item item, Journey journey, List<Layer> layers) {
    public Pack {
        layers = List.copyOf(layers);
    }

    /** True where the item can be turned and the layers stay: not in a bed, between boards, or of pieces set side by side. */
    public boolean turnable() {
        return !hasBed()
                && item.properties().pieces().isEmpty()
                && layers.stream().noneMatch(Layer.Boards.class::isInstance);
    }

    /** True where the item lies in a bed that is cut to it. */
    public boolean hasBed() {
        return layers.stream()
                .anyMatch(layer -> layer.match(
                        wrap -> false,
                        cushion -> cushion.form().match(full -> false, pads -> false, corners -> false, bed -> true),
                        box -> false,
                        boards -> false));
    }
}
