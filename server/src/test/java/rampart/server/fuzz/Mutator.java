package rampart.server.fuzz;

import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import rampart.server.support.Http;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ContainerNode;
import tools.jackson.databind.node.ObjectNode;

/** Makes damaged and absurd documents out of good ones. */
final class Mutator {
    /** Values that programs trip over, as JSON text. */
    private static final List<String> NASTY = List.of(
            "0",
            "-0.0",
            "-1",
            "1e-160",
            "1e-310",
            "4.9e-324",
            "1e-400",
            "1e160",
            "1.7976931348623157e308",
            "1e309",
            "1e2147483648",
            "123456789012345678901234567890",
            "9007199254740993",
            "2147483648",
            "0.1e1",
            "NaN",
            "Infinity",
            "null",
            "true",
            "\"\"",
            "\"1\"",
            "\"\\ud800\"",
            "\"\\u0000\"",
            "\"\\u202e\"",
            "[]",
            "{}",
            "[[[[[[]]]]]]",
            "[1,2,3]",
            "{\"a\":{\"a\":{}}}",
            "\"" + "long ".repeat(2000) + "\"");

    private static final String MARK = "\"@@here@@\"";

    private final Random random;

    Mutator(Random random) {
        this.random = random;
    }

    /** One or two changes to a good document. */
    byte[] mutate(String good) {
        String text = good;
        int times = random.nextInt(4) == 0 ? 2 : 1;
        for (int i = 0; i < times; i++) {
            text = once(text);
        }
        byte[] bytes = text.getBytes(StandardCharsets.UTF_8);
        if (random.nextInt(12) == 0 && bytes.length > 0) {
            bytes[random.nextInt(bytes.length)] ^= (byte) (1 << random.nextInt(8));
        }
        return random.nextInt(40) == 0 ? java.util.Arrays.copyOf(bytes, random.nextInt(bytes.length + 1)) : bytes;
    }

    private String once(String text) {
        JsonNode tree;
        try {
            tree = Http.MAPPER.readTree(text);
        } catch (RuntimeException alreadyDamaged) {
            return text;
        }
        List<Runnable> places = new ArrayList<>();
        List<JsonNode> all = new ArrayList<>();
        collect(tree, places, all);
        if (places.isEmpty()) {
            return text;
        }
        String value = value(all);
        places.get(random.nextInt(places.size())).run();
        return tree.toString().replace(MARK, value);
    }

    private String value(List<JsonNode> all) {
        return switch (random.nextInt(4)) {
            case 0 -> all.get(random.nextInt(all.size())).toString();
            case 1 -> {
                double magnitude = Math.pow(10, random.nextInt(40) - 20);
                yield String.valueOf((random.nextInt(5) == 0 ? -1 : 1) * magnitude * random.nextDouble());
            }
            default -> NASTY.get(random.nextInt(NASTY.size()));
        };
    }

    private void collect(JsonNode node, List<Runnable> places, List<JsonNode> all) {
        all.add(node);
        if (node instanceof ObjectNode object) {
            for (String name : List.copyOf(object.propertyNames())) {
                places.add(() -> object.put(name, "@@here@@"));
                if (random.nextInt(4) == 0) {
                    places.add(() -> object.remove(name));
                    places.add(() -> object.set(name + random.nextInt(3), object.path(name)));
                }
            }
        } else if (node instanceof ArrayNode array) {
            for (int i = 0; i < array.size(); i++) {
                int at = i;
                places.add(() -> array.set(at, Http.MAPPER.getNodeFactory().stringNode("@@here@@")));
                if (random.nextInt(4) == 0) {
                    places.add(() -> array.remove(at));
                    places.add(() -> array.add(array.get(at)));
                }
            }
        }
        if (node instanceof ContainerNode<?>) {
            node.forEach(child -> collect(child, places, all));
        }
    }
}
