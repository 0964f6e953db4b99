package rampart.server.packs;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Base64;
import java.util.List;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.springframework.context.ConfigurableApplicationContext;
import rampart.server.demo.DemoAccounts;
import rampart.server.support.Http;
import rampart.server.support.RunningRampart;
import rampart.server.support.TestDatabase;
import tools.jackson.databind.JsonNode;

/** Lists page by page: each row once, in the order of the list, whatever happens between two pages. */
class PagesTest {
    private static final List<String> LISTS = List.of(
            "api/packs?sort=saved",
            "api/packs?sort=name",
            "api/packs?sort=weakest",
            "api/packs?sort=size",
            "api/packs?sort=mass",
            "api/packs?sort=name&verdict=holds",
            "api/packs?sort=mass&search=e",
            "api/releases?search=",
            "api/packings?search=",
            "api/consignments?search=");

    private static TestDatabase database;
    private static ConfigurableApplicationContext house;
    private static Http http;

    @BeforeAll
    static void aHouse() {
        database = new TestDatabase();
        house = RunningRampart.start(
                database,
                "--rampart.demo=true",
                "--rampart.demo-packs=" + Path.of("../demo/packs").toAbsolutePath());
        http = Http.browser(RunningRampart.url(house));
        http.signIn(house.getBean(DemoAccounts.class).offered().get(2));
        untilAllAreWorked();
        String release = http.get("api/releases").json().at("/items/0/number").asString();
        for (int i = 0; i < 5; i++) {
            assertThat(http.post("api/packings", "{\"number\":\"" + release + "\"}")
                            .status())
                    .isEqualTo(200);
            assertThat(http.post(
                                    "api/consignments",
                                    "{\"receiver\":[\"somebody\"],\"note\":\"\",\"entries\":[{\"release\":\"" + release
                                            + "\",\"count\":1,\"contents\":\"\"}]}")
                            .status())
                    .isEqualTo(201);
        }
        // Packs that are alike to the last digit: only their ids tell them apart.
        String made =
                http.get("api/packs?search=hygrometer").json().at("/items/0/id").asString();
        database.execute(
                "INSERT INTO pack (id, draft, note, version, saved_at, saved_by) SELECT UUID(), draft, note, 1, "
                        + "saved_at, saved_by FROM pack, seq_1_to_7 WHERE id = '" + made + "'");
        untilAllAreWorked();
    }

    /** Each look works a few; of some twenty packs none waits after as many looks. */
    private static void untilAllAreWorked() {
        int waiting = 1;
        for (int look = 0; look < 100 && waiting > 0; look++) {
            waiting = http.get("api/packs?sort=weakest").json().path("waiting").asInt();
        }
        assertThat(waiting).isZero();
    }

    @AfterAll
    static void close() {
        house.close();
        database.close();
    }

    private static List<String> ids(JsonNode page) {
        List<String> ids = new ArrayList<>();
        page.path("items")
                .forEach(item ->
                        ids.add(item.path(item.has("id") ? "id" : "number").asString()));
        return ids;
    }

    @Test
    void pagesOfOneAndOfThreeAreTheWholeList() {
        for (String list : LISTS) {
            JsonNode whole = http.get(list + "&size=100").json();
            assertThat(whole.path("next").isNull()).as(list).isTrue();
            assertThat(ids(whole)).as(list).hasSizeGreaterThan(4).doesNotHaveDuplicates();
            assertThat(whole.path("total").asInt())
                    .as(list)
                    .isEqualTo(ids(whole).size());
            for (int size : List.of(1, 3)) {
                List<String> paged = new ArrayList<>();
                String mark = "";
                do {
                    JsonNode page = http.get(list + "&size=" + size + mark).json();
                    assertThat(page.path("total")).as(list).isEqualTo(whole.path("total"));
                    paged.addAll(ids(page));
                    mark = page.path("next").isNull()
                            ? ""
                            : "&after=" + page.path("next").asString();
                } while (!mark.isEmpty());
                assertThat(paged).as(list).isEqualTo(ids(whole));
            }
        }
    }

    /** Counted by places, a pack that is saved while somebody reads pushes one over to the next page, where it stands again. */
    @Test
    void aPackSavedBetweenTwoPagesMovesNone() {
        JsonNode first = http.get("api/packs?sort=saved&size=3").json();
        List<String> before = ids(http.get("api/packs?sort=saved&size=9").json());
        String id = http.post("api/packs", Http.demoPack("10-hygrometer"))
                .json()
                .path("id")
                .asString();
        assertThat(ids(http.get("api/packs?sort=saved&size=6&after="
                                + first.path("next").asString())
                        .json()))
                .isEqualTo(before.subList(3, 9));
        assertThat(http.send("DELETE", "api/packs/" + id, null).status()).isEqualTo(204);
    }

    @Test
    void whatIsNoMarkIsRefusedWithWords() {
        String saved =
                http.get("api/packs?sort=saved&size=3").json().path("next").asString();
        List<String> wrong = new ArrayList<>(List.of("x", "a%20b", "AA=", "A".repeat(4000), "%C3%A4", "_w", "0"));
        for (String values : List.of(
                "",
                "\0",
                "then\0it",
                "-999999999-01-01T00:00:00Z\0a",
                "+10000-01-01T00:00:00Z\0a",
                "2026-01-01T00:00:00Z\0a\0b",
                "\0\0\0\0\0\0\0\0\0")) {
            wrong.add(Base64.getUrlEncoder().withoutPadding().encodeToString(values.getBytes(StandardCharsets.UTF_8)));
        }
        for (String list : LISTS) {
            for (String mark : wrong) {
                Http.Answer answer = http.get(list + "&after=" + mark);
                assertThat(answer.status()).as(list + " after " + mark).isEqualTo(400);
                assertThat(answer.body()).contains("ended where the next one is asked for");
            }
        }
        assertThat(http.get("api/packs?sort=size&after=" + saved).status()).isEqualTo(400);
        String nothing = Base64.getUrlEncoder()
                .withoutPadding()
                .encodeToString("NaN\0002026-01-01T00:00:00Z\0a".getBytes(StandardCharsets.UTF_8));
        assertThat(http.get("api/packs?sort=size&after=" + nothing).status()).isEqualTo(400);
    }

    /** A mark is only where to go on: one of a row that never was leads to what comes after it. */
    @Test
    void aMarkOfAnotherTimeLeadsToWhatComesAfter() {
        String mark = Base64.getUrlEncoder()
                .withoutPadding()
                .encodeToString("9999-12-31T23:59:59Z\0'; DROP TABLE pack; --".getBytes(StandardCharsets.UTF_8));
        assertThat(ids(http.get("api/packs?size=9&after=" + mark).json()))
                .isEqualTo(ids(http.get("api/packs?size=9").json()));
    }
}
