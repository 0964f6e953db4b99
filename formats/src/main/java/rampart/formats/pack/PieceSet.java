package rampart.formats.pack;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import rampart.core.item.Pieces;
import rampart.core.quantity.Size;
import rampart.formats.json.Json;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** A pack file whose contents are set another way: their size and mass follow. */
final class PieceSet {
    private PieceSet() {}

    /** How the pieces are set is taken back, where there are any; what is no number stays for the schema to refuse. */
    static void unset(JsonNode document) {
        JsonNode item = document.path("item");
        if (item instanceof ObjectNode of && item.path("pieces") instanceof ObjectNode pieces) {
            int quantity = item.path("quantity").asInt(1);
            pieces.remove("arrangement");
            pieces.remove("columnsMm");
            pieces.remove("rowsMm");
            pieces.put("columns", quantity).put("rows", 1).put("levels", 1);
            double together = quantity * pieces.path("massKg").asDouble(0);
            if (item.path("massKg").isNumber() && item.path("massKg").asDouble() < together) {
                of.put("massKg", together);
            }
        }
    }

    /** The document, changed in its item alone. */
    static ObjectNode document(ObjectNode document, Pieces pieces, Size size, double massKg) {
        ObjectNode item = (ObjectNode) document.path("item");
        item.set("sizeMm", Json.MAPPER.<JsonNode>valueToTree(LayerWriter.size(size)));
        item.put("massKg", massKg);
        item.put("quantity", pieces.quantity());
        item.set("pieces", Json.MAPPER.<JsonNode>valueToTree(json(pieces)));
        item.remove("centreOfMassMm");
        return document;
    }

    static Map<String, Object> json(Pieces pieces) {
        Map<String, Object> json = new LinkedHashMap<>();
        json.put("sizeMm", LayerWriter.size(pieces.piece()));
        json.put("massKg", LayerWriter.number(pieces.pieceKg()));
        json.put("round", pieces.round());
        pieces.narrowMm().ifPresent(mm -> json.put("narrowMm", LayerWriter.number(mm)));
        json.put("wrapMm", LayerWriter.number(pieces.wrapMm()));
        json.put("arrangement", LayerWriter.word(pieces.arrangement()));
        json.put("columns", pieces.columns());
        json.put("rows", pieces.rows());
        json.put("levels", pieces.levels());
        if (!pieces.widths().columnsMm().isEmpty()) {
            json.put("columnsMm", numbers(pieces.widths().columnsMm()));
        }
        if (!pieces.widths().rowsMm().isEmpty()) {
            json.put("rowsMm", numbers(pieces.widths().rowsMm()));
        }
        pieces.dividerBoard().ifPresent(id -> json.put("dividerBoard", id));
        return json;
    }

    private static List<Object> numbers(List<Double> mm) {
        return mm.stream().map(LayerWriter::number).map(Object.class::cast).toList();
    }
}
