package rampart.server.api;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayOutputStream;
import java.io.InputStream;
import java.io.OutputStream;
import java.net.InetAddress;
import java.net.Socket;
import java.net.URI;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import rampart.server.support.Http;
import rampart.server.support.Http.Answer;
import rampart.server.support.RunningRampart;

/** What comes in by the door: names of the house, headers, cookies, file names, words in addresses. */
@ExtendWith(RunningRampart.class)
class DoorTest {
    private static final String LIMITS =
            "{\"build\":\"any\",\"foams\":[],\"longestMm\":null,\"lengthAndGirthMm\":null,\"reusable\":false,\"handCut\":false,\"stockOnly\":false}";

    private final Http http = Http.signedIn();

    /** The client of the JDK does not let a test name another host. */
    private static String asked(String host, String path) throws Exception {
        URI base = URI.create(RunningRampart.url());
        try (Socket socket = new Socket(InetAddress.getLoopbackAddress(), base.getPort())) {
            OutputStream out = socket.getOutputStream();
            out.write(("GET " + path + " HTTP/1.1\r\nHost: " + host + "\r\nConnection: close\r\n\r\n")
                    .getBytes(StandardCharsets.ISO_8859_1));
            out.flush();
            InputStream in = socket.getInputStream();
            ByteArrayOutputStream all = new ByteArrayOutputStream();
            in.transferTo(all);
            return all.toString(StandardCharsets.UTF_8);
        }
    }

    /** An address has one answer: what else a caller would take does not matter. */
    @ParameterizedTest
    @ValueSource(strings = {"text/html", "application/json", "application/pdf;q=0.1", "image/png"})
    void aPaperIsSentWhateverElseTheCallerWouldTake(String accept) {
        Http designer = Http.signedIn();
        String id = designer.post("api/packs", Http.demoPack("10-hygrometer"))
                .json()
                .path("id")
                .asString();
        Http.Answer pdf = designer.send("GET", "api/packs/" + id + "/page.pdf", null, "Accept", accept);
        assertThat(pdf.status()).isEqualTo(200);
        assertThat(pdf.body()).startsWith("%PDF");
        designer.delete("api/packs/" + id);
    }

    @Test
    void answersToItsOwnNamesOnly() throws Exception {
        for (String own : new String[] {"127.0.0.1", "localhost:8080", "LOCALHOST", "[::1]:9"}) {
            assertThat(asked(own, "/api/session")).as(own).startsWith("HTTP/1.1 200");
        }
        for (String other : new String[] {"evil.example", "127.0.0.1.evil.example:8080", "localhost.evil.example"}) {
            assertThat(asked(other, "/api/session"))
                    .as(other)
                    .startsWith("HTTP/1.1 421")
                    .contains("not called by this name")
                    .doesNotContain("XSRF");
        }
    }

    @Test
    void halvesOfCharactersAreRefusedWhereverTextIsTaken() {
        Http keeper = Http.signedIn(RunningRampart.keeper());
        for (String[] call : new String[][] {
            {"POST", "api/session", "{\"name\":\"nobody\",\"password\":\"\\ud800\"}", "/password"},
            {"POST", "api/people", "{\"name\":\"x\\udc00y\",\"role\":\"packer\"}", "/name"},
            {"POST", "api/stores/sheets", "{\"foam\":\"pe-28\",\"thicknessMm\":10,\"source\":\"\\ud83d\"}", "/source"}
        }) {
            Answer answer = keeper.send(
                    call[0], call[1], call[2].getBytes(StandardCharsets.UTF_8), "Content-Type", "application/json");
            assertThat(answer.status()).as(call[1]).isEqualTo(400);
            assertThat(answer.json().at("/errors/0/path").asString()).isEqualTo(call[3]);
            assertThat(answer.body()).contains("half of a character");
        }
    }

    /** A number beyond every double was once read as infinite, and infinity as a word. */
    @Test
    void aPackInsideAnotherDocumentIsReadByItsOwnRules() {
        String pack = Http.demoPack("10-hygrometer");
        String absurd = pack.replaceFirst("\"name\": *\"[^\"]*\"", "\"name\":1e2147483648");
        assertThat(absurd).isNotEqualTo(pack);
        Http designer = Http.signedIn();
        for (String[] call : new String[][] {
            {"api/comparisons", "{\"before\":" + pack + ",\"after\":" + absurd + "}", "/after"},
            {"api/proposals", "{\"pack\":" + absurd + ",\"limits\":" + LIMITS + "}", "/pack"}
        }) {
            Answer answer = designer.post(call[0], call[1]);
            assertThat(answer.status()).as(call[0]).isEqualTo(400);
            assertThat(answer.json().at("/errors/0/path").asString())
                    .as(answer.body())
                    .isEqualTo(call[2]);
        }
    }

    @Test
    void theTokenOfThePageStaysWithThisSite() throws Exception {
        assertThat(asked("localhost", "/api/session").lines())
                .filteredOn(line -> line.startsWith("Set-Cookie: XSRF-TOKEN"))
                .singleElement()
                .asString()
                .contains("SameSite=Strict");
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "1",
                "\"1",
                "1\"",
                "\"\"1\"\"",
                "\"01\"",
                "\" 1\"",
                "W/\"1\"",
                "*",
                "\"1\", \"2\"",
                "\"+1\"",
                "\"1e0\""
            })
    void aVersionIsAWholeNumberBetweenQuotes(String header) {
        String id = http.post("api/packs", Http.demoPack("10-hygrometer"))
                .json()
                .path("id")
                .asString();
        Answer answer = http.put("api/packs/" + id + "/draft", Http.demoPack("10-hygrometer"), "If-Match", header);
        assertThat(answer.status()).as(answer.body()).isEqualTo(400);
        assertThat(answer.body()).contains("If-Match");
        http.delete("api/packs/" + id);
    }

    @Test
    void fileNamesHaveNoCharactersThatTurnThemRound() {
        String pack = Http.demoPack("10-hygrometer")
                .replaceFirst("\"name\": *\"[^\"]*\"", "\"name\":\"harmless\u202egpj\u2066\u200b.exe\"");
        String id = http.post("api/packs", pack).json().path("id").asString();
        String disposition = http.get("api/packs/" + id + "/file")
                .raw()
                .headers()
                .firstValue("Content-Disposition")
                .orElseThrow();
        assertThat(disposition)
                .doesNotContain("%E2%80%AE", "%E2%81%A6", "%E2%80%8B")
                .contains("harmless");
        http.delete("api/packs/" + id);
    }

    @ParameterizedTest
    @ValueSource(strings = {"paper=a4", "paper=A4", "paper=Letter&units=IN", "units=in&masses=KG&decimal=Comma"})
    void wordsInAnAddressMeanTheSameInCapitals(String query) {
        String id = http.get("api/packs?size=1&verdict=HOLDS&sort=Name")
                .json()
                .at("/items/0/id")
                .asString();
        assertThat(http.get("api/packs/" + id + "/page.pdf?" + query).status()).isEqualTo(200);
    }

    @Test
    void aWordThatIsNotTakenIsAnsweredWithThoseThatAre() {
        assertThat(http.get("api/packs?sort=colour").body()).contains("one of saved, name, weakest, size, mass");
    }

    @ParameterizedTest
    @ValueSource(strings = {"{}", "7", "\"x\"", "null", "[7]", "[[]]", "[null]"})
    void layersThatAreNoListOfLayersAreRefusedInEitherFormat(String layers) {
        for (String format : new String[] {"rampart-pack/1", "rampart-pack/2"}) {
            String pack = "{\"format\":\"" + format + "\",\"name\":\"m\",\"layers\":" + layers
                    + ",\"item\":{\"name\":\"i\",\"sizeMm\":{\"length\":200,\"width\":150,\"height\":100},\"massKg\":2,"
                    + "\"fragility\":{\"basis\":\"estimate\"}},\"journey\":{\"drop\":{\"basis\":\"parcel-1a\"}}}";
            Answer answer = http.post("api/evaluations", pack);
            assertThat(answer.status()).as(answer.body()).isEqualTo(400);
            assertThat(answer.json().at("/errors/0/path").asString()).startsWith("/layers");
        }
    }

    /** Sixteen megabytes and more are answered so that a person can read why, and the connection lives on. */
    @Test
    void aPhotographThatIsTooLargeGetsAReadableAnswer() {
        String id = http.post("api/packs", Http.demoPack("10-hygrometer"))
                .json()
                .path("id")
                .asString();
        byte[] large = new byte[20 * 1024 * 1024];
        Arrays.fill(large, (byte) 7);
        Answer answer = http.send("POST", "api/packs/" + id + "/photographs", large, "Content-Type", "image/jpeg");
        assertThat(answer.status()).isEqualTo(413);
        assertThat(answer.body()).contains("larger than 16 MB (16777216 bytes)");
        http.delete("api/packs/" + id);
    }
}
