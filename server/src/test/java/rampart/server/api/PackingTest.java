package rampart.server.api;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.image.BufferedImage;
import java.io.BufferedReader;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStreamReader;
import java.net.InetAddress;
import java.net.Socket;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.UUID;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.TimeUnit;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.io.TempDir;
import rampart.server.scale.SimulatedScale;
import rampart.server.support.Http;
import rampart.server.support.Http.Answer;
import rampart.server.support.RunningRampart;
import tools.jackson.databind.JsonNode;

/** The packing table's record: nothing lost, nothing double; what must be done is done; consignments and returns. */
@ExtendWith(RunningRampart.class)
class PackingTest {
    private final Http designer = Http.signedIn();
    private final Http packer = Http.signedIn(RunningRampart.packer());
    private String release;
    private String pack;

    @TempDir
    Path folder;

    @BeforeEach
    void aRelease() {
        JsonNode added =
                designer.post("api/packs", Http.demoPack("20-rain-gauge")).json();
        pack = added.path("id").asString();
        release = designer.post(
                        "api/packs/" + pack + "/releases",
                        "{\"note\":\"\",\"reason\":\"\"}",
                        "If-Match",
                        Http.tag(added.path("version").asLong()))
                .json()
                .path("number")
                .asString();
    }

    private JsonNode begin(String number) {
        Answer begun = packer.post("api/packings", "{\"number\":\"" + number + "\"}");
        assertThat(begun.status()).as(begun.body()).isEqualTo(200);
        return begun.json();
    }

    private static String act(String id, String step, String deed, String value, String note) {
        return "{\"id\":\"" + id + "\",\"step\":\"" + step + "\",\"deed\":\"" + deed + "\",\"value\":" + value
                + ",\"note\":\"" + note + "\",\"doneAt\":\"2026-11-29T10:00:00Z\"}";
    }

    private Answer send(String packing, String... acts) {
        return packer.post("api/packings/" + packing + "/acts", "{\"acts\":[" + String.join(",", acts) + "]}");
    }

    private static String id() {
        return UUID.randomUUID().toString();
    }

    /** The act that does a step as it is asked. */
    private static String doing(JsonNode step) {
        JsonNode ask = step.at("/step/ask");
        String value = switch (ask.path("kind").asString()) {
            case "count", "mass", "length" -> ask.path("expected").toString();
            case "still" -> "1";
            case "tally" -> "2";
            default -> "null";
        };
        return act(id(), step.at("/step/id").asString(), "done", value, "");
    }

    /** A picture at each step that asks for one; no two are alike. */
    private void photographed(JsonNode packing) throws IOException {
        int shade = 0;
        for (JsonNode step : packing.path("steps")) {
            if (step.at("/step/ask/kind").asString().equals("photograph")) {
                BufferedImage image = new BufferedImage(64, 48, BufferedImage.TYPE_INT_RGB);
                image.setRGB(0, 0, 0x101010 * ++shade);
                ByteArrayOutputStream png = new ByteArrayOutputStream();
                ImageIO.write(image, "png", png);
                Answer sent = packer.send(
                        "POST",
                        "api/packings/" + packing.path("id").asString() + "/photographs?step="
                                + step.at("/step/id").asString(),
                        png.toByteArray(),
                        "Content-Type",
                        "image/png");
                assertThat(sent.status()).as(sent.body()).isEqualTo(201);
            }
        }
    }

    @Test
    void aPackIsPackedFromTheFirstStepToTheLast() throws IOException {
        JsonNode packing = begin(release);
        photographed(packing);
        assertThat(packing.path("number").asString()).isEqualTo(release + "/1");
        List<String> acts = new ArrayList<>();
        packing.path("steps").forEach(step -> acts.add(doing(step)));
        JsonNode after =
                send(packing.path("id").asString(), acts.toArray(String[]::new)).json();
        after.path("acts")
                .forEach(outcome -> assertThat(outcome.path("refused").isNull())
                        .as("%s", outcome)
                        .isTrue());
        assertThat(after.at("/packing/complete").asBoolean()).isTrue();
        assertThat(packer.get("api/packings").body()).contains(release + "/1").contains("\"complete\":true");
    }

    /**
     * The same release scanned at twelve tables in one moment: those who begin the same packing see the same one, and nobody is told that
     * something went wrong.
     */
    @Test
    void twelveTablesBeginAtOnce() throws Exception {
        for (int round = 0; round < 3; round++) {
            aRelease();
            ExecutorService tables = Executors.newFixedThreadPool(12);
            try {
                List<Callable<Answer>> all =
                        Collections.nCopies(12, () -> packer.post("api/packings", "{\"number\":\"" + release + "\"}"));
                Set<String> ids = new TreeSet<>();
                Set<String> numbers = new TreeSet<>();
                for (Future<Answer> each : tables.invokeAll(all)) {
                    assertThat(each.get().status()).as(each.get().body()).isEqualTo(200);
                    ids.add(each.get().json().path("id").asString());
                    numbers.add(each.get().json().path("number").asString());
                }
                assertThat(ids).hasSameSizeAs(numbers);
                assertThat(numbers).contains(release + "/1");
            } finally {
                tables.shutdownNow();
            }
        }
    }

    /** A clock that is off by ages is not believed, and what it says refuses no other act. */
    @Test
    void actsOfImpossibleTimesAreWrittenNow() {
        JsonNode packing = begin(release);
        String of = packing.path("id").asString();
        String first = packing.at("/steps/0/step/id").asString();
        for (String time : List.of(
                "\"+10000-01-01T00:00:00Z\"", "\"-0044-03-15T00:00:00Z\"", "1764590000000", "1764590000000000")) {
            String act = act(id(), first, "done", "null", "seen").replace("\"2026-11-29T10:00:00Z\"", time);
            Answer sent = send(of, act, act(id(), first, "done", "null", "and this"));
            assertThat(sent.status()).as(time + " " + sent.body()).isEqualTo(200);
            assertThat(sent.json().path("outcomes"))
                    .as(sent.body())
                    .allMatch(outcome -> !outcome.toString().contains("500"));
        }
    }

    @Test
    void whatIsSentTwiceIsWrittenOnce() throws IOException, InterruptedException {
        JsonNode packing = begin(release);
        photographed(packing);
        String of = packing.path("id").asString();
        String first = doing(packing.path("steps").get(0));
        ExecutorService devices = Executors.newFixedThreadPool(8);
        for (int i = 0; i < 30; i++) {
            devices.execute(() -> send(of, first));
        }
        devices.shutdown();
        assertThat(devices.awaitTermination(60, TimeUnit.SECONDS)).isTrue();
        String reopened = act(id(), "look", "reopened", "null", "");
        assertThat(send(of, first, reopened, first).status()).isEqualTo(200);
        JsonNode now = packer.get("api/packings/" + of).json();
        assertThat(now.at("/steps/0/state").asString())
                .as("the old act, sent again after it was taken back, does nothing")
                .isEqualTo("open");
    }

    @Test
    void whatMustBeDoneCannotBeSkippedAndRefusalsSayWhy() {
        JsonNode packing = begin(release);
        String of = packing.path("id").asString();
        JsonNode outcomes = send(
                        of,
                        act(id(), "look", "skipped", "null", ""),
                        act(id(), "weigh", "done", "4.0", ""),
                        act(id(), "nothing", "done", "null", ""))
                .json()
                .path("acts");
        assertThat(outcomes.get(0).path("refused").asString()).contains("cannot be skipped");
        assertThat(outcomes.get(1).path("refused").asString()).contains("has to be done before");
        assertThat(outcomes.get(2).path("refused").asString()).contains("no step nothing");
        assertThat(packer.get("api/packings/" + of).json().at("/steps/0/state").asString())
                .isEqualTo("open");
        Answer bad = send(of, act("no uuid", "look", "done", "null", ""));
        assertThat(bad.status()).isEqualTo(400);
        assertThat(bad.body()).contains("UUID");
        assertThat(send(of, act(id(), "look", "done", "-1", ""))
                        .json()
                        .at("/acts/0/refused")
                        .asString())
                .contains("0 to 100000");
        assertThat(packer.post("api/packings/" + of + "/acts", "{\"acts\":[]}").status())
                .isEqualTo(400);
        assertThat(send("no-such", act(id(), "look", "done", "null", "")).status())
                .isEqualTo(404);
        assertThat(packer.post("api/packings", "{\"number\":\"never heard\"}").status())
                .isEqualTo(404);
    }

    /** One act that can never count is told of by itself, and the others arrive. */
    @Test
    void aRefusedActHoldsNothingUp() throws IOException {
        JsonNode packing = begin(release);
        photographed(packing);
        String of = packing.path("id").asString();
        String look = doing(packing.path("steps").get(0));
        String far = act(id(), "measure", "done", "300000", "").replace("2026-11-29T10", "+10000-01-01T10");
        JsonNode outcome = send(of, far, look).json();
        assertThat(outcome.at("/acts/0/refused").asString()).contains("Look at the unit");
        assertThat(outcome.at("/acts/1/refused").isNull()).isTrue();
        assertThat(outcome.at("/packing/steps/0/state").asString()).isEqualTo("done");
        // A device whose clock is thousands of years off is believed as to what was done, not when.
        JsonNode next = packing.path("steps").get(1);
        Answer later = send(of, doing(next).replace("2026-11-29T10", "+10000-01-01T10"));
        assertThat(later.status()).as(later.body()).isEqualTo(200);
        assertThat(later.json().at("/acts/0/refused").isNull()).isTrue();
    }

    @Test
    void aStepThatAsksForAPictureIsNotDoneWithoutOne() throws IOException {
        JsonNode packing = begin(release);
        String of = packing.path("id").asString();
        String look = doing(packing.path("steps").get(0));
        assertThat(send(of, look).json().at("/acts/0/refused").asString()).contains("asks for a picture");
        assertThat(send(of, act(id(), "look", "done", "null", "the camera is broken"))
                        .json()
                        .at("/packing/steps/0/state")
                        .asString())
                .isEqualTo("differs");
        photographed(packing);
        assertThat(send(of, act(id(), "look", "done", "null", ""))
                        .json()
                        .at("/packing/steps/0/state")
                        .asString())
                .isEqualTo("done");
    }

    /** Whatever somebody writes, a box in which something moves is not done. */
    @Test
    void whatMovesIsNotShutByANote() throws IOException {
        JsonNode packing = begin(release);
        photographed(packing);
        List<String> acts = new ArrayList<>();
        String shake = "";
        for (JsonNode step : packing.path("steps")) {
            if (step.at("/step/ask/kind").asString().equals("still")) {
                shake = step.at("/step/id").asString();
                acts.add(act(id(), shake, "done", "0", "it is all right"));
                break;
            }
            acts.add(doing(step));
        }
        JsonNode outcomes = send(packing.path("id").asString(), acts.toArray(String[]::new))
                .json()
                .path("acts");
        assertThat(outcomes.get(outcomes.size() - 1).path("refused").asString()).contains("Something moves");
        JsonNode ask = null;
        for (JsonNode step : packing.path("steps")) {
            ask = step.at("/step/id").asString().equals(shake) ? step.at("/step/ask") : ask;
        }
        // What the page needs to say the same without a connection.
        assertThat(ask.path("least").asDouble()).isEqualTo(1);
        assertThat(ask.path("noteWillDo").asBoolean()).isFalse();
        assertThat(ask.path("otherwise").asString()).contains("Something moves");
    }

    @Test
    void aWrongScanIsTakenBackAndItsNumberIsFree() throws IOException {
        JsonNode packing = begin(release);
        photographed(packing);
        String of = packing.path("id").asString();
        send(of, doing(packing.path("steps").get(0)));
        Answer cancelled = packer.post("api/packings/" + of + "/cancellation", "{\"reason\":\"the wrong pack\"}");
        assertThat(cancelled.status()).as(cancelled.body()).isEqualTo(200);
        assertThat(cancelled.json().path("cancelled").asString()).contains("the wrong pack");
        assertThat(cancelled.json().at("/steps/0/state").asString())
                .as("what was done stays")
                .isEqualTo("done");
        assertThat(send(of, doing(packing.path("steps").get(1)))
                        .json()
                        .at("/acts/0/refused")
                        .asString())
                .contains("was cancelled");
        assertThat(packer.post("api/packings", "{\"number\":\"" + release + "/1\"}")
                        .status())
                .as("its number is nobody's now")
                .isEqualTo(404);
        assertThat(begin(release).path("id").asString()).isNotEqualTo(of);
    }

    @Test
    void itGoesOnFromAnotherDeviceAndKeepsTheStepsItBeganWith() throws IOException {
        JsonNode packing = begin(release);
        photographed(packing);
        send(packing.path("id").asString(), doing(packing.path("steps").get(0)));
        JsonNode again = begin(packing.path("number").asString());
        assertThat(again.path("id")).isEqualTo(packing.path("id"));
        assertThat(again.at("/steps/0/state").asString()).isEqualTo("done");
        designer.put(
                "api/packs/" + pack + "/steps",
                "{\"order\":[],\"words\":{\"look\":\"Something else.\"},\"added\":[]}",
                "If-Match",
                Http.tag(0));
        assertThat(packer.get("api/packings/" + packing.path("id").asString())
                        .json()
                        .at("/steps/0/step/words")
                        .asString())
                .startsWith("Look the item over");
        assertThat(begin(release).path("number").asString()).isEqualTo(release + "/2");
    }

    @Test
    void photographsOfTheTableAreKeptOnceAndHostileOnesRefused() throws IOException {
        JsonNode packing = begin(release);
        String address = "api/packings/" + packing.path("id").asString() + "/photographs?step=look";
        ByteArrayOutputStream jpeg = new ByteArrayOutputStream();
        ImageIO.write(new BufferedImage(640, 480, BufferedImage.TYPE_INT_RGB), "jpg", jpeg);
        for (int i = 0; i < 2; i++) {
            Answer sent = packer.send("POST", address, jpeg.toByteArray(), "Content-Type", "image/jpeg");
            assertThat(sent.status()).as(sent.body()).isEqualTo(201);
            assertThat(sent.json().path("photographs")).hasSize(1);
        }
        String hash = packer.get("api/packings/" + packing.path("id").asString())
                .json()
                .at("/photographs/0/hash")
                .asString();
        assertThat(packer.get("api/photographs/" + hash + "/thumbnail").status())
                .isEqualTo(200);
        byte[] script = "<svg onload='alert(1)'/>".getBytes(StandardCharsets.UTF_8);
        assertThat(packer.send("POST", address, script, "Content-Type", "image/jpeg")
                        .status())
                .isEqualTo(400);
        assertThat(packer.send(
                                "POST",
                                address.replace("look", "nothing"),
                                jpeg.toByteArray(),
                                "Content-Type",
                                "image/jpeg")
                        .status())
                .isEqualTo(404);
    }

    @Test
    void theScaleSettlesOnWhatIsPutOnIt() throws InterruptedException {
        assertThat(packer.post("api/packings/scale", "{\"kg\":4.8}").status()).isEqualTo(204);
        JsonNode reading = packer.get("api/scale").json();
        for (int i = 0; i < 40 && !reading.path("settled").asBoolean(); i++) {
            Thread.sleep(100);
            reading = packer.get("api/scale").json();
        }
        assertThat(reading.path("kg").asDouble()).isBetween(4.76, 4.84);
        assertThat(reading.path("simulated").asBoolean()).isTrue();
        assertThat(packer.post("api/packings/scale", "{\"kg\":151}").status()).isEqualTo(400);
    }

    /** The protocol as docs/method.md tells it, spoken by hand. */
    @Test
    void theScaleSpeaksItsProtocol() throws IOException {
        try (SimulatedScale scale = new SimulatedScale(0, 1)) {
            assertThat(say(scale, "PUT 2.5")).isEqualTo("OK");
            assertThat(say(scale, "READ")).matches("M -?[0-9]+\\.[0-9]{3} kg [SU]");
            assertThat(say(scale, "PUT 151")).startsWith("E over");
            assertThat(say(scale, "FORMAT C:")).startsWith("E say");
            assertThat(say(scale, "")).startsWith("E say");
        }
    }

    private static String say(SimulatedScale scale, String line) throws IOException {
        try (Socket socket = new Socket(InetAddress.getLoopbackAddress(), scale.port())) {
            socket.getOutputStream().write((line + "\n").getBytes(StandardCharsets.US_ASCII));
            return new BufferedReader(new InputStreamReader(socket.getInputStream(), StandardCharsets.US_ASCII))
                    .readLine();
        }
    }

    private static String consignment(String release, int count) {
        return "{\"receiver\":[\"Tide Museum\",\"Quay 1\"],\"note\":\"\",\"entries\":[{\"release\":\"" + release
                + "\",\"count\":" + count + ",\"contents\":\"a rain gauge\"}]}";
    }

    private String text(Answer pdf) throws IOException, InterruptedException {
        Path file = Files.write(folder.resolve("read.pdf"), pdf.raw().body());
        Process process = new ProcessBuilder("pdftotext", file.toString(), "-").start();
        String said = new String(process.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
        process.waitFor();
        return said;
    }

    @Test
    void boxesOfAConsignmentAreNumberedAndPackedUnderTheirNumbers() throws IOException, InterruptedException {
        Answer made = designer.post("api/consignments", consignment(release, 3));
        assertThat(made.status()).as(made.body()).isEqualTo(201);
        String number = made.json().path("number").asString();
        assertThat(made.json().path("boxes")).hasSize(3);
        assertThat(made.json().at("/boxes/2/scanned").asString()).isEqualTo(number + "/3");
        JsonNode found = designer.get("api/consignments?search=" + number).json();
        assertThat(found.path("total").asInt()).isOne();
        assertThat(found.at("/items/0/number").asString()).isEqualTo(number);
        assertThat(found.path("next").isNull()).isTrue();
        assertThat(begin(number + "/3").path("number").asString()).isEqualTo(number + "/3");
        assertThat(begin(number + "/3").path("id"))
                .isEqualTo(begin(number + "/3").path("id"));
        assertThat(packer.post("api/packings", "{\"number\":\"" + number + "/4\"}")
                        .status())
                .isEqualTo(404);

        Path labels = Files.write(
                folder.resolve("labels.pdf"),
                designer.get("api/consignments/" + number + "/labels.pdf").raw().body());
        new ProcessBuilder(
                        "pdftoppm",
                        "-r",
                        "203",
                        "-gray",
                        labels.toString(),
                        folder.resolve("label").toString())
                .start()
                .waitFor();
        for (int box = 1; box <= 3; box++) {
            Process read = new ProcessBuilder(
                            "zbarimg",
                            "-q",
                            folder.resolve("label-" + box + ".pgm").toString())
                    .start();
            assertThat(new String(read.getInputStream().readAllBytes(), StandardCharsets.UTF_8))
                    .contains("CODE-128:" + number + "/" + box)
                    .contains("QR-Code:" + number + "/" + box);
        }
        assertThat(designer.get("api/consignments/" + number + "/contents").body())
                .contains("a rain gauge")
                .contains("3 of 3");
        Answer bad = designer.post("api/consignments", consignment("NONE", 1));
        assertThat(bad.status()).isEqualTo(400);
        assertThat(bad.body()).contains("/entries/0/release");
        assertThat(designer.post("api/consignments", consignment(release, 0)).status())
                .isEqualTo(400);
        assertThat(packer.post("api/consignments", consignment(release, 1)).status())
                .isEqualTo(403);
        // Box 3 is being packed: it stays, and whoever changes the others says that the old papers are thrown away.
        String address = "api/consignments/" + number;
        Answer displaced = designer.put(address, consignment(release, 2), "If-Match", Http.tag(1));
        assertThat(displaced.status()).isEqualTo(400);
        assertThat(displaced.body()).contains("box 3 is packed or being packed as " + release);
        Answer unsaid = designer.put(address, consignment(release, 4), "If-Match", Http.tag(1));
        assertThat(unsaid.status()).isEqualTo(409);
        assertThat(unsaid.body()).contains("1 of its boxes are packed");
        assertThat(text(designer.get(address + "/labels.pdf"))).doesNotContain("replaces");
        Answer changed = designer.put(address + "?confirmed=true", consignment(release, 4), "If-Match", Http.tag(1));
        assertThat(changed.json().path("boxes")).hasSize(4);
        assertThat(text(designer.get(address + "/labels.pdf"))).contains("version 2 of ", "replaces earlier ones");
        assertThat(text(designer.get(address + "/contents.pdf"))).contains("version 2 of ", "replaces earlier ones");
        assertThat(designer.put(address + "?confirmed=true", consignment(release, 3), "If-Match", Http.tag(1))
                        .status())
                .isEqualTo(409);
        assertThat(designer.send("DELETE", address, new byte[0], "If-Match", Http.tag(2))
                        .status())
                .isEqualTo(409);
        String begun = begin(number + "/3").path("id").asString();
        assertThat(packer.post("api/packings/" + begun + "/cancellation", "{\"reason\":\"\"}")
                        .status())
                .isEqualTo(200);
        assertThat(designer.put(address, consignment(release, 2), "If-Match", Http.tag(2))
                        .json()
                        .path("boxes"))
                .hasSize(2);
        assertThat(designer.send("DELETE", address, new byte[0], "If-Match", Http.tag(3))
                        .status())
                .isEqualTo(204);
        assertThat(designer.get("api/consignments/" + number).status()).isEqualTo(404);
    }

    @Test
    void aPackThatComesBackIsCheckedOff() {
        String of = "api/packs/" + pack + "/returns";
        JsonNode before = packer.get(of).json();
        assertThat(before.path("away").asBoolean()).isFalse();
        String part = before.at("/parts/1/id").asString();
        int count = before.at("/parts/1/count").asInt();
        Answer out = packer.post(of + "/out", "{\"to\":\"Survey school\"}", "If-Match", Http.tag(0));
        assertThat(out.status()).as(out.body()).isEqualTo(200);
        assertThat(out.json().path("away").asBoolean()).isTrue();
        assertThat(packer.post(of + "/out", "{\"to\":\"\"}", "If-Match", Http.tag(1))
                        .status())
                .as("it is away already")
                .isEqualTo(409);
        Answer back = packer.post(
                of + "/back",
                "{\"found\":[{\"part\":\"" + part + "\",\"count\":" + (count - 1)
                        + ",\"damaged\":0}],\"grade\":\"worn\",\"note\":\"wet\"}",
                "If-Match",
                Http.tag(1));
        assertThat(back.status()).as(back.body()).isEqualTo(200);
        assertThat(back.json().at("/trips/0/missing/0").asString()).startsWith("1 of " + count);
        assertThat(back.json().at("/foams/0/made").asInt()).isEqualTo(1);
        JsonNode renewed =
                packer.post(of + "/renewal", "", "If-Match", Http.tag(2)).json();
        assertThat(renewed.at("/foams/0/made").asInt()).isZero();
    }
}
