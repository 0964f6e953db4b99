package rampart.formats.pack;

import java.util.Locale;
import java.util.Map;
import rampart.core.item.Item;
import rampart.core.item.Turn;
import rampart.core.layout.Layer;
import rampart.core.pack.Pack;
import rampart.core.quantity.Face;
import rampart.core.quantity.Point;
import rampart.formats.json.Json;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** The item of a pack file laid another way; every other field stays as it was written. */
final class TurnedFile {
    private TurnedFile() {}

    static void turn(ObjectNode document, Turn turn, Pack pack) {
        Item before = pack.item();
        ObjectNode item = (ObjectNode) document.path("item");
        item.set("sizeMm", Json.MAPPER.<JsonNode>valueToTree(LayerWriter.size(turn.size(before.size()))));
        if (item.has("centreOfMassMm")) {
            Point turned = turn.point(before.centreOfMass());
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
        set(document, pack.turned(turn).orElseThrow());
        for (JsonNode feature : item.path("features")) {
            if (feature.has("face")) {
                ((ObjectNode) feature)
                        .put(
                                "face",
                                turn.to(face(feature.path("face").asString())).word());
            }
        }
    }

    /** Cells turned with what lies in them, and rigid boards. */
    private static void set(ObjectNode document, Pack turned) {
        turned.item()
                .properties()
                .pieces()
                .ifPresent(pieces -> ((ObjectNode) document.path("item"))
                        .set("pieces", Json.MAPPER.<JsonNode>valueToTree(PieceSet.json(pieces))));
        for (int i = 0; i < turned.layers().size(); i++) {
            if (turned.layers().get(i) instanceof Layer.Boards boards) {
                ((ObjectNode) document.path("layers").path(i))
                        .put("across", boards.across().word());
            }
        }
    }

    private static Face face(String word) {
        return Face.valueOf(word.toUpperCase(Locale.ROOT));
    }
}
