package rampart.formats.journey;

import java.util.ArrayList;
import java.util.List;
import rampart.core.journey.Climate;
import rampart.formats.json.Problem;
import tools.jackson.core.JsonPointer;
import tools.jackson.databind.JsonNode;

/** What a schema cannot say of a journey: figures that must agree with one another. */
public final class JourneyRules {
    private static final JsonPointer TEMPERATURE = JsonPointer.compile("/temperatureC");
    private static final JsonPointer PSD = JsonPointer.compile("/vibration/psd");

    private JourneyRules() {}

    /**
     * Every disagreement in a journey that satisfies the schema.
     *
     * @param at where the journey stands in its document
     */
    public static List<Problem> problems(JsonNode journey, JsonPointer at) {
        List<Problem> problems = new ArrayList<>();
        temperaturesInOrder(journey, at, problems);
        frequenciesRise(journey, at, problems);
        return problems;
    }

    private static void temperaturesInOrder(JsonNode journey, JsonPointer at, List<Problem> problems) {
        JsonNode temperature = journey.at(TEMPERATURE);
        double min = temperature.path("min").asDouble(Climate.ROOM_C);
        double max = temperature.path("max").asDouble(Climate.ROOM_C);
        if (min > max) {
            problems.add(new Problem(
                    at.append(TEMPERATURE).appendProperty(temperature.has("min") ? "min" : "max"),
                    "the lowest, " + min + " degC, is above the highest, " + max
                            + " degC (23 where none is given); the lowest must be at most the highest"));
        }
    }

    private static void frequenciesRise(JsonNode journey, JsonPointer at, List<Problem> problems) {
        JsonNode psd = journey.at(PSD);
        for (int i = 1; i < psd.size(); i++) {
            if (!(psd.get(i).get(0).asDouble() > psd.get(i - 1).get(0).asDouble())) {
                problems.add(new Problem(
                        at.append(PSD).appendIndex(i).appendIndex(0),
                        psd.get(i).get(0) + " Hz does not rise; it must be above the "
                                + psd.get(i - 1).get(0) + " Hz before it"));
            }
        }
    }
}
