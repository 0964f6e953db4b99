package rampart.formats.pack;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import rampart.core.words.Wording;
import rampart.formats.difference.ComparedWords;
import rampart.formats.json.Json;
import rampart.formats.material.HouseMaterials;
import rampart.formats.material.MaterialChange;
import rampart.formats.material.MaterialFile;
import rampart.formats.material.MaterialRules;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** The materials of the house inside a pack file. */
final class PackMaterials {
    private PackMaterials() {}

    /** Puts in whole what the layers use and the file lacks, and takes out what no layer uses. */
    static ObjectNode brought(ObjectNode document, HouseMaterials house) {
        return filled(document, house, false);
    }

    /** Takes the house's figures of today for what the layers use. */
    static ObjectNode renewed(ObjectNode document, HouseMaterials house) {
        return filled(document, house, true);
    }

    private static ObjectNode filled(ObjectNode document, HouseMaterials house, boolean today) {
        ObjectNode materials = Json.MAPPER.createObjectNode();
        for (MaterialFile.Kind kind : MaterialFile.Kind.values()) {
            ArrayNode list = Json.MAPPER.createArrayNode();
            for (String id : used(document, kind)) {
                Optional<JsonNode> inFile = inFile(document, kind, id);
                Optional<JsonNode> inHouse = house.own(id).map(MaterialFile::document);
                (today ? inHouse.or(() -> inFile) : inFile.or(() -> inHouse)).ifPresent(list::add);
            }
            if (!list.isEmpty()) {
                materials.set(kind.list(), list);
            }
        }
        if (materials.isEmpty()) {
            document.remove("materials");
        } else {
            document.set("materials", materials);
        }
        return document;
    }

    static List<MaterialChange> stale(JsonNode document, HouseMaterials house, Wording wording) {
        List<MaterialChange> changes = new ArrayList<>();
        for (MaterialFile.Kind kind : MaterialFile.Kind.values()) {
            for (JsonNode mine : document.path("materials").path(kind.list())) {
                String id = mine.path("id").asString();
                Optional<MaterialFile> theirs = house.own(id);
                List<String> words = theirs.map(file -> ComparedWords.of("material", mine, file.document(), wording))
                        .orElse(List.of());
                if (theirs.isEmpty() || !words.isEmpty()) {
                    changes.add(new MaterialChange(id, mine.path("name").asString(), words, theirs.isEmpty()));
                }
            }
        }
        return changes;
    }

    private static Optional<JsonNode> inFile(JsonNode document, MaterialFile.Kind kind, String id) {
        return document.path("materials")
                .path(kind.list())
                .valueStream()
                .filter(node -> node.path("id").asString().equals(id))
                .findFirst();
    }

    /** Own ids that layers name, in the order of the layers. */
    private static Set<String> used(JsonNode document, MaterialFile.Kind kind) {
        Set<String> ids = new LinkedHashSet<>();
        for (JsonNode layer : document.path("layers")) {
            String id = layer.path(kind == MaterialFile.Kind.BOARD ? "board" : "material")
                    .asString("");
            if (MaterialRules.list(layer).equals(kind.list()) && id.startsWith(MaterialFile.OWN)) {
                ids.add(id);
            }
        }
        String divider = document.at(MaterialRules.DIVIDER).asString("");
        if (kind == MaterialFile.Kind.BOARD && divider.startsWith(MaterialFile.OWN)) {
            ids.add(divider);
        }
        return ids;
    }
}
