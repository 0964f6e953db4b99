package rampart.formats;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import tools.jackson.databind.JsonNode;

/** What a document says that older formats cannot. */
final class NewerFields {
    private static final Set<String> CUSHIONS_OF_FORMAT_3 = Set.of("pu-18", "bubble-25", "chips-8", "paper-35");

    /** By path, the format with which it came. */
    private final Map<String, Integer> came = new LinkedHashMap<>();

    private final JsonNode document;

    private NewerFields(JsonNode document) {
        this.document = document;
        document.path("materials").propertyNames().forEach(name -> came.put("/materials/" + name, 2));
        add("/item/surfaces", 2);
        add("/item/bearsKpa", 2);
        add("/item/fragility/componentCriticalG", 2);
        add("/journey/storageHours", 2);
        JsonNode foams = document.at("/materials/foams");
        for (int i = 0; i < foams.size(); i++) {
            add("/materials/foams/" + i + "/structure", 3);
            add("/materials/foams/" + i + "/ramp", 3);
        }
        JsonNode features = document.at("/item/features");
        for (int i = 0; i < features.size(); i++) {
            for (String field : List.of("massKg", "armMm", "jointBearsNm")) {
                add("/item/features/" + i + "/" + field, 2);
            }
        }
        // A path, not a get: what is no list of objects is the schema's to refuse.
        JsonNode layers = document.path("layers");
        for (int i = 0; i < layers.size(); i++) {
            for (String field : List.of("tape", "fill", "condition", "bulgeMm")) {
                add("/layers/" + i + "/" + field, 2);
            }
            if (layers.path(i).path("slackMm").asDouble(0) < 0) {
                came.put("/layers/" + i + "/slackMm", 2);
            }
            if (CUSHIONS_OF_FORMAT_3.contains(layers.path(i).path("material").asString(""))) {
                came.put("/layers/" + i + "/material", 3);
            }
        }
    }

    private void add(String path, int format) {
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

    private static String words(JsonNode value, String path, int format, int came) {
        String field = path.substring(path.lastIndexOf('/') + 1);
        return switch (field) {
            case "slackMm" ->
                value + " is not allowed; in format rampart-pack/" + format + " it must be a number of at least 0";
            case "material" ->
                value + " is not allowed in format rampart-pack/" + format + "; it came with rampart-pack/" + came;
            default ->
                "unknown field '" + field + "' in format rampart-pack/" + format + "; it came with rampart-pack/"
                        + came;
        };
    }
}
