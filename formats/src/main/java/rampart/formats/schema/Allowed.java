package rampart.formats.schema;

import java.util.ArrayList;
import java.util.List;
import tools.jackson.databind.JsonNode;

/** Says in words what a piece of a JSON Schema allows. */
final class Allowed {
    private Allowed() {}

    static String words(JsonNode rule, JsonNode schema) {
        JsonNode reference = rule.path("$ref");
        if (reference.isString()) {
            return words(schema.at(reference.asString().substring(1)), schema);
        }
        if (rule.has("anyOf")) {
            List<String> choices = new ArrayList<>();
            rule.path("anyOf").forEach(choice -> choices.add(words(choice, schema)));
            return String.join(", or ", choices);
        }
        if (rule.has("const")) {
            return rule.path("const").toString();
        }
        if (rule.has("enum")) {
            List<String> values = new ArrayList<>();
            rule.path("enum").forEach(value -> values.add(value.asString()));
            return (values.size() > 1 ? "one of " : "") + String.join(", ", values);
        }
        JsonNode type = rule.path("type");
        if (type.isArray()) {
            return "an object with " + String.join(", ", rule.path("properties").propertyNames()) + ", or null";
        }
        return switch (type.asString("")) {
            case "number" -> "a number" + range(rule);
            case "integer" -> "a whole number" + range(rule);
            case "string" -> text(rule);
            case "array" -> list(rule);
            case "object" -> object(rule);
            default -> "as the schema says";
        };
    }

    private static String range(JsonNode rule) {
        List<String> parts = new ArrayList<>();
        if (rule.has("minimum")) {
            parts.add("of at least " + plain(rule.path("minimum")));
        }
        if (rule.has("maximum")) {
            parts.add("at most " + plain(rule.path("maximum")));
        }
        return parts.isEmpty() ? "" : " " + String.join(" and ", parts);
    }

    private static String plain(JsonNode number) {
        return number.decimalValue().toPlainString();
    }

    private static String text(JsonNode rule) {
        if (rule.has("description")) {
            return rule.path("description").asString();
        }
        return "a text of " + (rule.has("minLength") ? "1" : "0") + " to " + rule.path("maxLength") + " characters"
                + (rule.has("pattern") ? ", not blank" : "");
    }

    private static String list(JsonNode rule) {
        String what =
                rule.has("description") ? " of " + rule.path("description").asString() : "";
        if (rule.path("minItems").equals(rule.path("maxItems")) && rule.has("minItems")) {
            return rule.path("description").asString();
        }
        return "a list of " + rule.path("minItems").asString("0") + " to " + rule.path("maxItems")
                + what.replaceFirst("^ of ", ": ");
    }

    private static String object(JsonNode rule) {
        String names = String.join(", ", rule.path("properties").propertyNames());
        return names.isEmpty() ? "an empty object" : "an object with " + names;
    }
}
