package rampart.server.api;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import rampart.server.support.Http;
import rampart.server.support.Http.Answer;
import rampart.server.support.RunningRampart;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** First walls and remedies over the wire: what they promise is what an evaluation then says. */
@ExtendWith(RunningRampart.class)
class SearchTest {
    private static final String GAUGE = Http.demoPack("20-rain-gauge");

    private static final String BREAKING = "30-seismometer";

    private final Http http = Http.signedIn();

    @Test
    void theFirstWallHoldsAndKeepsItemAndJourney() {
        Answer answer = http.post("api/first-walls", GAUGE);
        assertThat(answer.status()).as(answer.body()).isEqualTo(200);
        JsonNode found = answer.json();
        assertThat(found.path("walls").size()).isPositive();
        assertThat(found.path("ways").size()).isZero();
        for (JsonNode wall : found.path("walls")) {
            assertThat(wall.path("kind").asString()).isIn("stock", "single", "nested");
            assertThat(wall.path("carton").isNull())
                    .isEqualTo(!wall.path("kind").asString().equals("stock"));
            JsonNode pack = wall.path("pack");
            assertThat(pack.path("layers").size()).isGreaterThan(1);
            assertThat(pack.at("/layers/0/id").asString()).isNotEmpty();
            assertThat(pack.at("/item/massKg").asDouble()).isEqualTo(4.8);
            JsonNode evaluation = http.post("api/evaluations", pack.toString()).json();
            assertThat(evaluation.path("verdict").asString()).isEqualTo("holds");
            assertThat(wall.at("/figures/volumeL").asDouble()).isPositive();
            assertThat(wall.at("/figures/layers").asInt()).isGreaterThan(1);
        }
    }

    @Test
    void everyJourneyToChooseFromMakesAPackThatIsEvaluated() {
        JsonNode beginnings = http.get("api/beginnings").json();
        assertThat(beginnings.path("delicacy").size()).isEqualTo(6);
        assertThat(beginnings.path("journeys").size()).isGreaterThanOrEqualTo(5);
        for (JsonNode journey : beginnings.path("journeys")) {
            ObjectNode pack = (ObjectNode) JsonMapper.shared().readTree(GAUGE);
            pack.put("format", "rampart-pack/3").set("journey", journey.path("journey"));
            Answer answer = http.post("api/first-walls", pack.toString());
            assertThat(answer.status()).as(journey.path("id").asString()).isEqualTo(200);
        }
    }

    @Test
    void saysWhatHasToGive() {
        JsonNode found = http.post("api/first-walls", GAUGE.replace("\"massKg\": 4.8", "\"massKg\": 28"))
                .json();
        assertThat(found.path("walls").size()).isZero();
        JsonNode way = found.at("/ways/0");
        assertThat(way.path("demand").asString()).isEqualTo("lift");
        assertThat(way.path("because").asString()).contains("Two people");
        assertThat(way.at("/pack/layers").size()).isGreaterThan(1);
    }

    @Test
    void withoutGThereIsNoFirstWall() {
        Answer answer = http.post("api/first-walls", GAUGE.replaceAll("\"criticalAccelerationG\": [0-9.]+,", ""));
        assertThat(answer.status()).isEqualTo(400);
        assertThat(answer.json().at("/errors/0/path").asString()).isEqualTo("/item/fragility/criticalAccelerationG");
    }

    @Test
    void remediesMendTheWeakestCheckAndNoneBeatsAnother() {
        Answer answer = http.post("api/remedies", Http.demoPack(BREAKING));
        assertThat(answer.status()).as(answer.body()).isEqualTo(200);
        JsonNode remedies = answer.json();
        assertThat(remedies.size()).isPositive();
        for (JsonNode one : remedies) {
            assertThat(one.path("title").asString()).isNotBlank();
            assertThat(one.path("changes").size()).isPositive();
            assertThat(one.path("changes").valueStream().map(c -> c.path("path").asString()))
                    .allMatch(path -> path.startsWith("/layers/"));
        }
        for (JsonNode one : remedies) {
            assertThat(remedies.valueStream()).as(one.path("title").asString()).noneMatch(other -> beats(other, one));
        }
        assertThat(http.post("api/remedies?check=no.such", GAUGE).json().size()).isZero();
        assertThat(http.post("api/remedies", "{}").status()).isEqualTo(400);
    }

    private static boolean beats(JsonNode winner, JsonNode loser) {
        double volume = volume(winner) - volume(loser);
        double mass = winner.path("grossMassKg").asDouble()
                - loser.path("grossMassKg").asDouble();
        double margin = loser.path("margin").asDouble() - winner.path("margin").asDouble();
        return volume <= 0 && mass <= 0 && margin <= 0 && (volume < 0 || mass < 0 || margin < 0);
    }

    private static double volume(JsonNode remedy) {
        JsonNode size = remedy.path("outsideMm");
        return size.path("length").asDouble()
                * size.path("width").asDouble()
                * size.path("height").asDouble();
    }

    @Test
    void searchesAreForThoseSignedIn() {
        Http stranger = Http.browser(RunningRampart.url());
        assertThat(stranger.post("api/remedies", GAUGE).status()).isIn(401, 403);
        assertThat(stranger.post("api/first-walls", GAUGE).status()).isIn(401, 403);
    }
}
