package rampart.formats.pack;

import java.util.List;
import java.util.Random;
import rampart.formats.json.Json;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** Random packs of everyday size in which each field that a file can hold is there now and then. */
final class EveryField {
    private static final List<String> FACES = List.of("left", "right", "front", "back", "top", "bottom");
    private static final List<String> FOAMS =
            List.of("pe-28", "pe-35", "pe-64", "xpe-33", "pp-20", "pp-30", "eps-16", "pu-24", "pu-32", "fip-8");
    private static final List<String> BOARDS = List.of("b-26", "b-29", "c-29", "c-32", "c-44", "bc-48", "bc-71");

    private final Random random;

    EveryField(Random random) {
        this.random = random;
    }

    PackFile next() {
        ObjectNode pack =
                Json.MAPPER.createObjectNode().put("format", "rampart-pack/2").put("name", "every field");
        item(pack.putObject("item"));
        journey(pack.putObject("journey"));
        ArrayNode layers = pack.putArray("layers");
        if (now()) {
            ObjectNode wrap = layers.addObject().put("kind", "wrap").put("material", one(List.of("tissue", "film")));
            wrap.put("thicknessMm", number(0.1, 4));
            put(wrap, "tape", List.of("none", "on-itself", "on-item"));
        }
        int boxes = 1 + random.nextInt(3);
        for (int i = 0; i < boxes; i++) {
            cushion(layers.addObject());
            box(layers.addObject());
        }
        return PackFile.read(pack.toString().getBytes(java.nio.charset.StandardCharsets.UTF_8));
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
            item.putArray("surfaces").add(one(List.of("silver", "varnished", "gilded", "photograph", "glass")));
        }
        if (now()) {
            ArrayNode features = item.putArray("features");
            features.addObject().put("name", "mark").put("kind", "fragile").put("face", one(FACES));
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
        ObjectNode drop = journey.putObject("drop");
        drop.put("basis", "own").put("heightMm", number(150, 900));
        put(drop, "impacts", List.of("first", "repeated"));
        put(drop, "sequence", List.of("all", "ten", "faces"));
        if (now()) {
            journey.putObject("vibration").put("profile", one(List.of("truck-II", "air-II", "rail-II", "parcel-road")));
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

    private void cushion(ObjectNode cushion) {
        String form = one(List.of("full", "pads", "corners"));
        cushion.put("kind", "cushion").put("material", one(FOAMS)).put("form", form);
        sides(cushion.putObject("thicknessMm"), 20, 90);
        if (form.equals("pads")) {
            sides(cushion.putObject("bearingCm2"), 20, 400);
            cushion.putObject("padCount").put("all", 1 + random.nextInt(6)).put("top", 1 + random.nextInt(4));
        } else if (form.equals("corners")) {
            size(cushion.putObject("blockMm"), 30, 90);
        }
    }

    private void box(ObjectNode box) {
        box.put("kind", "box").put("style", "0201").put("board", one(BOARDS)).put("slackMm", number(-20, 12));
        put(box, "fill", List.of("none", "paper", "chips", "air-cells", "bubble", "foam"));
        put(box, "condition", List.of("new", "used", "dented"));
        put(box, "bulgeMm", 0, 30);
        if (random.nextInt(5) == 0) {
            size(box.putObject("stock").putObject("insideMm"), 700, 1100);
        }
    }
}
