package rampart.formats.journey;

import java.util.Optional;
import rampart.core.journey.Climate;
import rampart.core.journey.DropPlan;
import rampart.core.journey.DropSequence;
import rampart.core.journey.Journey;
import rampart.core.journey.Spectrum;
import rampart.core.journey.Stack;
import rampart.core.journey.Vibration;
import rampart.formats.json.Values;
import tools.jackson.databind.JsonNode;

/** From the journey of a valid document to the journey it means; fields left out get the defaults of the rules. */
public final class JourneyMapper {
    private JourneyMapper() {}

    public static Journey journey(JsonNode node) {
        JsonNode temperature = node.path("temperatureC");
        return new Journey(
                drop(node.path("drop")),
                vibration(node.path("vibration")),
                stack(node.path("stack")),
                new Climate(
                        temperature.path("min").asDouble(Climate.ROOM_C),
                        temperature.path("max").asDouble(Climate.ROOM_C)),
                Values.number(node.path("hours")),
                Values.number(node.path("storageHours")));
    }

    private static DropPlan drop(JsonNode node) {
        DropSequence sequence = Values.constant(DropSequence.class, node.path("sequence"), DropSequence.ALL);
        boolean repeated = node.path("impacts").asString("first").equals("repeated");
        return DropBasis.of(node.path("basis").asString())
                .table()
                .map(table -> DropPlan.byTable(table, sequence, repeated))
                .orElseGet(() -> DropPlan.own(node.path("heightMm").asDouble(), sequence, repeated));
    }

    private static Optional<Vibration> vibration(JsonNode node) {
        RideProfile profile = RideProfile.of(node.path("profile").asString("none"));
        return profile == RideProfile.OWN ? Optional.of(own(node.path("psd"))) : profile.published();
    }

    private static Vibration own(JsonNode psd) {
        return Vibration.own(new Spectrum(psd.valueStream()
                .map(pair -> new Spectrum.Breakpoint(
                        pair.get(0).asDouble(), pair.get(1).asDouble()))
                .toList()));
    }

    private static Optional<Stack> stack(JsonNode node) {
        return node.isMissingNode()
                ? Optional.empty()
                : Optional.of(new Stack(
                        node.path("heightMm").asDouble(),
                        node.path("days").asDouble(Stack.DEFAULT_DAYS),
                        node.path("relativeHumidity").asDouble(Stack.DEFAULT_HUMIDITY),
                        Values.constant(Stack.Pattern.class, node.path("pattern"), Stack.Pattern.ALIGNED)));
    }
}
