package rampart.formats.pack;

import rampart.core.item.Item;
import rampart.core.pack.Pack;
import rampart.formats.journey.JourneyMapper;
import tools.jackson.databind.JsonNode;

/** From a valid document to the pack it means; fields left out get the defaults of the rules. */
final class PackMapper {
    private PackMapper() {}

    static Pack pack(JsonNode document) {
        Item item = ItemMapper.item(document.path("item"));
        return new Pack(
                item,
                JourneyMapper.journey(document.path("journey")),
                document.path("layers")
                        .valueStream()
                        .map(layer -> LayerMapper.layer(layer, item.size()))
                        .toList());
    }
}
