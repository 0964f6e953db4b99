package rampart.formats.pack;

import java.util.EnumSet;
import java.util.Optional;
import java.util.Set;
import rampart.core.box.CartonBuild;
import rampart.core.box.CartonState;
import rampart.core.box.CartonStyle;
import rampart.core.box.Fitting;
import rampart.core.layout.CushionForm;
import rampart.core.layout.Layer;
import rampart.core.layout.LayerKind;
import rampart.core.layout.Room;
import rampart.core.quantity.Axis;
import rampart.core.quantity.Size;
import rampart.formats.json.Values;
import tools.jackson.databind.JsonNode;

/** From the layers of a valid document to the layers they mean. */
final class LayerMapper {
    private LayerMapper() {}

    /** @param size of the item, which a bed is cut to */
    static Layer layer(JsonNode node, Size size) {
        return switch (LayerKind.of(node.path("kind").asString())) {
            case WRAP ->
                new Layer.Wrap(
                        node.path("material").asString(),
                        node.path("thicknessMm").asDouble(),
                        Values.constant(Layer.Wrap.Tape.class, node.path("tape"), Layer.Wrap.Tape.NONE));
            case CUSHION ->
                new Layer.Cushion(
                        node.path("material").asString(), form(node, size), Values.sides(node.path("thicknessMm"), 0));
            case BOARDS ->
                new Layer.Boards(
                        node.path("board").asString(),
                        node.path("plies").asInt(1),
                        Axis.named(node.path("across").asString("height")),
                        node.path("overhangMm").asDouble(),
                        node.path("interleafMm").asDouble(0),
                        node.path("workStiffnessNm").asDouble(0));
            case BOX -> new Layer.Box(node.path("board").asString(), build(node), room(node), state(node));
        };
    }

    private static CartonBuild build(JsonNode box) {
        return new CartonBuild(
                CartonStyle.of(box.path("style").asString()).orElseThrow(),
                Values.number(box.path("lidMm")),
                Values.number(box.path("compressionN")),
                fittings(box.path("fittings")));
    }

    private static Set<Fitting> fittings(JsonNode codes) {
        Set<Fitting> fittings = EnumSet.noneOf(Fitting.class);
        codes.forEach(code -> fittings.add(Values.constant(Fitting.class, code)));
        return fittings;
    }

    private static Room room(JsonNode box) {
        JsonNode stock = box.path("stock");
        if (stock.isObject()) {
            return new Room.Stock(Values.size(stock.path("insideMm")), Values.number(stock.path("cutFromMm")));
        }
        return box.has("gapsMm")
                ? new Room.Gaps(Values.sides(box.path("gapsMm"), 0))
                : new Room.Slack(box.path("slackMm").asDouble(0));
    }

    private static CartonState state(JsonNode box) {
        return new CartonState(
                box.has("fill")
                        ? Optional.of(Values.constant(CartonState.Fill.class, box.path("fill")))
                        : Optional.empty(),
                Values.constant(CartonState.Condition.class, box.path("condition"), CartonState.Condition.NEW),
                Values.number(box.path("bulgeMm")));
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
