package rampart.formats.pack;

import java.util.ArrayList;
import java.util.List;
import rampart.core.bed.Nature;
import rampart.core.geometry.Edges;
import rampart.core.geometry.PlanPoint;
import rampart.core.layout.LayerKind;
import rampart.core.quantity.Face;
import rampart.core.quantity.SixSided;
import rampart.core.quantity.Size;
import rampart.formats.json.Problem;
import rampart.formats.json.Values;
import tools.jackson.core.JsonPointer;
import tools.jackson.databind.JsonNode;

/** What a schema cannot say of a bed: it is cut to the item, out of a block that has to be there. */
final class BedRules {
    private static final JsonPointer LAYERS = JsonPointer.compile("/layers");
    private static final double HAIR_MM = 0.01;
    private static final double REACHES_WITHIN_MM = 0.5;
    private static final double LEAST_AREA_MM2 = 1;
    private static final double LEAST_THICKNESS_MM = 5;
    private static final double MOST_PRESSED = 0.4;

    private final Size size;
    private final JsonPointer layer;
    private final JsonNode bed;
    private final SixSided thickness;
    private final double wrapsMm;
    private final List<Problem> problems = new ArrayList<>();

    private BedRules(JsonNode document, JsonPointer layer, double wrapsMm) {
        this.size = Values.size(document.at("/item/sizeMm"));
        this.layer = layer;
        this.wrapsMm = wrapsMm;
        bed = document.at(layer).path("bed");
        thickness = Values.sides(document.at(layer).path("thicknessMm"), 0);
    }

    /** Of a document that satisfies the schema. */
    static List<Problem> problems(JsonNode document) {
        List<Problem> problems = new ArrayList<>();
        JsonNode layers = document.at(LAYERS);
        double wraps = 0;
        boolean first = true;
        for (int i = 0; i < layers.size(); i++) {
            JsonNode layer = layers.get(i);
            JsonPointer at = LAYERS.appendIndex(i);
            boolean isBed = layer.path("form").asString("").equals("bed");
            if (isBed && !first) {
                problems.add(new Problem(
                        at.appendProperty("form"),
                        "\"bed\" is not allowed here; a bed must be the first layer round the item but for wraps, and the only"
                                + " bed"));
            } else if (isBed) {
                BedRules rules = new BedRules(document, at, wraps);
                rules.all();
                problems.addAll(rules.problems);
            }
            if (layer.path("kind").asString().equals(LayerKind.WRAP.word())) {
                wraps += layer.path("thicknessMm").asDouble();
            } else {
                first = false;
            }
        }
        return problems;
    }

    private void all() {
        for (Face face : Face.ALL) {
            double mm = thickness.on(face);
            if (mm < LEAST_THICKNESS_MM) {
                JsonPointer field = layer.appendProperty("thicknessMm");
                problems.add(new Problem(
                        field,
                        mm + " mm on the " + face.word()
                                + " is not allowed for a bed; each side must be at least 5 mm"));
                break;
            }
        }
        JsonPointer own = layer.appendProperty("bed");
        double pressed = bed.path("holdDownMm").asDouble(0);
        if (pressed > MOST_PRESSED * thickness.top()) {
            problems.add(new Problem(
                    own.appendProperty("holdDownMm"),
                    bed.path("holdDownMm") + " is not allowed; it must be a number from 0 to "
                            + MOST_PRESSED * thickness.top() + ", 40 % of the foam on top"));
        }
        JsonPointer parts = own.appendProperty("parts");
        for (int i = 0; i < bed.path("parts").size(); i++) {
            part(bed.path("parts").get(i), parts.appendIndex(i));
        }
        JsonPointer wells = own.appendProperty("wells");
        for (int i = 0; i < bed.path("wells").size(); i++) {
            well(bed.path("wells").get(i), wells.appendIndex(i));
        }
        if (problems.isEmpty()) {
            sides(parts);
        }
    }

    private void part(JsonNode part, JsonPointer at) {
        prism(part, at, SixSided.all(HAIR_MM), "the item");
        if (part.has("clearanceMm")) {
            double clearance = part.path("clearanceMm").asDouble();
            Nature nature = Values.constant(Nature.class, part.path("nature"), Nature.STRONG);
            double least = nature == Nature.STRONG ? -2 : 1;
            double most = nature == Nature.STRONG ? 3 : 50;
            if (clearance < least || clearance > most) {
                problems.add(new Problem(
                        at.appendProperty("clearanceMm"),
                        part.path("clearanceMm") + " is not allowed for a " + nature.word()
                                + " part; it must be a number from " + (int) least + " to " + (int) most));
            }
        }
    }

    private void well(JsonNode well, JsonPointer at) {
        prism(well, at, SixSided.of(face -> thickness.on(face) + wrapsMm + HAIR_MM), "the block");
    }

    /** @param beyond how far it may reach beyond the size of the item on each face */
    private void prism(JsonNode prism, JsonPointer at, SixSided beyond, String what) {
        double bottom = prism.path("bottomMm").asDouble();
        double top = prism.path("topMm").asDouble();
        double half = size.heightMm() / 2;
        if (!(top > bottom)) {
            problems.add(new Problem(
                    at.appendProperty("topMm"),
                    prism.path("topMm") + " is not allowed; it must be above bottomMm, " + prism.path("bottomMm")));
        }
        if (bottom < -half - beyond.bottom()) {
            problems.add(
                    leaves(at.appendProperty("bottomMm"), bottom, what, -half - beyond.bottom(), half + beyond.top()));
        }
        if (top > half + beyond.top()) {
            problems.add(leaves(at.appendProperty("topMm"), top, what, -half - beyond.bottom(), half + beyond.top()));
        }
        JsonPointer outline = at.appendProperty("outlineMm");
        List<PlanPoint> places = BedMapper.outline(prism.path("outlineMm"));
        for (int i = 0; i < places.size(); i++) {
            PlanPoint place = places.get(i);
            double x = size.lengthMm() / 2;
            double y = size.widthMm() / 2;
            if (place.xMm() < -x - beyond.left() || place.xMm() > x + beyond.right()) {
                problems.add(leaves(outline.appendIndex(i), place.xMm(), what, -x - beyond.left(), x + beyond.right()));
                return;
            }
            if (place.yMm() < -y - beyond.front() || place.yMm() > y + beyond.back()) {
                problems.add(leaves(outline.appendIndex(i), place.yMm(), what, -y - beyond.front(), y + beyond.back()));
                return;
            }
        }
        double area = areaMm2(places);
        if (!(area > LEAST_AREA_MM2)) {
            problems.add(new Problem(
                    outline, "an outline of " + area + " mm2 is not allowed; its area must be above 1 mm2"));
        } else if (Edges.crossesItself(places)) {
            problems.add(new Problem(outline, "an outline that crosses itself is not allowed"));
        }
    }

    private static Problem leaves(JsonPointer at, double value, String what, double least, double most) {
        return new Problem(at, value + " leaves " + what + "; it must be from " + least + " to " + most + " mm");
    }

    private static double areaMm2(List<PlanPoint> places) {
        double twice = 0;
        for (int i = 0; i < places.size(); i++) {
            PlanPoint p = places.get(i);
            PlanPoint q = places.get((i + 1) % places.size());
            twice += p.xMm() * q.yMm() - q.xMm() * p.yMm();
        }
        return Math.abs(twice) / 2;
    }

    /** The size is that of the parts: some part comes to each side of it. */
    private void sides(JsonPointer parts) {
        for (Face face : Face.ALL) {
            double plane = face.sign() * size.along(face.axis()) / 2;
            double nearest = Double.POSITIVE_INFINITY;
            for (JsonNode part : bed.path("parts")) {
                nearest = Math.min(nearest, distance(part, face, plane));
            }
            if (nearest > REACHES_WITHIN_MM) {
                problems.add(new Problem(
                        parts,
                        "no part comes within 0.5 mm of the " + face.word() + " of the item, at " + plane
                                + " mm; the nearest ends " + nearest + " mm from it"));
            }
        }
    }

    private static double distance(JsonNode part, Face face, double plane) {
        return switch (face) {
            case TOP -> Math.abs(plane - part.path("topMm").asDouble());
            case BOTTOM -> Math.abs(plane - part.path("bottomMm").asDouble());
            case LEFT, RIGHT ->
                BedMapper.outline(part.path("outlineMm")).stream()
                        .mapToDouble(place -> Math.abs(plane - place.xMm()))
                        .min()
                        .orElseThrow();
            case FRONT, BACK ->
                BedMapper.outline(part.path("outlineMm")).stream()
                        .mapToDouble(place -> Math.abs(plane - place.yMm()))
                        .min()
                        .orElseThrow();
        };
    }
}
