package rampart.server.api;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import rampart.server.support.Http;
import rampart.server.support.Http.Answer;
import rampart.server.support.RunningRampart;
import tools.jackson.databind.JsonNode;

/** A bed over the wire: its levels, where it bears, and what is refused of it. */
@ExtendWith(RunningRampart.class)
class BedApiTest {
    private final Http http = Http.signedIn();

    @Test
    void theLevelsStandOneOnAnother() {
        JsonNode bed = http.post("api/beds", Http.demoPack("70-survey-sledge")).json();
        assertThat(bed.path("layer").asInt()).isEqualTo(1);
        double at = bed.at("/blockMinMm/2").asDouble();
        assertThat(at).isEqualTo(-60 - 0.5 - 80);
        for (JsonNode level : bed.path("levels")) {
            assertThat(level.path("bottomMm").asDouble()).isEqualTo(at);
            at = level.path("topMm").asDouble();
        }
        assertThat(at).isEqualTo(bed.at("/blockMaxMm/2").asDouble());
        assertThat(bed.path("bears")).hasSize(6);
        double cm2 = 0;
        for (JsonNode patch : bed.at("/bears/2/patches")) {
            cm2 += (patch.get(2).asDouble() - patch.get(0).asDouble())
                    * (patch.get(3).asDouble() - patch.get(1).asDouble())
                    / 100;
        }
        JsonNode evaluation = http.post("api/evaluations?simulate=never", Http.demoPack("70-survey-sledge"))
                .json();
        assertThat(bed.at("/bears/2/face").asString()).isEqualTo("bottom");
        assertThat(cm2).isCloseTo(evaluation.at("/cushions/0/bearingCm2/bottom").asDouble(), within(1e-6));
    }

    @Test
    void whatIsNoBedHasNone() {
        Answer answer = http.post("api/beds", Http.demoPack("10-hygrometer"));
        assertThat(answer.status()).isEqualTo(422);
        assertThat(answer.json().path("detail").asString()).contains("No layer of this pack is a bed");
    }

    @Test
    void anItemIsNotTurnedInItsBed() {
        Answer answer = http.post("api/orientations", Http.demoPack("70-survey-sledge"));
        assertThat(answer.status()).isEqualTo(422);
        assertThat(answer.json().path("detail").asString()).contains("cut to it as it lies");
    }
}
