package rampart.server.api;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.concurrent.ConcurrentSkipListSet;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.io.TempDir;
import rampart.server.support.Http;
import rampart.server.support.Http.Answer;
import rampart.server.support.RunningRampart;
import tools.jackson.databind.JsonNode;

/** Releases: under numbers of the house, refused while something breaks, with a signed reason on every paper. */
@ExtendWith(RunningRampart.class)
class ReleaseTest {
    private final Http designer = Http.signedIn();
    private final Http keeper = Http.signedIn(RunningRampart.keeper());
    private final Http packer = Http.signedIn(RunningRampart.packer());

    @TempDir
    Path folder;

    private JsonNode add(String demo) {
        return designer.post("api/packs", Http.demoPack(demo)).json();
    }

    private static Answer release(Http who, JsonNode pack, String reason) {
        return who.post(
                "api/packs/" + pack.path("id").asString() + "/releases",
                "{\"note\":\"for the table\",\"reason\":\"" + reason + "\"}",
                "If-Match",
                Http.tag(pack.path("version").asLong()));
    }

    @Test
    void aPackIsReleasedOnceUnderOneNumber() {
        JsonNode pack = add("85-loan-theodolite");
        assertThat(release(packer, pack, "").status()).isEqualTo(403);
        Answer made = release(designer, pack, "");
        assertThat(made.status()).as(made.body()).isEqualTo(201);
        String number = made.json().path("number").asString();
        assertThat(made.json().path("verdict").asString()).isEqualTo("holds");
        assertThat(release(designer, pack, "").json().path("number").asString()).isEqualTo(number);
        JsonNode of = designer.get("api/packs/" + pack.path("id").asString() + "/releases")
                .json();
        assertThat(of).hasSize(1);
        assertThat(of.get(0).path("revision").asInt()).isEqualTo(1);
        var found = designer.get("api/releases?search=" + number).json();
        assertThat(found.path("total").asInt()).isOne();
        assertThat(found.at("/items/0/number").asString()).isEqualTo(number);
        assertThat(designer.get("api/releases?search=nothing%20is%20called%20so")
                        .json()
                        .path("items"))
                .isEmpty();
        assertThat(keeper.get("api/events").body()).contains("released").contains(number);
    }

    @Test
    void whatBreaksIsReleasedOnlyWithAReasonThatAKeeperSigns() throws IOException, InterruptedException {
        JsonNode pack = add("60-barograph");
        Answer unsigned = release(designer, pack, "");
        assertThat(unsigned.status()).isEqualTo(422);
        assertThat(unsigned.json().path("detail").asString()).contains("falls flat on the front");
        assertThat(release(designer, pack, "I say so").status()).isEqualTo(403);
        assertThat(release(keeper, pack, " ").status()).isEqualTo(422);
        assertThat(designer.get("api/packs/" + pack.path("id").asString() + "/releases")
                        .json())
                .isEmpty();
        Answer signed = release(keeper, pack, "carried by hand all the way");
        assertThat(signed.status()).isEqualTo(201);
        for (String kind : List.of(
                "page",
                "specification",
                "drawings",
                "materials",
                "cutting",
                "packing",
                "unpacking",
                "inspection",
                "labels",
                "parts")) {
            Answer pdf = designer.get("api/packs/" + pack.path("id").asString() + "/page.pdf?revision=1&kind=" + kind);
            assertThat(pdf.status()).isEqualTo(200);
            Path file = Files.write(folder.resolve(kind + ".pdf"), pdf.raw().body());
            Process read = new ProcessBuilder("pdftotext", "-layout", file.toString(), "-").start();
            String text =
                    new String(read.getInputStream().readAllBytes(), StandardCharsets.UTF_8).replaceAll("\\s+", " ");
            assertThat(read.waitFor()).isZero();
            assertThat(text)
                    .as(kind)
                    .contains("Signed by keeper: carried by hand all the way")
                    .contains(signed.json().path("number").asString());
        }
        assertThat(designer.get("api/packs/" + pack.path("id").asString() + "/page.txt?revision=1&kind=specification")
                        .body())
                .contains("carried by hand all the way");
    }

    @Test
    void stepsArrangedAnewAreReleasedAnew() {
        JsonNode pack = add("85-loan-theodolite");
        String id = pack.path("id").asString();
        String first = release(designer, pack, "").json().path("number").asString();
        JsonNode steps = designer.get("api/packs/" + id + "/steps").json();
        assertThat(steps.path("version").asLong()).isZero();
        String changes =
                "{\"order\":[\"weigh\",\"look\"],\"words\":{\"look\":\"Look at the plate level first.\"},\"added\":[]}";
        Answer set = designer.put("api/packs/" + id + "/steps", changes, "If-Match", Http.tag(0));
        assertThat(set.status()).as(set.body()).isEqualTo(200);
        assertThat(set.json().at("/steps/steps/0/words").asString()).isEqualTo("Look at the plate level first.");
        // Weighing comes after closing, whatever is wanted.
        assertThat(set.body()).contains("\"held\":true");
        assertThat(designer.put("api/packs/" + id + "/steps", changes, "If-Match", Http.tag(0))
                        .status())
                .isEqualTo(409);
        assertThat(designer.put(
                                "api/packs/" + id + "/steps",
                                "{\"order\":[],\"words\":{\"no such\":\"x\"},\"added\":[]}",
                                "If-Match",
                                Http.tag(1))
                        .status())
                .isEqualTo(404);
        assertThat(designer.get("api/packs/" + id + "/releases")
                        .json()
                        .get(0)
                        .path("stepsChanged")
                        .asBoolean())
                .isTrue();
        String second = release(designer, pack, "").json().path("number").asString();
        assertThat(second).isNotEqualTo(first);
        assertThat(designer.get("api/packs/" + id + "/page?revision=1&kind=packing")
                        .body())
                .contains("Look at the plate level first.");
    }

    @Test
    void wordsOutliveTheDesignAndAreFlaggedWhenItChanges() {
        JsonNode pack = add("20-rain-gauge");
        String id = pack.path("id").asString();
        JsonNode before = designer.get("api/packs/" + id + "/steps").json();
        String close = "";
        String board = "";
        for (JsonNode step : before.at("/steps/steps")) {
            String words = step.path("words").asString();
            if (words.startsWith("Have the carton")) {
                board = step.path("id").asString();
            } else if (words.startsWith("Close the carton")) {
                close = step.path("id").asString();
            }
        }
        assertThat(close).isNotEmpty();
        String changes = "{\"order\":[],\"words\":{\"" + board + "\":\"Take the brown carton.\",\"" + close
                + "\":\"Close it with wet tape.\"},\"added\":[{\"id\":\"own:lock\",\"behind\":\"look\",\"words\":\"Confirm that it is locked.\",\"must\":true}]}";
        designer.put("api/packs/" + id + "/steps", changes, "If-Match", Http.tag(0));
        // Another outer board: what the carton is made of is said anew, how it is closed is not.
        JsonNode kept = designer.get("api/packs/" + id).json();
        var file = (tools.jackson.databind.node.ObjectNode) kept.path("pack");
        var layers = (tools.jackson.databind.node.ArrayNode) file.path("layers");
        ((tools.jackson.databind.node.ObjectNode) layers.get(layers.size() - 1)).put("board", "c-44");
        Answer saved = designer.put(
                "api/packs/" + id + "/draft",
                file.toString(),
                "If-Match",
                Http.tag(kept.path("version").asLong()));
        assertThat(saved.status()).as(saved.body()).isEqualTo(200);
        JsonNode after = designer.get("api/packs/" + id + "/steps").json();
        for (JsonNode step : after.at("/steps/steps")) {
            if (step.path("id").asString().equals(board)) {
                assertThat(step.path("words").asString()).isEqualTo("Take the brown carton.");
                assertThat(step.path("outdated").asBoolean()).isTrue();
            } else if (step.path("id").asString().equals(close)) {
                assertThat(step.path("words").asString()).isEqualTo("Close it with wet tape.");
                assertThat(step.path("outdated").asBoolean()).isFalse();
            }
        }
        // Words for another design do not go out unmarked: they are looked at first.
        Answer stale = release(designer, designer.get("api/packs/" + id).json(), "");
        assertThat(stale.status()).as(stale.body()).isEqualTo(422);
        assertThat(stale.body()).contains("Take the brown carton.").doesNotContain("wet tape");
        String confirmed = changes.substring(0, changes.length() - 1) + ",\"confirmed\":[\"" + board + "\"]}";
        Answer looked = designer.put(
                "api/packs/" + id + "/steps",
                confirmed,
                "If-Match",
                Http.tag(after.path("version").asLong()));
        assertThat(looked.status()).as(looked.body()).isEqualTo(200);
        assertThat(release(designer, designer.get("api/packs/" + id).json(), "").status())
                .isEqualTo(201);
    }

    /** Corner posts of double board in a carton without room: the packer would read it with the box half shut. */
    @Test
    void whatDoesNotGoInIsNotReleased() {
        JsonNode pack = add("20-rain-gauge");
        String id = pack.path("id").asString();
        var file = (tools.jackson.databind.node.ObjectNode) pack.path("pack");
        file.put("format", "rampart-pack/5");
        var layers = (tools.jackson.databind.node.ArrayNode) file.path("layers");
        ((tools.jackson.databind.node.ObjectNode) layers.get(layers.size() - 1))
                .put("slackMm", 2)
                .putArray("fittings")
                .add("liner");
        Answer saved = designer.put(
                "api/packs/" + id + "/draft",
                file.toString(),
                "If-Match",
                Http.tag(pack.path("version").asLong()));
        assertThat(saved.status()).as(saved.body()).isEqualTo(200);
        Answer refused = release(designer, designer.get("api/packs/" + id).json(), "");
        assertThat(refused.status()).as(refused.body()).isEqualTo(422);
        assertThat(refused.body()).contains("are missing");
    }

    @Test
    void thirtyAtOnceGetThirtyNumbers() throws InterruptedException {
        List<JsonNode> packs = new ArrayList<>();
        for (int i = 0; i < 6; i++) {
            packs.add(add("20-rain-gauge"));
        }
        Set<String> numbers = new ConcurrentSkipListSet<>();
        Set<String> odd = new ConcurrentSkipListSet<>();
        ExecutorService people = Executors.newFixedThreadPool(10);
        for (int i = 0; i < 30; i++) {
            JsonNode pack = packs.get(i % packs.size());
            people.execute(() -> {
                Answer answer = release(designer, pack, "");
                if (answer.status() == 201) {
                    numbers.add(answer.json().path("number").asString());
                } else {
                    odd.add(answer.body());
                }
            });
        }
        people.shutdown();
        assertThat(people.awaitTermination(120, TimeUnit.SECONDS)).isTrue();
        assertThat(odd).isEmpty();
        assertThat(numbers)
                .as("one for each pack, however often it was asked for")
                .hasSize(6);
    }

    @Test
    void theHouseNumbersAsItLikes() {
        JsonNode before = keeper.get("api/house/papers").json();
        long version = before.path("version").asLong();
        String good = "{\"numberScheme\":\"T-{year}/{number:5}\",\"nameScheme\":\"{name} ({revision})\","
                + "\"consignmentScheme\":\"S{number}\",\"sender\":[\"Hollin Quay\"]}";
        assertThat(designer.put("api/house/papers", good, "If-Match", Http.tag(version))
                        .status())
                .isEqualTo(403);
        Answer set = keeper.put("api/house/papers", good, "If-Match", Http.tag(version));
        assertThat(set.status()).as(set.body()).isEqualTo(200);
        assertThat(set.json().path("example").asString()).isEqualTo("T-2026/00012");
        String number = release(designer, add("85-loan-theodolite"), "")
                .json()
                .path("number")
                .asString();
        assertThat(number).matches("T-20[0-9]{2}/[0-9]{5}");
        for (String bad :
                List.of("plain", "{number} {name}", "Nr. {nummer}", "{number}é", "x".repeat(60) + "{number}")) {
            Answer refused = keeper.put(
                    "api/house/papers", good.replace("T-{year}/{number:5}", bad), "If-Match", Http.tag(version + 1));
            assertThat(refused.status()).as(bad).isEqualTo(400);
            assertThat(refused.body()).contains("/numberScheme");
        }
        Answer back = keeper.put(
                "api/house/papers",
                "{\"numberScheme\":\"" + before.path("numberScheme").asString() + "\",\"nameScheme\":\""
                        + before.path("nameScheme").asString() + "\",\"consignmentScheme\":\""
                        + before.path("consignmentScheme").asString() + "\",\"sender\":"
                        + before.path("sender") + "}",
                "If-Match",
                Http.tag(version + 1));
        assertThat(back.status()).as(back.body()).isEqualTo(200);
    }

    @Test
    void aQuoteBeforeTheSaleNamesItsMargins() {
        JsonNode quote = packer.post(
                        "api/pre-quotes?ratePerHour=40&coverPercent=1&value=1000", Http.demoPack("20-rain-gauge"))
                .json();
        assertThat(quote.at("/cover/likely").asDouble()).isEqualTo(10);
        assertThat(quote.at("/total/low").asDouble())
                .isLessThan(quote.at("/total/likely").asDouble());
        assertThat(quote.path("atHand").size()).isGreaterThan(2);
        Answer bad = packer.post("api/pre-quotes?coverPercent=101", Http.demoPack("20-rain-gauge"));
        assertThat(bad.status()).isEqualTo(400);
        assertThat(bad.body()).contains("0 to 100 %");
    }
}
