package rampart.formats.pack;

import java.util.Map;
import rampart.core.item.Turn;
import rampart.core.quantity.Face;
import rampart.core.quantity.Point;
import rampart.core.quantity.Size;
import rampart.formats.json.Json;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** The item of a pack file laid another way; every other field stays as it was written. */
final class TurnedFile {
    private TurnedFile() {}

    static void turn(ObjectNode document, Turn turn, Size size, Point centre) {
        ObjectNode item = (ObjectNode) document.path("item");
        item.set("sizeMm", Json.MAPPER.<JsonNode>valueToTree(LayerWriter.size(turn.size(size))));
        if (item.has("centreOfMassMm")) {
            Point turned = turn.point(centre);
            ObjectNode at = item.putObject("centreOfMassMm");
            at.put("x", turned.xMm());
            at.put("y", turned.yMm());
            at.put("z", turned.zMm());
        }
        JsonNode limits = item.path("fragility").path("criticalAccelerationByFaceG");
        if (limits.isObject()) {
            ObjectNode byFace = Json.MAPPER.createObjectNode();
            for (Map.Entry<String, JsonNode> limit : limits.properties()) {
                byFace.set(turn.to(face(limit.getKey())).word(), limit.getValue());
            }
            ((ObjectNode) item.path("fragility")).set("criticalAccelerationByFaceG", byFace);
        }
        for (JsonNode feature : item.path("features")) {
            if (feature.has("face")) {
                ((ObjectNode) feature)
                        .put(
                                "face",
                                turn.to(face(feature.path("face").asString())).word());
            }
        }
    }

    private static Face face(String word) {
        return Face.valueOf(word.toUpperCase(java.util.Locale.ROOT));
    }
}
