package rampart.formats.pack;

import java.util.ArrayList;
import java.util.List;
import rampart.core.box.CartonStyle;
import rampart.core.layout.LayerKind;
import rampart.formats.json.Problem;
import tools.jackson.core.JsonPointer;
import tools.jackson.databind.JsonNode;

/** What a schema cannot say of boxes and of rigid boards. */
final class BoxRules {
    private static final JsonPointer LAYERS = JsonPointer.compile("/layers");

    private final JsonNode layers;
    private final List<Problem> problems = new ArrayList<>();

    private BoxRules(JsonNode layers) {
        this.layers = layers;
    }

    /** Of a document that satisfies the schema. */
    static List<Problem> problems(JsonNode document) {
        BoxRules rules = new BoxRules(document.at(LAYERS));
        boolean onlyWraps = true;
        for (int i = 0; i < rules.layers.size(); i++) {
            LayerKind kind = LayerKind.of(rules.layers.get(i).path("kind").asString());
            JsonPointer at = LAYERS.appendIndex(i);
            if (kind == LayerKind.BOX) {
                rules.box(rules.layers.get(i), at, i == rules.layers.size() - 1);
            } else if (kind.first() && !onlyWraps) {
                rules.problems.add(new Problem(
                        at.appendProperty("kind"),
                        "\"boards\" is not allowed here; rigid boards must be the first layer round the item but for wraps, and"
                                + " the only pair"));
            }
            onlyWraps &= kind == LayerKind.WRAP;
        }
        return rules.problems;
    }

    private void box(JsonNode box, JsonPointer at, boolean outer) {
        CartonStyle style = CartonStyle.of(box.path("style").asString()).orElseThrow();
        JsonPointer styleAt = at.appendProperty("style");
        if (outer && !style.closes()) {
            problems.add(new Problem(
                    styleAt,
                    box.path("style") + ", " + style.words()
                            + ", is not allowed as the outer carton; it does not close on all sides"));
        }
        if (box.has("lidMm") && !style.hasLid()) {
            problems.add(new Problem(
                    at.appendProperty("lidMm"),
                    box.path("lidMm") + " is not allowed with style " + box.path("style")
                            + "; only 0301, 0320 and caps have a lid whose depth is a choice"));
        }
        JsonNode stock = box.path("stock");
        if (box.has("gapsMm") && (box.has("slackMm") || stock.isObject())) {
            problems.add(new Problem(
                    at.appendProperty("gapsMm"),
                    "gapsMm is not allowed beside " + (box.has("slackMm") ? "slackMm" : "stock")
                            + "; give one of slackMm, gapsMm and stock"));
        }
        if (stock.has("cutFromMm")) {
            cutDown(style, box, stock, at.appendProperty("stock").appendProperty("cutFromMm"));
        }
    }

    private void cutDown(CartonStyle style, JsonNode box, JsonNode stock, JsonPointer at) {
        JsonNode from = stock.path("cutFromMm");
        JsonNode height = stock.path("insideMm").path("height");
        if (from.asDouble() <= height.asDouble()) {
            problems.add(new Problem(at, from + " is not allowed; it must be above the height inside, " + height));
        } else if (style != CartonStyle.STOCK) {
            problems.add(new Problem(
                    at,
                    from + " is not allowed with style " + box.path("style") + "; only " + CartonStyle.STOCK.code()
                            + " is cut down to a height"));
        }
    }
}
