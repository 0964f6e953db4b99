package rampart.formats;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import rampart.core.journey.Climate;
import tools.jackson.databind.JsonNode;

/** What a schema cannot say of a pack file: fields that must agree with one another. */
final class PackRules {
    private final JsonNode document;
    private final List<Problem> problems = new ArrayList<>();

    private PackRules(JsonNode document) {
        this.document = document;
    }

    /** Every disagreement in a document that satisfies the schema. */
    static List<Problem> problems(JsonNode document) {
        PackRules rules = new PackRules(document);
        rules.lastLayerIsBox();
        rules.centreOfMassInside();
        rules.temperaturesInOrder();
        rules.frequenciesRise();
        rules.idsDiffer("/layers");
        rules.idsDiffer("/item/features");
        rules.problems.addAll(MaterialRules.problems(document));
        return rules.problems;
    }

    /** The same of the journey alone. */
    static List<Problem> ofJourney(JsonNode document) {
        PackRules rules = new PackRules(document);
        rules.temperaturesInOrder();
        rules.frequenciesRise();
        return rules.problems;
    }

    private void lastLayerIsBox() {
        JsonNode layers = document.path("layers");
        int last = layers.size() - 1;
        JsonNode kind = layers.path(last).path("kind");
        if (!kind.asString().equals("box")) {
            problems.add(new Problem(
                    "/layers/" + last + "/kind",
                    kind + " is not allowed last; the last layer must be a box, the outer carton"));
        }
    }

    private void centreOfMassInside() {
        String[] axes = {"x", "y", "z"};
        String[] edges = {"length", "width", "height"};
        for (int i = 0; i < axes.length; i++) {
            JsonNode at = document.at("/item/centreOfMassMm/" + axes[i]);
            double half = document.at("/item/sizeMm/" + edges[i]).asDouble() / 2;
            if (Math.abs(at.asDouble(0)) > half) {
                problems.add(new Problem(
                        "/item/centreOfMassMm/" + axes[i],
                        at + " lies outside the item; it must be from " + -half + " to " + half + " (half the "
                                + edges[i] + ")"));
            }
        }
    }

    private void temperaturesInOrder() {
        JsonNode temperature = document.at("/journey/temperatureC");
        double min = temperature.path("min").asDouble(Climate.ROOM_C);
        double max = temperature.path("max").asDouble(Climate.ROOM_C);
        if (min > max) {
            String path = temperature.has("min") ? "/journey/temperatureC/min" : "/journey/temperatureC/max";
            problems.add(new Problem(
                    path,
                    "the lowest, " + min + " degC, is above the highest, " + max
                            + " degC (23 where none is given); the lowest must be at most the highest"));
        }
    }

    private void frequenciesRise() {
        JsonNode psd = document.at("/journey/vibration/psd");
        for (int i = 1; i < psd.size(); i++) {
            if (!(psd.get(i).get(0).asDouble() > psd.get(i - 1).get(0).asDouble())) {
                problems.add(new Problem(
                        "/journey/vibration/psd/" + i + "/0",
                        psd.get(i).get(0) + " Hz does not rise; it must be above the "
                                + psd.get(i - 1).get(0) + " Hz before it"));
            }
        }
    }

    private void idsDiffer(String list) {
        Set<String> seen = new HashSet<>();
        JsonNode entries = document.at(list);
        for (int i = 0; i < entries.size(); i++) {
            JsonNode id = entries.get(i).path("id");
            if (id.isString() && !seen.add(id.asString())) {
                problems.add(new Problem(list + "/" + i + "/id", id + " is used twice; each id is allowed once"));
            }
        }
    }
}
