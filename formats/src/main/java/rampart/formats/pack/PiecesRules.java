package rampart.formats.pack;

import java.util.ArrayList;
import java.util.List;
import rampart.formats.json.Problem;
import tools.jackson.core.JsonPointer;
import tools.jackson.databind.JsonNode;

/** What a schema cannot say of contents of several pieces. */
final class PiecesRules {
    private static final JsonPointer ITEM = JsonPointer.compile("/item");
    private static final JsonPointer PIECES = JsonPointer.compile("/item/pieces");
    private static final double HAIR = 1e-9;

    private final JsonNode item;
    private final JsonNode pieces;
    private final List<Problem> problems = new ArrayList<>();

    private PiecesRules(JsonNode item) {
        this.item = item;
        pieces = item.path("pieces");
    }

    /** Of a document that satisfies the schema. */
    static List<Problem> problems(JsonNode document) {
        PiecesRules rules = new PiecesRules(document.at(ITEM));
        if (rules.pieces.isObject()) {
            rules.arrangement(rules.pieces.path("arrangement").asString("grid"));
            rules.widths("columnsMm", "columns");
            rules.widths("rowsMm", "rows");
            rules.mass();
        }
        return rules.problems;
    }

    private void arrangement(String arrangement) {
        boolean diagonal = arrangement.equals("diagonal");
        int across = diagonal ? 2 : 1;
        if (diagonal) {
            two("columns");
            two("rows");
            if (!pieces.path("round").asBoolean(false)
                    || pieces.path("sizeMm").path("length").asDouble()
                            != pieces.path("sizeMm").path("width").asDouble()) {
                problems.add(new Problem(
                        PIECES.appendProperty("arrangement"),
                        "\"diagonal\" is not allowed for these; the pieces must be round, as wide as they are long"));
            }
        }
        JsonNode narrow = pieces.path("narrowMm");
        if (arrangement.equals("alternate") && !narrow.isNumber()) {
            problems.add(new Problem(
                    PIECES.appendProperty("narrowMm"),
                    "missing; pieces that lie up and down in turn need the width of their narrow end"));
        } else if (narrow.asDouble(0) > pieces.path("sizeMm").path("length").asDouble()) {
            problems.add(new Problem(
                    PIECES.appendProperty("narrowMm"),
                    narrow + " is not allowed; it must be at most the length of a piece, "
                            + pieces.path("sizeMm").path("length")));
        }
        long cells = (long) pieces.path("columns").asInt(across)
                * pieces.path("rows").asInt(across)
                * pieces.path("levels").asInt(1);
        int quantity = item.path("quantity").asInt(1);
        if (quantity > cells) {
            problems.add(new Problem(
                    ITEM.appendProperty("quantity"),
                    quantity + " do not have room; columns x rows x levels make " + cells + " cells"));
        }
    }

    /** Widths of their own: one for each, and only in rows and columns. */
    private void widths(String field, String of) {
        JsonNode list = pieces.path(field);
        if (!list.isArray()) {
            return;
        }
        if (!pieces.path("arrangement").asString("grid").equals("grid")) {
            problems.add(new Problem(
                    PIECES.appendProperty(field),
                    field + " is not allowed with " + pieces.path("arrangement")
                            + "; only a grid has cells of their own width"));
        } else if (list.size() != pieces.path(of).asInt(1)) {
            problems.add(new Problem(
                    PIECES.appendProperty(field),
                    list.size() + " widths are not allowed; there must be one for each of the "
                            + pieces.path(of).asInt(1) + " " + of));
        }
    }

    private void two(String field) {
        if (pieces.path(field).asInt(2) != 2) {
            problems.add(new Problem(
                    PIECES.appendProperty(field),
                    pieces.path(field) + " is not allowed; a diagonal cross makes 2 by 2 cells"));
        }
    }

    private void mass() {
        double least = item.path("quantity").asInt(1) * pieces.path("massKg").asDouble();
        if (item.path("massKg").asDouble() < least * (1 - HAIR)) {
            problems.add(new Problem(
                    ITEM.appendProperty("massKg"),
                    item.path("massKg") + " is not allowed; the pieces alone weigh " + least + " kg"));
        }
    }
}
