package rampart.formats.pack;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.HashSet;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;
import rampart.core.evaluation.Evaluator;
import rampart.core.journey.Stack;
import rampart.core.layout.CushionForm;
import rampart.core.layout.Layer;
import rampart.core.layout.Room;
import rampart.core.material.StandardCatalogue;
import rampart.core.quantity.SixSided;
import rampart.core.quantity.Size;
import rampart.formats.json.Json;
import rampart.formats.json.UnreadableFileException;
import rampart.formats.material.HouseMaterials;
import rampart.formats.schema.PackSchema;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Reading and writing change nothing; what is published is what is enforced. */
class PackFileTest {
    static Stream<Path> demoPacks() throws IOException {
        try (Stream<Path> files = Files.list(Path.of("../demo/packs"))) {
            return files.sorted().toList().stream();
        }
    }

    @ParameterizedTest
    @MethodSource("demoPacks")
    void aRoundTripChangesNothing(Path file) throws IOException {
        byte[] bytes = Files.readAllBytes(file);
        PackFile once = PackFile.read(bytes);
        byte[] written = once.write();
        assertThat(Json.read(written)).isEqualTo(Json.read(bytes));
        assertThat(PackFile.read(written).write()).isEqualTo(written);
        assertThat(PackFile.read(written).pack()).isEqualTo(once.pack());
    }

    /** Rule 24 of docs/rules.md: ten days, half of saturation, one on the other; and rule 40: no more than 200 mm are squeezed. */
    @Test
    void whatAFileLeavesOutIsWhatTheRulesSay() throws IOException {
        ObjectNode pack = (ObjectNode) Json.read(Files.readAllBytes(Path.of("../demo/packs/10-hygrometer.json")));
        ((ObjectNode) pack.path("journey")).putObject("stack").put("heightMm", 2400);
        assertThat(PackFile.read(pack.toString().getBytes(StandardCharsets.UTF_8))
                        .pack()
                        .journey()
                        .stack())
                .contains(new Stack(2400, 10, 0.5, Stack.Pattern.ALIGNED));
        assertThat(new Room.Slack(-200).mm()).isEqualTo(-200);
        assertThatThrownBy(() -> new Room.Slack(-200.5)).isInstanceOf(IllegalArgumentException.class);
    }

    @Test
    void digitsOrderAndAbsentFieldsSurvive() {
        String odd = minimal()
                .replace("\"massKg\":2", "\"massKg\":2.50000000000000000001")
                .replace("\"height\":100", "\"height\":1E+2");
        String written =
                new String(PackFile.read(odd.getBytes(StandardCharsets.UTF_8)).write(), StandardCharsets.UTF_8);
        assertThat(written).contains("2.50000000000000000001").contains("1E+2").doesNotContain("quantity");
        assertThat(written.indexOf("\"layers\"")).isLessThan(written.indexOf("\"item\""));
    }

    /** Numbers beyond what is reckoned with, down to exponents that no number in Java holds. */
    @ParameterizedTest
    @ValueSource(
            strings = {
                "1e-160",
                "1e-310",
                "1e309",
                "1e400",
                "1e160",
                "123456789012345678901234567890",
                "-1e-400",
                "1e2147483648",
                "1e-2147483649",
                "1e99999999999"
            })
    void aNumberThatCannotBeReckonedWithIsRefused(String number) {
        String text = minimal().replace("\"massKg\":2", "\"massKg\":" + number);
        assertThatThrownBy(() -> PackFile.read(text.getBytes(StandardCharsets.UTF_8)))
                .isInstanceOf(UnreadableFileException.class);
    }

    @Test
    void otherLayersComeBackAsTheyWerePut() {
        PackFile file = PackFile.read(minimal().getBytes(StandardCharsets.UTF_8));
        List<Layer> layers = List.of(
                Layer.Wrap.plain("tissue", 1.5),
                new Layer.Cushion("pp-20", new CushionForm.Corners(new Size(60, 50.5, 40)), SixSided.all(35)),
                Layer.Box.made("c-32", 3),
                new Layer.Cushion(
                        "pe-28",
                        new CushionForm.Pads(new SixSided(1, 2, 3, 4, 5, 6), SixSided.all(2)),
                        new SixSided(10, 20, 30, 40, 50, 60)),
                Layer.Box.stock("bc-48", new Size(600, 500, 400)));
        PackFile changed = file.withLayers(layers, new HouseMaterials(StandardCatalogue.get(), List.of()));
        assertThat(changed.pack().layers()).isEqualTo(layers);
        assertThat(PackFile.read(changed.write()).pack().layers()).isEqualTo(layers);
        assertThat(new String(changed.write(), StandardCharsets.UTF_8))
                .contains("\"all\" : 35")
                .doesNotContain("35.0");
    }

    private static String minimal() {
        return "{\"format\":\"rampart-pack/1\",\"name\":\"m\",\"layers\":[{\"kind\":\"box\",\"style\":\"0201\",\"board\":\"c-32\"}],"
                + "\"item\":{\"name\":\"i\",\"sizeMm\":{\"length\":200,\"width\":150,\"height\":100},\"massKg\":2,"
                + "\"fragility\":{\"basis\":\"estimate\"}},\"journey\":{\"drop\":{\"basis\":\"parcel-1a\"}}}";
    }

    @Test
    void whatIsLeftOutGetsTheDefaultsOfTheRules() {
        var pack = PackFile.read(minimal().getBytes(StandardCharsets.UTF_8)).pack();
        assertThat(pack.item().centreOfMass().zMm()).isZero();
        assertThat(pack.journey().climate().minC()).isEqualTo(23);
        assertThat(pack.journey().vibration()).isEmpty();
        assertThat(pack.journey().stack()).isEmpty();
        assertThat(pack.journey().drop().repeated()).isFalse();
        assertThat(Evaluator.evaluate(pack, StandardCatalogue.get()).checks().stream()
                        .filter(c -> c.id().text().startsWith("drop.")))
                .hasSize(26);
    }

    @Test
    void aSideNotNamedTakesAllAndElseNothing() {
        String cushion =
                "{\"kind\":\"cushion\",\"material\":\"pe-28\",\"form\":\"full\",\"thicknessMm\":{\"bottom\":40,\"left\":0}},";
        var named = PackFile.read(
                minimal().replace("\"layers\":[", "\"layers\":[" + cushion).getBytes(StandardCharsets.UTF_8));
        var cushionLayer =
                (rampart.core.layout.Layer.Cushion) named.pack().layers().get(0);
        assertThat(cushionLayer.thicknessMm().bottom()).isEqualTo(40);
        assertThat(cushionLayer.thicknessMm().top()).isZero();
        var withAll = PackFile.read(minimal()
                .replace("\"layers\":[", "\"layers\":[" + cushion.replace("\"left\":0", "\"left\":0,\"all\":50"))
                .getBytes(StandardCharsets.UTF_8));
        var all = (rampart.core.layout.Layer.Cushion) withAll.pack().layers().get(0);
        assertThat(all.thicknessMm().top()).isEqualTo(50);
        assertThat(all.thicknessMm().left()).isZero();
    }

    @Test
    void idsAreGivenOnceAndKept() {
        PackFile given =
                PackFile.read(minimal().getBytes(StandardCharsets.UTF_8)).withIds(new Random(1));
        JsonNode id = Json.read(given.write()).at("/layers/0/id");
        assertThat(id.asString()).hasSize(8);
        assertThat(Json.read(given.withIds(new Random(2)).write()).at("/layers/0/id"))
                .isEqualTo(id);
    }

    @Test
    void aByteOrderMarkIsForgiven() {
        assertThat(PackFile.read(("\uFEFF" + minimal()).getBytes(StandardCharsets.UTF_8))
                        .name())
                .isEqualTo("m");
    }

    @Test
    void aNewerFormatIsRefusedBeforeAnythingElseIsJudged() {
        byte[] newer = "{\"format\":\"rampart-pack/7\",\"whatever\":[]}".getBytes(StandardCharsets.UTF_8);
        assertThatThrownBy(() -> PackFile.read(newer))
                .isInstanceOfSatisfying(
                        UnreadableFileException.class,
                        e -> assertThat(e.problems()).singleElement().satisfies(p -> {
                            assertThat(p.path()).isEqualTo("/format");
                            assertThat(p.message())
                                    .contains("rampart-pack/7")
                                    .contains("newer")
                                    .contains("up to rampart-pack/5");
                        }));
    }

    /** The lists of ids in the schema are those of the catalogue, in both directions. */
    @Test
    void schemaAndCatalogueNameTheSameMaterials() {
        JsonNode schema = Json.read(PackSchema.document());
        assertThat(names(schema.at("/$defs/cushion/properties/material/anyOf/0/enum")))
                .isEqualTo(StandardCatalogue.get().foams().stream()
                        .map(f -> f.id())
                        .toList());
        assertThat(names(schema.at("/$defs/box/properties/board/anyOf/0/enum")))
                .isEqualTo(StandardCatalogue.get().boards().stream()
                        .map(b -> b.id())
                        .toList());
        assertThat(names(schema.at("/$defs/wrap/properties/material/anyOf/0/enum")))
                .isEqualTo(StandardCatalogue.get().wraps().stream()
                        .map(w -> w.id())
                        .toList());
    }

    private static List<String> names(JsonNode list) {
        return list.valueStream().map(JsonNode::asString).toList();
    }

    /** Every object in the schema refuses what it does not name, so that a typing error never passes in silence. */
    @Test
    void everyObjectOfTheSchemaIsClosed() {
        Set<String> open = new HashSet<>();
        JsonNode schema = Json.read(PackSchema.document());
        walk(schema, "", open);
        // A layer is closed by the definition of its kind.
        assertThat(open).containsExactly("/$defs/layer");
    }

    private static void walk(JsonNode node, String path, Set<String> open) {
        if (node instanceof ObjectNode object) {
            if (node.path("type").asString("").equals("object")
                    && !node.path("additionalProperties").isBoolean()) {
                open.add(path);
            }
            object.properties().forEach(e -> walk(e.getValue(), path + "/" + e.getKey(), open));
        } else if (node.isArray()) {
            for (int i = 0; i < node.size(); i++) {
                walk(node.get(i), path + "/" + i, open);
            }
        }
    }

    /** Ten thousand files with bytes changed at random: read or refused, never anything else. */
    @Test
    void noDamageGetsThroughAsAnythingButARefusal() throws IOException {
        byte[] good = Files.readAllBytes(Path.of("../demo/packs/40-gravimeter.json"));
        Random random = new Random(7);
        int refused = 0;
        for (int i = 0; i < 10_000; i++) {
            byte[] damaged = good.clone();
            for (int k = 0; k <= random.nextInt(3); k++) {
                damaged[random.nextInt(damaged.length)] = (byte) random.nextInt(256);
            }
            try {
                Evaluator.evaluate(PackFile.read(damaged).pack(), StandardCatalogue.get());
            } catch (UnreadableFileException e) {
                refused++;
                assertThat(e.problems())
                        .isNotEmpty()
                        .allSatisfy(p -> assertThat(p.message()).isNotBlank());
            }
        }
        assertThat(refused).isBetween(3_000, 10_000);
    }
}
