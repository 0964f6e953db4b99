package rampart.formats.pack;

import java.util.List;
import java.util.stream.IntStream;
import rampart.core.bed.BedPart;
import rampart.core.bed.BedShape;
import rampart.core.bed.BedWell;
import rampart.core.bed.Nature;
import rampart.core.bed.Prism;
import rampart.core.bed.Tie;
import rampart.core.geometry.PlanPoint;
import rampart.core.quantity.Axis;
import rampart.core.quantity.Size;
import rampart.formats.json.Values;
import tools.jackson.databind.JsonNode;

/** From the bed of a valid document to what it means. */
final class BedMapper {
    /** Where none is given, mm: it is drawn, not judged. */
    private static final double TIE_WIDTH_MM = 20;

    private BedMapper() {}

    static BedShape bed(JsonNode node, Size size) {
        return new BedShape(
                size,
                numbered(node.path("parts")).stream()
                        .map(i -> part(node.path("parts").get(i), i))
                        .toList(),
                numbered(node.path("wells")).stream()
                        .map(i -> new BedWell(
                                name(node.path("wells").get(i), "well", i),
                                prism(node.path("wells").get(i))))
                        .toList(),
                node.path("splitMm").asDouble(0),
                node.path("holdDownMm").asDouble(0),
                node.path("ties").valueStream().map(BedMapper::tie).toList());
    }

    private static List<Integer> numbered(JsonNode list) {
        return IntStream.range(0, list.size()).boxed().toList();
    }

    private static BedPart part(JsonNode node, int index) {
        Nature nature = Values.constant(Nature.class, node.path("nature"), Nature.STRONG);
        return new BedPart(
                name(node, "part", index),
                prism(node),
                nature,
                node.path("clearanceMm").asDouble(nature.usualClearanceMm()));
    }

    private static String name(JsonNode node, String kind, int index) {
        return node.path("name").asString(kind + " " + (index + 1));
    }

    private static Prism prism(JsonNode node) {
        return new Prism(
                outline(node.path("outlineMm")),
                node.path("bottomMm").asDouble(),
                node.path("topMm").asDouble());
    }

    static List<PlanPoint> outline(JsonNode places) {
        return places.valueStream()
                .map(place ->
                        new PlanPoint(place.path(0).asDouble(), place.path(1).asDouble()))
                .toList();
    }

    private static Tie tie(JsonNode node) {
        return new Tie(
                Axis.named(node.path("axis").asString()),
                node.path("atMm").asDouble(),
                node.path("widthMm").asDouble(TIE_WIDTH_MM),
                node.path("tensionN").asDouble());
    }
}
