package rampart.server.api;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.UUID;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.function.IntFunction;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import rampart.server.support.Http;
import rampart.server.support.Http.Answer;
import rampart.server.support.RunningRampart;
import tools.jackson.databind.JsonNode;

/** What is asked for twice is made once, and what is answered is what happened. */
@ExtendWith(RunningRampart.class)
class OnceTest {
    private static final int AT_ONCE = 8;

    private final Http http = Http.signedIn();
    private final String pack = Http.demoPack("20-rain-gauge");

    private String add() {
        return http.post("api/packs", pack).json().path("id").asString();
    }

    private static List<Answer> atOnce(IntFunction<Answer> work) throws Exception {
        ExecutorService people = Executors.newFixedThreadPool(AT_ONCE);
        try {
            List<Callable<Answer>> all = new ArrayList<>();
            for (int i = 0; i < AT_ONCE; i++) {
                int mine = i;
                all.add(() -> work.apply(mine));
            }
            List<Answer> answers = new ArrayList<>();
            for (Future<Answer> answer : people.invokeAll(all)) {
                answers.add(answer.get());
            }
            return answers;
        } finally {
            people.shutdownNow();
        }
    }

    @Test
    void aRevisionIsMadeOnceFromOneVersion() throws Exception {
        String id = add();
        List<Answer> answers = atOnce(
                i -> http.post("api/packs/" + id + "/revisions", "{\"note\":\"as sent\"}", "If-Match", Http.tag(1)));
        assertThat(answers).allMatch(a -> a.status() == 201);
        assertThat(answers).allMatch(a -> a.json().path("number").asInt() == 1);
        assertThat(http.get("api/packs/" + id + "/revisions").json().size()).isEqualTo(1);
        Answer other = http.post("api/packs/" + id + "/revisions", "{\"note\":\"x\"}", "If-Match", Http.tag(1));
        assertThat(other.status()).isEqualTo(409);
        assertThat(other.body()).contains("is revision 1 already");
    }

    @Test
    void aPackIsMadeOnceForOneKey() throws Exception {
        String key = UUID.randomUUID().toString();
        int before = http.get("api/packs?size=1").json().path("total").asInt();
        List<Answer> answers = atOnce(i -> http.post("api/packs", pack, "Idempotency-Key", key));
        assertThat(answers).allMatch(a -> a.status() == 201);
        Set<String> ids = new TreeSet<>();
        answers.forEach(a -> ids.add(a.json().path("id").asString()));
        assertThat(ids).hasSize(1);
        assertThat(http.get("api/packs?size=1").json().path("total").asInt()).isEqualTo(before + 1);
        String id = ids.iterator().next();
        http.delete("api/packs/" + id);
        assertThat(http.post("api/packs", pack, "Idempotency-Key", key).status())
                .isEqualTo(404);
        assertThat(http.post("api/packs", pack, "Idempotency-Key", "short").status())
                .isEqualTo(400);
    }

    /** Two by two with a key each, as two devices that have lost an answer send again: none waits for the other for ever. */
    @Test
    void keysOfManyAtOnceDoNotStandInEachOthersWay() throws Exception {
        for (int round = 0; round < 10; round++) {
            List<String> keys = List.of(
                    UUID.randomUUID().toString(),
                    UUID.randomUUID().toString(),
                    UUID.randomUUID().toString(),
                    UUID.randomUUID().toString());
            List<Answer> answers =
                    atOnce(i -> http.post("api/packs", pack, "Idempotency-Key", keys.get(i % keys.size())));
            assertThat(answers).extracting(Answer::status).containsOnly(201);
            Set<String> ids = new TreeSet<>();
            answers.forEach(a -> ids.add(a.json().path("id").asString()));
            assertThat(ids).hasSize(keys.size());
            ids.forEach(id -> http.delete("api/packs/" + id));
        }
    }

    /** Whoever is told that the save went through finds it; whoever is told that the pack is gone changed nothing. */
    @Test
    void aSaveThatRacesADeleteTellsTheTruth() throws Exception {
        for (int round = 0; round < 12; round++) {
            String id = add();
            String changed = pack.replace("\"massKg\": 4.8", "\"massKg\": 5.1");
            List<Answer> answers = atOnce(i -> i % 2 == 0
                    ? http.put("api/packs/" + id + "/draft", changed, "If-Match", Http.tag(1))
                    : http.delete("api/packs/" + id));
            assertThat(answers).extracting(Answer::status).containsAnyOf(204).isSubsetOf(200, 204, 404, 409);
            boolean saved = answers.stream().anyMatch(a -> a.status() == 200);
            JsonNode back = http.post("api/packs/" + id + "/restoration", "").json();
            assertThat(back.path("version").asInt()).isEqualTo(saved ? 2 : 1);
            assertThat(back.at("/pack/item/massKg").asDouble()).isEqualTo(saved ? 5.1 : 4.8);
            http.delete("api/packs/" + id);
        }
    }

    /** A revision is shown as it was evaluated when it was made, whatever is in its document or its catalogue by now. */
    @Test
    void aRevisionKeepsWhatWasSaidOfIt() {
        String id = add();
        http.post("api/packs/" + id + "/revisions", "{\"note\":\"\"}", "If-Match", Http.tag(1));
        JsonNode evaluated = http.post("api/evaluations", pack).json();
        JsonNode cuts = http.post("api/cut-lists?units=in", pack).json();
        String report = "api/packs/" + id + "/revisions/1/report";
        assertThat(http.get(report).json().path("evaluation")).isEqualTo(evaluated);
        assertThat(http.get(report + "?units=in").json().path("cutList")).isEqualTo(cuts);
        RunningRampart.database()
                .execute("UPDATE revision SET document = JSON_SET(document, '$.item.massKg', 40) WHERE pack_id = '" + id
                        + "'");
        assertThat(http.get(report).json().path("evaluation")).isEqualTo(evaluated);
        assertThat(http.get(report + "?units=in&masses=kg&decimal=comma")
                        .json()
                        .at("/evaluation/verdict")
                        .asString())
                .isEqualTo("thin");
    }
}
