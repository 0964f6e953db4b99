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
}
