package rampart.formats.pack;

import java.util.Optional;
import rampart.core.box.CartonState;
import rampart.core.box.CartonStyle;
import rampart.core.layout.CushionForm;
import rampart.core.layout.Layer;
import rampart.core.quantity.Size;
import rampart.formats.json.Values;
import tools.jackson.databind.JsonNode;

/** From the layers of a valid document to the layers they mean. */
final class LayerMapper {
    private LayerMapper() {}

    /** @param size of the item, which a bed is cut to */
    static Layer layer(JsonNode node, Size size) {
        return switch (node.path("kind").asString()) {
            case "wrap" ->
                new Layer.Wrap(
                        node.path("material").asString(),
                        node.path("thicknessMm").asDouble(),
                        Values.constant(Layer.Wrap.Tape.class, node.path("tape"), Layer.Wrap.Tape.NONE));
            case "cushion" ->
                new Layer.Cushion(
                        node.path("material").asString(), form(node, size), Values.sides(node.path("thicknessMm"), 0));
            default ->
                new Layer.Box(
                        node.path("board").asString(),
                        CartonStyle.REGULAR_SLOTTED,
                        node.path("slackMm").asDouble(0),
                        node.path("stock").isObject()
                                ? Optional.of(Values.size(node.path("stock").path("insideMm")))
                                : Optional.empty(),
                        new CartonState(
                                node.has("fill")
                                        ? Optional.of(Values.constant(CartonState.Fill.class, node.path("fill")))
                                        : Optional.empty(),
                                Values.constant(
                                        CartonState.Condition.class, node.path("condition"), CartonState.Condition.NEW),
                                Values.number(node.path("bulgeMm"))));
        };
    }

    private static CushionForm form(JsonNode node, Size size) {
        return switch (node.path("form").asString()) {
            case "pads" ->
                new CushionForm.Pads(Values.sides(node.path("bearingCm2"), 0), Values.sides(node.path("padCount"), 1));
            case "corners" -> new CushionForm.Corners(Values.size(node.path("blockMm")));
            case "bed" -> new CushionForm.Bed(BedMapper.bed(node.path("bed"), size));
            default -> new CushionForm.Full();
        };
    }
}
