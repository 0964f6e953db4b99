package rampart.server.api;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import rampart.server.support.Http;
import rampart.server.support.Http.Answer;
import rampart.server.support.RunningRampart;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** Proposals, prices, simulations and tables over the wire. */
@ExtendWith(RunningRampart.class)
class ProposalApiTest {
    private static final JsonMapper MAPPER = JsonMapper.shared();

    private final Http http = Http.designer();

    private static ObjectNode request(String pack) {
        ObjectNode request = MAPPER.createObjectNode();
        request.set("pack", MAPPER.readTree(Http.demoPack(pack)));
        ObjectNode limits = request.putObject("limits");
        limits.put("build", "any").put("reusable", false).put("handCut", true).put("stockOnly", false);
        limits.putNull("longestMm").putNull("lengthAndGirthMm").putArray("foams");
        return request;
    }

    @Test
    void everyProposedWallHoldsWhenItIsEvaluated() {
        Answer answer = http.post("api/proposals", request("20-rain-gauge").toString());
        assertThat(answer.status()).as(answer.body()).isEqualTo(200);
        JsonNode found = answer.json();
        assertThat(found.path("considered").asLong()).isGreaterThan(100_000);
        assertThat(found.path("proposals").size()).isGreaterThan(2);
        for (JsonNode wall : found.path("proposals")) {
            JsonNode evaluation =
                    http.post("api/evaluations", wall.path("pack").toString()).json();
            assertThat(evaluation.path("verdict").asString()).isEqualTo("holds");
            assertThat(evaluation.path("grossMassKg").asDouble())
                    .isEqualTo(wall.at("/figures/grossMassKg").asDouble());
        }
    }

    /** Limits without a field, or with something else in it, are told by the field and what belongs there. */
    @Test
    void limitsThatLackAFieldAreToldWhichAndWhat() {
        ObjectNode without = request("20-rain-gauge");
        ((ObjectNode) without.path("limits")).remove("reusable");
        Answer missing = http.post("api/proposals", without.toString());
        assertThat(missing.status()).isEqualTo(400);
        assertThat(missing.json().at("/errors/0/path").asString()).isEqualTo("/limits/reusable");
        assertThat(missing.json().at("/errors/0/message").asString()).isEqualTo("missing; it must be true or false");
        ObjectNode other = request("20-rain-gauge");
        ((ObjectNode) other.path("limits")).putObject("longestMm");
        Answer wrong = http.post("api/proposals", other.toString());
        assertThat(wrong.json().at("/errors/0/path").asString()).isEqualTo("/limits/longestMm");
        assertThat(wrong.json().at("/errors/0/message").asString()).endsWith("it must be a number");
        ObjectNode list = request("20-rain-gauge");
        ((ObjectNode) list.path("limits")).put("foams", "pe-28");
        assertThat(http.post("api/proposals", list.toString())
                        .json()
                        .at("/errors/0/message")
                        .asString())
                .endsWith("it must be a list");
    }

    @Test
    void theAnswerInLinesEndsWithTheSameAnswer() {
        JsonNode whole =
                http.post("api/proposals", request("10-hygrometer").toString()).json();
        Answer lines = http.post("api/proposals/lines", request("10-hygrometer").toString());
        assertThat(lines.status()).isEqualTo(200);
        List<JsonNode> read = new ArrayList<>();
        for (String line : lines.body().lines().toList()) {
            read.add(MAPPER.readTree(line));
        }
        assertThat(read.subList(0, read.size() - 1))
                .allMatch(line ->
                        line.path("answer").isNull() && line.path("trouble").isNull())
                .allMatch(line -> line.path("done").asInt() <= line.path("of").asInt());
        JsonNode last = read.get(read.size() - 1).path("answer");
        assertThat(last.path("proposals").size())
                .isEqualTo(whole.path("proposals").size());
        assertThat(last.at("/proposals/0/figures/volumeL")).isEqualTo(whole.at("/proposals/0/figures/volumeL"));
    }

    @Test
    void badInputNamesFieldValueAndWhatIsAllowed() {
        ObjectNode odd = request("20-rain-gauge");
        ((ObjectNode) odd.path("limits")).put("build", "triple").put("longestMm", 0);
        Answer refused = http.post("api/proposals", odd.toString());
        assertThat(refused.status()).isEqualTo(400);
        assertThat(refused.body())
                .contains("/limits.build")
                .contains("triple")
                .contains("an outside edge is 1 to 10000 mm");

        ObjectNode foam = request("20-rain-gauge");
        ((ObjectNode) foam.path("limits")).putArray("foams").add("cheese");
        assertThat(http.post("api/proposals", foam.toString()).body())
                .contains("/limits/foams/0")
                .contains("cheese");

        ObjectNode pack = request("20-rain-gauge");
        ((ObjectNode) pack.at("/pack/item")).put("massKg", -1);
        assertThat(http.post("api/proposals", pack.toString()).body())
                .contains("/pack/item/massKg")
                .contains("-1");

        Answer simulate = http.post("api/evaluations?simulate=perhaps", Http.demoPack("20-rain-gauge"));
        assertThat(simulate.status()).isEqualTo(400);
        assertThat(simulate.body()).contains("perhaps").contains("auto or never");
        assertThat(http.post("api/simulations?drop=drop.face.9", Http.demoPack("20-rain-gauge"))
                        .status())
                .isEqualTo(404);
    }

    @Test
    void heavyBoxesAreSimulatedWhenAskedFor() {
        String gravimeter = Http.demoPack("40-gravimeter");
        JsonNode quick = http.post("api/evaluations?simulate=never", gravimeter).json();
        JsonNode timed = http.post("api/evaluations", gravimeter).json();
        assertThat(quick.path("doubted").asBoolean()).isTrue();
        assertThat(quick.path("verdict").asString()).isEqualTo("thin");
        assertThat(timed.path("doubted").asBoolean()).isFalse();
        assertThat(timed.path("workedInTime").asBoolean()).isTrue();
        for (JsonNode drop : timed.path("drops")) {
            assertThat(drop.path("simulatedG").isNumber())
                    .isEqualTo(drop.path("counted").asBoolean());
            assertThat(drop.path("g").asDouble())
                    .isGreaterThanOrEqualTo(drop.path("simulatedG").asDouble());
        }
        JsonNode one = http.post("api/simulations?drop=drop.face.3", gravimeter).json();
        assertThat(Math.abs(one.path("energyError").asDouble())).isLessThan(1e-3);
        assertThat(one.path("moments").size()).isGreaterThan(20);
    }

    @Test
    void aPriceIsSetKeptAndNotOverwrittenUnseen() {
        String path = "api/stores/prices/pe-64";
        int before = http.get(path).json().size();
        assertThat(set(path, "0.4", "a letter", before)).isEqualTo(200);
        assertThat(set(path, "0.5", "", before)).isEqualTo(409);
        assertThat(set(path, "null", "", before + 1)).isEqualTo(200);
        JsonNode history = http.get(path).json();
        assertThat(history.size()).isEqualTo(before + 2);
        assertThat(history.at("/0/amount").isNull()).isTrue();
        assertThat(history.at("/1/amount").asDouble()).isEqualTo(0.4);
        assertThat(history.at("/1/source").asString()).isEqualTo("a letter");
        assertThat(set(path, "-1", "", before + 2)).isEqualTo(400);
        assertThat(set("api/stores/prices/cheese", "1", "", 0)).isEqualTo(404);
        // The demo's other people go on with the price it had.
        assertThat(set(path, "0.36", "", before + 2)).isEqualTo(200);
    }

    private int set(String path, String amount, String source, int seen) {
        String body = "{\"amount\":" + amount + ",\"source\":\"" + source + "\"}";
        return http.put(path, body, "If-Match", "\"" + seen + "\"").status();
    }

    @Test
    void whatMattersMostIsRankedAndTheVerdictStandsBesideItsBand() {
        JsonNode answer =
                http.post("api/sensitivities", Http.demoPack("20-rain-gauge")).json();
        assertThat(answer.path("marginLow").asDouble())
                .isLessThanOrEqualTo(answer.path("margin").asDouble());
        assertThat(answer.path("influences").size()).isGreaterThan(5);
        double last = Double.POSITIVE_INFINITY;
        for (JsonNode influence : answer.path("influences")) {
            assertThat(influence.path("swing").asDouble()).isLessThanOrEqualTo(last);
            last = influence.path("swing").asDouble();
        }
    }
}
