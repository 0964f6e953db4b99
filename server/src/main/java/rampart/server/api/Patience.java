package rampart.server.api;

import jakarta.servlet.http.HttpServletRequest;
import java.time.Duration;
import java.util.function.BooleanSupplier;
import rampart.core.search.Watcher;
import rampart.server.config.Connections;

/**
 * Looks on where work that is quick for what people send is done by the thread that answers: it ends once nobody waits, or when it
 * takes so long that somebody made it so. Work that is long by its nature stands in the queue instead ({@link LongWork}).
 */
final class Patience implements Watcher {
    /** Twice what the largest things took that were tried: sixty gears of 500 places cut out of each other, 5 s. */
    static final Duration LONGEST = Duration.ofSeconds(10);

    /** Looking at a connection costs as much as a little work does. */
    private static final long LOOK_NANOS = Duration.ofMillis(100).toNanos();

    private final BooleanSupplier gone;
    private final long end = System.nanoTime() + LONGEST.toNanos();
    private long looked = System.nanoTime();

    private Patience(BooleanSupplier gone) {
        this.gone = gone;
    }

    static Watcher of(HttpServletRequest request) {
        return new Patience(Connections.gone(request));
    }

    @Override
    public boolean goOn() {
        long now = System.nanoTime();
        if (now - end > 0) {
            return false;
        }
        if (now - looked < LOOK_NANOS) {
            return true;
        }
        looked = now;
        return !gone.getAsBoolean();
    }
}
