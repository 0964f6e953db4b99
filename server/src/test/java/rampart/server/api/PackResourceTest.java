package rampart.server.api;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.jdbc.core.simple.JdbcClient;
import rampart.formats.pack.PackFile;
import rampart.formats.schema.PackSchema;
import rampart.server.support.Http;
import rampart.server.support.Http.Answer;
import rampart.server.support.RunningRampart;
import tools.jackson.databind.JsonNode;

/** Packs kept, changed, frozen, taken away and brought back. */
@ExtendWith(RunningRampart.class)
class PackResourceTest {
    private static final String GAUGE = Http.demoPack("20-rain-gauge");

    private final Http http = Http.signedIn();

    private JsonNode add(String name) {
        Answer answer = http.post("api/packs", GAUGE.replace("Rain gauge, funnel apart", name));
        assertThat(answer.status()).as(answer.body()).isEqualTo(201);
        return answer.json();
    }

    private static byte[] utf8(String text) {
        return text.getBytes(StandardCharsets.UTF_8);
    }

    @Test
    void everyDemoPackIsOnTheShelfAndHasItsVerdict() {
        JsonNode items = http.get("api/packs?size=100").json().path("items");
        List<String> verdicts =
                items.valueStream().map(i -> i.path("verdict").asString()).toList();
        assertThat(verdicts).contains("holds", "thin", "breaks");
        assertThat(items.valueStream().map(i -> i.path("name").asString()))
                .contains("Hygrometer head", "Rain gauge, funnel apart", "Gravimeter, three boxes");
    }

    @Test
    void addedLayersGetIdsAndTheRestStaysToTheDigit() {
        JsonNode detail = add("Ids");
        assertThat(detail.at("/pack/layers")
                        .valueStream()
                        .map(l -> l.path("id").asString())
                        .distinct())
                .hasSize(5);
        String exact = GAUGE.replace("\"massKg\": 4.8", "\"massKg\": 4.80000000000000012345");
        JsonNode kept = http.post("api/packs", exact).json();
        String file =
                http.get("api/packs/" + kept.path("id").asString() + "/file").body();
        assertThat(file).contains("4.80000000000000012345");
    }

    @Test
    void exportDeleteImportGivesTheSameNumbersToTheLastDigit() {
        JsonNode detail = add("Round trip");
        String id = detail.path("id").asString();
        Answer file = http.get("api/packs/" + id + "/file");
        assertThat(file.raw().headers().firstValue("Content-Disposition").orElse(""))
                .contains("Round")
                .contains(".rampart.json");
        String before = http.post("api/evaluations", file.body()).body();
        assertThat(http.send("DELETE", "api/packs/" + id, null).status()).isEqualTo(204);
        assertThat(http.get("api/packs/" + id).status()).isEqualTo(404);
        Answer again = http.post("api/packs", file.body());
        assertThat(again.status()).isEqualTo(201);
        String newFile = http.get("api/packs/" + again.json().path("id").asString() + "/file")
                .body();
        assertThat(newFile).isEqualTo(file.body());
        assertThat(http.post("api/evaluations", newFile).body()).isEqualTo(before);
    }

    @Test
    void deletingCanBeUndone() {
        String id = add("Undo me").path("id").asString();
        http.send("DELETE", "api/packs/" + id, null);
        assertThat(http.get("api/packs?search=Undo%20me").json().path("total").asInt())
                .isZero();
        assertThat(http.send("POST", "api/packs/" + id + "/restoration", new byte[0])
                        .status())
                .isEqualTo(200);
        assertThat(http.get("api/packs/" + id).status()).isEqualTo(200);
        assertThat(http.send("POST", "api/packs/" + id + "/restoration", new byte[0])
                        .status())
                .isEqualTo(404);
        http.send("DELETE", "api/packs/" + id, null);
        assertThat(http.send("DELETE", "api/packs/" + id, null).status()).isEqualTo(404);
    }

    @Test
    void searchPagesAndTakesWildcardsLiterally() {
        add("Zz 100 % wool_1");
        add("Zz 100 x wool-1");
        assertThat(http.get("api/packs?search=100%20%25%20wool_1")
                        .json()
                        .path("total")
                        .asInt())
                .isEqualTo(1);
        assertThat(http.get("api/packs?search=zz%20100").json().path("total").asInt())
                .isEqualTo(2);
        JsonNode first = http.get("api/packs?search=zz%20100&size=1").json();
        JsonNode page = http.get("api/packs?search=zz%20100&size=1&after="
                        + first.path("next").asString())
                .json();
        assertThat(page.path("items").size()).isEqualTo(1);
        assertThat(page.at("/items/0/id")).isNotEqualTo(first.at("/items/0/id"));
        assertThat(page.path("total").asInt()).isEqualTo(2);
        assertThat(page.path("next").isNull()).isTrue();
        assertThat(http.get("api/packs?search='%3B%20DROP%20TABLE%20pack%3B--")
                        .json()
                        .path("total")
                        .asInt())
                .isZero();
    }

    @Test
    void aStaleSaveCarriesBothVersions() {
        JsonNode detail = add("Two tabs");
        String id = detail.path("id").asString();
        String mine =
                GAUGE.replace("Rain gauge, funnel apart", "Two tabs").replace("\"massKg\": 4.8", "\"massKg\": 5.5");
        String theirs = mine.replace("5.5", "6.5");
        assertThat(http.put("api/packs/" + id + "/draft", theirs, "If-Match", "\"1\"")
                        .json()
                        .path("version")
                        .asInt())
                .isEqualTo(2);
        Answer stale = http.put("api/packs/" + id + "/draft", mine, "If-Match", "\"1\"");
        assertThat(stale.status()).isEqualTo(409);
        assertThat(stale.type()).startsWith("application/problem+json");
        assertThat(stale.json().at("/theirs/item/massKg").asDouble()).isEqualTo(6.5);
        assertThat(stale.json().at("/yours/item/massKg").asDouble()).isEqualTo(5.5);
        assertThat(stale.json().path("version").asInt()).isEqualTo(2);
        assertThat(http.put("api/packs/" + id + "/draft", mine, "If-Match", "\"2\"")
                        .status())
                .isEqualTo(200);
        assertThat(http.put("api/packs/" + id + "/draft", mine).status()).isEqualTo(400);
        assertThat(http.put("api/packs/nowhere/draft", mine, "If-Match", "\"1\"")
                        .status())
                .isEqualTo(404);
    }

    @Test
    void ofManySavesAtOnceFromOneVersionOneWins() throws Exception {
        String id = add("Race").path("id").asString();
        ExecutorService people = Executors.newFixedThreadPool(8);
        try {
            List<Callable<Integer>> saves = new ArrayList<>();
            for (int i = 0; i < 24; i++) {
                String body = GAUGE.replace("\"massKg\": 4.8", "\"massKg\": " + (1 + i));
                saves.add(() -> http.put("api/packs/" + id + "/draft", body, "If-Match", "\"1\"")
                        .status());
            }
            List<Integer> answers = new ArrayList<>();
            for (Future<Integer> answer : people.invokeAll(saves)) {
                answers.add(answer.get());
            }
            assertThat(answers).containsOnly(200, 409);
            assertThat(answers.stream().filter(status -> status == 200)).hasSize(1);
        } finally {
            people.shutdownNow();
        }
    }

    @Test
    void revisionsAreNumberedAndNeverChange() {
        JsonNode detail = add("Frozen");
        String id = detail.path("id").asString();
        Answer first =
                http.post("api/packs/" + id + "/revisions", "{\"note\":\"as measured \u2713\"}", "If-Match", "\"1\"");
        assertThat(first.status()).as(first.body()).isEqualTo(201);
        assertThat(first.json().path("number").asInt()).isEqualTo(1);
        assertThat(first.json().path("author").asString()).isEqualTo("designer");
        assertThat(first.json().path("rules").asInt()).isEqualTo(2);
        assertThat(first.json().path("catalogue").asString()).hasSize(64);
        String frozen = http.get("api/packs/" + id + "/revisions/1").body();
        String changed = GAUGE.replace("\"massKg\": 4.8", "\"massKg\": 9.9");
        http.put("api/packs/" + id + "/draft", changed, "If-Match", "\"1\"");
        assertThat(http.post("api/packs/" + id + "/revisions", "{\"note\":\"\"}", "If-Match", "\"1\"")
                        .status())
                .isEqualTo(409);
        assertThat(http.post("api/packs/" + id + "/revisions", "{\"note\":\"\"}", "If-Match", "\"2\"")
                        .json()
                        .path("number")
                        .asInt())
                .isEqualTo(2);
        assertThat(http.get("api/packs/" + id + "/revisions/1").body()).isEqualTo(frozen);
        assertThat(http.get("api/packs/" + id + "/revisions").json().size()).isEqualTo(2);
        assertThat(http.get("api/packs/" + id + "/revisions/3").status()).isEqualTo(404);
        assertThat(http.get("api/packs/" + id + "/file?revision=1").body())
                .contains("4.8")
                .doesNotContain("9.9");
        assertThat(http.send("PUT", "api/packs/" + id + "/revisions/1", utf8("{}"))
                        .status())
                .isEqualTo(405);
        assertThat(http.send("DELETE", "api/packs/" + id + "/revisions/1", null).status())
                .isEqualTo(405);
    }

    @Test
    void renamingChangesTheFileAndTakesAnyScript() {
        String id = add("Old name").path("id").asString();
        String name = "Pluviom\u00e8tre \u96e8\u91cf\u8a08 \ud83c\udf27\ufe0f \u202eright to left";
        Answer answer =
                http.send("PATCH", "api/packs/" + id, utf8("{\"name\":" + Http.MAPPER.writeValueAsString(name) + "}"));
        assertThat(answer.json().at("/pack/name").asString()).isEqualTo(name);
        assertThat(answer.json().path("version").asInt()).isEqualTo(2);
        assertThat(http.get("api/packs?search=" + java.net.URLEncoder.encode("\u96e8\u91cf", StandardCharsets.UTF_8))
                        .json()
                        .path("total")
                        .asInt())
                .isEqualTo(1);
    }

    @Test
    void aRefusedSaveChangesNothing() {
        JsonNode detail = add("Kept");
        String id = detail.path("id").asString();
        String bad = GAUGE.replace("\"massKg\": 4.8", "\"massKg\": -1");
        assertThat(http.put("api/packs/" + id + "/draft", bad, "If-Match", "\"1\"")
                        .status())
                .isEqualTo(400);
        JsonNode after = http.get("api/packs/" + id).json();
        assertThat(after.path("version").asInt()).isEqualTo(1);
        assertThat(after.path("pack")).isEqualTo(detail.path("pack"));
    }

    @Test
    void thePublishedSchemaIsTheOneFilesAreHeldTo() throws Exception {
        Answer schema = http.get("api/schemas/pack");
        assertThat(schema.type()).startsWith("application/schema+json");
        assertThat(schema.raw().body()).isEqualTo(PackSchema.document());
        try (var files = Files.list(Path.of("../demo/packs"))) {
            for (Path file : files.toList()) {
                assertThat(PackFile.read(Files.readAllBytes(file)).name()).isNotBlank();
            }
        }
    }

    @Test
    void theDatabaseIsStrictAndDurable() {
        JdbcClient jdbc = RunningRampart.bean(JdbcClient.class);
        assertThat(jdbc.sql("SELECT @@sql_mode").query(String.class).single()).contains("STRICT_ALL_TABLES");
        assertThat(jdbc.sql("SELECT @@innodb_flush_log_at_trx_commit")
                        .query(Integer.class)
                        .single())
                .isEqualTo(1);
        assertThat(jdbc.sql("SELECT @@character_set_connection")
                        .query(String.class)
                        .single())
                .isEqualTo("utf8mb4");
        assertThat(jdbc.sql("SELECT COUNT(*) FROM SPRING_SESSION")
                        .query(Integer.class)
                        .single())
                .isPositive();
    }

    @Test
    void theCatalogueShowsEveryMaterialWithItsSource() {
        JsonNode catalogue = http.get("api/catalogue").json();
        assertThat(catalogue
                        .path("foams")
                        .valueStream()
                        .filter(f -> !f.path("own").asBoolean()))
                .hasSize(17);
        assertThat(catalogue
                        .path("boards")
                        .valueStream()
                        .filter(b -> !b.path("own").asBoolean()))
                .hasSize(16);
        assertThat(catalogue.at("/foams/0/source").asString()).contains("20 %");
        assertThat(catalogue.at("/boards/0/edgeCrushKnPerM").asDouble()).isBetween(4.0, 4.1);
    }
}
