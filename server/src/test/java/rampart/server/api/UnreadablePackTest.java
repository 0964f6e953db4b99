package rampart.server.api;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import rampart.server.support.Http;
import rampart.server.support.Http.Answer;
import rampart.server.support.RunningRampart;
import tools.jackson.databind.JsonNode;

/** A pack of which nothing can be said hides no other, and can be opened, taken away, mended and deleted. */
@ExtendWith(RunningRampart.class)
class UnreadablePackTest {
    private final Http http = Http.signedIn();

    /** Stored past the application, as one from before today's least values would be. */
    private String stored(String path, String value) {
        String id = http.post("api/packs", Http.demoPack("20-rain-gauge"))
                .json()
                .path("id")
                .asString();
        RunningRampart.database()
                .execute("UPDATE pack SET version = version + 1, draft = JSON_SET(draft, '" + path + "', " + value
                        + ") WHERE id = '" + id + "'");
        return id;
    }

    private JsonNode card(String id) {
        Answer shelf = http.get("api/packs?size=100");
        assertThat(shelf.status()).as(shelf.body()).isEqualTo(200);
        return shelf.json()
                .path("items")
                .valueStream()
                .filter(card -> card.path("id").asString().equals(id))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void itIsACardThatSaysSo() {
        String id = stored("$.item.massKg", "-4");
        JsonNode card = card(id);
        assertThat(card.path("name").asString()).isEqualTo("Rain gauge, funnel apart");
        assertThat(card.path("verdict").asString()).isEqualTo("unknown");
        assertThat(card.path("trouble").asString()).contains("/item/massKg").contains("at least 0.000001");
        assertThat(card.path("outsideMm").isNull()).isTrue();
        for (String sort : new String[] {"name", "weakest", "size", "mass"}) {
            assertThat(http.get("api/packs?sort=" + sort).status()).isEqualTo(200);
        }
        http.delete("api/packs/" + id);
    }

    @Test
    void itCanBeOpenedTakenAwayMendedAndDeleted() {
        String id = stored("$.item.sizeMm.length", "0");
        Answer opened = http.get("api/packs/" + id);
        assertThat(opened.status()).isEqualTo(200);
        assertThat(http.get("api/packs/" + id + "/file").status()).isEqualTo(200);
        assertThat(http.get("api/packs/" + id + "/photographs").status()).isEqualTo(200);
        assertThat(http.get("api/packs/" + id + "/page.pdf").status()).isEqualTo(400);
        assertThat(http.put("api/packs/" + id + "/draft", Http.demoPack("20-rain-gauge"), "If-Match", Http.tag(2))
                        .status())
                .isEqualTo(200);
        assertThat(card(id).path("trouble").isNull()).isTrue();
        String other = stored("$.layers", "7");
        assertThat(card(other).path("trouble").asString()).contains("/layers");
        assertThat(http.delete("api/packs/" + other).status()).isEqualTo(204);
        assertThat(http.post("api/packs/" + other + "/restoration", "").status())
                .isEqualTo(200);
        http.delete("api/packs/" + other);
        http.delete("api/packs/" + id);
    }

    @Test
    void suchAPackCannotBeSavedInTheFirstPlace() {
        String tiny = Http.demoPack("20-rain-gauge").replace("\"massKg\": 4.8", "\"massKg\": 1e-160");
        assertThat(tiny).contains("1e-160");
        Answer refused = http.post("api/packs", tiny);
        assertThat(refused.status()).isEqualTo(400);
        assertThat(refused.json().at("/errors/0/path").asString()).isEqualTo("/item/massKg");
    }
}
