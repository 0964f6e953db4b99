package rampart.formats.kept;

import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** From each version of the kept steps of a packing to the next. */
final class PackingSteps {
    private PackingSteps() {}

    /** 1 to 2: within what a measured value has to lie, whether a note will do, and what is said otherwise, were known to the server alone. */
    static JsonNode withLimitsOfWhatIsAsked(JsonNode steps) {
        for (JsonNode step : steps) {
            if (step.path("ask") instanceof ObjectNode ask) {
                if (!ask.has("noteWillDo")) {
                    ask.put("noteWillDo", false);
                }
                if (!ask.has("otherwise")) {
                    ask.put("otherwise", "");
                }
            }
        }
        return steps;
    }
}
