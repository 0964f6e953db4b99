package rampart.formats.view;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import rampart.core.layout.LayerKind;
import rampart.formats.json.Json;
import tools.jackson.databind.JsonNode;

/** What a person begins with who starts from a plain wall, or who adds a layer: pieces of a pack file, to be changed at once. */
final class Begins {
    private static final JsonNode ALL = load();

    private Begins() {}

    static JsonNode pack() {
        return ALL.path("pack");
    }

    static JsonNode layer(LayerKind kind) {
        return ALL.path("layers").path(kind.word());
    }

    private static JsonNode load() {
        try (InputStream in = Begins.class.getResourceAsStream("/rampart/begins.json")) {
            return Json.read(in.readAllBytes());
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
