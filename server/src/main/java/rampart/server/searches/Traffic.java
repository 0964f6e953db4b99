package rampart.server.searches;

import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.concurrent.locks.LockSupport;
import org.springframework.stereotype.Component;

/**
 * What people ask for besides searches: a search that looks up while any of it is under way lets it go first. So that a
 * search comes to an end on the busiest day, it waits only so long at a time, and runs a little in between.
 */
@Component
public class Traffic {
    private static final long WAITS = TimeUnit.MILLISECONDS.toNanos(20);
    private static final long RUNS = TimeUnit.MILLISECONDS.toNanos(5);
    private static final long BLINK = TimeUnit.MILLISECONDS.toNanos(1);

    private final AtomicInteger underWay = new AtomicInteger();

    /** Where each thread of a search went on after it waited last. */
    private final ThreadLocal<Long> wentOn = ThreadLocal.withInitial(() -> System.nanoTime() - RUNS);

    /** Something is asked for. */
    public void enter() {
        underWay.incrementAndGet();
    }

    /** It was answered, or is waited for by other means. */
    public void leave() {
        underWay.decrementAndGet();
    }

    /** Called from the threads of what gives way, as often as they look up. */
    public void giveWay() {
        if (underWay.get() <= 0) {
            return;
        }
        long now = System.nanoTime();
        if (now - wentOn.get() < RUNS) {
            return;
        }
        while (underWay.get() > 0 && System.nanoTime() - now < WAITS) {
            LockSupport.parkNanos(this, BLINK);
        }
        wentOn.set(System.nanoTime());
    }
}
