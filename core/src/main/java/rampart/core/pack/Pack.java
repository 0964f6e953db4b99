package rampart.core.pack;

import java.util.List;
import java.util.Optional;
import rampart.core.item.Item;
import rampart.core.item.Turn;
import rampart.core.journey.Journey;
import rampart.core.layout.Layer;

/** An item, its journey and the layers round it, from the item outward; the last is the outer carton. */
public record Pack(Item item, Journey journey, List<Layer> layers) {
    public Pack {
        layers = List.copyOf(layers);
    }

    /** True where the item can be turned at all: not in a bed that is cut to it as it lies. */
    public boolean turnable() {
        return !hasBed();
    }

    /** The item laid another way and the layers left as they are, rigid boards on the faces that they lay on; empty where that cannot be. */
    public Optional<Pack> turned(Turn turn) {
        return hasBed()
                ? Optional.empty()
                : turn.item(item)
                        .map(laid -> new Pack(
                                laid,
                                journey,
                                layers.stream().map(l -> turned(l, turn)).toList()));
    }

    private static Layer turned(Layer layer, Turn turn) {
        return layer.match(wrap -> wrap, cushion -> cushion, box -> box, boards -> boards.turned(turn));
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
