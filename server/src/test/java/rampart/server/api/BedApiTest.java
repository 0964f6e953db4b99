package rampart.server.api;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import rampart.server.support.Http;
import rampart.server.support.Http.Answer;
import rampart.server.support.RunningRampart;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

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
        assertThat(answer.json().path("detail").asString()).contains("made for it as it lies");
    }

    /** What is proposed is taken as it is: the checks of ties and of what holds the item then hold. */
    @Test
    void proposedTiesHold() throws Exception {
        JsonNode ties =
                http.post("api/beds/ties", Http.demoPack("70-survey-sledge")).json();
        assertThat(ties).isNotEmpty();
        ObjectNode pack = (ObjectNode) Http.MAPPER.readTree(Http.demoPack("70-survey-sledge"));
        ((ObjectNode) pack.at("/layers/1/bed")).set("ties", ties);
        JsonNode checks = http.post("api/evaluations?simulate=never", pack.toString())
                .json()
                .path("checks");
        for (JsonNode check : checks) {
            if (check.path("id").asString().equals("bed.ties")
                    || check.path("id").asString().equals("bed.hold")) {
                assertThat(check.path("status").asString()).as(check.toString()).isEqualTo("holds");
            }
        }
        JsonNode bed = http.post("api/beds", pack.toString()).json();
        assertThat(bed.path("tieSlots")).hasSize(ties.size());
        assertThat(bed.at("/tieSlots/0/slots")).hasSize(2);
        assertThat(http.post("api/beds/ties", Http.demoPack("10-hygrometer")).status())
                .isEqualTo(422);
    }

    /** A pack takes the well as it is told; what is larger than the block has none, and no size is none. */
    @Test
    void aWellForALooseThing() throws Exception {
        String sledge = Http.demoPack("70-survey-sledge");
        JsonNode found = http.post("api/beds/wells?lengthMm=60&widthMm=30&heightMm=25", sledge)
                .json();
        assertThat(found).hasSize(1);
        assertThat(found.at("/0/foamMm").asDouble()).isGreaterThanOrEqualTo(15);
        ObjectNode pack = (ObjectNode) Http.MAPPER.readTree(sledge);
        ObjectNode well = Http.MAPPER.createObjectNode();
        well.put("name", "plumb bob");
        for (String field : List.of("outlineMm", "bottomMm", "topMm")) {
            well.set(field, found.at("/0/" + field));
        }
        ((ArrayNode) pack.at("/layers/1/bed/wells")).add(well);
        assertThat(http.post("api/evaluations?simulate=never", pack.toString()).status())
                .isEqualTo(200);
        assertThat(http.post("api/beds/wells?lengthMm=2000&widthMm=30&heightMm=25", sledge)
                        .json())
                .isEmpty();
        for (String bad : List.of(
                "lengthMm=60&widthMm=30",
                "lengthMm=2&widthMm=30&heightMm=25",
                "lengthMm=60&widthMm=NaN&heightMm=25",
                "lengthMm=60&widthMm=3001&heightMm=25",
                "lengthMm=a&widthMm=30&heightMm=25")) {
            assertThat(http.post("api/beds/wells?" + bad, sledge).status())
                    .as(bad)
                    .isEqualTo(400);
        }
        assertThat(http.post("api/beds/wells?lengthMm=60&widthMm=30&heightMm=25", Http.demoPack("10-hygrometer"))
                        .status())
                .isEqualTo(422);
    }

    /** Whoever packs looks at a bed, and asks what the designer would ask; nothing of it is stored. */
    @Test
    void aPackerMayAskToo() {
        Http packer = Http.signedIn(RunningRampart.packer());
        assertThat(packer.post("api/beds", Http.demoPack("70-survey-sledge")).status())
                .isEqualTo(200);
        assertThat(packer.post("api/beds/ties", Http.demoPack("70-survey-sledge"))
                        .status())
                .isEqualTo(200);
    }
}
