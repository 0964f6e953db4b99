package rampart.formats.material;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.nio.charset.StandardCharsets;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import rampart.core.evaluation.Evaluation;
import rampart.core.evaluation.Evaluator;
import rampart.core.layout.CushionForm;
import rampart.core.layout.Layer;
import rampart.core.material.CreepLaw;
import rampart.core.material.Foam;
import rampart.core.material.StandardCatalogue;
import rampart.core.quantity.SixSided;
import rampart.core.verdict.Check;
import rampart.core.words.Wording;
import rampart.formats.journey.JourneyFile;
import rampart.formats.json.Problem;
import rampart.formats.json.UnreadableFileException;
import rampart.formats.pack.PackFile;

/** Pack files of format 2: materials of the house inside the file, and what else format 1 cannot say. */
class HouseMaterialsTest {
    private static final String FOAM = """
            {"id":"own.blue","name":"Blue foam","substance":"pe","densityKgM3":30,
             "law":{"aKpa":90,"bPerKpa":0.017},"creepLimitKpa":5,"repeatFactor":1.15,"stiffnessPerC":-0.004,
             "dynamicModulusKpa":500,"q":4.5,"squeezeKpa":45,"basis":"nominal","source":"like PE foam 28",
             "tests":{"first":{"points":24,"rSquared":0.98,"residual":0.05,"meanX":30,"spreadX":9000,"fromX":8,"toX":70},
                      "creep":{"c1":0.01,"c2":0.02,"atKpa":5,"points":9,"rSquared":0.9,"residual":0.002,"toHours":1000}}}""";
    private static final String BOARD = """
            {"id":"own.board","name":"Grey board","flute":"C","caliperMm":3.8,"edgeCrushLbPerIn":30,"grammageGm2":600,
             "limitLb":60,"limitIn":70}""";

    private static String pack(String format, String layers, String materials) {
        return "{\"format\":\"rampart-pack/" + format + "\",\"name\":\"m\",\"layers\":[" + layers + "],"
                + "\"item\":{\"name\":\"i\",\"sizeMm\":{\"length\":200,\"width\":150,\"height\":100},\"massKg\":2,"
                + "\"fragility\":{\"basis\":\"estimate\",\"criticalAccelerationG\":90}},"
                + "\"journey\":{\"drop\":{\"basis\":\"parcel-1a\"}}"
                + (materials.isEmpty() ? "" : ",\"materials\":" + materials) + "}";
    }

    private static final String LAYERS =
            "{\"kind\":\"cushion\",\"material\":\"own.blue\",\"form\":\"full\",\"thicknessMm\":{\"all\":50}},"
                    + "{\"kind\":\"box\",\"style\":\"0201\",\"board\":\"own.board\",\"slackMm\":3}";

    private static PackFile read(String text) {
        return PackFile.read(text.getBytes(StandardCharsets.UTF_8));
    }

    private static List<Problem> refused(String text) {
        try {
            read(text);
        } catch (UnreadableFileException e) {
            return e.problems();
        }
        throw new AssertionError("it was read");
    }

    private static PackFile whole() {
        return read(pack("2", LAYERS, "{\"foams\":[" + FOAM + "],\"boards\":[" + BOARD + "]}"));
    }

    @Test
    void aFileThatBringsItsMaterialsStandsAlone() {
        PackFile file = whole();
        Foam foam = file.catalogue(StandardCatalogue.get()).foam("own.blue");
        assertThat(foam.fit(false).orElseThrow().points()).isEqualTo(24);
        assertThat(foam.measured().creep().orElseThrow().law()).isEqualTo(new CreepLaw(0.01, 0.02, 5));
        Evaluation evaluation = Evaluator.evaluate(file.pack(), file.catalogue(StandardCatalogue.get()));
        assertThat(evaluation.layout().outer().carton().board().caliperMm()).isEqualTo(3.8);
        assertThat(evaluation.checks()).anyMatch(check -> check.spread().isPresent());
        PackFile again = PackFile.read(file.write());
        assertThat(again.pack()).isEqualTo(file.pack());
        assertThat(again.catalogue(StandardCatalogue.get()).foam("own.blue")).isEqualTo(foam);
    }

    @Test
    void whatALayerNamesMustStandInTheFile() {
        assertThat(refused(pack("2", LAYERS, "{\"foams\":[" + FOAM + "]}")))
                .singleElement()
                .satisfies(p -> {
                    assertThat(p.path()).isEqualTo("/layers/1/board");
                    assertThat(p.message()).contains("own.board").contains("/materials/boards");
                });
        String asFoam = LAYERS.replace("own.blue", "own.board");
        assertThat(refused(pack("2", asFoam, "{\"foams\":[" + FOAM + "],\"boards\":[" + BOARD + "]}")))
                .extracting(Problem::path)
                .containsExactly("/layers/0/material");
        assertThat(refused(pack("2", LAYERS, "{\"foams\":[" + FOAM + "," + FOAM + "],\"boards\":[" + BOARD + "]}")))
                .extracting(Problem::message)
                .anyMatch(message -> message.contains("used twice"));
        assertThat(refused(pack("2", LAYERS.replace("own.blue", "blue"), "")))
                .anySatisfy(
                        p -> assertThat(p.message()).contains("one of pe-28").contains("an own. id"));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '~',
            value = {
                "\"aKpa\":90 | \"aKpa\":-1 | /materials/foams/0/law/aKpa",
                "\"bPerKpa\":0.017 | \"bPerKpa\":0.5 | /materials/foams/0/law",
                "\"points\":24 | \"points\":2 | /materials/foams/0/tests/first/points",
                "\"toX\":70 | \"toX\":7 | /materials/foams/0/tests/first/fromX",
                "\"id\":\"own.blue\" | \"id\":\"Own Blue\" | /materials/foams/0/id",
                "\"q\":4.5 | \"q\":4.5,\"colour\":\"blue\" | /materials/foams/0/colour",
                "\"name\":\"Blue foam\", | | /materials/foams/0/name"
            })
    void wrongFiguresOfAMaterialAreNamed(String from, String to, String path) {
        String foam = FOAM.replace(from, to == null ? "" : to);
        assertThat(refused(pack("2", LAYERS, "{\"foams\":[" + foam + "],\"boards\":[" + BOARD + "]}")))
                .extracting(Problem::path)
                .contains(path);
    }

    @Test
    void formatOneDoesNotKnowWhatCameLater() {
        assertThat(refused(pack("1", LAYERS, "{\"foams\":[" + FOAM + "],\"boards\":[" + BOARD + "]}")))
                .extracting(Problem::path)
                .contains("/materials/foams", "/materials/boards");
        String squeezed = "{\"kind\":\"box\",\"style\":\"0201\",\"board\":\"c-32\",\"slackMm\":-3,\"fill\":\"paper\"}";
        assertThat(refused(pack("1", squeezed, "")))
                .extracting(Problem::path)
                .containsExactlyInAnyOrder("/layers/0/slackMm", "/layers/0/fill");
        assertThat(read(pack("2", squeezed, "")).pack().layers()).hasSize(1);
    }

    /** A changed file keeps the oldest number that can say it, and brings what its layers use. */
    @Test
    void otherLayersBringTheirMaterialsAndTakeTheOldOnesOut() {
        MaterialFile foam = MaterialFile.read(MaterialFile.Kind.FOAM, FOAM.getBytes(StandardCharsets.UTF_8))
                .at(3);
        HouseMaterials house = new HouseMaterials(StandardCatalogue.get(), List.of(foam));
        String plain = "{\"kind\":\"box\",\"style\":\"0201\",\"board\":\"c-32\"}";
        PackFile before = read(pack("1", plain, ""));
        List<Layer> walls = List.of(
                new Layer.Cushion("own.blue", new CushionForm.Full(), SixSided.all(40)), Layer.Box.made("c-32", 3));
        PackFile after = before.withLayers(walls, house);
        String text = new String(after.write(), StandardCharsets.UTF_8);
        assertThat(text).contains("rampart-pack/2").contains("\"version\" : 3");
        assertThat(after.pack().layers()).isEqualTo(walls);
        PackFile back = after.withLayers(List.of(Layer.Box.made("c-32", 3)), house);
        assertThat(new String(back.write(), StandardCharsets.UTF_8)).doesNotContain("own.blue");
        assertThat(new String(before.withLayers(List.of(walls.get(1)), house).write(), StandardCharsets.UTF_8))
                .contains("rampart-pack/1");
    }

    @Test
    void aMaterialThatChangedSinceIsToldOfAndCanBeTaken() {
        String firmer =
                FOAM.replace("\"aKpa\":90", "\"aKpa\":97").replace("\"creepLimitKpa\":5", "\"creepLimitKpa\":6");
        HouseMaterials today = new HouseMaterials(
                StandardCatalogue.get(),
                List.of(
                        MaterialFile.read(MaterialFile.Kind.FOAM, firmer.getBytes(StandardCharsets.UTF_8)),
                        MaterialFile.read(MaterialFile.Kind.BOARD, BOARD.getBytes(StandardCharsets.UTF_8))));
        PackFile file = whole();
        assertThat(file.staleMaterials(today, Wording.METRIC)).singleElement().satisfies(change -> {
            assertThat(change.id()).isEqualTo("own.blue");
            assertThat(change.words()).contains("begins to give at 90 to 97 kPa", "creep limit 5 to 6 kPa");
        });
        PackFile renewed = file.withMaterials(today);
        assertThat(renewed.catalogue(StandardCatalogue.get())
                        .foam("own.blue")
                        .law()
                        .aKpa())
                .isEqualTo(97);
        assertThat(renewed.staleMaterials(today, Wording.METRIC)).isEmpty();
        HouseMaterials none = new HouseMaterials(StandardCatalogue.get(), List.of());
        assertThat(file.staleMaterials(none, Wording.METRIC))
                .allMatch(MaterialChange::gone)
                .hasSize(2);
        assertThat(file.withMaterials(none).write()).isEqualTo(file.write());
    }

    /** A kept catalogue read back evaluates as the one it was made from. */
    @Test
    void aKeptCatalogueComesBack() {
        CatalogueFile kept = CatalogueFile.of(StandardCatalogue.get());
        assertThat(CatalogueFile.read(kept.document()).foams())
                .isEqualTo(StandardCatalogue.get().foams());
        String older = kept.document().replace("\"aKpa\" : 79.0", "\"aKpa\" : 70.0");
        PackFile file = read(pack(
                "1",
                "{\"kind\":\"cushion\",\"material\":\"pe-28\",\"form\":\"full\",\"thicknessMm\":{\"all\":50}},"
                        + "{\"kind\":\"box\",\"style\":\"0201\",\"board\":\"c-32\",\"slackMm\":3}",
                ""));
        assertThat(CatalogueFile.changes(
                        file.pack(), CatalogueFile.read(older), StandardCatalogue.get(), Wording.METRIC))
                .singleElement()
                .satisfies(change -> assertThat(change.words()).containsExactly("begins to give at 70 to 79 kPa"));
        assertThat(Evaluator.evaluate(file.pack(), CatalogueFile.read(older)).checks().stream()
                        .mapToDouble(Check::demand)
                        .sum())
                .isNotEqualTo(Evaluator.evaluate(file.pack(), StandardCatalogue.get()).checks().stream()
                        .mapToDouble(Check::demand)
                        .sum());
    }

    @Test
    void aJourneyAloneIsReadAsInAFile() {
        String good = "{\"drop\":{\"basis\":\"own\",\"heightMm\":400},\"storageHours\":1000}";
        assertThat(JourneyFile.read(good.getBytes(StandardCharsets.UTF_8))).contains("storageHours");
        String wrong = "{\"drop\":{\"basis\":\"own\",\"heightMm\":400},\"temperatureC\":{\"min\":40}}";
        assertThatThrownBy(() -> JourneyFile.read(wrong.getBytes(StandardCharsets.UTF_8)))
                .isInstanceOfSatisfying(
                        UnreadableFileException.class,
                        e -> assertThat(e.problems().get(0).path()).isEqualTo("/temperatureC/min"));
    }
}
