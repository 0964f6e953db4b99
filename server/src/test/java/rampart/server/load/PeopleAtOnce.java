package rampart.server.load;

import java.io.IOException;
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
import java.util.concurrent.atomic.AtomicInteger;
import java.util.stream.Stream;
import rampart.server.access.Role;
import rampart.server.demo.DemoAccounts.DemoAccount;
import rampart.server.support.Http;
import rampart.server.support.Http.Answer;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * A hundred people at once against a running demo, each editing a pack of their own for two minutes: a change every second or
 * so, each evaluated, every other one saved. Prints errors and how long evaluations and saves took.
 */
public final class PeopleAtOnce {
    private static final int PEOPLE = 100;
    private static final int LEAST_THOUGHT_MS = 400;
    private static final int MORE_THOUGHT_MS = 1200;

    private final ConcurrentLinkedQueue<Long> evaluations = new ConcurrentLinkedQueue<>();
    private final ConcurrentLinkedQueue<Long> saves = new ConcurrentLinkedQueue<>();
    private final ConcurrentLinkedQueue<Long> reads = new ConcurrentLinkedQueue<>();
    private final ConcurrentLinkedQueue<Long> pages = new ConcurrentLinkedQueue<>();
    private final ConcurrentLinkedQueue<Long> proposals = new ConcurrentLinkedQueue<>();
    private final AtomicInteger comeAgain = new AtomicInteger();
    private final ConcurrentLinkedQueue<String> errors = new ConcurrentLinkedQueue<>();

    private PeopleAtOnce() {}

    /** Takes the demo's run file, and how many seconds (120). */
    public static void main(String[] arguments) throws Exception {
        JsonNode run = Http.MAPPER.readTree(Files.readAllBytes(Path.of(arguments[0])));
        int seconds = arguments.length > 1 ? Integer.parseInt(arguments[1]) : 120;
        JsonNode account = run.path("accounts").get(2);
        Path process = Path.of("/proc", run.path("pid").asString());
        System.out.println("before: " + state(process));
        new PeopleAtOnce()
                .run(
                        run.path("url").asString(),
                        new DemoAccount(
                                account.path("name").asString(),
                                account.path("password").asString(),
                                Role.keeper),
                        seconds);
        TimeUnit.SECONDS.sleep(130);
        System.out.println("after, when all have gone: " + state(process));
    }

    private static String state(Path process) throws IOException {
        try (Stream<Path> handles = Files.list(process.resolve("fd"));
                Stream<Path> threads = Files.list(process.resolve("task"))) {
            return threads.count() + " threads, " + handles.count() + " file handles, "
                    + Files.readString(process.resolve("status"))
                            .lines()
                            .filter(line -> line.startsWith("VmRSS"))
                            .findFirst()
                            .orElse("");
        }
    }

    private void run(String url, DemoAccount account, int seconds) throws Exception {
        List<Http> people = new ArrayList<>();
        Http keeper = Http.browser(url);
        keeper.signIn(account);
        for (int i = 0; i < PEOPLE; i++) {
            String name = "at once " + i;
            JsonNode made = keeper.post("api/people", "{\"name\":\"" + name + "\",\"role\":\"designer\"}")
                    .json();
            Http person = Http.browser(url);
            person.signIn(new DemoAccount(name, made.path("password").asString(), Role.designer));
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
        for (JsonNode member : keeper.get("api/people").json()) {
            if (member.path("name").asString().startsWith("at once ")) {
                keeper.delete("api/people/" + member.path("id").asString());
            }
        }
        report("evaluations", evaluations, seconds);
        report("saves", saves, seconds);
        report("reads of the shelf", reads, seconds);
        report("pages", pages, seconds);
        report("proposals", proposals, seconds);
        System.out.println("searches told to come again: " + comeAgain);
        System.out.println("errors: " + errors.size());
        errors.stream().limit(5).forEach(System.out::println);
        if (!errors.isEmpty()) {
            throw new IllegalStateException("there were errors");
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
            int what = random.nextInt(100);
            if (what < 3) {
                propose(person, pack);
                continue;
            }
            if (what < 25) {
                timed(reads, () -> person.get("api/packs?size=24"), 200);
                continue;
            }
            if (what < 28) {
                timed(pages, () -> person.get("api/packs/" + id + "/page.pdf"), 200);
                continue;
            }
            timed(evaluations, () -> person.post("api/evaluations?simulate=never", pack.toString()), 200);
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

    private void propose(Http person, ObjectNode pack) {
        String body = "{\"pack\":" + pack + ",\"limits\":{\"build\":\"any\",\"foams\":[],\"longestMm\":null,"
                + "\"lengthAndGirthMm\":null,\"reusable\":false,\"handCut\":false,\"stockOnly\":false}}";
        long begin = System.nanoTime();
        Answer answer = person.post("api/proposals", body);
        if (answer.status() == 200) {
            proposals.add(System.nanoTime() - begin);
        } else if ((answer.status() == 429 || answer.status() == 503)
                && answer.raw().headers().firstValue("Retry-After").isPresent()) {
            comeAgain.incrementAndGet();
        } else {
            errors.add("proposals " + answer.status() + " " + answer.body());
        }
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
