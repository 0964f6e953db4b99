package rampart.formats.pack;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import rampart.core.layout.LayerKind;
import rampart.formats.journey.JourneyRules;
import rampart.formats.json.Problem;
import rampart.formats.material.MaterialRules;
import tools.jackson.core.JsonPointer;
import tools.jackson.databind.JsonNode;

/** What a schema cannot say of a pack file: fields that must agree with one another. */
final class PackRules {
    private static final JsonPointer LAYERS = JsonPointer.compile("/layers");
    private static final JsonPointer FEATURES = JsonPointer.compile("/item/features");
    private static final JsonPointer JOURNEY = JsonPointer.compile("/journey");
    private static final JsonPointer SIZE = JsonPointer.compile("/item/sizeMm");
    private static final JsonPointer CENTRE = JsonPointer.compile("/item/centreOfMassMm");

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
        rules.problems.addAll(JourneyRules.problems(document.at(JOURNEY), JOURNEY));
        rules.idsDiffer(LAYERS);
        rules.idsDiffer(FEATURES);
        rules.problems.addAll(MaterialRules.problems(document));
        rules.problems.addAll(BedRules.problems(document));
        rules.problems.addAll(BoxRules.problems(document));
        rules.problems.addAll(PiecesRules.problems(document));
        return rules.problems;
    }

    private void lastLayerIsBox() {
        JsonPointer last = LAYERS.appendIndex(document.at(LAYERS).size() - 1).appendProperty("kind");
        JsonNode kind = document.at(last);
        if (!kind.asString().equals(LayerKind.BOX.word())) {
            problems.add(
                    new Problem(last, kind + " is not allowed last; the last layer must be a box, the outer carton"));
        }
    }

    private void centreOfMassInside() {
        String[] axes = {"x", "y", "z"};
        String[] edges = {"length", "width", "height"};
        for (int i = 0; i < axes.length; i++) {
            JsonPointer place = CENTRE.appendProperty(axes[i]);
            JsonNode at = document.at(place);
            double half = document.at(SIZE).path(edges[i]).asDouble() / 2;
            if (Math.abs(at.asDouble(0)) > half) {
                problems.add(new Problem(
                        place,
                        at + " lies outside the item; it must be from " + -half + " to " + half + " (half the "
                                + edges[i] + ")"));
            }
        }
    }

    private void idsDiffer(JsonPointer list) {
        Set<String> seen = new HashSet<>();
        JsonNode entries = document.at(list);
        for (int i = 0; i < entries.size(); i++) {
            JsonNode id = entries.get(i).path("id");
            if (id.isString() && !seen.add(id.asString())) {
                problems.add(new Problem(
                        list.appendIndex(i).appendProperty("id"), id + " is used twice; each id is allowed once"));
            }
        }
    }
}
