package rampart.formats;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import rampart.core.material.FirstRamp;
import rampart.core.material.Foam;
import rampart.core.material.StandardCatalogue;
import rampart.core.material.Structure;
import tools.jackson.databind.JsonNode;

/** What a schema cannot say of the materials of a pack file. */
final class MaterialRules {
    private static final double LEAST_LOCK_UP = 0.1;
    private static final double MOST_LOCK_UP = 1.5;

    private MaterialRules() {}

    /** Own ids stand once, and every one that a layer names stands in the right list. */
    static List<Problem> problems(JsonNode document) {
        List<Problem> problems = new ArrayList<>();
        Map<String, String> listOf = new HashMap<>();
        for (MaterialFile.Kind kind : MaterialFile.Kind.values()) {
            JsonNode list = document.path("materials").path(kind.list());
            for (int i = 0; i < list.size(); i++) {
                String id = list.get(i).path("id").asString();
                String at = "/materials/" + kind.list() + "/" + i;
                if (listOf.put(id, kind.list()) != null) {
                    problems.add(new Problem(at + "/id", "\"" + id + "\" is used twice; each id is allowed once"));
                }
                if (kind == MaterialFile.Kind.FOAM) {
                    problems.addAll(foam(list.get(i), at));
                }
            }
        }
        JsonNode layers = document.path("layers");
        for (int i = 0; i < layers.size(); i++) {
            JsonNode layer = layers.get(i);
            onlyFull(document, layer, "/layers/" + i, problems);
            String list = list(layer);
            String field = list.equals("boards") ? "board" : "material";
            String id = layer.path(field).asString();
            if (id.startsWith(MaterialFile.OWN) && !list.equals(listOf.get(id))) {
                problems.add(new Problem(
                        "/layers/" + i + "/" + field,
                        "\"" + id + "\" does not stand under /materials/" + list
                                + " of this file; put it there whole"));
            }
        }
        return problems;
    }

    /** What is poured or crumpled keeps no place of its own: it fills all round. */
    private static void onlyFull(JsonNode document, JsonNode layer, String at, List<Problem> problems) {
        String form = layer.path("form").asString("full");
        if (!form.equals("full")
                && structure(document, layer.path("material").asString()).onlyFull()) {
            problems.add(new Problem(
                    at + "/form",
                    "\"" + form + "\" is not allowed for " + layer.path("material")
                            + ", which is poured or crumpled; it must be \"full\""));
        }
    }

    private static Structure structure(JsonNode document, String id) {
        for (JsonNode foam : document.at("/materials/foams")) {
            if (foam.path("id").asString().equals(id)) {
                return MaterialMapper.structure(foam);
            }
        }
        return StandardCatalogue.get().foams().stream()
                .filter(foam -> foam.id().equals(id))
                .findFirst()
                .map(Foam::structure)
                .orElse(Structure.FOAM);
    }

    /** Name of the list that the material of this layer stands in. */
    static String list(JsonNode layer) {
        return switch (layer.path("kind").asString()) {
            case "wrap" -> MaterialFile.Kind.WRAP.list();
            case "cushion" -> MaterialFile.Kind.FOAM.list();
            default -> MaterialFile.Kind.BOARD.list();
        };
    }

    /** A law that locks up nowhere is no cushion's. */
    static List<Problem> foam(JsonNode foam, String at) {
        List<Problem> problems = new ArrayList<>();
        law(foam.path("law"), at + "/law", problems);
        problems.addAll(ramp(foam, at));
        JsonNode repeated = foam.path("tests").path("repeated").path("law");
        if (repeated.isObject()) {
            law(repeated, at + "/tests/repeated/law", problems);
        }
        for (String fit : List.of("first", "repeated")) {
            JsonNode node = foam.path("tests").path(fit);
            if (node.isObject()
                    && !(node.path("fromX").asDouble() < node.path("toX").asDouble())) {
                problems.add(new Problem(
                        at + "/tests/" + fit + "/fromX",
                        node.path("fromX") + " is not below toX, " + node.path("toX")
                                + "; the range tested must be one"));
            }
        }
        return problems;
    }

    /** A straight ramp is shorter than a curved one may be. */
    static List<Problem> ramp(JsonNode foam, String at) {
        JsonNode ramp = foam.path("ramp");
        double most = FirstRamp.mostShare(ramp.path("exponent").asInt(1));
        return ramp.path("share").asDouble(0) > most
                ? List.of(new Problem(
                        at + "/ramp/share",
                        ramp.path("share") + " is not allowed; with exponent " + ramp.path("exponent")
                                + " it must be 0.01 to " + most))
                : List.of();
    }

    private static void law(JsonNode law, String at, List<Problem> problems) {
        double strain = 1 / (law.path("aKpa").asDouble() * law.path("bPerKpa").asDouble());
        if (!(strain >= LEAST_LOCK_UP && strain <= MOST_LOCK_UP)) {
            problems.add(new Problem(
                    at,
                    "a and b give a lock-up strain 1/(a b) of " + (float) strain + "; it must be " + LEAST_LOCK_UP
                            + " to " + MOST_LOCK_UP));
        }
    }
}
