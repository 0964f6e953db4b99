package rampart.server.searches;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.catchThrowableOfType;

import java.time.Duration;
import java.util.List;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.stream.IntStream;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import rampart.server.searches.SearchRefusedException.Reason;

/** How many searches run, wait and are turned away, and what ends one. */
class SearchesTest {
    private static final Duration LONG = Duration.ofSeconds(30);

    private final Searches searches = new Searches(2, LONG, new Traffic());
    private final CountDownLatch goOn = new CountDownLatch(1);

    @AfterEach
    void end() {
        goOn.countDown();
        searches.stop();
    }

    /** Runs until it is let go or stopped. */
    private CompletableFuture<String> ask(Searches of, String who, AtomicBoolean gone) {
        return CompletableFuture.supplyAsync(
                () -> of.run(who, "walls", gone::get, Searches.Onlooker.NONE, search -> {
                    while (goOn.getCount() > 0) {
                        search.look();
                        pause();
                    }
                    return who;
                }),
                task -> new Thread(task).start());
    }

    private CompletableFuture<String> ask(String who) {
        return ask(searches, who, new AtomicBoolean());
    }

    private static void pause() {
        try {
            TimeUnit.MILLISECONDS.sleep(5);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }

    private void await(String who, int running, int waiting) {
        for (int i = 0; i < 1000; i++) {
            List<Searches.Own> own = searches.of(who);
            if (own.stream().filter(o -> o.place() == 0).count() == running
                    && own.stream().filter(o -> o.place() > 0).count() == waiting) {
                return;
            }
            pause();
        }
        throw new AssertionError(who + " has " + searches.of(who));
    }

    private static Reason refused(CompletableFuture<String> asked) throws Exception {
        ExecutionException failed =
                catchThrowableOfType(ExecutionException.class, () -> asked.get(10, TimeUnit.SECONDS));
        return ((SearchRefusedException) failed.getCause()).reason();
    }

    @Test
    void onePersonHasOneRunningAndTwoWaiting() throws Exception {
        CompletableFuture<String> first = ask("ann");
        await("ann", 1, 0);
        CompletableFuture<String> second = ask("ann");
        CompletableFuture<String> third = ask("ann");
        await("ann", 1, 2);
        assertThat(searches.of("ann")).extracting(Searches.Own::place).containsExactly(0, 1, 2);
        assertThat(refused(ask("ann"))).isEqualTo(Reason.ONE_AT_A_TIME);
        CompletableFuture<String> other = ask("bob");
        await("bob", 1, 0);
        goOn.countDown();
        assertThat(first.get(10, TimeUnit.SECONDS)).isEqualTo("ann");
        assertThat(second.get(10, TimeUnit.SECONDS)).isEqualTo("ann");
        assertThat(third.get(10, TimeUnit.SECONDS)).isEqualTo("ann");
        assertThat(other.get(10, TimeUnit.SECONDS)).isEqualTo("bob");
        await("ann", 0, 0);
    }

    @Test
    void asManyRunAsThereAreCoresAndEightWait() throws Exception {
        List<CompletableFuture<String>> taken = IntStream.range(0, 10)
                .mapToObj(i -> {
                    CompletableFuture<String> asked = ask("person " + i);
                    await("person " + i, i < 2 ? 1 : 0, i < 2 ? 0 : 1);
                    return asked;
                })
                .toList();
        assertThat(searches.of("person 9").get(0).place()).isEqualTo(8);
        assertThat(refused(ask("late"))).isEqualTo(Reason.QUEUE_FULL);
        goOn.countDown();
        for (CompletableFuture<String> asked : taken) {
            asked.get(10, TimeUnit.SECONDS);
        }
    }

    @Test
    void whoLeavesOrStopsEndsIt() throws Exception {
        AtomicBoolean gone = new AtomicBoolean();
        CompletableFuture<String> left = ask(searches, "ann", gone);
        await("ann", 1, 0);
        gone.set(true);
        assertThat(refused(left)).isEqualTo(Reason.STOPPED);
        await("ann", 0, 0);
        CompletableFuture<String> stopped = ask("ann");
        CompletableFuture<String> waiting = ask("ann");
        await("ann", 1, 1);
        searches.stop("ann");
        assertThat(refused(stopped)).isEqualTo(Reason.STOPPED);
        assertThat(refused(waiting)).isEqualTo(Reason.STOPPED);
        await("ann", 0, 0);
    }

    @Test
    void itEndsAfterItsTimeAndWhenTheServerEnds() throws Exception {
        Searches hasty = new Searches(1, Duration.ofMillis(100), new Traffic());
        assertThat(refused(ask(hasty, "ann", new AtomicBoolean()))).isEqualTo(Reason.TOO_LONG);
        hasty.stop();
        CompletableFuture<String> asked = ask("ann");
        await("ann", 1, 0);
        searches.stop();
        assertThat(refused(asked)).isEqualTo(Reason.CLOSING);
        assertThat(refused(ask("bob"))).isEqualTo(Reason.CLOSING);
    }
}
