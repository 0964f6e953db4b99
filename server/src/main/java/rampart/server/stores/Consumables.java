package rampart.server.stores;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import rampart.formats.json.Problem;
import rampart.formats.json.UnreadableFileException;
import tools.jackson.databind.node.ObjectNode;

/** What a consumable is: a name, the unit it comes in, a note and a source, all text. */
final class Consumables {
    private static final Map<String, Integer> LONGEST =
            Map.of("id", 60, "name", 100, "unit", 20, "note", 1000, "source", 200);

    private Consumables() {}

    /**
     * The document as JSON text.
     *
     * @throws UnreadableFileException if it is not a valid one, with every reason
     */
    static String read(ObjectNode document) {
        List<Problem> problems = new ArrayList<>();
        if (document.path("name").asString("").isBlank()) {
            problems.add(new Problem("/name", "a name has 1 to 100 characters, not blank"));
        }
        document.properties().forEach(field -> {
            Integer most = LONGEST.get(field.getKey());
            if (most == null) {
                problems.add(new Problem(
                        "/" + field.getKey(),
                        "unknown field '" + field.getKey() + "'; allowed here: name, unit, note, source"));
            } else if (!field.getValue().isString()
                    || field.getValue().asString().length() > most) {
                problems.add(new Problem("/" + field.getKey(), "it must be a text of at most " + most + " characters"));
            }
        });
        if (!problems.isEmpty()) {
            throw new UnreadableFileException(problems);
        }
        return document.toString();
    }
}
