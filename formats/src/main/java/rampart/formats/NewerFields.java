package rampart.formats;

import java.util.ArrayList;
import java.util.List;
import tools.jackson.databind.JsonNode;

/** What a document says that format 1 cannot. */
final class NewerFields {
    private NewerFields() {}

    /** Paths of all fields and values that came with format 2. */
    static List<String> of(JsonNode document) {
        List<String> paths = new ArrayList<>();
        document.path("materials").propertyNames().forEach(name -> paths.add("/materials/" + name));
        add(document, "/item/surfaces", paths);
        add(document, "/item/bearsKpa", paths);
        add(document, "/item/fragility/componentCriticalG", paths);
        add(document, "/journey/storageHours", paths);
        JsonNode features = document.at("/item/features");
        for (int i = 0; i < features.size(); i++) {
            for (String field : List.of("massKg", "armMm", "jointBearsNm")) {
                add(document, "/item/features/" + i + "/" + field, paths);
            }
        }
        JsonNode layers = document.path("layers");
        for (int i = 0; i < layers.size(); i++) {
            for (String field : List.of("tape", "fill", "condition", "bulgeMm")) {
                add(document, "/layers/" + i + "/" + field, paths);
            }
            // A path, not a get: what is no list of objects is the schema's to refuse.
            if (layers.path(i).path("slackMm").asDouble(0) < 0) {
                paths.add("/layers/" + i + "/slackMm");
            }
        }
        return paths;
    }

    /** What a document of format 1 says that came later. */
    static List<Problem> problems(JsonNode document) {
        if (!document.path("format").asString("").equals("rampart-pack/1")) {
            return List.of();
        }
        return of(document).stream()
                .map(path -> new Problem(path, words(document.at(path), path)))
                .toList();
    }

    private static String words(JsonNode value, String path) {
        String field = path.substring(path.lastIndexOf('/') + 1);
        return field.equals("slackMm")
                ? value + " is not allowed; in format rampart-pack/1 it must be a number of at least 0"
                : "unknown field '" + field + "' in format rampart-pack/1; it came with rampart-pack/2";
    }

    private static void add(JsonNode document, String path, List<String> paths) {
        if (!document.at(path).isMissingNode()) {
            paths.add(path);
        }
    }
}
