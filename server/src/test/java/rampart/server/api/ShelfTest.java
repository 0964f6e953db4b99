package rampart.server.api;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import rampart.server.support.Http;
import rampart.server.support.Http.Answer;
import rampart.server.support.RunningRampart;
import tools.jackson.databind.JsonNode;

/** Finding packs: by words, verdict and kind, in any order; notes; packs compared; the PDF page. */
@ExtendWith(RunningRampart.class)
class ShelfTest {
    private final Http designer = Http.signedIn();

    private List<JsonNode> found(String query) {
        Answer answer = designer.get("api/packs?size=100&" + query);
        assertThat(answer.status()).as(answer.body()).isEqualTo(200);
        List<JsonNode> cards = new ArrayList<>();
        answer.json().path("items").forEach(cards::add);
        assertThat(answer.json().path("total").asInt()).isEqualTo(cards.size());
        return cards;
    }

    @ParameterizedTest
    @ValueSource(strings = {"holds", "thin", "breaks", "unknown"})
    void verdictsPartTheShelf(String verdict) {
        assertThat(found("verdict=" + verdict))
                .allMatch(card -> card.path("verdict").asString().equals(verdict));
        int all = found("").size();
        int sum = 0;
        for (String each : List.of("holds", "thin", "breaks", "unknown")) {
            sum += found("verdict=" + each).size();
        }
        assertThat(sum).isEqualTo(all);
    }

    @Test
    void kindsAreByBoxes() {
        assertThat(found("kind=more_boxes&search=Gravimeter")).isNotEmpty();
        assertThat(found("kind=box_in_box&search=Gravimeter")).isEmpty();
        assertThat(found("kind=single&search=Hygrometer")).isNotEmpty();
    }

    @Test
    void ordersAreWhatTheySay() {
        List<Double> masses = found("sort=mass").stream()
                .map(c -> c.path("grossMassKg").asDouble())
                .toList();
        assertThat(masses).isSortedAccordingTo((a, b) -> Double.compare(b, a));
        List<String> names =
                found("sort=name").stream().map(c -> c.path("name").asString()).toList();
        assertThat(names).isSortedAccordingTo(String.CASE_INSENSITIVE_ORDER);
        List<Double> volumes = found("sort=size").stream()
                .map(c -> c.at("/outsideMm/length").asDouble()
                        * c.at("/outsideMm/width").asDouble()
                        * c.at("/outsideMm/height").asDouble())
                .toList();
        assertThat(volumes).isSortedAccordingTo((a, b) -> Double.compare(b, a));
        assertThat(found("sort=weakest").get(0).path("verdict").asString()).isEqualTo("breaks");
        assertThat(designer.get("api/packs?sort=colour").status()).isEqualTo(400);
        assertThat(designer.get("api/packs?verdict=perhaps").status()).isEqualTo(400);
    }

    @Test
    void aNoteIsFoundAndStaysOutOfTheFile() {
        String id = designer.post("api/packs", Http.demoPack("10-hygrometer"))
                .json()
                .path("id")
                .asString();
        String note = "hair crack beside the zephyr ☃ seam";
        assertThat(designer.put("api/packs/" + id + "/note", "{\"note\":\"" + note + "\"}")
                        .status())
                .isEqualTo(204);
        assertThat(found("search=zephyr")).hasSize(1);
        assertThat(designer.get("api/packs/" + id).json().path("note").asString())
                .isEqualTo(note);
        assertThat(designer.get("api/packs/" + id + "/file").body()).doesNotContain("zephyr");
        assertThat(designer.put("api/packs/" + id + "/note", "{\"note\":\"" + "x".repeat(4001) + "\"}")
                        .status())
                .isEqualTo(400);
        assertThat(designer.put("api/packs/none/note", "{\"note\":\"\"}").status())
                .isEqualTo(404);
        // The same note again is no error.
        assertThat(designer.put("api/packs/" + id + "/note", "{\"note\":\"" + note + "\"}")
                        .status())
                .isEqualTo(204);
        designer.delete("api/packs/" + id);
    }

    @Test
    void twoPacksAreComparedAndWhatIsWrongIsNamedBySide() {
        String before = Http.demoPack("10-hygrometer");
        String after = before.replaceFirst("\"massKg\": *[0-9.]+", "\"massKg\": 9");
        Answer compared = designer.post("api/comparisons", "{\"before\":" + before + ",\"after\":" + after + "}");
        assertThat(compared.json().at("/parts/0/words").asString()).endsWith("to 9 kg");
        Answer wrong = designer.post(
                "api/comparisons",
                "{\"before\":" + before + ",\"after\":" + after.replace("\"massKg\": 9", "\"massKg\": -9") + "}");
        assertThat(wrong.status()).isEqualTo(400);
        assertThat(wrong.json().at("/errors/0/path").asString()).isEqualTo("/after/item/massKg");
        assertThat(designer.post("api/comparisons", "{\"before\":" + before + "}")
                        .status())
                .isEqualTo(400);
    }

    @Test
    void thePageIsAPdfOfTheDraftOrOfARevision() {
        String id = designer.post("api/packs", Http.demoPack("10-hygrometer"))
                .json()
                .path("id")
                .asString();
        Answer page = designer.get("api/packs/" + id + "/page.pdf?units=in&paper=letter");
        assertThat(page.type()).isEqualTo("application/pdf");
        assertThat(page.body()).startsWith("%PDF-");
        assertThat(page.raw().headers().firstValue("Content-Disposition").orElse(""))
                .contains("Hygrometer%20head.pdf");
        assertThat(designer.get("api/packs/" + id + "/page.pdf?revision=1").status())
                .isEqualTo(404);
        designer.post("api/packs/" + id + "/revisions", "{\"note\":\"\"}", "If-Match", "\"1\"");
        assertThat(designer.get("api/packs/" + id + "/page.pdf?revision=1").status())
                .isEqualTo(200);
        assertThat(designer.get("api/packs/" + id + "/page.pdf?paper=a5").status())
                .isEqualTo(400);
    }
}
