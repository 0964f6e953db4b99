package rampart.formats.pack;

import java.util.List;
import java.util.Random;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** Random materials of a house, with each field that such can have there now and then, from the least that the format takes to the most. */
final class OwnMaterials {
    private final Random random;
    private final ObjectNode materials;

    OwnMaterials(Random random, ObjectNode materials) {
        this.random = random;
        this.materials = materials;
    }

    /** One more foam; its id. */
    String foam() {
        ArrayNode foams = list("foams");
        String id = "own.foam-" + foams.size();
        ObjectNode foam = foams.addObject()
                .put("id", id)
                .put("name", "Our foam " + foams.size())
                .put("substance", one(List.of("pe", "pp", "ps", "pu", "pvc", "rubber", "wool", "paper", "other")))
                .put("densityKgM3", between(1, 300))
                .put("creepLimitKpa", between(0.1, 100))
                .put("repeatFactor", 1 + random.nextInt(40) / 10.0)
                .put("stiffnessPerC", (random.nextInt(101) - 50) / 1000.0)
                .put("dynamicModulusKpa", between(10, 10_000))
                .put("q", between(0.5, 100))
                .put("squeezeKpa", between(0.1, 1000))
                .put("basis", one(List.of("nominal", "input")));
        law(foam.putObject("law"));
        if (now()) {
            foam.put("structure", one(List.of("foam", "moulded", "foamed-in-place")));
            foam.put("version", 1 + random.nextInt(9)).put("note", "cuts well").put("source", "the maker");
        }
        if (now()) {
            foam.putObject("ramp")
                    .put("share", (1 + random.nextInt(30)) / 100.0)
                    .put("exponent", 1 + random.nextInt(2));
        }
        if (now()) {
            tests(foam.putObject("tests"));
        }
        return id;
    }

    private void tests(ObjectNode tests) {
        if (now()) {
            fit(tests.putObject("first"));
        }
        if (now()) {
            ObjectNode repeated = tests.putObject("repeated");
            law(repeated.putObject("law"));
            fit(repeated);
        }
        if (now()) {
            tests.putObject("creep")
                    .put("c1", (random.nextInt(200) - 100) / 1000.0)
                    .put("c2", random.nextInt(100) / 1000.0)
                    .put("atKpa", between(0.1, 100))
                    .put("points", 3 + random.nextInt(40))
                    .put("rSquared", random.nextDouble())
                    .put("residual", random.nextDouble() / 10)
                    .put("toHours", between(1, 10_000));
        }
        if (now()) {
            tests.putObject("vibration").put("cushions", 1 + random.nextInt(5)).put("points", 3 + random.nextInt(60));
        }
    }

    private void fit(ObjectNode fit) {
        double from = between(1, 100);
        fit.put("points", 4 + random.nextInt(60))
                .put("rSquared", random.nextDouble())
                .put("residual", random.nextDouble() / 2)
                .put("meanX", from * 1.5)
                .put("spreadX", between(0.01, 10_000))
                .put("fromX", from)
                .put("toX", from * 2);
    }

    private void law(ObjectNode law) {
        double a = between(1, 1000);
        // Lock-up between the bounds of the format, 0.1 and 1.5.
        law.put("aKpa", a).put("bPerKpa", between(1 / (1.4 * a), 1 / (0.11 * a)));
    }

    /**
     * One more board; its id.
     *
     * @param solid true where it may have no flutes
     */
    String board(boolean solid) {
        ArrayNode boards = list("boards");
        String id = "own.board-" + boards.size();
        ObjectNode board = boards.addObject()
                .put("id", id)
                .put("name", "Our board " + boards.size())
                .put(
                        "flute",
                        one(solid ? List.of("E", "B", "C", "BC", "EB", "solid") : List.of("E", "B", "C", "BC", "EB")))
                .put("caliperMm", between(0.5, 12))
                .put("edgeCrushLbPerIn", between(5, 200))
                .put("grammageGm2", between(100, 3000))
                .put("limitLb", between(1, 300))
                .put("limitIn", between(10, 300));
        if (now()) {
            board.put("version", 1).put("source", "the maker");
        }
        if (now()) {
            board.put("bendingNm", between(0.5, 200));
        }
        if (now()) {
            board.put("punctureJ", between(0.5, 50));
        }
        return id;
    }

    /** One more wrap; its id. */
    String wrap() {
        ArrayNode wraps = list("wraps");
        String id = "own.wrap-" + wraps.size();
        ObjectNode wrap =
                wraps.addObject().put("id", id).put("name", "Our wrap").put("substance", "paper-acid-free");
        if (now()) {
            wrap.put("version", 2).put("source", "the maker");
        }
        return id;
    }

    private ArrayNode list(String name) {
        return materials.withArrayProperty(name);
    }

    /** Alike in ratio, with three digits. */
    private double between(double least, double most) {
        double value = least * Math.pow(most / least, random.nextDouble());
        double unit = Math.pow(10, Math.floor(Math.log10(value)) - 2);
        return Math.max(least, Math.min(most, Math.round(value / unit) * unit));
    }

    private boolean now() {
        return random.nextBoolean();
    }

    private String one(List<String> words) {
        return words.get(random.nextInt(words.size()));
    }
}
