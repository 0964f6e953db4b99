package rampart.server.api;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.atomic.AtomicInteger;
import org.junit.jupiter.api.Test;
import rampart.core.search.Watcher;
import rampart.server.searches.Traffic;

class PatienceTest {
    private static final long SLOW_NANOS = 600_000_000L;

    private final Traffic traffic = new Traffic();
    private final Patience patience = new Patience(traffic);

    /** What works longer than anybody should notice does so one at a time; what is quick is not held up by it. */
    @Test
    void whatIsSlowIsDoneOneAtATime() {
        AtomicInteger late = new AtomicInteger();
        AtomicInteger most = new AtomicInteger();
        ExecutorService four = Executors.newFixedThreadPool(4);
        try {
            List<CompletableFuture<Void>> all = new ArrayList<>();
            for (int i = 0; i < 4; i++) {
                all.add(CompletableFuture.runAsync(() -> slow(late, most), four));
            }
            assertThat(quick()).isEqualTo("done");
            all.forEach(CompletableFuture::join);
        } finally {
            four.shutdownNow();
        }
        assertThat(most).hasValue(1);
    }

    /** As a request does: it enters, and leaves again when it is answered. */
    private void slow(AtomicInteger late, AtomicInteger most) {
        traffic.enter();
        patience.run(() -> false, watcher -> {
            long worked = 0;
            boolean counted = false;
            while (worked < SLOW_NANOS) {
                long before = System.nanoTime();
                while (System.nanoTime() - before < 1_000_000) {
                    Thread.onSpinWait();
                }
                worked += System.nanoTime() - before;
                watcher.look();
                // Once it has worked for longer than quick is, it has its turn.
                if (!counted && worked > 3 * SLOW_NANOS / 4) {
                    counted = true;
                    most.accumulateAndGet(late.incrementAndGet(), Math::max);
                }
            }
            late.decrementAndGet();
            return null;
        });
        traffic.leave();
    }

    private String quick() {
        traffic.enter();
        try {
            return patience.run(() -> false, watcher -> "done");
        } finally {
            traffic.leave();
        }
    }

    /** What ends by itself gives its turn to the next. */
    @Test
    void aTurnIsGivenBackAlsoByWhatFails() {
        for (int i = 0; i < 3; i++) {
            traffic.enter();
            assertThatThrownBy(() -> patience.run(() -> false, PatienceTest::longThenBroken))
                    .isInstanceOf(IllegalStateException.class);
            traffic.leave();
        }
    }

    private static Object longThenBroken(Watcher watcher) {
        long end = System.nanoTime() + SLOW_NANOS;
        while (System.nanoTime() < end) {
            watcher.look();
        }
        throw new IllegalStateException("broken");
    }
}
