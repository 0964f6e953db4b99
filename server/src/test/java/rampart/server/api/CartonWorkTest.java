package rampart.server.api;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import rampart.server.support.Http;
import rampart.server.support.Http.Answer;
import rampart.server.support.RunningRampart;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** Clearances, fittings, sheets, boards and thinner cushions over the wire. */
@ExtendWith(RunningRampart.class)
class CartonWorkTest {
    private final Http designer = Http.designer();

    private static ObjectNode demo(String name) {
        return (ObjectNode) Http.MAPPER.readTree(Http.demoPack(name));
    }

    private static ObjectNode outer(ObjectNode pack) {
        JsonNode layers = pack.path("layers");
        return (ObjectNode) layers.get(layers.size() - 1);
    }

    @Test
    void threeBoxesHaveThreeClearances() {
        JsonNode all = designer.post("api/clearances", demo("40-gravimeter").toString())
                .json();
        assertThat(all.valueStream().map(c -> c.path("name").asString()))
                .containsExactly("Inner box", "Inner box", "Outer carton");
        JsonNode outer = all.get(2);
        assertThat(outer.path("faces").size()).isEqualTo(6);
        assertThat(outer.path("faces").get(0).path("wholeMm").asDouble()).isEqualTo(42);
        for (JsonNode stack : outer.path("stacks")) {
            assertThat(stack.path("insideMm").asDouble()
                            - stack.path("contentsMm").asDouble())
                    .isCloseTo(stack.path("slackMm").asDouble(), within(1e-9));
            assertThat(stack.path("worstMm").asDouble())
                    .isGreaterThan(stack.path("likelyMm").asDouble());
        }
        assertThat(designer.post(
                                "api/clearances?units=in", demo("40-gravimeter").toString())
                        .body())
                .contains(" in ");
    }

    /** What is put round a carton changes no figure of the evaluation, and stands among the pieces to cut. */
    @Test
    void fittingsCarryNoFigure() {
        ObjectNode with = demo("40-gravimeter");
        ObjectNode without = demo("40-gravimeter");
        outer(without).remove("fittings");
        JsonNode one = designer.post("api/evaluations", with.toString()).json();
        JsonNode other = designer.post("api/evaluations", without.toString()).json();
        assertThat(one.path("checks")).isEqualTo(other.path("checks"));
        assertThat(one.path("grossMassKg")).isEqualTo(other.path("grossMassKg"));
        JsonNode said = designer.post("api/fittings", with.toString()).json().get(0);
        assertThat(said.path("straps").size()).isEqualTo(3);
        assertThat(said.path("holds").asBoolean()).isTrue();
        assertThat(designer.post("api/fittings", without.toString()).json()).isEmpty();
        List<String> names = new ArrayList<>();
        designer.post("api/board-work", with.toString())
                .json()
                .forEach(w -> names.add(w.path("name").asString()));
        assertThat(names).endsWith("Outer carton", "Pads, posts and caps of the carton");
        outer(with).putArray("fittings").add("straps").add("straps");
        assertThat(designer.post("api/evaluations", with.toString()).body())
                .contains("/layers/5/fittings")
                .contains("stands in it twice");
        ArrayNode wrong = outer(with).putArray("fittings").add("ribbon");
        assertThat(wrong).hasSize(1);
        Answer refused = designer.post("api/evaluations", with.toString());
        assertThat(refused.status()).isEqualTo(400);
        assertThat(refused.body()).contains("/fittings/0").contains("straps");
    }

    @Test
    void aLinerWithoutRoomIsSaid() {
        ObjectNode pack = demo("40-gravimeter");
        outer(pack).putArray("fittings").add("liner");
        JsonNode said = designer.post("api/fittings", pack.toString()).json().get(0);
        assertThat(said.path("holds").asBoolean()).isFalse();
        assertThat(said.path("said").get(0).asString()).contains("are missing");
    }

    @Test
    void aPieceFromSheets() {
        String pack = demo("26-chart-screen").toString();
        JsonNode works = designer.post("api/board-work", pack).json();
        JsonNode blank = works.get(works.size() - 1).path("blanks").get(0);
        String piece = blank.path("file").asString();
        String sheet = "api/board-sheets?piece=" + piece;
        JsonNode one =
                designer.post(sheet + "&acrossMm=2000&alongMm=1200", pack).json();
        assertThat(one.path("parts").asInt()).isEqualTo(1);
        JsonNode two = designer.post(sheet + "&acrossMm=900&alongMm=1200", pack).json();
        assertThat(two.path("parts").asInt()).isEqualTo(2);
        assertThat(two.path("sound").asBoolean()).isTrue();
        assertThat(two.path("said").asString()).contains("2 parts");
        Answer scrap = designer.post(sheet + "&acrossMm=9&alongMm=1200", pack);
        assertThat(scrap.status()).isEqualTo(400);
        assertThat(scrap.body()).contains("100").contains("9");
        Answer none = designer.post("api/board-sheets?piece=nothing&acrossMm=900&alongMm=1200", pack);
        assertThat(none.status()).isEqualTo(404);
        assertThat(none.body()).contains(piece);
        JsonNode cartons =
                designer.post("api/board-cartons?piece=" + piece, pack).json();
        assertThat(cartons.isArray()).isTrue();
    }

    @Test
    void everyBoardBesideTheOthers() {
        String pack = demo("40-gravimeter").toString();
        JsonNode all = designer.post("api/board-choices", pack).json();
        assertThat(all.valueStream().filter(c -> c.path("taken").asBoolean())).hasSize(1);
        assertThat(all.valueStream().filter(c -> c.path("doubleWall").asBoolean()))
                .isNotEmpty();
        assertThat(all.get(0).path("longN").isNull()).isTrue();
        JsonNode bent =
                designer.post("api/board-choices?alongNm=15&acrossNm=7", pack).json();
        assertThat(bent.get(0).path("longN").asDouble()).isPositive();
        Answer half = designer.post("api/board-choices?alongNm=15", pack);
        assertThat(half.status()).isEqualTo(400);
        assertThat(half.body()).contains("/acrossNm").contains("both directions");
        Answer refused = designer.post("api/board-choices?alongNm=0&acrossNm=7", pack);
        assertThat(refused.status()).isEqualTo(400);
        assertThat(refused.body()).contains("0.01 to 1000 N m");
    }

    /** What a thinner cushion reaches is a pack that evaluates as it is said to. */
    @Test
    void aThinnerCushionReachesASmallerCarton() {
        ObjectNode pack = demo("20-rain-gauge");
        int layer = pack.path("layers").size() - 1;
        JsonNode all = designer.post("api/thinner-cushions?layer=" + layer, pack.toString())
                .json();
        for (JsonNode reached : all) {
            JsonNode evaluation = designer.post(
                            "api/evaluations", reached.path("pack").toString())
                    .json();
            assertThat(evaluation.path("verdict")).isEqualTo(reached.path("verdict"));
            assertThat(evaluation.path("outsideMm")).isEqualTo(reached.path("outsideMm"));
        }
        Answer refused = designer.post("api/thinner-cushions?layer=0", pack.toString());
        assertThat(refused.status()).isBetween(400, 422);
    }

    @Test
    void aSetIsSeenFromAbove() {
        JsonNode plan = designer.post(
                        "api/set-plans", demo("22-rain-gauge-funnels").toString())
                .json();
        assertThat(plan.path("places").size()).isEqualTo(6);
        assertThat(plan.path("strips").valueStream().map(s -> s.path("label").asString()))
                .containsExactly("A1", "A2", "B1");
        Answer refused = designer.post("api/set-plans", demo("40-gravimeter").toString());
        assertThat(refused.status()).isEqualTo(422);
    }

    /** Cells and boards turn with what lies in them. */
    @Test
    void aSetAndFlatWorkAreTurned() {
        JsonNode set = designer.post(
                        "api/orientations", demo("22-rain-gauge-funnels").toString())
                .json();
        assertThat(set.size()).isEqualTo(24);
        JsonNode flat = designer.post("api/orientations", demo("24-tide-dial").toString())
                .json();
        assertThat(flat.size()).isEqualTo(24);
        assertThat(flat.valueStream()
                        .map(o -> o.path("pack")
                                .path("layers")
                                .valueStream()
                                .filter(l -> l.path("kind").asString().equals("boards"))
                                .findFirst()
                                .orElseThrow()
                                .path("across")
                                .asString()))
                .contains("height", "length", "width");
    }

    /** Everything that is cut, of board and of foam, in one archive. */
    @Test
    void oneArchiveOfAll() throws IOException {
        String id = designer.post("api/packs", Http.demoPack("80-sextant"))
                .json()
                .path("id")
                .asString();
        byte[] bytes = designer.get("api/packs/" + id + "/all-files").raw().body();
        List<String> names = new ArrayList<>();
        try (ZipInputStream zip = new ZipInputStream(new ByteArrayInputStream(bytes))) {
            for (ZipEntry entry = zip.getNextEntry(); entry != null; entry = zip.getNextEntry()) {
                names.add(entry.getName());
            }
        }
        designer.delete("api/packs/" + id);
        assertThat(names).contains("templates.pdf").anyMatch(n -> n.endsWith("floor.svg"));
        assertThat(names.stream().filter(n -> n.endsWith(".dxf")).count()).isGreaterThan(8);
    }
}
