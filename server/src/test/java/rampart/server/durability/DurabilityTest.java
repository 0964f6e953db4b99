package rampart.server.durability;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.springframework.context.ConfigurableApplicationContext;
import rampart.server.access.FirstStart;
import rampart.server.support.Http;
import rampart.server.support.RunningRampart;
import rampart.server.support.Saver;
import rampart.server.support.ServerProcess;
import rampart.server.support.TestDatabase;
import rampart.server.support.Worker;

/**
 * What was said to be saved is there, whoever is killed in the middle of saves. Six kills with every test, thirty in a thorough one;
 * {@code ./rampart bench kills} makes sixty.
 */
class DurabilityTest {
    private static final int PEOPLE = 3;
    private static final int KILLS = Integer.getInteger("rampart.kills", 6 * Integer.getInteger("rampart.thorough", 1));
    private static final int KILLS_OF_THE_SERVER = KILLS / 3;
    private static final int KILLS_OF_THE_DATABASE = KILLS - KILLS_OF_THE_SERVER;
    private static final String ACCOUNT = "{\"code\":\"%s\",\"name\":\"keeper\",\"password\":\"a long password\"}";

    /** Saves that fall into a kill give up soon, so that a kill takes two seconds; nor does each fill the log. */
    private static final String[] IMPATIENT = {
        "--spring.datasource.hikari.connection-timeout=300", "--logging.level.root=off", "--logging.level.rampart=off"
    };

    private final Random random = new Random(20261125);

    @Test
    void theDatabaseIsSetToKeepWhatItAcknowledges() {
        try (TestDatabase database = new TestDatabase()) {
            assertThat(database.variable("innodb_flush_log_at_trx_commit")).isEqualTo("1");
            assertThat(database.variable("innodb_doublewrite")).isEqualTo("1");
            assertThat(database.variable("sync_binlog")).isEqualTo("1");
            assertThat(database.variable("bind_address")).isEqualTo("127.0.0.1");
            assertThat(database.variable("sql_mode")).contains("STRICT_ALL_TABLES");
        }
    }

    @Test
    void theDatabaseIsKilledInTheMiddleOfSaves() throws Exception {
        try (TestDatabase database = new TestDatabase();
                ConfigurableApplicationContext house = RunningRampart.start(database, IMPATIENT)) {
            Http http = firstAccount(
                    RunningRampart.url(house), house.getBean(FirstStart.class).code());
            List<Saver> savers = savers(http);
            for (int kill = 0; kill < KILLS_OF_THE_DATABASE; kill++) {
                int before = savers.stream().mapToInt(Saver::saves).sum();
                during(savers, () -> {
                    awaitASave(savers, before);
                    ServerProcess.pause(random.nextInt(250));
                    database.kill();
                });
                database.start();
                await(http);
                assertNothingLost(savers);
                assertThat(savers.stream().mapToInt(Saver::saves).sum())
                        .as("saves before kill " + kill)
                        .isGreaterThan(before);
            }
        }
    }

    @Test
    void theServerIsKilledAndNobodySignsInAgain() throws Exception {
        try (TestDatabase database = new TestDatabase()) {
            ServerProcess server = ServerProcess.start(database);
            Http[] http = {firstAccount(server.url(), server.firstCode())};
            List<Saver> savers = new ArrayList<>();
            for (int i = 0; i < PEOPLE; i++) {
                savers.add(new Saver(() -> http[0], "person " + i));
            }
            try {
                for (int kill = 0; kill < KILLS_OF_THE_SERVER; kill++) {
                    ServerProcess running = server;
                    during(savers, () -> {
                        ServerProcess.pause(100 + random.nextInt(400));
                        running.kill();
                    });
                    running.close();
                    server = ServerProcess.start(database);
                    // The same cookies: the session outlived the server.
                    http[0] = http[0].at(server.url());
                    assertThat(http[0].get("api/packs").status()).isEqualTo(200);
                    assertNothingLost(savers);
                }
            } finally {
                server.close();
            }
            assertThat(savers.stream().mapToInt(Saver::saves).sum()).isGreaterThan(KILLS_OF_THE_SERVER);
        }
    }

    @Test
    void ofTwoServersOneIsKilledAndPeopleGoOnAtTheOther() throws Exception {
        try (TestDatabase database = new TestDatabase();
                ServerProcess first = ServerProcess.start(database);
                ServerProcess second = ServerProcess.start(database)) {
            Http keeper = firstAccount(first.url(), first.firstCode());
            List<Http> people = new ArrayList<>();
            for (int i = 0; i < 5; i++) {
                String password = keeper.post("api/people", "{\"name\":\"person " + i + "\",\"role\":\"designer\"}")
                        .json()
                        .path("password")
                        .asString();
                Http person = Http.browser(i % 2 == 0 ? first.url() : second.url());
                person.get("api/session");
                person.post("api/session", "{\"name\":\"person " + i + "\",\"password\":\"" + password + "\"}");
                person.get("api/session");
                people.add(person);
            }
            first.kill();
            for (Http person : people) {
                Http there = person.at(second.url());
                assertThat(there.get("api/packs").status()).isEqualTo(200);
                assertThat(there.post("api/packs", Http.demoPack("10-hygrometer"))
                                .status())
                        .isEqualTo(201);
            }
        }
    }

    /** Releases, packings, acts and pictures: what was said to be done is there, and no number was given twice. */
    @Test
    void theServerIsKilledInTheMiddleOfReleasesActsAndPictures() throws Exception {
        try (TestDatabase database = new TestDatabase()) {
            ServerProcess server = ServerProcess.start(database);
            Http[] http = {firstAccount(server.url(), server.firstCode())};
            List<Worker> workers = new ArrayList<>();
            for (int i = 0; i < PEOPLE; i++) {
                workers.add(new Worker(() -> http[0], "worker " + i));
            }
            try {
                for (int kill = 0; kill < KILLS / 6; kill++) {
                    ServerProcess running = server;
                    workAndKill(workers, running);
                    running.close();
                    server = ServerProcess.start(database);
                    http[0] = http[0].at(server.url());
                    assertThat(workers).flatExtracting(Worker::lost).isEmpty();
                    assertThat(workers).flatExtracting(Worker::numbers).doesNotHaveDuplicates();
                }
            } finally {
                server.close();
            }
            assertThat(acknowledged(workers)).allMatch(of -> of > 0);
        }
    }

    private void workAndKill(List<Worker> workers, ServerProcess running) throws Exception {
        List<Integer> before = acknowledged(workers);
        ExecutorService threads = Executors.newFixedThreadPool(workers.size());
        try {
            List<Future<?>> all = new ArrayList<>();
            for (Worker worker : workers) {
                worker.goOn();
                all.add(threads.submit(worker));
            }
            awaitEveryKind(workers, before);
            ServerProcess.pause(random.nextInt(1500));
            running.kill();
            workers.forEach(Worker::stop);
            for (Future<?> each : all) {
                each.get();
            }
        } finally {
            threads.shutdownNow();
        }
    }

    /** So that each kill falls among releases, acts and pictures, however slow the machine is. */
    private static void awaitEveryKind(List<Worker> workers, List<Integer> before) {
        for (int i = 0; i < 3000 && !moreOfEach(before, acknowledged(workers)); i++) {
            ServerProcess.pause(20);
        }
    }

    private static boolean moreOfEach(List<Integer> before, List<Integer> now) {
        return IntStream.range(0, before.size()).allMatch(kind -> now.get(kind) > before.get(kind));
    }

    /** How much was acknowledged to all of them, of each kind. */
    private static List<Integer> acknowledged(List<Worker> workers) {
        return IntStream.range(0, 3)
                .mapToObj(kind -> workers.stream()
                        .mapToInt(worker -> worker.acknowledged().get(kind))
                        .sum())
                .toList();
    }

    private static Http firstAccount(String url, String code) {
        Http http = Http.browser(url);
        http.get("api/session");
        assertThat(http.post("api/first-account", ACCOUNT.formatted(code)).status())
                .isEqualTo(200);
        http.get("api/session");
        return http;
    }

    private static List<Saver> savers(Http http) {
        List<Saver> savers = new ArrayList<>();
        for (int i = 0; i < PEOPLE; i++) {
            savers.add(new Saver(() -> http, "person " + i));
        }
        return savers;
    }

    private interface EventType {
        void run() throws Exception;
    }

    /** Does something while everybody saves, then lets them stop. */
    private static void during(List<Saver> savers, EventType deed) throws Exception {
        ExecutorService threads = Executors.newFixedThreadPool(savers.size());
        try {
            List<Future<?>> running = new ArrayList<>();
            for (Saver saver : savers) {
                saver.goOn();
                running.add(threads.submit(saver));
            }
            deed.run();
            savers.forEach(Saver::stop);
            for (Future<?> each : running) {
                each.get();
            }
        } finally {
            threads.shutdownNow();
        }
    }

    /** So that each kill falls among saves, however slow the machine is. */
    private static void awaitASave(List<Saver> savers, int before) {
        for (int i = 0; i < 1000 && savers.stream().mapToInt(Saver::saves).sum() <= before; i++) {
            ServerProcess.pause(20);
        }
    }

    /** Until the application has its database again. */
    private static void await(Http http) {
        for (int i = 0; i < 300 && http.get("api/packs").status() != 200; i++) {
            ServerProcess.pause(50);
        }
        assertThat(http.get("api/packs").status()).isEqualTo(200);
    }

    private static void assertNothingLost(List<Saver> savers) {
        assertThat(savers.stream().map(Saver::lost).filter(lost -> !lost.isEmpty()))
                .isEmpty();
    }
}
