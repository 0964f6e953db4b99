package rampart.formats.pack;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import rampart.core.box.CartonStyle;
import rampart.core.layout.LayerKind;
import rampart.formats.json.Problem;
import tools.jackson.core.JsonPointer;
import tools.jackson.databind.JsonNode;

/** What a document says that older formats cannot. */
final class NewerFields {
    private static final Set<String> CUSHIONS_OF_FORMAT_3 = Set.of("pu-18", "bubble-25", "chips-8", "paper-35");

    private static final String REGULAR = "0201";

    private static final JsonPointer MATERIALS = JsonPointer.compile("/materials");
    private static final JsonPointer FOAMS = JsonPointer.compile("/materials/foams");
    private static final JsonPointer BOARDS = JsonPointer.compile("/materials/boards");
    private static final JsonPointer FEATURES = JsonPointer.compile("/item/features");
    private static final JsonPointer LAYERS = JsonPointer.compile("/layers");

    /** By path, the format with which it came. */
    private final Map<JsonPointer, Integer> came = new LinkedHashMap<>();

    private final JsonNode document;

    private NewerFields(JsonNode document) {
        this.document = document;
        document.path("materials").propertyNames().forEach(name -> came.put(MATERIALS.appendProperty(name), 2));
        add(JsonPointer.compile("/item/surfaces"), 2);
        add(JsonPointer.compile("/item/bearsKpa"), 2);
        add(JsonPointer.compile("/item/fragility/componentCriticalG"), 2);
        add(JsonPointer.compile("/journey/storageHours"), 2);
        add(JsonPointer.compile("/item/pieces"), 5);
        JsonNode boards = document.at(BOARDS);
        for (int i = 0; i < boards.size(); i++) {
            add(BOARDS.appendIndex(i).appendProperty("bendingNm"), 5);
            add(BOARDS.appendIndex(i).appendProperty("punctureJ"), 5);
            if (boards.path(i).path("flute").asString("").equals("solid")) {
                came.put(BOARDS.appendIndex(i).appendProperty("flute"), 5);
            }
        }
        JsonNode foams = document.at(FOAMS);
        for (int i = 0; i < foams.size(); i++) {
            add(FOAMS.appendIndex(i).appendProperty("structure"), 3);
            add(FOAMS.appendIndex(i).appendProperty("ramp"), 3);
        }
        JsonNode features = document.at(FEATURES);
        for (int i = 0; i < features.size(); i++) {
            for (String field : List.of("massKg", "armMm", "jointBearsNm")) {
                add(FEATURES.appendIndex(i).appendProperty(field), 2);
            }
        }
        // A path, not a get: what is no list of objects is the schema's to refuse.
        JsonNode layers = document.at(LAYERS);
        for (int i = 0; i < layers.size(); i++) {
            JsonPointer layer = LAYERS.appendIndex(i);
            for (String field : List.of("tape", "fill", "condition", "bulgeMm")) {
                add(layer.appendProperty(field), 2);
            }
            if (layers.path(i).path("slackMm").asDouble(0) < 0) {
                came.put(layer.appendProperty("slackMm"), 2);
            }
            if (CUSHIONS_OF_FORMAT_3.contains(layers.path(i).path("material").asString(""))) {
                came.put(layer.appendProperty("material"), 3);
            }
            for (String field : List.of("lidMm", "gapsMm", "compressionN", "fittings")) {
                add(layer.appendProperty(field), 5);
            }
            add(layer.appendProperty("stock").appendProperty("cutFromMm"), 5);
            String style = layers.path(i).path("style").asString(REGULAR);
            if (!style.equals(REGULAR) && CartonStyle.of(style).isPresent()) {
                came.put(layer.appendProperty("style"), 5);
            }
            if (layers.path(i).path("kind").asString("").equals(LayerKind.BOARDS.word())) {
                came.put(layer.appendProperty("kind"), 5);
            }
            add(layer.appendProperty("bed"), 4);
            if (layers.path(i).path("form").asString("").equals("bed")) {
                came.put(layer.appendProperty("form"), 4);
            }
        }
    }

    private void add(JsonPointer path, int format) {
        if (!document.at(path).isMissingNode()) {
            came.put(path, format);
        }
    }

    /** The oldest format that can say what this document says. */
    static int oldestFormat(JsonNode document) {
        return new NewerFields(document)
                .came.values().stream().max(Integer::compare).orElse(1);
    }

    /** What a document says that came after the format it says it is in. */
    static List<Problem> problems(JsonNode document) {
        int format = PackFile.format(document);
        if (format == 0 || format >= PackFile.FORMAT) {
            return List.of();
        }
        return new NewerFields(document)
                .came.entrySet().stream()
                        .filter(field -> field.getValue() > format)
                        .map(field -> new Problem(
                                field.getKey(),
                                words(document.at(field.getKey()), field.getKey(), format, field.getValue())))
                        .toList();
    }

    private static String words(JsonNode value, JsonPointer path, int format, int came) {
        String field = path.last().getMatchingProperty();
        return switch (field) {
            case "slackMm" ->
                value + " is not allowed; in format rampart-pack/" + format + " it must be a number of at least 0";
            case "material", "form", "style", "kind", "flute" ->
                value + " is not allowed in format rampart-pack/" + format + "; it came with rampart-pack/" + came;
            default ->
                "unknown field '" + field + "' in format rampart-pack/" + format + "; it came with rampart-pack/"
                        + came;
        };
    }
}
