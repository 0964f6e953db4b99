package rampart.formats;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import rampart.core.box.CartonState;
import rampart.core.item.Feature;
import rampart.core.item.Fragility;
import rampart.core.item.Item;
import rampart.core.item.ItemProperties;
import rampart.core.item.Surface;
import rampart.core.journey.Climate;
import rampart.core.journey.DropHeights;
import rampart.core.journey.DropPlan;
import rampart.core.journey.DropSequence;
import rampart.core.journey.Journey;
import rampart.core.journey.Spectrum;
import rampart.core.journey.Stack;
import rampart.core.journey.Vibration;
import rampart.core.layout.CushionForm;
import rampart.core.layout.Layer;
import rampart.core.pack.Pack;
import rampart.core.quantity.Face;
import rampart.core.quantity.Point;
import rampart.core.quantity.SixSided;
import rampart.core.quantity.Size;
import tools.jackson.databind.JsonNode;

/** From a valid document to the pack it means; fields left out get the defaults of the rules. */
final class PackMapper {
    private PackMapper() {}

    static Pack pack(JsonNode document) {
        List<Layer> layers = new ArrayList<>();
        document.path("layers").forEach(layer -> layers.add(layer(layer)));
        return new Pack(item(document.path("item")), journey(document.path("journey")), layers);
    }

    private static Item item(JsonNode node) {
        JsonNode centre = node.path("centreOfMassMm");
        return new Item(
                node.path("name").asString(),
                size(node.path("sizeMm")),
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
                        Feature.Kind.valueOf(upper(node.path("kind"))),
                        node.has("face") ? Optional.of(Face.valueOf(upper(node.path("face")))) : Optional.empty(),
                        number(node.path("massKg")),
                        number(node.path("armMm")),
                        number(node.path("jointBearsNm")))));
        Set<Surface> surfaces = EnumSet.noneOf(Surface.class);
        item.path("surfaces").forEach(node -> surfaces.add(Surface.valueOf(constant(node, ""))));
        return new ItemProperties(features, surfaces, number(item.path("bearsKpa")));
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
                        number(node.path("componentCriticalG"))))
                : Optional.empty();
        return new Fragility(
                number(node.path("criticalAccelerationG")),
                number(node.path("criticalVelocityChangeMps")),
                Fragility.FragilityBasis.valueOf(upper(node.path("basis"))),
                component,
                byFace);
    }

    static Journey journey(JsonNode node) {
        JsonNode temperature = node.path("temperatureC");
        return new Journey(
                drop(node.path("drop")),
                vibration(node.path("vibration")),
                stack(node.path("stack")),
                new Climate(
                        temperature.path("min").asDouble(Climate.ROOM_C),
                        temperature.path("max").asDouble(Climate.ROOM_C)),
                number(node.path("hours")),
                number(node.path("storageHours")));
    }

    private static DropPlan drop(JsonNode node) {
        DropSequence sequence = DropSequence.valueOf(upper(node.path("sequence"), "all"));
        boolean repeated = node.path("impacts").asString("first").equals("repeated");
        return switch (node.path("basis").asString()) {
            case "own" -> DropPlan.own(node.path("heightMm").asDouble(), sequence, repeated);
            case "parcel-1a" -> DropPlan.byTable(DropHeights.PARCEL_1A, sequence, repeated);
            case "manual-I" -> DropPlan.byTable(DropHeights.MANUAL_I, sequence, repeated);
            case "manual-II" -> DropPlan.byTable(DropHeights.MANUAL_II, sequence, repeated);
            case "manual-III" -> DropPlan.byTable(DropHeights.MANUAL_III, sequence, repeated);
            default -> DropPlan.byTable(DropHeights.HANDLING, sequence, repeated);
        };
    }

    private static Optional<Vibration> vibration(JsonNode node) {
        return switch (node.path("profile").asString("none")) {
            case "truck-II" -> Optional.of(Vibration.TRUCK_II);
            case "air-II" -> Optional.of(Vibration.AIR_II);
            case "rail-II" -> Optional.of(Vibration.RAIL_II);
            case "parcel-road" -> Optional.of(Vibration.PARCEL_ROAD);
            case "own" -> {
                List<Spectrum.Breakpoint> points = new ArrayList<>();
                for (JsonNode pair : node.path("psd")) {
                    points.add(new Spectrum.Breakpoint(
                            pair.get(0).asDouble(), pair.get(1).asDouble()));
                }
                yield Optional.of(Vibration.own(new Spectrum(points)));
            }
            default -> Optional.empty();
        };
    }

    private static Optional<Stack> stack(JsonNode node) {
        return node.isMissingNode()
                ? Optional.empty()
                : Optional.of(new Stack(
                        node.path("heightMm").asDouble(),
                        node.path("days").asDouble(Stack.DEFAULT_DAYS),
                        node.path("relativeHumidity").asDouble(Stack.DEFAULT_HUMIDITY),
                        Stack.Pattern.valueOf(upper(node.path("pattern"), "aligned"))));
    }

    private static Layer layer(JsonNode node) {
        return switch (node.path("kind").asString()) {
            case "wrap" ->
                new Layer.Wrap(
                        node.path("material").asString(),
                        node.path("thicknessMm").asDouble(),
                        Layer.Wrap.Tape.valueOf(constant(node.path("tape"), "none")));
            case "cushion" ->
                new Layer.Cushion(node.path("material").asString(), form(node), sides(node.path("thicknessMm"), 0));
            default ->
                new Layer.Box(
                        node.path("board").asString(),
                        node.path("slackMm").asDouble(0),
                        node.path("stock").isObject()
                                ? Optional.of(size(node.path("stock").path("insideMm")))
                                : Optional.empty(),
                        new CartonState(
                                node.has("fill")
                                        ? Optional.of(CartonState.Fill.valueOf(constant(node.path("fill"), "")))
                                        : Optional.empty(),
                                CartonState.Condition.valueOf(constant(node.path("condition"), "new")),
                                number(node.path("bulgeMm"))));
        };
    }

    private static CushionForm form(JsonNode node) {
        return switch (node.path("form").asString()) {
            case "pads" -> new CushionForm.Pads(sides(node.path("bearingCm2"), 0), sides(node.path("padCount"), 1));
            case "corners" -> new CushionForm.Corners(size(node.path("blockMm")));
            default -> new CushionForm.Full();
        };
    }

    /** Rule 6: {@code all} stands for every side not named. */
    private static SixSided sides(JsonNode node, double otherwise) {
        double all = node.path("all").asDouble(otherwise);
        return SixSided.of(face -> node.path(face.word()).asDouble(all));
    }

    private static Size size(JsonNode node) {
        return new Size(
                node.path("length").asDouble(),
                node.path("width").asDouble(),
                node.path("height").asDouble());
    }

    private static OptionalDouble number(JsonNode node) {
        return node.isNumber() ? OptionalDouble.of(node.asDouble()) : OptionalDouble.empty();
    }

    /** A word of the file as the constant of an enum: hyphens are underscores there. */
    private static String constant(JsonNode node, String otherwise) {
        return upper(node, otherwise).replace('-', '_');
    }

    private static String upper(JsonNode node) {
        return node.asString().toUpperCase(Locale.ROOT);
    }

    private static String upper(JsonNode node, String otherwise) {
        return node.asString(otherwise).toUpperCase(Locale.ROOT);
    }
}
