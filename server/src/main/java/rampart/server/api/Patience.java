package rampart.server.api;

import jakarta.servlet.http.HttpServletRequest;
import java.time.Duration;
import java.util.concurrent.Semaphore;
import java.util.concurrent.TimeUnit;
import java.util.function.BooleanSupplier;
import java.util.function.Function;
import org.springframework.stereotype.Component;
import rampart.core.search.Watcher;
import rampart.server.config.Connections;
import rampart.server.searches.Traffic;

/**
 * Work that is quick for what people send, done by the thread that answers: it ends once nobody waits, or when it takes so long that
 * somebody made it so. What turns out not to be quick steps back: one at a time, and after what others ask for. Work that is long by its
 * nature stands in the queue instead ({@link LongWork}).
 */
@Component
class Patience {
    /** Twice what the largest things took that were tried: sixty gears of 500 places cut out of each other, 5 s. */
    static final Duration LONGEST = Duration.ofSeconds(10);

    /** Quick is what nobody notices; eight at once of what takes seconds made everybody's evaluation wait 0.7 s before they stepped back. */
    private static final long QUICK_NANOS = Duration.ofMillis(250).toNanos();

    /** Looking at a connection costs as much as a little work does. */
    private static final long LOOK_NANOS = Duration.ofMillis(100).toNanos();

    private final Traffic traffic;
    private final Semaphore slow = new Semaphore(1, true);

    Patience(Traffic traffic) {
        this.traffic = traffic;
    }

    /**
     * Does it, looked on at.
     *
     * @throws rampart.core.search.SearchStoppedException if it was ended before it had an answer
     */
    <T> T run(HttpServletRequest request, Function<Watcher, T> work) {
        return run(Connections.gone(request), work);
    }

    /** The same, with what tells that nobody waits any more. */
    <T> T run(BooleanSupplier gone, Function<Watcher, T> work) {
        Look look = new Look(gone);
        try {
            return work.apply(look);
        } finally {
            look.end();
        }
    }

    /** Looks on at one piece of work, from the thread that does it. */
    private final class Look implements Watcher {
        private final BooleanSupplier gone;
        private final long begun = System.nanoTime();
        private long looked = begun;
        private boolean back;
        private boolean turn;

        private Look(BooleanSupplier gone) {
            this.gone = gone;
        }

        @Override
        public boolean goOn() {
            if (turn) {
                traffic.giveWay();
            }
            long now = System.nanoTime();
            if (now - begun > LONGEST.toNanos()) {
                return false;
            }
            if (now - looked < LOOK_NANOS) {
                return true;
            }
            looked = now;
            return !gone.getAsBoolean() && (turn || now - begun < QUICK_NANOS || stepBack());
        }

        /** Waits for a turn among what is not quick; true where it came. */
        private boolean stepBack() {
            traffic.leave();
            back = true;
            try {
                while (!turn && System.nanoTime() - begun < LONGEST.toNanos() && !gone.getAsBoolean()) {
                    turn = slow.tryAcquire(LOOK_NANOS, TimeUnit.NANOSECONDS);
                }
            } catch (InterruptedException e) {
                Thread.currentThread().interrupt();
            }
            return turn;
        }

        private void end() {
            if (turn) {
                slow.release();
            }
            if (back) {
                traffic.enter();
            }
        }
    }
}
