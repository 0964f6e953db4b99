package rampart.server.api;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import rampart.server.support.Http;
import rampart.server.support.Http.Answer;
import rampart.server.support.RunningRampart;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** The house's materials and journeys over the wire, and what packs say when they change. */
@ExtendWith(RunningRampart.class)
class MaterialApiTest {
    private static final JsonMapper MAPPER = JsonMapper.shared();
    private static final String DROPS = """
            drop height (mm),thickness (mm),static stress (kPa),peak (G)
            760,50,1,118
            760,50,2,79
            760,50,3,71
            760,50,4,70
            760,50,5,73
            760,50,6,79
            """;

    private final Http http = Http.designer();
    private final List<JsonNode> made = new ArrayList<>();

    @AfterEach
    void takeAway() {
        for (JsonNode material : made) {
            JsonNode now = find(material.path("id").asString());
            if (now != null) {
                http.send(
                        "DELETE", "api/stores/materials/" + now.path("id").asString(), null, "If-Match", version(now));
            }
        }
    }

    private static String version(JsonNode material) {
        return "\"" + material.path("version").asLong() + "\"";
    }

    private JsonNode find(String id) {
        for (JsonNode material : http.get("api/stores/materials").json()) {
            if (material.path("id").asString().equals(id)) {
                return material;
            }
        }
        return null;
    }

    private static ObjectNode figures(String name) {
        ObjectNode figures = (ObjectNode) MAPPER.readTree("""
                {"substance":"pe","densityKgM3":30,"law":{"aKpa":90,"bPerKpa":0.017},"creepLimitKpa":5,
                 "repeatFactor":1.15,"stiffnessPerC":-0.004,"dynamicModulusKpa":500,"q":4.5,"squeezeKpa":45,
                 "note":"","basis":"nominal","source":"made up for a test"}""");
        return figures.put("name", name);
    }

    private static String given(ObjectNode document, String drops) {
        ObjectNode given = MAPPER.createObjectNode();
        given.set("document", document);
        given.putObject("tests").put("drops", drops).put("creep", "").put("vibration", "");
        return given.toString();
    }

    private JsonNode foam(String name, String drops) {
        Answer answer = http.post("api/stores/materials/foam", given(figures(name), drops));
        assertThat(answer.status()).as(answer.body()).isEqualTo(201);
        made.add(answer.json());
        return answer.json();
    }

    private static String packOf(JsonNode foam) {
        ObjectNode pack = (ObjectNode) MAPPER.readTree("""
                {"format":"rampart-pack/2","name":"made for a test",
                 "item":{"name":"thing","sizeMm":{"length":200,"width":200,"height":200},"massKg":10,
                         "fragility":{"basis":"test","criticalAccelerationG":110}},
                 "journey":{"drop":{"basis":"own","heightMm":760}},
                 "layers":[{"kind":"cushion","form":"full","thicknessMm":{"all":50}},
                           {"kind":"box","style":"0201","board":"c-32","slackMm":3}]}""");
        ((ObjectNode) pack.at("/layers/0")).put("material", foam.path("id").asString());
        pack.putObject("materials").putArray("foams").add(foam.path("document"));
        return pack.toString();
    }

    @Test
    void aFoamIsFittedStoredAndUsedWithItsInterval() {
        JsonNode foam = foam("Grey slab 30", DROPS);
        assertThat(foam.path("id").asString()).isEqualTo("own.grey-slab-30");
        assertThat(foam.at("/document/tests/first/points").asInt()).isEqualTo(6);
        assertThat(http.get("api/stores/materials/own.grey-slab-30/tests")
                        .json()
                        .path("drops")
                        .asString())
                .isEqualTo(DROPS);
        JsonNode evaluation = http.post("api/evaluations", packOf(foam)).json();
        JsonNode flat = evaluation.at("/checks/2");
        assertThat(flat.path("id").asString()).isEqualTo("drop.face.3");
        assertThat(flat.at("/spread/low").asDouble())
                .isLessThan(flat.path("demand").asDouble());
        assertThat(flat.path("because").asString()).contains("scatter of its test data");
        assertThat(http.get("api/catalogue").body()).contains("own.grey-slab-30");
        assertThat(http.get("api/stores/foams/own.grey-slab-30/curve?heightMm=760&thicknessMm=50")
                        .status())
                .isEqualTo(200);
    }

    @Test
    void wrongRowsAreNamedAndNothingIsStored() {
        String wrong = DROPS.replace("760,50,3,71", "760,50,3,\"71,5\"").replace("760,50,5,73", "760,5000,5,73");
        Answer answer = http.post("api/stores/materials/foam", given(figures("Never stored"), wrong));
        assertThat(answer.status()).isEqualTo(400);
        List<String> said = answer.json()
                .path("errors")
                .valueStream()
                .map(e -> e.path("path").asString() + " " + e.path("message").asString())
                .toList();
        assertThat(said).hasSize(2);
        assertThat(said.get(0)).startsWith("/tests/drops/rows/4 row 4: peak is '71,5'");
        assertThat(said.get(1)).startsWith("/tests/drops/rows/6 row 6: thickness in mm is 5000.0");
        assertThat(find("own.never-stored")).isNull();
        Answer semicolons =
                http.post("api/stores/materials/foam", given(figures("Never stored"), DROPS.replace(',', ';')));
        assertThat(semicolons.body()).contains("parted by ';'");
        ObjectNode odd = figures("Never stored").put("q", -1);
        assertThat(http.post("api/stores/materials/foam", given(odd, "")).body())
                .contains("/document/q");
        assertThat(http.post("api/stores/materials/foam", "{\"document\":[1]}").status())
                .isEqualTo(400);
        assertThat(http.post("api/stores/materials/stone", given(odd, "")).status())
                .isEqualTo(400);
    }

    /** Who saw an older version changes nothing, and both versions stand in the history of the one who insists. */
    @Test
    void twoPeopleChangeOneFoamAndNeitherIsLost() {
        JsonNode foam = foam("Two people's foam", "");
        String path = "api/stores/materials/" + foam.path("id").asString();
        ObjectNode first = figures("Two people's foam").put("creepLimitKpa", 6);
        ObjectNode second = figures("Two people's foam").put("densityKgM3", 33);
        assertThat(http.put(path, given(first, ""), "If-Match", "\"1\"").status())
                .isEqualTo(200);
        Answer stale = http.put(path, given(second, ""), "If-Match", "\"1\"");
        assertThat(stale.status()).isEqualTo(409);
        assertThat(stale.body()).contains("Somebody changed this material");
        assertThat(http.put(path, given(second, ""), "If-Match", "\"2\"").status())
                .isEqualTo(200);
        JsonNode history = http.get(path + "/history").json();
        assertThat(history.size()).isEqualTo(3);
        assertThat(history.at("/0/changes").toString())
                .contains("creep limit 6 to 5 kPa")
                .contains("density 30 to 33");
        assertThat(history.at("/1/changes").toString()).contains("creep limit 5 to 6 kPa");
        assertThat(history.at("/2/changes/0").asString()).isEqualTo("added");
        assertThat(http.send("DELETE", path, null, "If-Match", "\"1\"").status())
                .isEqualTo(409);
    }

    /** A revision keeps its figures and says what today's would change; so does a draft. */
    @Test
    void aPackSaysWhatTodaysFiguresWouldChange() {
        JsonNode foam = foam("Changing foam", DROPS);
        String pack = packOf(foam);
        JsonNode stored = http.post("api/packs", pack).json();
        String id = stored.path("id").asString();
        http.post("api/packs/" + id + "/revisions", "{\"note\":\"\"}", "If-Match", "\"1\"");
        assertThat(http.post("api/stores/differences", pack)
                        .json()
                        .path("materials")
                        .size())
                .isZero();
        String stiffer =
                DROPS.replace(",70\n", ",120\n").replace(",71\n", ",115\n").replace(",73\n", ",140\n");
        String path = "api/stores/materials/" + foam.path("id").asString();
        assertThat(http.put(path, given(figures("Changing foam"), stiffer), "If-Match", "\"1\"")
                        .status())
                .isEqualTo(200);
        for (JsonNode difference : List.of(
                http.post("api/stores/differences", pack).json(),
                http.get("api/packs/" + id + "/revisions/1/differences").json())) {
            assertThat(difference.at("/materials/0/name").asString()).isEqualTo("Changing foam");
            assertThat(difference.at("/materials/0/words").toString()).contains("begins to give at");
            assertThat(difference.path("effects").size()).isPositive();
            assertThat(difference.at("/pack/materials/foams/0/version").asInt()).isEqualTo(2);
        }
        JsonNode kept = http.get("api/packs/" + id + "/revisions/1").json();
        assertThat(kept.at("/pack/materials/foams/0/version").asInt()).isEqualTo(1);
        http.delete("api/packs/" + id);
    }

    @Test
    void aFoamTakenAwayStaysInPacksAndHistory() {
        JsonNode foam = foam("Passing foam", "");
        String id = foam.path("id").asString();
        http.send("DELETE", "api/stores/materials/" + id, null, "If-Match", "\"1\"");
        assertThat(find(id)).isNull();
        assertThat(http.post("api/evaluations", packOf(foam)).status()).isEqualTo(200);
        JsonNode difference = http.post("api/stores/differences", packOf(foam)).json();
        assertThat(difference.at("/materials/0/gone").asBoolean()).isTrue();
        assertThat(http.get("api/stores/materials/" + id + "/history")
                        .json()
                        .at("/0/changes/0")
                        .asString())
                .isEqualTo("taken away");
        JsonNode again = foam("Passing foam", "");
        assertThat(again.path("id").asString()).isEqualTo(id + "-2");
    }

    @Test
    void boardsWrapsAndConsumablesAreTheHousesToo() {
        String board = """
                {"document":{"name":"Grey board","flute":"C","caliperMm":3.8,"edgeCrushLbPerIn":30,
                 "grammageGm2":600,"limitLb":60,"limitIn":70,"source":"label"}}""";
        made.add(http.post("api/stores/materials/board", board).json());
        made.add(http.post(
                        "api/stores/materials/wrap",
                        "{\"document\":{\"name\":\"Silk tissue\",\"substance\":\"paper-acid-free\"}}")
                .json());
        made.add(http.post("api/stores/materials/consumable", "{\"document\":{\"name\":\"Tape\",\"unit\":\"roll\"}}")
                .json());
        assertThat(made).allMatch(m -> m.path("version").asInt() == 1);
        String catalogue = http.get("api/catalogue").body();
        assertThat(catalogue).contains("Grey board").contains("Silk tissue").doesNotContain("Tape");
        Answer bad = http.post("api/stores/materials/consumable", "{\"document\":{\"name\":\" \",\"colour\":\"red\"}}");
        assertThat(bad.body()).contains("/document/name").contains("/document/colour");
    }

    @Test
    void journeysAreCopiedChangedAndPutBack() {
        JsonNode shipped = http.get("api/beginnings").json().at("/journeys/0");
        String id = shipped.path("id").asString();
        ObjectNode given = MAPPER.createObjectNode();
        given.put("words", "by our own carrier").put("detail", "");
        given.set("journey", shipped.path("journey"));
        JsonNode copy = http.post("api/journeys", given.toString()).json();
        assertThat(copy.path("preset").asBoolean()).isFalse();
        Answer changed = http.put("api/journeys/" + id, given.toString(), "If-Match", "\"0\"");
        assertThat(changed.json().path("preset").asBoolean()).isTrue();
        assertThat(http.put("api/journeys/" + id, given.toString(), "If-Match", "\"0\"")
                        .status())
                .isEqualTo(409);
        assertThat(http.get("api/beginnings").json().at("/journeys/0/words").asString())
                .isEqualTo("by our own carrier");
        assertThat(http.send("DELETE", "api/journeys/" + id, null, "If-Match", "\"1\"")
                        .status())
                .isEqualTo(204);
        assertThat(http.get("api/beginnings").json().at("/journeys/0/words").asString())
                .isEqualTo(shipped.path("words").asString());
        http.send("DELETE", "api/journeys/" + copy.path("id").asString(), null, "If-Match", "\"1\"");
        ((ObjectNode) given.path("journey")).putObject("drop").put("basis", "own");
        Answer bad = http.post("api/journeys", given.toString());
        assertThat(bad.status()).isEqualTo(400);
        assertThat(bad.body()).contains("/journey/drop/heightMm");
    }

    @Test
    void theItemIsLaidEveryWay() {
        JsonNode ways = http.post("api/orientations", Http.demoPack("35-signal-recorder"))
                .json();
        assertThat(ways.size()).isEqualTo(24);
        assertThat(ways.valueStream().filter(w -> w.path("asNow").asBoolean())).hasSize(1);
        for (JsonNode way : ways) {
            JsonNode evaluation =
                    http.post("api/evaluations", way.path("pack").toString()).json();
            assertThat(evaluation.path("verdict").asString())
                    .isEqualTo(way.path("verdict").asString());
        }
    }

    @Test
    void templatesComeInBothUnitsAndAPackerOnlyReads() {
        assertThat(http.get("api/stores/templates/drops.csv").body()).contains("drop height (mm)");
        assertThat(http.get("api/stores/templates/drops.csv?units=in").body()).contains("static stress (psi)");
        assertThat(http.get("api/stores/templates/stones.csv").status()).isEqualTo(400);
        Http packer = Http.signedIn(RunningRampart.packer());
        assertThat(packer.get("api/stores/materials").status()).isEqualTo(200);
        assertThat(packer.post("api/stores/materials/foam", given(figures("Not theirs"), ""))
                        .status())
                .isEqualTo(403);
        assertThat(packer.post(
                                "api/stores/fits",
                                "{\"foam\":{\"stiffnessPerC\":0,\"substance\":\"pe\"},\"tests\":{\"drops\":\"\",\"creep\":\"\",\"vibration\":\"\"}}")
                        .status())
                .isEqualTo(200);
    }
}
