package rampart.server.durability;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.context.ConfigurableApplicationContext;
import rampart.server.demo.DemoAccounts;
import rampart.server.support.Http;
import rampart.server.support.Http.Answer;
import rampart.server.support.RunningRampart;
import rampart.server.support.TestDatabase;

/** A disk without room, and a database that is away: said as they are, to people who are signed in too, and nothing is lost. */
class FullDiskTest {
    @Test
    void writingStopsAndReadingGoesOn() {
        try (TestDatabase database = new TestDatabase();
                ConfigurableApplicationContext house = RunningRampart.start(
                        database,
                        "--rampart.demo=true",
                        "--rampart.data-folder=" + System.getProperty("java.io.tmpdir"),
                        "--rampart.least-free-bytes=" + Long.MAX_VALUE)) {
            Http http = Http.browser(RunningRampart.url(house));
            assertThat(http.signIn(house.getBean(DemoAccounts.class).offered().get(2))
                            .status())
                    .isEqualTo(200);
            Answer refused = http.post("api/packs", Http.demoPack("10-hygrometer"));
            assertThat(refused.status()).isEqualTo(507);
            assertThat(refused.json().path("detail").asString()).contains("disk that holds the house is full");
            assertThat(refused.raw().headers().firstValue("Rampart-Disk")).contains("full");
            assertThat(http.put("api/house", "{}").status()).isEqualTo(507);
            assertThat(http.delete("api/packs/none").status()).isEqualTo(507);
            Answer list = http.get("api/packs");
            assertThat(list.status()).isEqualTo(200);
            assertThat(list.json().path("total").asInt()).isZero();
            assertThat(list.raw().headers().firstValue("Rampart-Disk")).contains("full");
            assertThat(http.post("api/evaluations", Http.demoPack("10-hygrometer"))
                            .status())
                    .isEqualTo(200);
            assertThat(http.delete("api/session").status()).isEqualTo(204);
        }
    }

    @Test
    void whereThereIsRoomNothingIsSaid() {
        try (TestDatabase database = new TestDatabase();
                ConfigurableApplicationContext house = RunningRampart.start(
                        database,
                        "--rampart.demo=true",
                        "--rampart.data-folder=" + System.getProperty("java.io.tmpdir"),
                        "--rampart.least-free-bytes=1")) {
            Http http = Http.browser(RunningRampart.url(house));
            http.signIn(house.getBean(DemoAccounts.class).offered().get(0));
            Answer made = http.post("api/packs", Http.demoPack("10-hygrometer"));
            assertThat(made.status()).isEqualTo(201);
            assertThat(made.raw().headers().firstValue("Rampart-Disk")).isEmpty();
        }
    }

    /** Also where it is the visit that cannot be looked up, before any page of ours is reached. */
    @ParameterizedTest
    @CsvSource({"GET, api/packs", "POST, api/packs", "GET, api/session", "POST, api/evaluations"})
    void aDatabaseThatIsAwayIsSaidToBe(String method, String path) throws Exception {
        try (TestDatabase database = new TestDatabase();
                ConfigurableApplicationContext house = RunningRampart.start(database, "--rampart.demo=true")) {
            Http http = Http.browser(RunningRampart.url(house));
            http.signIn(house.getBean(DemoAccounts.class).offered().get(0));
            database.kill();
            byte[] body = method.equals("GET")
                    ? null
                    : Http.demoPack("10-hygrometer").getBytes(java.nio.charset.StandardCharsets.UTF_8);
            Answer answer = http.send(method, path, body);
            assertThat(answer.status()).as(answer.body()).isEqualTo(503);
            assertThat(answer.json().path("detail").asString()).contains("database does not answer");
            assertThat(answer.raw().headers().firstValue("Retry-After")).isPresent();
            database.start();
            http.get("api/session");
            assertThat(http.get("api/packs").status()).as("goes on by itself").isEqualTo(200);
        }
    }
}
