package rampart.server.bodies;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.InputStream;
import java.net.Socket;
import java.net.URI;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Base64;
import java.util.List;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import rampart.server.demo.DemoAccounts.DemoAccount;
import rampart.server.support.Http;
import rampart.server.support.Http.Answer;
import rampart.server.support.RunningRampart;

/** Whoever sends slowly, or says so and sends nothing, holds nobody up: neither strangers nor people of the house. */
@ExtendWith(RunningRampart.class)
class SlowSendersTest {
    /** More than the container has workers (200). */
    private static final int MANY = 260;

    private final List<Socket> open = new ArrayList<>();

    @AfterEach
    void hangUp() throws IOException {
        for (Socket socket : open) {
            socket.close();
        }
    }

    @ParameterizedTest
    @CsvSource({
        "POST, /api/session, application/json, false",
        "POST, /api/session, application/x-www-form-urlencoded, false",
        "PUT, /api/house, application/x-www-form-urlencoded, false",
        "POST, /api/packs, 'multipart/form-data; boundary=x', false",
        "POST, /nowhere, application/json, false",
        "GET, /assets/none.js, application/json, false",
        "POST, /api/evaluations, application/json, true",
        "POST, /api/outlines/photograph, image/jpeg, true",
        "POST, /api/packs/none/photographs, image/png, true",
        "POST, /api/packs, application/x-www-form-urlencoded, true"
    })
    void bodiesThatDripHoldNoWorker(String method, String path, String type, boolean signedIn) throws Exception {
        Http known = Http.signedIn();
        String head = head(method, path, type, "Content-Length: 9000", signedIn);
        for (int i = 0; i < MANY; i++) {
            send(open(), head + "{");
        }
        assertThat(soon(() -> known.get("api/packs?size=1"))).isEqualTo(200);
        assertThat(soon(() -> Http.browser(RunningRampart.url()).signIn(RunningRampart.packer())))
                .isEqualTo(200);
        assertThat(soon(() -> known.post("api/evaluations", Http.demoPack("10-hygrometer"))))
                .isEqualTo(200);
    }

    @Test
    void thoseWhoHaveSentLongestGiveWayToWhoComesThen() throws Exception {
        String head = head("POST", "/api/session", "application/json", "Transfer-Encoding: chunked", false);
        Socket first = open();
        send(first, head + "1\r\n{\r\n");
        for (int i = 0; i < 1100; i++) {
            send(open(), head + "1\r\n{\r\n");
        }
        Answer signedIn = Http.browser(RunningRampart.url()).signIn(RunningRampart.packer());
        assertThat(signedIn.status()).as(signedIn.body()).isEqualTo(200);
        assertThat(answer(first)).startsWith("HTTP/1.1 408").contains("did not come to its end");
    }

    @Test
    void aBodyInPiecesArrivesAsItWasSent() throws Exception {
        String pack = Http.demoPack("10-hygrometer");
        byte[] bytes = pack.getBytes(StandardCharsets.UTF_8);
        Socket slow = open();
        send(slow, head("POST", "/api/evaluations", "application/json", "Content-Length: " + bytes.length, true));
        for (int at = 0; at < bytes.length; at += 700) {
            slow.getOutputStream().write(bytes, at, Math.min(700, bytes.length - at));
            slow.getOutputStream().flush();
            Thread.sleep(5);
        }
        Answer whole = Http.signedIn().post("api/evaluations", pack);
        assertThat(whole.status()).isEqualTo(200);
        assertThat(answer(slow))
                .startsWith("HTTP/1.1 200")
                .contains(whole.json().path("verdict").path("sentence").asString());
    }

    /** What is sent by somebody who may not, or to nowhere, is refused so that it can be read: all of it is taken first. */
    @ParameterizedTest
    @CsvSource({"POST, /api/packs/x/photographs, 403", "PUT, /api/house, 403", "POST, /nowhere, 403"})
    void whoIsTurnedAwayWithALargeBodyCanReadWhy(String method, String path, int status) throws Exception {
        byte[] piece = new byte[64 * 1024];
        Arrays.fill(piece, (byte) 7);
        try (Socket sender = open()) {
            // No token, which is what is missing first.
            send(
                    sender,
                    head(method, path, "image/jpeg", "Content-Length: " + 100L * piece.length, false)
                            .replace("any\r\nX", "one\r\nX"));
            for (int i = 0; i < 100; i++) {
                sender.getOutputStream().write(piece);
            }
            assertThat(answer(sender)).startsWith("HTTP/1.1 " + status).contains("\"detail\":");
        }
    }

    @Test
    void aSignInIsAFewBytes() {
        Http http = Http.browser(RunningRampart.url());
        http.get("api/session");
        Answer answer = http.post("api/session", "{\"name\":\"x\",\"password\":\"" + "y".repeat(20_000) + "\"}");
        assertThat(answer.status()).isEqualTo(413);
        assertThat(answer.body()).contains("larger than 16 kB");
    }

    private Socket open() throws IOException {
        URI at = URI.create(RunningRampart.url());
        Socket socket = new Socket(at.getHost(), at.getPort());
        open.add(socket);
        return socket;
    }

    private static void send(Socket socket, String text) throws IOException {
        socket.getOutputStream().write(text.getBytes(StandardCharsets.ISO_8859_1));
        socket.getOutputStream().flush();
    }

    private static String head(String method, String path, String type, String length, boolean signedIn) {
        DemoAccount who = RunningRampart.designer();
        String basic = Base64.getEncoder()
                .encodeToString((who.name() + ":" + who.password()).getBytes(StandardCharsets.UTF_8));
        return """
                %s %s HTTP/1.1
                Host: 127.0.0.1
                Content-Type: %s
                %s
                Connection: close
                Cookie: XSRF-TOKEN=any
                X-XSRF-TOKEN: any
                %s
                """.formatted(method, path, type, length, signedIn ? "Authorization: Basic " + basic + "\n" : "")
                .replace("\n", "\r\n");
    }

    private static String answer(Socket socket) throws IOException {
        socket.setSoTimeout(60_000);
        InputStream in = socket.getInputStream();
        return new String(in.readAllBytes(), StandardCharsets.UTF_8);
    }

    /** While the workers are held, it would not come at all. */
    private static int soon(java.util.function.Supplier<Answer> asked) throws Exception {
        return CompletableFuture.supplyAsync(asked).get(15, TimeUnit.SECONDS).status();
    }
}
