package rampart.server.packs;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.springframework.context.ConfigurableApplicationContext;
import rampart.server.demo.DemoAccounts;
import rampart.server.support.Http;
import rampart.server.support.RunningRampart;
import rampart.server.support.TestDatabase;
import tools.jackson.databind.JsonNode;

/**
 * What the database does for a page of a long list, by its own counters: it looks a page up in an index, sorts no more than
 * that, and reads no table from end to end.
 */
class LongShelfTest {
    private static final int PACKS = 3000;

    /** Of a page, its rows and photographs; of what else goes on at the same time, visits and events. */
    private static final long OF_A_PAGE = 400;

    private static TestDatabase database;
    private static ConfigurableApplicationContext house;
    private static Http http;

    @BeforeAll
    static void manyPacks() {
        database = new TestDatabase();
        house = RunningRampart.start(database, "--rampart.demo=true");
        http = Http.browser(RunningRampart.url(house));
        http.signIn(house.getBean(DemoAccounts.class).offered().get(2));
        String id = http.post("api/packs", Http.demoPack("10-hygrometer"))
                .json()
                .path("id")
                .asString();
        // Asked by its verdict, so that it is worked.
        assertThat(http.get("api/packs?verdict=holds").json().path("total").asInt())
                .isOne();
        assertThat(http.post(
                                "api/packs/" + id + "/releases",
                                "{\"note\":\"\",\"reason\":\"\"}",
                                "If-Match",
                                Http.tag(1))
                        .status())
                .isEqualTo(201);
        String many = " FROM pack, seq_1_to_" + PACKS;
        database.execute("INSERT INTO pack (id, draft, note, version, saved_at, saved_by) SELECT UUID(), "
                + "JSON_SET(draft, '$.name', CONCAT('pack ', seq)), note, 1, saved_at - INTERVAL seq MINUTE, saved_by"
                + many);
        database.execute("UPDATE card c JOIN (SELECT * FROM card WHERE basis <> '' LIMIT 1) w SET c.basis = w.basis, "
                + "c.urgency = CRC32(c.name) % 3, c.kind = w.kind, c.margin = CRC32(c.name), "
                + "c.volume_mm3 = CRC32(c.name) % 977, c.gross_kg = CRC32(c.name) % 379");
        database.execute(
                "INSERT INTO revision (pack_id, number, document, note, author, made_at, catalogue_hash, rules_edition, "
                        + "draft_version) SELECT p.id, 1, r.document, r.note, r.author, r.made_at, "
                        + "r.catalogue_hash, r.rules_edition, 1 FROM pack p, revision r "
                        + "WHERE p.id <> r.pack_id");
        database.execute(
                "INSERT INTO released (running, number, name, pack_id, revision, verdict, reason, edits, prices, released_at, "
                        + "released_by) SELECT r.running + s.n, "
                        + "CONCAT('R', 10000 + s.n), CONCAT('pack ', s.n), s.id, 1, r.verdict, r.reason, r.edits, r.prices, "
                        + "r.released_at, r.released_by FROM released r, "
                        + "(SELECT id, ROW_NUMBER() OVER (ORDER BY id) + 1 AS n FROM pack WHERE id <> '" + id + "') s");
        String release =
                http.get("api/packs/" + id + "/releases").json().at("/0/number").asString();
        assertThat(http.post("api/packings", "{\"number\":\"" + release + "\"}").status())
                .isEqualTo(200);
        database.execute("INSERT INTO packing (id, number, release_number, steps, begun_at, begun_by) SELECT UUID(), "
                + "CONCAT('P', seq), release_number, steps, begun_at - INTERVAL seq MINUTE, begun_by FROM packing, seq_1_to_"
                + PACKS);
        database.single("ANALYZE TABLE pack, card, revision, released, packing");
    }

    @AfterAll
    static void close() {
        house.close();
        database.close();
    }

    @Test
    void aPageIsLookedUpAndNotSorted() {
        List<String> pages = new ArrayList<>();
        for (String sort : List.of("saved", "name", "weakest", "size", "mass")) {
            for (String filter : List.of("", "&verdict=holds", "&kind=single")) {
                String first = "api/packs?sort=" + sort + filter;
                pages.add(first);
                String mark = "";
                for (int page = 0; page < 9; page++) {
                    JsonNode next = http.get(first + "&size=100" + mark).json().path("next");
                    mark = next.isNull() ? mark : "&after=" + next.asString();
                }
                pages.add(first + mark);
            }
        }
        for (String page : pages) {
            long sorted = database.counted("Sort_rows");
            long scanned = database.counted("Handler_read_rnd_next");
            assertThat(http.get(page).json().path("total").asInt()).as(page).isPositive();
            assertThat(database.counted("Sort_rows") - sorted)
                    .as("sorted for " + page)
                    .isLessThan(OF_A_PAGE);
            assertThat(database.counted("Handler_read_rnd_next") - scanned)
                    .as("read one after another for " + page)
                    .isLessThan(2 * OF_A_PAGE);
        }
    }

    /** Words may stand anywhere: all cards are read, to count those that have them and to find the page, and no draft. */
    @Test
    void wordsReadEveryCardTwice() {
        long scanned = database.counted("Handler_read_rnd_next");
        assertThat(http.get("api/packs?search=pack+29").json().path("total").asInt())
                .isEqualTo(111);
        assertThat(database.counted("Handler_read_rnd_next") - scanned)
                .isBetween((long) PACKS, 2 * (PACKS + OF_A_PAGE));
    }

    @Test
    void theListsOfTheTableAndOfTheTrailAreLookedUp() {
        for (String list : List.of("api/packings", "api/events", "api/consignments")) {
            long scanned = database.counted("Handler_read_rnd_next");
            assertThat(http.get(list).status()).isEqualTo(200);
            assertThat(database.counted("Handler_read_rnd_next") - scanned)
                    .as(list)
                    .isLessThan(2 * OF_A_PAGE);
        }
    }

    /** The newest of each pack by words: each release is read once or twice, and those that are not asked for are not sent. */
    @Test
    void releasesAreFoundByWords() {
        long read = database.counted("Handler_read_rnd_next") + database.counted("Handler_read_next");
        assertThat(http.get("api/releases?search=pack+29").json().path("total").asInt())
                .isEqualTo(111);
        assertThat(database.counted("Handler_read_rnd_next") + database.counted("Handler_read_next") - read)
                .isLessThan(6L * PACKS);
    }

    /** What the database means to do for each statement of each list: nothing that grows with the house is read without an index. */
    @Test
    void everyStatementOfAListIsExplained() {
        Set<String> keys = new TreeSet<>();
        for (String list : List.of(
                "api/packs?sort=saved",
                "api/packs?sort=name",
                "api/packs?sort=weakest",
                "api/packs?sort=size",
                "api/packs?sort=mass",
                "api/packs?sort=mass&verdict=holds&kind=single",
                "api/releases",
                "api/packings",
                "api/consignments",
                "api/events")) {
            for (String statement : database.statements(() -> http.get(list))) {
                for (TestDatabase.Plan plan : database.explain(statement)) {
                    assertThat(plan.type().equals("ALL") && plan.rows() > OF_A_PAGE)
                            .as(list + ": " + plan + " of " + statement)
                            .isFalse();
                    keys.add(plan.key());
                }
            }
        }
        assertThat(keys)
                .contains(
                        "card_saved",
                        "card_name",
                        "card_weakest",
                        "card_size",
                        "card_mass",
                        "released_by_name",
                        "packing_begun",
                        "entry_listed");
    }
}
