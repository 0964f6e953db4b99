package rampart.server.fuzz;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.TreeMap;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import rampart.server.support.Http;
import rampart.server.support.Http.Answer;
import rampart.server.support.RunningRampart;
import tools.jackson.databind.JsonNode;

/**
 * Damaged and absurd documents to every address that takes JSON: never a 500, never a figure that is no number, none that
 * hangs. A share of them runs with every test; {@code -Drampart.fuzz=20000} runs as many as one likes.
 */
@ExtendWith(RunningRampart.class)
class FuzzTest {
    private static final int MUTANTS = Integer.getInteger("rampart.fuzz", 1200);
    private static final long SEED = 20261128;

    /** An evaluation that takes longer hangs on something; one that is slow on a busy machine takes a tenth of it. */
    private static final long LONGEST_MS = 20_000;

    private static final List<String> PACKS =
            List.of("10-hygrometer", "20-rain-gauge", "30-seismometer", "40-gravimeter");

    private final Http designer = Http.signedIn();
    private final Http keeper = Http.signedIn(RunningRampart.keeper());

    /** An address, and a good document for it. */
    private record Target(String method, String path, String good, Http who) {}

    /** A figure that is none; that somebody calls a thing so is allowed. */
    private static final String NO_NUMBER = "\"(?!name|words|title|note)[A-Za-z]+\":\"?(NaN|-?Infinity)\"?[,}\\]]";

    /** Work at the packing table, what travels, what comes back. */
    private List<Target> table() {
        String pack = "api/packs/"
                + designer.post("api/packs", Http.demoPack("20-rain-gauge"))
                        .json()
                        .path("id")
                        .asString();
        String release = designer.post(pack + "/releases", "{\"note\":\"\",\"reason\":\"\"}", "If-Match", Http.tag(1))
                .json()
                .path("number")
                .asString();
        String packing = designer.post("api/packings", "{\"number\":\"" + release + "\"}")
                .json()
                .path("id")
                .asString();
        return List.of(
                new Target("POST", "api/packings", "{\"number\":\"" + release + "\"}", designer),
                new Target(
                        "POST",
                        "api/packings/" + packing + "/acts",
                        "{\"acts\":[{\"id\":\"00000000-0000-4000-8000-000000000000\",\"step\":\"weigh\",\"deed\":\"done\","
                                + "\"value\":4.8,\"note\":\"\",\"doneAt\":\"2026-11-29T10:00:00Z\"}]}",
                        designer),
                new Target("POST", "api/packings/scale", "{\"kg\":4.8}", designer),
                new Target(
                        "POST",
                        "api/consignments",
                        "{\"receiver\":[\"Tide Museum\"],\"note\":\"\",\"entries\":[{\"release\":\"" + release
                                + "\",\"count\":2,\"contents\":\"\"}]}",
                        designer));
    }

    private List<Target> targets() {
        List<Target> all = new ArrayList<>();
        for (String name : PACKS) {
            String pack = Http.demoPack(name);
            for (int i = 0; i < 3; i++) {
                all.add(new Target("POST", "api/evaluations?simulate=never", pack, designer));
            }
            all.add(new Target("POST", "api/cut-lists?units=in", pack, designer));
            all.add(new Target("POST", "api/curves?check=drop.face.3", pack, designer));
            all.add(new Target("POST", "api/evaluations.csv?simulate=never", pack, designer));
            all.add(new Target("POST", "api/stores/differences", pack, designer));
            all.add(new Target("POST", "api/packs", pack, designer));
            all.add(new Target(
                    "POST", "api/comparisons", "{\"before\":" + pack + ",\"after\":" + pack + "}", designer));
        }
        for (String name : List.of("22-rain-gauge-funnels", "24-tide-dial", "40-gravimeter")) {
            String pack = Http.demoPack(name);
            for (String path :
                    List.of("api/board-work", "api/clearances", "api/fittings", "api/board-choices", "api/quotes")) {
                all.add(new Target("POST", path, pack, designer));
            }
            all.add(new Target("POST", "api/set-plans", pack, designer));
            all.add(new Target("POST", "api/piece-ways", pack, designer));
        }
        for (String name : List.of("20-rain-gauge", "40-gravimeter", "85-loan-theodolite")) {
            all.add(new Target("POST", "api/pre-quotes?ratePerHour=40&value=1000", Http.demoPack(name), designer));
        }
        for (String other : List.of("20-rain-gauge", "80-sextant")) {
            String two = "{\"before\":" + Http.demoPack("22-rain-gauge-funnels") + ",\"after\":" + Http.demoPack(other);
            all.add(new Target("POST", "api/comparisons", two + "}", designer));
        }
        all.add(new Target(
                "POST",
                "api/stores/fits",
                "{\"foam\":{\"stiffnessPerC\":-0.01,\"substance\":\"polyethylene\",\"structure\":\"closed_cell\"},"
                        + "\"tests\":{\"drops\":\"\",\"creep\":\"\",\"vibration\":\"\"}}",
                designer));
        all.add(new Target(
                "POST",
                "api/outlines/photograph/trace",
                "{\"flat\":{\"picture\":\"\",\"difference\":\"\",\"widthPixels\":9,\"heightPixels\":9,\"mmPerPixel\":0.3,"
                        + "\"leftMm\":0,\"backMm\":0,\"sheets\":[\"a4\"],\"marks\":8,\"camera\":{\"xMm\":1,\"yMm\":1,"
                        + "\"heightMm\":900,\"heightErrorMm\":5,\"tiltDegrees\":3},\"marksErrorMm\":0.1},\"threshold\":100,"
                        + "\"heightMm\":30,\"straight\":true}",
                designer));
        all.addAll(table());
        String small = Http.demoPack("10-hygrometer");
        all.add(new Target("POST", "api/simulations?drop=drop.face.3", small, designer));
        all.add(new Target("POST", "api/stock-fits?layer=2", small, designer));
        all.add(new Target("POST", "api/remedies", small, designer));
        all.add(new Target("POST", "api/first-walls", small, designer));
        all.add(new Target(
                "POST",
                "api/proposals",
                "{\"pack\":" + small + ",\"limits\":{\"build\":\"single\",\"foams\":[\"pe-28\"],\"longestMm\":400,"
                        + "\"lengthAndGirthMm\":null,\"reusable\":false,\"handCut\":true,\"stockOnly\":false}}",
                designer));
        all.add(new Target(
                "POST",
                "api/stores/cartons",
                "{\"name\":\"x\",\"insideMm\":{\"length\":300,\"width\":200,\"height\":100},\"board\":\"c-32\",\"source\":\"\"}",
                designer));
        all.add(new Target(
                "POST", "api/stores/sheets", "{\"foam\":\"pe-28\",\"thicknessMm\":33,\"source\":\"\"}", designer));
        all.add(new Target(
                "PUT",
                "api/house",
                "{\"lengthUnit\":\"mm\",\"massUnit\":\"kg\",\"numbers\":\"point\",\"currency\":\"EUR\"}",
                keeper));
        all.add(new Target("POST", "api/session", "{\"name\":\"nobody of note\",\"password\":\"x\"}", keeper));
        return all;
    }

    @Test
    void noDocumentBringsItDown() {
        Random random = new Random(SEED);
        Mutator mutator = new Mutator(random);
        List<Target> targets = targets();
        Map<Integer, Integer> answers = new TreeMap<>();
        long slowest = 0;
        for (int i = 0; i < MUTANTS; i++) {
            Target target = targets.get(random.nextInt(targets.size()));
            byte[] body = mutator.mutate(target.good());
            long began = System.nanoTime();
            Answer answer = target.who().send(target.method(), target.path(), body);
            long took = TimeUnit.NANOSECONDS.toMillis(System.nanoTime() - began);
            String what = "mutant " + i + " to " + target.path() + ": "
                    + new String(body, 0, Math.min(400, body.length), StandardCharsets.UTF_8);
            // A search may be stopped for its length or because the one before it is not quite over.
            boolean search = answer.status() == 503 || answer.status() == 429;
            assertThat(answer.status()).as(what + answer.body()).isLessThan(search ? 504 : 500);
            if (answer.status() < 400) {
                assertThat(answer.body()).as(what).doesNotContainPattern(NO_NUMBER);
            }
            answers.merge(answer.status(), 1, Integer::sum);
            if (target.path().equals("api/session")) {
                // So that the next one is not kept waiting by the throttle, which has tests of its own.
                RunningRampart.database().execute("DELETE FROM sign_in_failure");
            }
            if (target.path().startsWith("api/evaluations")) {
                slowest = Math.max(slowest, took);
                assertThat(took).as(what).isLessThan(LONGEST_MS);
            }
            if (target.path().equals("api/packs") && answer.status() == 201) {
                assertThat(target.who().get("api/packs?size=1").status())
                        .as(what)
                        .isEqualTo(200);
                JsonNode made = answer.json();
                target.who().delete("api/packs/" + made.path("id").asString());
            }
        }
        assertThat(answers.getOrDefault(200, 0))
                .as("mutants that are still packs in " + answers)
                .isPositive();
        assertThat(answers.get(400)).as("mutants that are not in " + answers).isGreaterThan(MUTANTS / 4);
        keeper.put(
                "api/house", "{\"lengthUnit\":\"mm\",\"massUnit\":\"kg\",\"numbers\":\"point\",\"currency\":\"EUR\"}");
        System.out.println(MUTANTS + " mutants: " + answers + ", slowest evaluation " + slowest + " ms");
    }
}
