package rampart.formats.material;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import rampart.core.material.FirstRamp;
import rampart.core.material.Foam;
import rampart.core.material.StandardCatalogue;
import rampart.core.material.Structure;
import rampart.formats.json.Problem;
import tools.jackson.core.JsonPointer;
import tools.jackson.databind.JsonNode;

/** What a schema cannot say of the materials of a pack file. */
public final class MaterialRules {
    private static final double LEAST_LOCK_UP = 0.1;
    private static final double MOST_LOCK_UP = 1.5;

    private static final JsonPointer MATERIALS = JsonPointer.compile("/materials");
    private static final JsonPointer LAYERS = JsonPointer.compile("/layers");
    /** Board between pieces. */
    public static final JsonPointer DIVIDER = JsonPointer.compile("/item/pieces/dividerBoard");

    private static final JsonPointer TESTS = JsonPointer.compile("/tests");
    private static final JsonPointer REPEATED_LAW = JsonPointer.compile("/tests/repeated/law");
    private static final JsonPointer RAMP_SHARE = JsonPointer.compile("/ramp/share");

    private MaterialRules() {}

    /** Own ids stand once, and every one that a layer names stands in the right list. */
    public static List<Problem> problems(JsonNode document) {
        List<Problem> problems = new ArrayList<>();
        Map<String, String> listOf = new HashMap<>();
        for (MaterialFile.Kind kind : MaterialFile.Kind.values()) {
            JsonPointer all = MATERIALS.appendProperty(kind.list());
            JsonNode list = document.at(all);
            for (int i = 0; i < list.size(); i++) {
                String id = list.get(i).path("id").asString();
                JsonPointer at = all.appendIndex(i);
                if (listOf.put(id, kind.list()) != null) {
                    problems.add(new Problem(
                            at.appendProperty("id"), "\"" + id + "\" is used twice; each id is allowed once"));
                }
                if (kind == MaterialFile.Kind.FOAM) {
                    problems.addAll(foam(list.get(i), at));
                }
            }
        }
        JsonNode layers = document.at(LAYERS);
        for (int i = 0; i < layers.size(); i++) {
            JsonNode layer = layers.get(i);
            JsonPointer at = LAYERS.appendIndex(i);
            onlyFull(document, layer, at, problems);
            String list = list(layer);
            String field = list.equals("boards") ? "board" : "material";
            String id = layer.path(field).asString();
            if (id.startsWith(MaterialFile.OWN) && !list.equals(listOf.get(id))) {
                problems.add(missing(at.appendProperty(field), id, list));
            }
        }
        String divider = document.at(DIVIDER).asString("");
        if (divider.startsWith(MaterialFile.OWN)
                && !MaterialFile.Kind.BOARD.list().equals(listOf.get(divider))) {
            problems.add(missing(DIVIDER, divider, MaterialFile.Kind.BOARD.list()));
        }
        return problems;
    }

    private static Problem missing(JsonPointer at, String id, String list) {
        return new Problem(
                at,
                "\"" + id + "\" does not stand under " + MATERIALS.appendProperty(list)
                        + " of this file; put it there whole");
    }

    /** What is poured or crumpled keeps no place of its own: it fills all round. */
    private static void onlyFull(JsonNode document, JsonNode layer, JsonPointer at, List<Problem> problems) {
        String form = layer.path("form").asString("full");
        if (form.equals("full")) {
            return;
        }
        Structure structure = structure(document, layer.path("material").asString());
        if (form.equals("bed") && !structure.beds()) {
            problems.add(new Problem(
                    at.appendProperty("material"),
                    layer.path("material") + ", " + structure.words()
                            + ", is not allowed for a bed; it must be a foam that keeps the shape that is cut"));
        } else if (structure.onlyFull()) {
            problems.add(new Problem(
                    at.appendProperty("form"),
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
    public static String list(JsonNode layer) {
        return switch (layer.path("kind").asString()) {
            case "wrap" -> MaterialFile.Kind.WRAP.list();
            case "cushion" -> MaterialFile.Kind.FOAM.list();
            default -> MaterialFile.Kind.BOARD.list();
        };
    }

    /** A law that locks up nowhere is no cushion's. */
    static List<Problem> foam(JsonNode foam, JsonPointer at) {
        List<Problem> problems = new ArrayList<>();
        law(foam.path("law"), at.appendProperty("law"), problems);
        problems.addAll(ramp(foam, at));
        JsonNode repeated = foam.at(REPEATED_LAW);
        if (repeated.isObject()) {
            law(repeated, at.append(REPEATED_LAW), problems);
        }
        for (String fit : List.of("first", "repeated")) {
            JsonPointer test = TESTS.appendProperty(fit);
            JsonNode node = foam.at(test);
            if (node.isObject()
                    && !(node.path("fromX").asDouble() < node.path("toX").asDouble())) {
                problems.add(new Problem(
                        at.append(test).appendProperty("fromX"),
                        node.path("fromX") + " is not below toX, " + node.path("toX")
                                + "; the range tested must be one"));
            }
        }
        return problems;
    }

    /** A straight ramp is shorter than a curved one may be. */
    static List<Problem> ramp(JsonNode foam, JsonPointer at) {
        JsonNode ramp = foam.path("ramp");
        double most = FirstRamp.mostShare(ramp.path("exponent").asInt(1));
        return ramp.path("share").asDouble(0) > most
                ? List.of(new Problem(
                        at.append(RAMP_SHARE),
                        ramp.path("share") + " is not allowed; with exponent " + ramp.path("exponent")
                                + " it must be 0.01 to " + most))
                : List.of();
    }

    private static void law(JsonNode law, JsonPointer at, List<Problem> problems) {
        double strain = 1 / (law.path("aKpa").asDouble() * law.path("bPerKpa").asDouble());
        if (!(strain >= LEAST_LOCK_UP && strain <= MOST_LOCK_UP)) {
            problems.add(new Problem(
                    at,
                    "a and b give a lock-up strain 1/(a b) of " + (float) strain + "; it must be " + LEAST_LOCK_UP
                            + " to " + MOST_LOCK_UP));
        }
    }
}
