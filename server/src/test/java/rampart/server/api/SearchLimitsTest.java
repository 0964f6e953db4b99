package rampart.server.api;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.OutputStream;
import java.net.InetAddress;
import java.net.Socket;
import java.net.URI;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Base64;
import java.util.List;
import java.util.concurrent.Callable;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.TimeUnit;
import java.util.function.BooleanSupplier;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import rampart.server.demo.DemoAccounts.DemoAccount;
import rampart.server.searches.Searches;
import rampart.server.support.Http;
import rampart.server.support.Http.Answer;
import rampart.server.support.RunningRampart;

/** Searches over the wire: how many are taken, and that one ends when its asker has left or says stop. */
@ExtendWith(RunningRampart.class)
class SearchLimitsTest {
    private static final String LIMITS = "{\"build\":\"any\",\"foams\":[],\"longestMm\":null,\"lengthAndGirthMm\":null,"
            + "\"reusable\":false,\"handCut\":false,\"stockOnly\":false}";

    private final Http http = Http.signedIn();
    private final String body = "{\"pack\":" + Http.demoPack("30-seismometer") + ",\"limits\":" + LIMITS + "}";

    private final CountDownLatch ended = new CountDownLatch(1);
    private final ExecutorService others = Executors.newCachedThreadPool();

    @AfterEach
    void end() {
        ended.countDown();
        others.shutdown();
        untilOwn(0);
    }

    /** A search of this person's that lasts until the end of the test, however quick searches are. */
    private void hold(String who) {
        Searches searches = RunningRampart.bean(Searches.class);
        others.execute(() -> searches.run(who, "held", () -> false, Searches.Onlooker.NONE, search -> {
            while (ended.getCount() > 0) {
                search.look();
                pause();
            }
            return who;
        }));
        await(() -> !searches.of(who).isEmpty(), () -> who + " holds nothing");
    }

    /** As many of other people's as may run at once: what is asked over the wire waits. */
    private void holdTheMachine() {
        for (int i = 0; i < Runtime.getRuntime().availableProcessors(); i++) {
            hold("other" + i);
        }
    }

    private static void pause() {
        try {
            TimeUnit.MILLISECONDS.sleep(10);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }

    private static void await(BooleanSupplier what, Supplier<String> otherwise) {
        long end = System.nanoTime() + TimeUnit.SECONDS.toNanos(10);
        while (!what.getAsBoolean()) {
            if (System.nanoTime() > end) {
                throw new AssertionError(otherwise.get());
            }
            pause();
        }
    }

    private void untilOwn(int searches) {
        await(
                () -> own() == searches,
                () -> "under way: " + http.get("api/searches").body());
    }

    private int own() {
        return http.get("api/searches").json().size();
    }

    /** The connection is closed without a word, as a browser does that is closed. */
    @Test
    void aClientThatLeavesEndsItsSearch() throws Exception {
        holdTheMachine();
        for (String path : List.of("/api/proposals", "/api/proposals/lines")) {
            DemoAccount designer = RunningRampart.designer();
            String pair = designer.name() + ":" + designer.password();
            byte[] bytes = body.getBytes(StandardCharsets.UTF_8);
            URI base = URI.create(RunningRampart.url());
            try (Socket socket = new Socket(InetAddress.getLoopbackAddress(), base.getPort())) {
                String head = "POST " + path + " HTTP/1.1\r\nHost: 127.0.0.1\r\nContent-Type: application/json\r\n"
                        + "Authorization: Basic "
                        + Base64.getEncoder().encodeToString(pair.getBytes(StandardCharsets.UTF_8))
                        + "\r\nContent-Length: " + bytes.length + "\r\n\r\n";
                OutputStream out = socket.getOutputStream();
                out.write(head.getBytes(StandardCharsets.ISO_8859_1));
                out.write(bytes);
                out.flush();
                untilOwn(1);
            }
            untilOwn(0);
        }
    }

    @Test
    void whoSaysStopIsObeyed() throws Exception {
        ExecutorService person = Executors.newSingleThreadExecutor();
        holdTheMachine();
        try {
            Future<Answer> asked = person.submit(() -> http.post("api/proposals", body));
            untilOwn(1);
            assertThat(http.delete("api/searches").status()).isEqualTo(204);
            untilOwn(0);
            assertThat(asked.get(5, TimeUnit.SECONDS).status()).isEqualTo(503);
        } finally {
            person.shutdownNow();
        }
    }

    @Test
    void oneHasThreeAtMostAndIsToldWhenToComeAgain() throws Exception {
        ExecutorService people = Executors.newFixedThreadPool(8);
        hold(RunningRampart.designer().name());
        try {
            List<Future<Answer>> all = new ArrayList<>();
            for (int i = 0; i < 8; i++) {
                all.add(people.submit((Callable<Answer>) () -> http.post("api/proposals", body)));
            }
            await(() -> all.stream().filter(Future::isDone).count() == 6, () -> "too many were taken");
            assertThat(own()).isEqualTo(3);
            http.delete("api/searches");
            List<Answer> answers = new ArrayList<>();
            for (Future<Answer> one : all) {
                answers.add(one.get(10, TimeUnit.SECONDS));
            }
            var counts = answers.stream().collect(Collectors.groupingBy(Answer::status, Collectors.counting()));
            assertThat(counts).containsEntry(429, 6L).containsEntry(503, 2L);
            assertThat(answers)
                    .allMatch(a -> a.raw().headers().firstValue("Retry-After").isPresent());
        } finally {
            people.shutdownNow();
        }
    }
}
