package rampart.formats.pack;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import rampart.core.item.Feature;
import rampart.core.item.Fragility;
import rampart.core.item.Item;
import rampart.core.item.ItemProperties;
import rampart.core.item.Pieces;
import rampart.core.item.Surface;
import rampart.core.quantity.Face;
import rampart.core.quantity.Point;
import rampart.formats.json.Values;
import tools.jackson.databind.JsonNode;

/** From the item of a valid document to the item it means. */
final class ItemMapper {
    private ItemMapper() {}

    static Item item(JsonNode node) {
        JsonNode centre = node.path("centreOfMassMm");
        return new Item(
                node.path("name").asString(),
                Values.size(node.path("sizeMm")),
                node.path("massKg").asDouble(),
                centre.isMissingNode()
                        ? Point.ORIGIN
                        : new Point(
                                centre.path("x").asDouble(),
                                centre.path("y").asDouble(),
                                centre.path("z").asDouble()),
                fragility(node.path("fragility")),
                properties(node));
    }

    private static ItemProperties properties(JsonNode item) {
        List<Feature> features = new ArrayList<>();
        item.path("features")
                .forEach(node -> features.add(new Feature(
                        node.path("name").asString(),
                        Values.constant(Feature.Kind.class, node.path("kind")),
                        node.has("face")
                                ? Optional.of(Values.constant(Face.class, node.path("face")))
                                : Optional.empty(),
                        Values.number(node.path("massKg")),
                        Values.number(node.path("armMm")),
                        Values.number(node.path("jointBearsNm")))));
        Set<Surface> surfaces = EnumSet.noneOf(Surface.class);
        item.path("surfaces").forEach(node -> surfaces.add(Values.constant(Surface.class, node)));
        return new ItemProperties(features, surfaces, Values.number(item.path("bearsKpa")), pieces(item));
    }

    private static Optional<Pieces> pieces(JsonNode item) {
        JsonNode node = item.path("pieces");
        if (!node.isObject()) {
            return Optional.empty();
        }
        Pieces.Arrangement arrangement =
                Values.constant(Pieces.Arrangement.class, node.path("arrangement"), Pieces.Arrangement.GRID);
        int across = arrangement == Pieces.Arrangement.DIAGONAL ? 2 : 1;
        return Optional.of(new Pieces(
                Values.size(node.path("sizeMm")),
                node.path("massKg").asDouble(),
                item.path("quantity").asInt(1),
                node.path("round").asBoolean(false),
                Values.number(node.path("narrowMm")),
                node.path("wrapMm").asDouble(0),
                node.path("columns").asInt(across),
                node.path("rows").asInt(across),
                node.path("levels").asInt(1),
                arrangement,
                node.has("dividerBoard") ? Optional.of(node.path("dividerBoard").asString()) : Optional.empty(),
                new Pieces.Widths(numbers(node.path("columnsMm")), numbers(node.path("rowsMm")))));
    }

    private static List<Double> numbers(JsonNode list) {
        return list.valueStream().map(JsonNode::asDouble).toList();
    }

    private static Fragility fragility(JsonNode node) {
        Map<Face, Double> byFace = new EnumMap<>(Face.class);
        for (Face face : Face.ALL) {
            JsonNode limit = node.path("criticalAccelerationByFaceG").path(face.word());
            if (limit.isNumber()) {
                byFace.put(face, limit.asDouble());
            }
        }
        Optional<Fragility.Component> component = node.has("componentFrequencyHz")
                ? Optional.of(new Fragility.Component(
                        node.path("componentFrequencyHz").asDouble(),
                        node.path("componentQ").asDouble(Fragility.Component.DEFAULT_Q),
                        Values.number(node.path("componentCriticalG"))))
                : Optional.empty();
        return new Fragility(
                Values.number(node.path("criticalAccelerationG")),
                Values.number(node.path("criticalVelocityChangeMps")),
                Values.constant(Fragility.FragilityBasis.class, node.path("basis")),
                component,
                byFace);
    }
}
