package rampart.formats.journey;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.List;
import rampart.formats.json.Json;
import tools.jackson.databind.JsonNode;

/** Journeys that a person recognises, each with the part of a pack file that it stands for. */
public final class JourneyPresets {
    private static final List<Preset> ALL = read();

    private JourneyPresets() {}

    /**
     * One journey.
     *
     * @param words ends the sentence "it travels"
     * @param detail what is reckoned with, and what of it is assumed
     * @param journey as it stands in a pack file
     */
    public record Preset(String id, String words, String detail, JsonNode journey) {}

    public static List<Preset> all() {
        return ALL;
    }

    private static List<Preset> read() {
        try (InputStream in = JourneyPresets.class.getResourceAsStream("/rampart/journeys.json")) {
            return Json.read(in.readAllBytes())
                    .valueStream()
                    .map(node -> new Preset(
                            node.path("id").asString(),
                            node.path("words").asString(),
                            node.path("detail").asString(),
                            node.path("journey")))
                    .toList();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
