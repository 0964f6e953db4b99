package rampart.server.api;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import rampart.server.support.Http;
import rampart.server.support.Http.Answer;
import rampart.server.support.RunningRampart;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Stock cartons, sheets, cushion curves, and which cartons fit. */
@ExtendWith(RunningRampart.class)
class StoresTest {
    private static final String CARTON =
            "{\"name\":\"%s\",\"insideMm\":{\"length\":%s,\"width\":%s,\"height\":%s},\"board\":\"%s\",\"source\":\"measured\"}";

    private final Http designer = Http.signedIn();

    @Test
    void aCartonIsAddedChangedAndRemoved() {
        Answer added = designer.post("api/stores/cartons", CARTON.formatted("Test 1", "311.15", "200", "150", "b-32"));
        assertThat(added.status()).as(added.body()).isEqualTo(201);
        String path = "api/stores/cartons/" + added.json().path("id").asString();
        String other = CARTON.formatted("Test 2", "300", "200", "150", "c-44");
        Answer changed = designer.put(path, other, "If-Match", "\"1\"");
        assertThat(changed.json().path("name").asString()).isEqualTo("Test 2");
        assertThat(changed.json().path("version").asLong()).isEqualTo(2);

        Answer stale = designer.put(path, other, "If-Match", "\"1\"");
        assertThat(stale.status()).isEqualTo(409);
        assertThat(stale.json().path("detail").asString()).contains("Nothing was changed");
        assertThat(designer.delete(path).status()).isEqualTo(204);
        assertThat(designer.delete(path).status()).isEqualTo(404);
        assertThat(designer.put(path, other, "If-Match", "\"2\"").status()).isEqualTo(404);
    }

    @ParameterizedTest
    @CsvSource({
        "'', 300, 200, 150, b-32, /name",
        "x, 0, 200, 150, b-32, /insideMm.length",
        "x, 300, -5, 150, b-32, /insideMm.width",
        "x, 300, 200, 1e9, b-32, /insideMm.height",
        "x, 300, 200, null, b-32, /insideMm.height",
        "x, 300, 200, 150, paper, /board"
    })
    void whatIsNoCartonIsRefusedByItsField(
            String name, String length, String width, String height, String board, String path) {
        Answer refused = designer.post("api/stores/cartons", CARTON.formatted(name, length, width, height, board));
        assertThat(refused.status()).isEqualTo(400);
        assertThat(refused.json().at("/errors/0/path").asString()).isEqualTo(path);
    }

    @Test
    void aSheetIsThereOnce() {
        String sheet = "{\"foam\":\"pp-20\",\"thicknessMm\":33,\"source\":\"\"}";
        assertThat(designer.post("api/stores/sheets", sheet).status()).isEqualTo(201);
        assertThat(designer.post("api/stores/sheets", sheet).status()).isEqualTo(409);
        assertThat(designer.delete("api/stores/sheets?foam=pp-20&thicknessMm=33")
                        .status())
                .isEqualTo(204);
        assertThat(designer.delete("api/stores/sheets?foam=pp-20&thicknessMm=33")
                        .status())
                .isEqualTo(404);
        assertThat(designer.post("api/stores/sheets", sheet.replace("pp-20", "straw"))
                        .json()
                        .at("/errors/0/message")
                        .asString())
                .contains("straw");
    }

    @Test
    void aPackerLooksAndChangesNothing() {
        Http packer = Http.signedIn(RunningRampart.packer());
        assertThat(packer.get("api/stores").status()).isEqualTo(200);
        assertThat(packer.post("api/stores/cartons", CARTON.formatted("x", 1, 1, 1, "b-32"))
                        .status())
                .isEqualTo(403);
        assertThat(packer.post("api/stock-fits?layer=2", Http.demoPack("10-hygrometer"))
                        .status())
                .isNotEqualTo(403);
    }

    /** G = (a/s) exp(b s h/t) with a 79 kPa, b 0.0186 1/kPa for PE foam 28: the closed form, by hand. */
    @Test
    void theCushionCurveIsTheClosedForm() {
        JsonNode curve = designer.get("api/stores/foams/pe-28/curve?heightMm=760&thicknessMm=50&limitG=70")
                .json();
        for (JsonNode point : curve.path("points")) {
            double s = point.get(0).asDouble();
            assertThat(point.get(1).asDouble())
                    .isCloseTo(
                            79 / s * Math.exp(0.0186 * s * 760 / 50),
                            within(1e-6 * point.get(1).asDouble()));
        }
        for (JsonNode end : curve.path("band")) {
            double s = end.asDouble();
            assertThat(79 / s * Math.exp(0.0186 * s * 760 / 50)).isCloseTo(70, within(1e-6));
        }
        assertThat(curve.path("leastG").asDouble()).isCloseTo(Math.E * 79 * 0.0186 * 760 / 50, within(1e-9));
        assertThat(designer.get("api/stores/foams/pe-28/curve?heightMm=760&thicknessMm=50&limitG=20")
                        .json()
                        .path("band")
                        .isNull())
                .isTrue();
    }

    @ParameterizedTest
    @CsvSource({
        "pe-28/curve?heightMm=0&thicknessMm=50, 400",
        "pe-28/curve?heightMm=760&thicknessMm=-1, 400",
        "pe-28/curve?heightMm=760, 400",
        "pe-28/curve?heightMm=NaN&thicknessMm=50, 400",
        "pe-28/curve?heightMm=760&thicknessMm=50&limitG=x, 400",
        "straw/curve?heightMm=760&thicknessMm=50, 404"
    })
    void badQuestionsAreRefused(String path, int status) {
        Answer answer = designer.get("api/stores/foams/" + path);
        assertThat(answer.status()).as(answer.body()).isEqualTo(status);
        assertThat(answer.type()).startsWith("application/problem+json");
    }

    @Test
    void cartonsThatFitComeFirstAndTheirVerdictIsTheEvaluations() {
        String pack = Http.demoPack("10-hygrometer");
        JsonNode tree = Http.MAPPER.readTree(pack);
        int outer = tree.path("layers").size() - 1;
        JsonNode fits = designer.post("api/stock-fits?layer=" + outer, pack).json();
        // Each once as it is; those that leave room above the contents once more cut down to them.
        assertThat(fits.valueStream()
                        .filter(fit -> fit.path("cutFromMm").isNull())
                        .count())
                .isEqualTo(designer.get("api/stores").json().path("cartons").size());
        boolean missed = false;
        for (JsonNode fit : fits) {
            boolean goesIn = fit.path("fits").asBoolean();
            assertThat(missed && goesIn)
                    .as("a carton that fits after one that does not")
                    .isFalse();
            missed |= !goesIn;
            double least = Math.min(
                    fit.at("/slackMm/length").asDouble(),
                    Math.min(
                            fit.at("/slackMm/width").asDouble(),
                            fit.at("/slackMm/height").asDouble()));
            assertThat(goesIn).isEqualTo(least >= 0);
            ObjectNode taken = (ObjectNode) Http.MAPPER.readTree(pack);
            ObjectNode box = (ObjectNode) taken.path("layers").get(outer);
            box.put("board", fit.path("board").asString());
            box.putObject("stock").set("insideMm", fit.path("insideMm"));
            JsonNode evaluation =
                    designer.post("api/evaluations", taken.toString()).json();
            assertThat(evaluation.path("verdict").asString())
                    .isEqualTo(fit.path("verdict").asString());
            assertThat(evaluation.path("outsideMm")).isEqualTo(fit.path("outsideMm"));
        }
        assertThat(fits.get(0).path("fits").asBoolean()).isTrue();
    }

    @Test
    void aLayerThatIsNoBoxHasNoStock() {
        for (String layer : new String[] {"0", "-1", "99", "x"}) {
            Answer answer = designer.post("api/stock-fits?layer=" + layer, Http.demoPack("10-hygrometer"));
            assertThat(answer.status()).as(layer).isEqualTo(400);
        }
    }
}
