package rampart.server.packs;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.springframework.context.ConfigurableApplicationContext;
import rampart.server.demo.DemoAccounts;
import rampart.server.persistence.CardRepository;
import rampart.server.persistence.CardRepository.Header;
import rampart.server.persistence.CardRepository.Order;
import rampart.server.persistence.CardRepository.Wanted;
import rampart.server.persistence.CardRepository.Worked;
import rampart.server.support.Http;
import rampart.server.support.RunningRampart;
import rampart.server.support.TestDatabase;
import tools.jackson.databind.JsonNode;

/** Cards follow their packs, whatever is done to them, and say nothing of a version that is not there any more. */
class CardTest {
    private static final Wanted ANY = new Wanted("", Optional.empty(), Optional.empty());

    @Test
    void aCardFollowsItsPack() {
        try (TestDatabase database = new TestDatabase();
                ConfigurableApplicationContext house = RunningRampart.start(database, "--rampart.demo=true")) {
            Http http = Http.browser(RunningRampart.url(house));
            http.signIn(house.getBean(DemoAccounts.class).offered().get(0));
            CardRepository cards = house.getBean(CardRepository.class);
            String pack = Http.demoPack("10-hygrometer");
            String id = http.post("api/packs", pack).json().path("id").asString();

            assertThat(verdict(http, "holds", id))
                    .as("worked while somebody waits")
                    .isTrue();
            assertThat(cards.countWaiting()).isZero();
            String heavy = pack.replaceFirst("\"massKg\": *[0-9.]+", "\"massKg\": 40");
            assertThat(http.put("api/packs/" + id + "/draft", heavy, "If-Match", Http.tag(1))
                            .status())
                    .isEqualTo(200);
            assertThat(verdict(http, "holds", id)).as("of the version before").isFalse();
            assertThat(verdict(http, "breaks", id)).isTrue();
            Header now = header(cards, id);
            cards.put(new Worked(id, now.version() - 1, "b".repeat(64), 3, "single", 1, 1, 1, new byte[] {1}));
            assertThat(verdict(http, "breaks", id))
                    .as("what came late of an older version")
                    .isTrue();

            http.send(
                    "PATCH",
                    "api/packs/" + id,
                    "{\"name\":\"called otherwise\"}".getBytes(java.nio.charset.StandardCharsets.UTF_8));
            http.put("api/packs/" + id + "/note", "{\"note\":\"of the card\"}");
            assertThat(header(cards, id).name()).isEqualTo("called otherwise");
            assertThat(header(cards, id).note()).isEqualTo("of the card");
            assertThat(cards.find(
                                    new Wanted("OTHERW", Optional.empty(), Optional.empty()),
                                    Order.SIZE,
                                    Optional.empty(),
                                    5)
                            .total())
                    .isOne();
            assertThat(cards.find(
                                    new Wanted("of_the", Optional.empty(), Optional.empty()),
                                    Order.NAME,
                                    Optional.empty(),
                                    5)
                            .total())
                    .as("a line below is a letter, not any letter")
                    .isZero();
            http.put(
                    "api/packs/" + id + "/note",
                    "{\"note\":\"\u00c6gir's Stra\u00dfe, Na\u00efve 100 % \ud83d\ude00 \ufdfa\"}");
            for (String there : List.of(
                    "naive",
                    "NA\u00cfVE",
                    "stra\u00dfe",
                    "\u00e6gir",
                    "0 %",
                    "'s s",
                    "\ud83d\ude00",
                    "\ufdfa",
                    "\u00ad")) {
                assertThat(cards.find(
                                        new Wanted(there, Optional.empty(), Optional.empty()),
                                        Order.NAME,
                                        Optional.empty(),
                                        5)
                                .total())
                        .as(there)
                        .isEqualTo(likeAlone(database, there));
            }
            assertThat(likeAlone(database, "naive")).isOne();
            assertThat(cards.find(
                                    new Wanted("naiver", Optional.empty(), Optional.empty()),
                                    Order.NAME,
                                    Optional.empty(),
                                    5)
                            .total())
                    .isZero();
            http.put("api/packs/" + id + "/note", "{\"note\":\"" + "\ufdfa".repeat(4000) + "\"}");
            assertThat(header(cards, id).note()).as("the most weights").hasSize(4000);
            http.delete("api/packs/" + id);
            assertThat(cards.find(ANY, Order.SAVED, Optional.empty(), 5).total())
                    .isZero();
            http.post("api/packs/" + id + "/restoration", "");
            assertThat(cards.find(ANY, Order.SAVED, Optional.empty(), 5).total())
                    .isOne();

            assertThat(verdict(http, "breaks", id)).isTrue();
            assertThat(cards.forgetOtherThan("c".repeat(64))).as("other rules").isPositive();
            assertThat(cards.waiting(5)).contains(id);
            assertThat(verdict(http, "breaks", id)).as("worked anew").isTrue();
        }
    }

    /** Found letter by letter, without the weights. */
    private static long likeAlone(TestDatabase database, String text) {
        return Long.parseLong(database.single("SELECT COUNT(*) FROM card WHERE on_shelf = 1 AND (name LIKE '%"
                + text.replace("'", "''").replace("%", "!%") + "%' ESCAPE '!' OR note LIKE '%"
                + text.replace("'", "''").replace("%", "!%") + "%' ESCAPE '!')"));
    }

    private static Header header(CardRepository cards, String id) {
        List<Header> all = cards.find(ANY, Order.SAVED, Optional.empty(), 50).rows();
        return all.stream().filter(header -> header.id().equals(id)).findFirst().orElseThrow();
    }

    private static boolean verdict(Http http, String verdict, String id) {
        JsonNode page = http.get("api/packs?verdict=" + verdict).json();
        assertThat(page.path("waiting").asInt()).isZero();
        for (JsonNode card : page.path("items")) {
            if (card.path("id").asString().equals(id)) {
                return true;
            }
        }
        return false;
    }
}
