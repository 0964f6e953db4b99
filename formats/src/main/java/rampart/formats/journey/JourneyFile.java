package rampart.formats.journey;

import java.util.List;
import rampart.core.cushion.ResponseLevel;
import rampart.formats.json.Json;
import rampart.formats.json.Problem;
import rampart.formats.json.UnreadableFileException;
import rampart.formats.schema.PackSchema;
import tools.jackson.core.JsonPointer;
import tools.jackson.databind.JsonNode;

/** A journey as it stands in a pack file, read by itself. */
public final class JourneyFile {
    private JourneyFile() {}

    /**
     * The ride of a journey.
     *
     * @param points breakpoints, Hz and g2/Hz; empty where it rides not at all
     * @param grms overall level, Grms
     */
    public record Ride(List<List<Double>> points, double grms) {}

    /** The ride of a valid journey. */
    public static Ride ride(String journey) {
        return JourneyMapper.journey(Json.MAPPER.readTree(journey))
                .vibration()
                .map(v -> new Ride(
                        v.spectrum().points().stream()
                                .map(p -> List.of(p.hz(), p.g2PerHz()))
                                .toList(),
                        ResponseLevel.grms(v.spectrum(), List.of())))
                .orElse(new Ride(List.of(), 0));
    }

    /**
     * Reads a journey.
     *
     * @param bytes UTF-8 JSON
     * @return the same as JSON text
     * @throws UnreadableFileException if it is not a valid one, with every reason
     */
    public static String read(byte[] bytes) {
        JsonNode tree = Json.read(bytes);
        List<Problem> problems = PackSchema.problems(tree, "journey");
        if (problems.isEmpty()) {
            problems = JourneyRules.problems(tree, JsonPointer.empty());
        }
        if (!problems.isEmpty()) {
            throw new UnreadableFileException(problems);
        }
        return Json.MAPPER.writeValueAsString(tree);
    }
}
