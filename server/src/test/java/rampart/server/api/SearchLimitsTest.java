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
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.TimeUnit;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import rampart.server.demo.DemoAccounts.DemoAccount;
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

    private void untilNothingRuns(long mostMs) throws InterruptedException {
        long end = System.nanoTime() + TimeUnit.MILLISECONDS.toNanos(mostMs);
        String now = "";
        while (System.nanoTime() < end) {
            now = http.get("api/searches").body();
            if (now.equals("[]")) {
                return;
            }
            TimeUnit.MILLISECONDS.sleep(20);
        }
        throw new AssertionError("still under way: " + now);
    }

    private void untilOneRuns() throws InterruptedException {
        for (int i = 0; i < 500; i++) {
            if (http.get("api/searches").body().contains("\"place\":0")) {
                return;
            }
            TimeUnit.MILLISECONDS.sleep(10);
        }
        throw new AssertionError("no search began");
    }

    /** The connection is closed without a word, as a browser does that is closed. */
    @Test
    void aClientThatLeavesEndsItsSearchWithinASecond() throws Exception {
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
                untilOneRuns();
            }
            untilNothingRuns(1000);
        }
    }

    @Test
    void whoSaysStopIsObeyedWithinASecond() throws Exception {
        ExecutorService person = Executors.newSingleThreadExecutor();
        try {
            Future<Answer> asked = person.submit(() -> http.post("api/proposals", body));
            untilOneRuns();
            assertThat(http.delete("api/searches").status()).isEqualTo(204);
            untilNothingRuns(1000);
            assertThat(asked.get(5, TimeUnit.SECONDS).status()).isEqualTo(503);
        } finally {
            person.shutdownNow();
        }
    }

    @Test
    void oneHasThreeAtMostAndIsToldWhenToComeAgain() throws Exception {
        ExecutorService people = Executors.newFixedThreadPool(8);
        try {
            List<Future<Answer>> all = new ArrayList<>();
            for (int i = 0; i < 8; i++) {
                all.add(people.submit((Callable<Answer>) () -> http.post("api/proposals", body)));
            }
            untilOneRuns();
            TimeUnit.MILLISECONDS.sleep(500);
            assertThat(http.get("api/searches").json().size()).isEqualTo(3);
            http.delete("api/searches");
            List<Answer> answers = new ArrayList<>();
            for (Future<Answer> one : all) {
                answers.add(one.get(10, TimeUnit.SECONDS));
            }
            var counts = answers.stream().collect(Collectors.groupingBy(Answer::status, Collectors.counting()));
            assertThat(counts).containsEntry(429, 5L).containsEntry(503, 3L);
            assertThat(answers)
                    .allMatch(a -> a.raw().headers().firstValue("Retry-After").isPresent());
        } finally {
            people.shutdownNow();
            untilNothingRuns(2000);
        }
    }
}
