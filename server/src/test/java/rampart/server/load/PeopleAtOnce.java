package rampart.server.load;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Random;
import java.util.concurrent.ConcurrentLinkedQueue;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.TimeUnit;
import rampart.server.access.Role;
import rampart.server.demo.DemoAccounts.DemoAccount;
import rampart.server.support.Http;
import rampart.server.support.Http.Answer;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * Fifty people at once against a running demo, each editing a pack of their own for two minutes: a change every second or
 * so, each evaluated, every other one saved. Prints errors and how long evaluations and saves took.
 */
public final class PeopleAtOnce {
    private static final int PEOPLE = 50;
    private static final int LEAST_THOUGHT_MS = 400;
    private static final int MORE_THOUGHT_MS = 1200;

    private final ConcurrentLinkedQueue<Long> evaluations = new ConcurrentLinkedQueue<>();
    private final ConcurrentLinkedQueue<Long> saves = new ConcurrentLinkedQueue<>();
    private final ConcurrentLinkedQueue<String> errors = new ConcurrentLinkedQueue<>();

    private PeopleAtOnce() {}

    /** Takes the demo's run file, and how many seconds (120). */
    public static void main(String[] arguments) throws Exception {
        JsonNode run = Http.MAPPER.readTree(Files.readAllBytes(Path.of(arguments[0])));
        int seconds = arguments.length > 1 ? Integer.parseInt(arguments[1]) : 120;
        JsonNode account = run.path("accounts").get(0);
        new PeopleAtOnce()
                .run(
                        run.path("url").asString(),
                        new DemoAccount(
                                account.path("name").asString(),
                                account.path("password").asString(),
                                Role.designer),
                        seconds);
    }

    private void run(String url, DemoAccount account, int seconds) throws Exception {
        List<Http> people = new ArrayList<>();
        for (int i = 0; i < PEOPLE; i++) {
            Http person = Http.browser(url);
            person.signIn(account);
            people.add(person);
        }
        System.out.println(PEOPLE + " people are signed in; " + seconds + " seconds of editing begin");
        List<String> files = new ArrayList<>();
        for (JsonNode card : people.get(0).get("api/packs").json().path("items")) {
            files.add(people.get(0)
                    .get("api/packs/" + card.path("id").asString() + "/file")
                    .body());
        }
        CountDownLatch go = new CountDownLatch(1);
        ExecutorService threads = Executors.newFixedThreadPool(PEOPLE);
        List<Future<?>> all = new ArrayList<>();
        long end = System.nanoTime() + TimeUnit.SECONDS.toNanos(seconds);
        for (int i = 0; i < PEOPLE; i++) {
            int number = i;
            all.add(threads.submit(() -> {
                go.await();
                edit(people.get(number), number, files, end);
                return null;
            }));
        }
        go.countDown();
        threads.shutdown();
        for (Future<?> each : all) {
            each.get();
        }
        report("evaluations", evaluations, seconds);
        report("saves", saves, seconds);
        System.out.println("errors: " + errors.size());
        errors.stream().limit(5).forEach(System.out::println);
        if (!errors.isEmpty()) {
            System.exit(1);
        }
    }

    private void edit(Http person, int number, List<String> files, long end) throws InterruptedException {
        Random random = new Random(number);
        ObjectNode pack = (ObjectNode) Http.MAPPER.readTree(files.get(number % files.size()));
        pack.put("name", "load " + number);
        String id = person.post("api/packs", pack.toString()).json().path("id").asString();
        long version = 1;
        for (int edit = 0; System.nanoTime() < end; edit++) {
            Thread.sleep(LEAST_THOUGHT_MS + random.nextInt(MORE_THOUGHT_MS));
            ObjectNode item = (ObjectNode) pack.path("item");
            item.put("massKg", 1 + random.nextInt(2000) / 100.0);
            timed(evaluations, () -> person.post("api/evaluations", pack.toString()), 200);
            if (edit % 2 == 0) {
                String tag = Http.tag(version);
                Answer saved = timed(
                        saves, () -> person.put("api/packs/" + id + "/draft", pack.toString(), "If-Match", tag), 200);
                version = saved.status() == 200 ? saved.json().path("version").asLong() : version;
            }
        }
        JsonNode stored = person.get("api/packs/" + id).json();
        if (stored.path("version").asLong() != version) {
            errors.add("pack " + number + " is at version " + stored.path("version") + ", acknowledged was " + version);
        }
        person.delete("api/packs/" + id);
    }

    private interface Call {
        Answer send();
    }

    private Answer timed(ConcurrentLinkedQueue<Long> times, Call call, int expected) {
        long begin = System.nanoTime();
        Answer answer = call.send();
        times.add(System.nanoTime() - begin);
        if (answer.status() != expected) {
            errors.add(answer.status() + " " + answer.body());
        }
        return answer;
    }

    private static void report(String what, ConcurrentLinkedQueue<Long> times, int seconds) {
        long[] sorted = times.stream().mapToLong(Long::longValue).sorted().toArray();
        System.out.printf(
                "%s: %d (%.0f a second), median %.1f ms, 95th percentile %.1f ms, longest %.1f ms%n",
                what,
                sorted.length,
                (double) sorted.length / seconds,
                at(sorted, 0.5),
                at(sorted, 0.95),
                Arrays.stream(sorted).max().orElse(0) / 1e6);
    }

    private static double at(long[] sorted, double share) {
        return sorted.length == 0
                ? 0
                : sorted[(int) Math.min(sorted.length - 1L, Math.round(share * sorted.length))] / 1e6;
    }
}
