package rampart.formats.pack;

import java.util.List;
import java.util.Random;
import rampart.core.box.CartonStyle;
import rampart.formats.json.Json;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** Random packs of everyday size in which each field that a file can hold is there now and then. */
final class EveryField {
    private static final List<String> FACES = List.of("left", "right", "front", "back", "top", "bottom");
    private static final List<String> FOAMS =
            List.of("pe-28", "pe-35", "pe-64", "xpe-33", "pp-20", "pp-30", "eps-16", "pu-24", "pu-32", "fip-8");
    /** Only all round. */
    private static final List<String> SOFT =
            List.of("bubble-12", "bubble-25", "air-cells", "chips-8", "paper-35", "pu-18", "eps-20");

    private static final List<String> BOARDS = List.of("b-26", "b-29", "c-29", "c-32", "c-44", "bc-48", "bc-71");

    private final Random random;
    private final boolean newest;

    EveryField(Random random) {
        this(random, true);
    }

    private EveryField(Random random, boolean newest) {
        this.random = random;
        this.newest = newest;
    }

    /** Without what came with format 5: more of these can be mended. */
    static EveryField ofFormat4(Random random) {
        return new EveryField(random, false);
    }

    PackFile next() {
        ObjectNode pack =
                Json.MAPPER.createObjectNode().put("format", "rampart-pack/5").put("name", "every field");
        item(pack.putObject("item"));
        journey(pack.putObject("journey"));
        ArrayNode layers = pack.putArray("layers");
        if (now()) {
            ObjectNode wrap = layers.addObject().put("kind", "wrap").put("material", one(List.of("tissue", "film")));
            wrap.put("thicknessMm", number(0.1, 4));
            put(wrap, "tape", List.of("none", "on-itself", "on-item"));
        }
        boolean flat = newest && random.nextInt(5) == 0;
        if (flat) {
            boards(layers.addObject());
        }
        // Boxes that lie close on what is in them, with no cushion at all, are files too.
        boolean bare = newest && random.nextInt(6) == 0;
        int boxes = 1 + random.nextInt(3);
        for (int i = 0; i < boxes; i++) {
            if (i == 0 && !flat && !bare && random.nextInt(3) == 0) {
                bed(layers.addObject(), pack.path("item").path("sizeMm"));
            } else if (!bare) {
                cushion(layers.addObject());
            }
            box(layers.addObject(), i == boxes - 1);
        }
        if (newest && random.nextInt(3) == 0) {
            ofTheHouse(pack, layers);
        }
        return PackFile.read(pack.toString().getBytes(java.nio.charset.StandardCharsets.UTF_8));
    }

    /** Some of its layers of materials of a house, anywhere between the least and the most that such may have. */
    private void ofTheHouse(ObjectNode pack, ArrayNode layers) {
        OwnMaterials own = new OwnMaterials(random, pack.putObject("materials"));
        for (JsonNode layer : layers) {
            ObjectNode of = (ObjectNode) layer;
            switch (layer.path("kind").asString()) {
                case "cushion" -> {
                    if (now() && !SOFT.contains(layer.path("material").asString())) {
                        of.put("material", own.foam());
                    }
                }
                case "wrap" -> of.put("material", own.wrap());
                default -> {
                    if (now()) {
                        of.put("board", own.board(layer.path("kind").asString().equals("boards")));
                    }
                }
            }
        }
    }

    private boolean now() {
        return random.nextBoolean();
    }

    /** With as few digits as a person types. */
    private double number(double from, double to) {
        return Math.round((from + random.nextDouble() * (to - from)) * 100) / 100.0;
    }

    private String one(List<String> words) {
        return words.get(random.nextInt(words.size()));
    }

    private void put(ObjectNode node, String field, List<String> words) {
        if (now()) {
            node.put(field, one(words));
        }
    }

    private void put(ObjectNode node, String field, double from, double to) {
        if (now()) {
            node.put(field, number(from, to));
        }
    }

    private void size(ObjectNode node, double from, double to) {
        node.put("length", number(from, to)).put("width", number(from, to)).put("height", number(from, to));
    }

    private void item(ObjectNode item) {
        item.put("name", "it").put("massKg", number(0.1, 30));
        size(item.putObject("sizeMm"), 60, 400);
        if (now()) {
            item.putObject("centreOfMassMm")
                    .put("x", number(-9, 9))
                    .put("y", number(-9, 9))
                    .put("z", number(-9, 9));
        }
        ObjectNode fragility = item.putObject("fragility").put("basis", one(List.of("test", "class", "estimate")));
        fragility.put("criticalAccelerationG", number(20, 120));
        put(fragility, "criticalVelocityChangeMps", 3, 9);
        if (now()) {
            fragility.put("componentFrequencyHz", number(5, 200)).put("componentQ", number(5, 20));
            put(fragility, "componentCriticalG", 20, 200);
        }
        if (now()) {
            fragility.putObject("criticalAccelerationByFaceG").put(one(FACES), number(20, 120));
        }
        put(item, "bearsKpa", 2, 60);
        if (now()) {
            item.putObject("value").put("amount", number(0, 9000)).put("currency", "EUR");
            fragility.put("note", "dropped once already");
        }
        if (newest && random.nextInt(5) == 0) {
            pieces(item);
        }
        if (now()) {
            item.putArray("surfaces").add(one(List.of("silver", "varnished", "gilded", "photograph", "glass")));
        }
        if (now()) {
            ArrayNode features = item.putArray("features");
            ObjectNode mark = features.addObject()
                    .put("id", "m1")
                    .put("name", "mark")
                    .put("note", "hold here")
                    .put(
                            "kind",
                            one(List.of(
                                    "fragile", "sensitive", "strong", "hollow", "loose", "heavy", "irreplaceable")));
            put(mark, "face", FACES);
            if (now()) {
                features.addObject().put("name", "heat pack").put("kind", "loose");
            }
            features.addObject()
                    .put("name", "knob")
                    .put("kind", "heavy")
                    .put("face", one(FACES))
                    .put("massKg", number(0.01, 0.2))
                    .put("armMm", number(20, 300))
                    .put("jointBearsNm", now() ? 0.05 : number(0.5, 50));
        }
    }

    private void journey(ObjectNode journey) {
        if (now()) {
            journey.put("name", "there and back");
        }
        ObjectNode drop = journey.putObject("drop");
        if (newest && now()) {
            drop.put("basis", one(List.of("parcel-1a", "manual-I", "manual-II", "manual-III", "handling")));
        } else {
            drop.put("basis", "own").put("heightMm", number(150, 900));
        }
        put(drop, "impacts", List.of("first", "repeated"));
        put(drop, "sequence", List.of("all", "ten", "faces"));
        if (now()) {
            ObjectNode ride = journey.putObject("vibration")
                    .put("profile", one(List.of("truck-II", "air-II", "rail-II", "parcel-road", "none", "own")));
            if (ride.path("profile").asString().equals("own")) {
                ArrayNode psd = ride.putArray("psd");
                psd.addArray().add(number(1, 5)).add(0.001);
                psd.addArray().add(number(6, 300)).add(0.01);
            }
        }
        if (now()) {
            ObjectNode stack = journey.putObject("stack").put("heightMm", number(500, 2500));
            put(stack, "days", 1, 90);
            put(stack, "relativeHumidity", 0, 1);
            put(stack, "pattern", List.of("aligned", "misaligned", "interlocked"));
        }
        if (now()) {
            journey.putObject("temperatureC").put("min", number(-20, 20)).put("max", number(21, 45));
        }
        put(journey, "hours", 1, 100);
        put(journey, "storageHours", 1, 90000);
    }

    private void sides(ObjectNode node, double from, double to) {
        if (now()) {
            node.put("all", number(from, to));
        } else {
            FACES.forEach(face -> node.put(face, number(from, to)));
        }
    }

    /** Now and then nothing on a face. */
    private void sidesOrNone(ObjectNode node, double from, double to) {
        if (newest && random.nextInt(3) == 0) {
            FACES.forEach(face -> node.put(face, random.nextInt(3) == 0 ? 0 : number(from, to)));
        } else {
            sides(node, from, to);
        }
    }

    /** A block on which a knob stands, beside it a scoop, under it a groove. */
    private void bed(ObjectNode cushion, JsonNode size) {
        cushion.put("kind", "cushion").put("material", one(FOAMS)).put("form", "bed");
        sides(cushion.putObject("thicknessMm"), 20, 90);
        double x = size.path("length").asDouble() / 2;
        double y = size.path("width").asDouble() / 2;
        double z = size.path("height").asDouble() / 2;
        double shoulder = number(-z / 2, z / 2);
        ObjectNode bed = cushion.putObject("bed");
        ArrayNode parts = bed.putArray("parts");
        ObjectNode body = prism(parts.addObject(), -x, -y, x, y, -z, shoulder);
        put(body, "clearanceMm", -2, 3);
        ObjectNode knob = prism(parts.addObject(), -12, -9, number(2, 20), number(2, 15), shoulder, z);
        put(knob, "name", List.of("knob", "Ünïcode ☂"));
        if (now()) {
            knob.put("nature", one(List.of("fragile", "sensitive")));
            put(knob, "clearanceMm", 1, 50);
        }
        if (now()) {
            ArrayNode wells = bed.putArray("wells");
            prism(wells.addObject(), x - 5, -10, x + 15, 10, Math.min(-5, shoulder - 5), shoulder);
            prism(wells.addObject(), -5, -y, 5, y, -z - 8, -z);
        }
        put(bed, "splitMm", -z / 2, z / 2);
        put(bed, "holdDownMm", 0, 8);
        if (now()) {
            ObjectNode tie = bed.putArray("ties").addObject();
            tie.put("axis", one(List.of("length", "width")))
                    .put("atMm", number(-20, 20))
                    .put("tensionN", number(0, 80));
            put(tie, "widthMm", 5, 50);
        }
    }

    private static ObjectNode prism(
            ObjectNode prism, double x1, double y1, double x2, double y2, double bottom, double top) {
        ArrayNode outline = prism.putArray("outlineMm");
        outline.addArray().add(x1).add(y1);
        outline.addArray().add(x2).add(y1);
        outline.addArray().add(x2).add(y2);
        outline.addArray().add(x1).add(y2);
        return prism.put("bottomMm", bottom).put("topMm", top);
    }

    private void cushion(ObjectNode cushion) {
        String form = one(List.of("full", "pads", "corners"));
        boolean soft = newest && form.equals("full") && now();
        cushion.put("kind", "cushion").put("material", one(soft ? SOFT : FOAMS)).put("form", form);
        sidesOrNone(cushion.putObject("thicknessMm"), 20, 90);
        if (form.equals("pads")) {
            sidesOrNone(cushion.putObject("bearingCm2"), 20, 400);
            cushion.putObject("padCount").put("all", 1 + random.nextInt(6)).put("top", 1 + random.nextInt(4));
        } else if (form.equals("corners")) {
            size(cushion.putObject("blockMm"), 30, 90);
        }
    }

    private void pieces(ObjectNode item) {
        String arrangement = one(List.of("grid", "diagonal", "alternate"));
        int across = arrangement.equals("diagonal") ? 2 : 1 + random.nextInt(3);
        int down = arrangement.equals("grid") ? 1 + random.nextInt(4) : across;
        double edge = number(20, 90);
        ObjectNode pieces = item.putObject("pieces").put("massKg", 0.01).put("round", true);
        pieces.putObject("sizeMm").put("length", edge).put("width", edge).put("height", number(20, 90));
        pieces.put("arrangement", arrangement)
                .put("columns", across)
                .put("rows", down)
                .put("levels", 1 + random.nextInt(2));
        if (arrangement.equals("grid") && now()) {
            ArrayNode columns = pieces.putArray("columnsMm");
            for (int i = 0; i < pieces.path("columns").asInt(); i++) {
                columns.add(number(random.nextInt(4) == 0 ? 1 : 30, 120));
            }
        }
        if (arrangement.equals("grid") && now()) {
            ArrayNode rows = pieces.putArray("rowsMm");
            for (int i = 0; i < down; i++) {
                rows.add(number(random.nextInt(4) == 0 ? 1 : 30, 120));
            }
        }
        pieces.put("narrowMm", edge / 2).put("wrapMm", number(0, 20));
        item.put("quantity", across);
        if (now()) {
            pieces.put("dividerBoard", one(BOARDS));
        }
    }

    private void boards(ObjectNode boards) {
        boards.put("kind", "boards").put("board", one(BOARDS)).put("overhangMm", number(0, 40));
        put(boards, "across", List.of("length", "width", "height"));
        put(boards, "interleafMm", 0, 3);
        put(boards, "workStiffnessNm", 0, 50);
        if (now()) {
            boards.put("plies", 1 + random.nextInt(3));
        }
    }

    private void box(ObjectNode box, boolean outer) {
        box.put("kind", "box");
        if (newest) {
            ofAnyStyle(box, outer);
        } else {
            box.put("style", "0201").put("board", one(BOARDS)).put("slackMm", number(-20, 12));
        }
        put(box, "fill", List.of("none", "paper", "chips", "air-cells", "bubble", "foam"));
        put(box, "condition", List.of("new", "used", "dented"));
        put(box, "bulgeMm", 0, 30);
        if (!newest && random.nextInt(5) == 0) {
            size(box.putObject("stock").putObject("insideMm"), 700, 1100);
        }
    }

    private void fitted(ObjectNode box) {
        if (random.nextInt(3) == 0) {
            box.putArray("fittings").add("straps").add(one(List.of("top-pad", "liner", "corner-posts", "board-caps")));
        }
    }

    private void ofAnyStyle(ObjectNode box, boolean outer) {
        String style = random.nextInt(3) > 0
                ? "0201"
                : outer
                        ? one(List.of("0201", "0203", "0301", "0320", "0401", "0410", "two-sheet", "case"))
                        : one(CartonStyle.codes());
        box.put("style", style).put("board", one(BOARDS));
        boolean stock = random.nextInt(5) == 0;
        if (stock || now()) {
            box.put("slackMm", number(-20, 12));
        } else {
            box.putObject("gapsMm").put("all", number(0, 9)).put(one(FACES), number(0, 30));
        }
        if (stock) {
            ObjectNode from = box.putObject("stock");
            size(from.putObject("insideMm"), 700, 1100);
            if (style.equals("0201")) {
                put(from, "cutFromMm", 1200, 1500);
            }
        }
        if (CartonStyle.of(style).orElseThrow().hasLid()) {
            put(box, "lidMm", 10, 90);
        }
        put(box, "compressionN", 500, 9000);
        fitted(box);
    }
}
