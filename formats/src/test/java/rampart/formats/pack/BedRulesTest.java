package rampart.formats.pack;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.catchThrowableOfType;

import java.io.IOException;
import java.io.InputStream;
import java.util.List;
import java.util.function.Consumer;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import rampart.core.layout.Layer;
import rampart.core.material.StandardCatalogue;
import rampart.formats.json.Json;
import rampart.formats.json.Problem;
import rampart.formats.json.UnreadableFileException;
import rampart.formats.material.HouseMaterials;
import tools.jackson.core.JsonPointer;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** What is refused of a bed: each with its path, the value and what is allowed. */
class BedRulesTest {
    private static ObjectNode sextant() {
        try (InputStream in = BedRulesTest.class.getResourceAsStream("/golden/sextant-in-a-bed.json")) {
            return (ObjectNode) Json.MAPPER.readTree(in).path("pack");
        } catch (IOException e) {
            throw new java.io.UncheckedIOException(e);
        }
    }

    private static List<Problem> problems(ObjectNode pack) {
        UnreadableFileException refused = catchThrowableOfType(
                UnreadableFileException.class, () -> PackFile.read(Json.MAPPER.writeValueAsBytes(pack)));
        return refused == null ? List.of() : refused.problems();
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "/layers/1/bed/parts/0/topMm | -45 | above bottomMm, -45",
                "/layers/1/bed/parts/1/topMm | 45.02 | 45.02 leaves the item",
                "/layers/1/bed/parts/0/outlineMm/0/0 | -131 | -131.0 leaves the item",
                "/layers/1/bed/parts/0/clearanceMm | 3.5 | 3.5 is not allowed for a strong part; it must be a number from -2 to 3",
                "/layers/1/bed/parts/2/clearanceMm | 0.5 | 0.5 is not allowed for a fragile part; it must be a number from 1 to 50",
                "/layers/1/bed/wells/1/bottomMm | -116 | leaves the block",
                "/layers/1/bed/holdDownMm | 25 | a number from 0 to 24.0",
                "/layers/1/bed/ties/0/tensionN | -1 | of at least 0",
                "/layers/1/thicknessMm/bottom | 4 | 4.0 mm on the bottom is not allowed for a bed",
            })
    void aNumberThatCannotBe(String path, double value, String words) {
        ObjectNode pack = sextant();
        JsonPointer at = JsonPointer.compile(path);
        JsonNode parent = pack.at(at.head());
        if (parent instanceof ArrayNode list) {
            list.set(at.last().getMatchingIndex(), Json.MAPPER.getNodeFactory().numberNode(value));
        } else {
            ((ObjectNode) parent).put(at.last().getMatchingProperty(), value);
        }
        assertThat(problems(pack)).anySatisfy(problem -> {
            assertThat(path).startsWith(problem.path().toString());
            assertThat(problem.message()).contains(words);
        });
    }

    private static void refused(Consumer<ObjectNode> change, String path, String words) {
        ObjectNode pack = sextant();
        change.accept(pack);
        assertThat(problems(pack)).anySatisfy(problem -> {
            assertThat(problem.path().toString()).isEqualTo(path);
            assertThat(problem.message()).contains(words);
        });
    }

    private static ObjectNode layer(ObjectNode pack, int index) {
        return (ObjectNode) pack.path("layers").get(index);
    }

    @Test
    void aBedIsTheFirstCushionAndTheOnlyOne() {
        refused(
                pack -> ((ArrayNode) pack.path("layers"))
                        .insert(2, layer(pack, 1).deepCopy()),
                "/layers/2/form",
                "the only bed");
        refused(
                pack -> ((ArrayNode) pack.path("layers"))
                        .insert(0, Json.MAPPER.readTree("{\"kind\":\"box\",\"style\":\"0201\",\"board\":\"c-32\"}")),
                "/layers/2/form",
                "first layer round the item but for wraps");
    }

    @Test
    void formAndBedGoTogether() {
        refused(pack -> layer(pack, 1).remove("bed"), "/layers/1/bed", "missing");
        refused(pack -> layer(pack, 1).put("form", "full"), "/layers/1/bed", "only with form bed");
        refused(pack -> layer(pack, 1).putObject("bearingCm2").put("all", 50), "/layers/1/bearingCm2", "form pads");
        refused(pack -> pack.put("format", "rampart-pack/3"), "/layers/1/form", "it came with rampart-pack/4");
        refused(pack -> layer(pack, 1).put("material", "paper-35"), "/layers/1/material", "keeps the shape");
    }

    @Test
    void outlinesAreSimpleAndReachTheSides() {
        refused(
                pack -> ((ObjectNode) layer(pack, 1).at("/bed/wells/0"))
                        .set("outlineMm", Json.MAPPER.readTree("[[0,0],[50,50],[50,0],[0,40]]")),
                "/layers/1/bed/wells/0/outlineMm",
                "crosses itself");
        refused(
                pack -> ((ObjectNode) layer(pack, 1).at("/bed/wells/0"))
                        .set("outlineMm", Json.MAPPER.readTree("[[0,0],[1,0],[1,1]]")),
                "/layers/1/bed/wells/0/outlineMm",
                "above 1 mm2");
        refused(
                pack -> ((ObjectNode) layer(pack, 1).at("/bed/parts/1")).put("topMm", 40),
                "/layers/1/bed/parts",
                "within 0.5 mm of the top");
    }

    /** Written from what it means, it means the same. */
    @Test
    void whatIsWrittenMeansTheSame() {
        PackFile file = PackFile.read(Json.MAPPER.writeValueAsBytes(sextant()));
        List<Layer> layers = file.pack().layers();
        PackFile again = file.withLayers(layers, new HouseMaterials(StandardCatalogue.get(), List.of()));
        assertThat(again.pack().layers()).isEqualTo(layers);
    }
}
