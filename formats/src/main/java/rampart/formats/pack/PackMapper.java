package rampart.formats.pack;

import rampart.core.pack.Pack;
import rampart.formats.journey.JourneyMapper;
import tools.jackson.databind.JsonNode;

/** From a valid document to the pack it means; fields left out get the defaults of the rules. */
final class PackMapper {
    private PackMapper() {}

    static Pack pack(JsonNode document) {
        return new Pack(
                ItemMapper.item(document.path("item")),
                JourneyMapper.journey(document.path("journey")),
                document.path("layers").valueStream().map(LayerMapper::layer).toList());
    }
}
