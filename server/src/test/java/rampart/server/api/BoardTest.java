package rampart.server.api;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.zip.ZipInputStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import rampart.server.support.Http;
import rampart.server.support.Http.Answer;
import rampart.server.support.RunningRampart;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Boards, sets of pieces, what carriers charge and which sizes are worth keeping, over the wire. */
@ExtendWith(RunningRampart.class)
class BoardTest {
    private final Http designer = Http.designer();

    private static ObjectNode funnels() {
        return (ObjectNode) Http.MAPPER.readTree(Http.demoPack("22-rain-gauge-funnels"));
    }

    private static ObjectNode outer(ObjectNode pack) {
        JsonNode layers = pack.path("layers");
        return (ObjectNode) layers.get(layers.size() - 1);
    }

    @ParameterizedTest
    @ValueSource(strings = {"0201", "0203", "0301", "0320", "0401", "0406", "0410", "0426", "two-sheet"})
    void everyStyleIsDrawnAndFolded(String style) {
        ObjectNode pack = funnels();
        outer(pack).put("style", style);
        JsonNode works = designer.post("api/board-work", pack.toString()).json();
        assertThat(works.valueStream().map(w -> w.path("name").asString()))
                .containsExactly("Divider", "Inner box", "Outer carton");
        JsonNode carton = works.get(2);
        assertThat(carton.path("style").asString()).isEqualTo(style);
        for (JsonNode blank : carton.path("blanks")) {
            int moments = blank.path("steps").size() * blank.path("perStep").asInt() + 1;
            assertThat(blank.path("folding").size()).isEqualTo(moments);
            assertThat(blank.path("layers")
                            .valueStream()
                            .map(l -> l.path("work").asString()))
                    .contains("cut", "score");
        }
    }

    /** What cannot be is told by its path, with what is allowed. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "0200 | style | does not close on all sides",
                "caps | style | does not close on all sides",
                "0999 | style | ",
            })
    void aStyleThatDoesNotCloseIsNoOuterCarton(String style, String field, String says) {
        ObjectNode pack = funnels();
        outer(pack).put("style", style);
        Answer refused = designer.post("api/board-work", pack.toString());
        assertThat(refused.status()).isEqualTo(400);
        assertThat(refused.body()).contains("/layers/2/" + field).contains(says == null ? "" : says);
    }

    @Test
    void impossibleBoxesAreRefusedWhereTheyAreWrong() {
        ObjectNode both = funnels();
        outer(both).putObject("gapsMm").put("all", 3);
        assertThat(designer.post("api/evaluations", both.toString()).body()).contains("/layers/2/gapsMm");
        ObjectNode negative = funnels();
        outer(negative).remove("slackMm");
        outer(negative).putObject("gapsMm").put("all", -1);
        assertThat(designer.post("api/evaluations", negative.toString()).status())
                .isEqualTo(400);
        ObjectNode lid = funnels();
        outer(lid).put("lidMm", 40);
        assertThat(designer.post("api/evaluations", lid.toString()).body())
                .contains("/layers/2/lidMm")
                .contains("0301");
        ObjectNode cut = funnels();
        ObjectNode stock = outer(cut).putObject("stock");
        stock.putObject("insideMm").put("length", 600).put("width", 500).put("height", 400);
        stock.put("cutFromMm", 400);
        assertThat(designer.post("api/evaluations", cut.toString()).body())
                .contains("/layers/2/stock/cutFromMm")
                .contains("above the height inside");
        ObjectNode many = funnels();
        ((ObjectNode) many.path("item")).put("quantity", 7);
        assertThat(designer.post("api/evaluations", many.toString()).body())
                .contains("/item/quantity")
                .contains("make 6 cells");
        ObjectNode light = funnels();
        ((ObjectNode) light.path("item")).put("massKg", 1);
        assertThat(designer.post("api/evaluations", light.toString()).body())
                .contains("/item/massKg")
                .contains("2.52 kg");
    }

    /** A mailer lower than its boards is an answer that says what would do, not an error. */
    @Test
    void aBoxThatCannotBeFoldedSaysWhatWouldDo() {
        ObjectNode pack = funnels();
        ((ObjectNode) pack.path("item")).remove("pieces");
        ((ObjectNode) pack.path("item").path("sizeMm")).put("height", 3);
        ObjectNode inner = (ObjectNode) pack.path("layers").get(0);
        inner.put("style", "0426").put("board", "bc-48").put("slackMm", 0);
        JsonNode works = designer.post("api/board-work", pack.toString()).json();
        assertThat(works.get(0).path("impossible").asString()).contains("at least 14.0 mm");
        assertThat(works.get(0).path("blanks").size()).isZero();
    }

    @Test
    void filesOfAllAndOfOne() throws IOException {
        String id = designer.post("api/packs", funnels().toString())
                .json()
                .path("id")
                .asString();
        List<String> names = new ArrayList<>();
        byte[] zip = designer.get("api/packs/" + id + "/board-files").raw().body();
        try (ZipInputStream in = new ZipInputStream(new ByteArrayInputStream(zip))) {
            for (var entry = in.getNextEntry(); entry != null; entry = in.getNextEntry()) {
                names.add(entry.getName());
            }
        }
        assertThat(names)
                .contains("board-1-strip-across.svg", "board-1-strip-along.dxf", "board-3-blank.dxf", "templates.pdf");
        Answer one = designer.get("api/packs/" + id + "/board-files?file=svg&piece=board-3-blank");
        assertThat(one.body()).contains("id=\"score\"");
        Answer none = designer.get("api/packs/" + id + "/board-files?file=svg&piece=nothing");
        assertThat(none.status()).isEqualTo(404);
        assertThat(none.body()).contains("board-3-blank");
        designer.delete("api/packs/" + id);
    }

    @Test
    void aSetIsSetAnotherWay() {
        JsonNode ways = designer.post("api/piece-ways", funnels().toString()).json();
        assertThat(ways.size()).isPositive();
        JsonNode pack = ways.get(0).path("pack");
        assertThat(pack.at("/item/quantity").asInt()).isEqualTo(6);
        assertThat(designer.post("api/evaluations", pack.toString()).status()).isEqualTo(200);
        // Nine in a file that has room for six and the mass of six: the ways have room, and the mass.
        ObjectNode nine = funnels();
        ((ObjectNode) nine.path("item")).put("quantity", 9);
        for (JsonNode way : designer.post("api/piece-ways", nine.toString()).json()) {
            int cells = way.path("columns").asInt()
                    * way.path("rows").asInt()
                    * way.path("levels").asInt();
            assertThat(cells).isGreaterThanOrEqualTo(9);
            assertThat(way.path("massKg").asDouble()).isGreaterThanOrEqualTo(9 * .42);
        }
        ObjectNode one = funnels();
        ((ObjectNode) one.path("item")).remove("pieces");
        assertThat(designer.post("api/piece-ways", one.toString()).status()).isEqualTo(422);
    }

    @Test
    void quotesGoByTheTablesOfTheHouse() {
        Answer quotes = designer.post("api/quotes?addKg=0.5", funnels().toString());
        JsonNode all = quotes.json().path("quotes");
        assertThat(all.size()).isEqualTo(3);
        assertThat(all.get(0).path("invented").asBoolean()).isTrue();
        assertThat(designer.post("api/quotes?addKg=-1", funnels().toString()).status())
                .isEqualTo(400);
    }

    @Test
    void aTableWithHolesIsRefusedAndTheOldOneStays() {
        Http keeper = Http.signedIn(RunningRampart.keeper());
        String before = keeper.get("api/house/tariffs").json().path("table").asString();
        Answer refused =
                keeper.put("api/house/tariffs", "{\"table\":\"service,kind,what,value,price\\nTry,band,,2,\\n\"}");
        assertThat(refused.status()).isEqualTo(400);
        assertThat(refused.body()).contains("/rows/2").contains("price").contains("This table is not as it must be");
        assertThat(keeper.get("api/house/tariffs").json().path("table").asString())
                .isEqualTo(before);
        assertThat(designer.put("api/house/tariffs", "{\"table\":\"\"}").status())
                .isEqualTo(403);
    }

    @Test
    void sizesForAListAndWhatIsWrongWithOne() {
        String ask =
                "{\"table\":\"name,length_mm,width_mm,height_mm,mass_kg,count\\na,300,200,100,1,5\\nb,310,190,%s,2,9\\n\","
                        + "\"board\":\"%s\",\"perM2\":0.7,\"perKg\":1,\"divisor\":5000,\"keepingCost\":10,\"upright\":true,\"most\":%d}";
        JsonNode found = designer.post("api/carton-sizes", ask.formatted("120", "c-32", 3))
                .json();
        assertThat(found.path("divisions").size()).isEqualTo(2);
        assertThat(found.at("/divisions/0/sizes/0/insideMm/length").asDouble()).isEqualTo(310);
        assertThat(designer.post("api/carton-sizes", ask.formatted("tall", "c-32", 3))
                        .body())
                .contains("/rows/3")
                .contains("height_mm \\\"tall\\\"");
        assertThat(designer.post("api/carton-sizes", ask.formatted("120", "x-1", 3))
                        .body())
                .contains("/board");
        assertThat(designer.post("api/carton-sizes", ask.formatted("120", "c-32", 99))
                        .status())
                .isEqualTo(400);
        JsonNode shelf = designer.get("api/carton-sizes/shelf").json();
        assertThat(shelf.path("table").asString()).startsWith("name,length_mm");
    }
}
