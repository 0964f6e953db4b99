package rampart.server.searches;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.Test;

/** A search gives way while something else is under way, and comes to its end all the same. */
class TrafficTest {
    private final Traffic traffic = new Traffic();

    /** How often a search looks up in 400 ms, between looks busy for a tenth of a millisecond. */
    private int looks() {
        int looks = 0;
        long end = System.nanoTime() + TimeUnit.MILLISECONDS.toNanos(400);
        while (System.nanoTime() < end) {
            traffic.giveWay();
            long busy = System.nanoTime() + TimeUnit.MICROSECONDS.toNanos(100);
            while (System.nanoTime() < busy) {
                Thread.onSpinWait();
            }
            looks++;
        }
        return looks;
    }

    @Test
    void aSearchRunsAThirdOfTheTimeAtMostWhileOthersWaitForAnAnswer() {
        int free = looks();
        traffic.enter();
        int givingWay = looks();
        traffic.leave();
        assertThat(givingWay).isBetween(1, free / 3);
        assertThat(looks()).as("as before").isGreaterThan(givingWay);
    }

    @Test
    void whoeverWaitsForASearchDoesNotHoldItUp() {
        Searches searches = new Searches(1, Duration.ofSeconds(10), traffic);
        traffic.enter();
        int looks = searches.run("ann", "walls", () -> false, Searches.Onlooker.NONE, search -> looks());
        traffic.leave();
        searches.stop();
        traffic.enter();
        assertThat(looks).isGreaterThan(looks());
        traffic.leave();
    }
}
