package rampart.formats.schema;

import com.networknt.schema.Error;
import com.networknt.schema.Schema;
import com.networknt.schema.SchemaRegistry;
import com.networknt.schema.SpecificationVersion;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import rampart.formats.json.Json;
import rampart.formats.json.Problem;
import tools.jackson.core.JsonPointer;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** The published JSON Schema of the pack file, and what it says of a document in words. */
public final class PackSchema {
    private static final String RESOURCE = "/rampart/pack-5.schema.json";
    private static final byte[] BYTES = load();
    private static final JsonNode TREE = Json.read(BYTES);
    private static final Schema SCHEMA = SchemaRegistry.withDefaultDialect(SpecificationVersion.DRAFT_2020_12)
            .getSchema(TREE);
    private static final Map<String, Schema> PARTS = new ConcurrentHashMap<>();
    private static final int LONGEST_SHOWN = 60;

    private PackSchema() {}

    /** The schema document, UTF-8. */
    public static byte[] document() {
        return BYTES.clone();
    }

    /**
     * Numbers that one field may hold.
     *
     * @param field definition and property, such as {@code box/slackMm}
     */
    public record Range(String field, double least, double most) {}

    /** Every field that has a least and a greatest number. */
    public static List<Range> ranges() {
        List<Range> ranges = new ArrayList<>();
        for (Map.Entry<String, JsonNode> definition : TREE.path("$defs").properties()) {
            for (Map.Entry<String, JsonNode> property :
                    definition.getValue().path("properties").properties()) {
                JsonNode rule = property.getValue();
                JsonNode least = rule.has("minimum") ? rule.path("minimum") : rule.path("exclusiveMinimum");
                if (least.isNumber() && rule.path("maximum").isNumber()) {
                    ranges.add(new Range(
                            definition.getKey() + "/" + property.getKey(),
                            least.asDouble(),
                            rule.path("maximum").asDouble()));
                }
            }
        }
        return ranges;
    }

    /** Everything in which the document departs from the schema, one problem a field. */
    public static List<Problem> problems(JsonNode document) {
        return problems(document, SCHEMA);
    }

    /** The same of a part of a pack file against its definition in the schema. */
    public static List<Problem> problems(JsonNode part, String definition) {
        return problems(part, PARTS.computeIfAbsent(definition, PackSchema::part));
    }

    private static Schema part(String definition) {
        ObjectNode schema = Json.MAPPER.createObjectNode();
        schema.put("$ref", "#/$defs/" + definition);
        schema.set("$defs", TREE.path("$defs"));
        return SchemaRegistry.withDefaultDialect(SpecificationVersion.DRAFT_2020_12)
                .getSchema(schema);
    }

    private static List<Problem> problems(JsonNode document, Schema schema) {
        Map<String, Problem> byPath = new LinkedHashMap<>();
        for (Error error : schema.validate(document)) {
            Problem problem = problem(document, error);
            byPath.putIfAbsent(problem.path(), problem);
        }
        return new ArrayList<>(byPath.values());
    }

    private static Problem problem(JsonNode document, Error error) {
        JsonPointer at = JsonPointer.compile(error.getInstanceLocation().toString());
        JsonNode rule =
                rule(JsonPointer.compile(error.getSchemaLocation().getFragment().toString()));
        return switch (error.getKeyword()) {
            case "required" ->
                new Problem(
                        at.appendProperty(error.getProperty()),
                        "missing; it must be " + Allowed.words(property(rule, error.getProperty()), TREE));
            case "additionalProperties" ->
                new Problem(
                        at.appendProperty(error.getProperty()),
                        "unknown field '" + error.getProperty() + "'; allowed here: " + names(rule));
            case "not" ->
                new Problem(
                        at,
                        shown(document.at(at)) + " is not allowed here: "
                                + rule.path("description").asString());
            case "minItems", "maxItems" ->
                new Problem(
                        at,
                        "a list of " + document.at(at).size() + " is not allowed; it must be "
                                + Allowed.words(rule, TREE));
            case "uniqueItems" -> new Problem(at, "something stands in it twice; each may stand in it once");
            default ->
                new Problem(at, shown(document.at(at)) + " is not allowed; it must be " + Allowed.words(rule, TREE));
        };
    }

    /** The part of the schema that holds the keyword at this pointer; of a choice the choice as a whole. */
    private static JsonNode rule(JsonPointer keyword) {
        JsonPointer at = JsonPointer.empty();
        for (JsonPointer rest = keyword;
                !rest.tail().matches() && !rest.getMatchingProperty().equals("anyOf");
                rest = rest.tail()) {
            at = at.appendProperty(rest.getMatchingProperty());
        }
        return TREE.at(at);
    }

    /** What the schema says of a property that a rule requires; conditions stand beside the properties they speak of. */
    private static JsonNode property(JsonNode rule, String name) {
        JsonNode own = rule.path("properties").path(name);
        if (!own.isMissingNode()) {
            return own;
        }
        for (JsonNode definition : TREE.path("$defs")) {
            JsonNode found = definition.path("properties").path(name);
            if (!found.isMissingNode()) {
                return found;
            }
        }
        return own;
    }

    private static String names(JsonNode rule) {
        String names = String.join(", ", rule.path("properties").propertyNames());
        return names.isEmpty() ? "nothing" : names;
    }

    private static String shown(JsonNode value) {
        String text = value.isContainer() ? (value.isArray() ? "a list" : "an object") : value.toString();
        return text.length() > LONGEST_SHOWN ? text.substring(0, LONGEST_SHOWN) + "…" : text;
    }

    private static byte[] load() {
        try (InputStream in = PackSchema.class.getResourceAsStream(RESOURCE)) {
            return in.readAllBytes();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
