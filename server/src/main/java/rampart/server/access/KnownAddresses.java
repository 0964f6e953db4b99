package rampart.server.access;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.LinkedHashMap;
import java.util.Map;
import org.springframework.stereotype.Component;

/**
 * Where an account was let in from a short while ago, so that a script that signs in with each request is not kept waiting behind
 * people who guess. Kept in memory: after a start it is learnt anew.
 */
@Component
class KnownAddresses {
    /** A script that works at night is known in the morning. */
    private static final Duration KEPT = Duration.ofHours(24);

    /** After so many failures from there it waits like others until it is let in again; a guesser beside the script gains no more. */
    private static final int FREE = 3;

    /** A house has dozens; more would be an attempt to fill the memory, and takes away only the oldest. */
    private static final int MOST = 2000;

    private record Key(String account, String address) {}

    private record Entry(Instant passed, int failures) {}

    private final Clock clock;
    private final Map<Key, Entry> entries = new LinkedHashMap<>(16, 0.75f, true) {
        @Override
        protected boolean removeEldestEntry(Map.Entry<Key, Entry> eldest) {
            return size() > MOST;
        }
    };

    KnownAddresses(Clock clock) {
        this.clock = clock;
    }

    synchronized boolean knows(String account, String address) {
        Entry entry = entries.get(key(account, address));
        return entry != null && entry.failures < FREE && entry.passed.plus(KEPT).isAfter(clock.instant());
    }

    synchronized void passed(String account, String address) {
        entries.put(key(account, address), new Entry(clock.instant(), 0));
    }

    synchronized void failed(String account, String address) {
        entries.computeIfPresent(key(account, address), (key, entry) -> new Entry(entry.passed, entry.failures + 1));
    }

    private static Key key(String account, String address) {
        return new Key(AccountName.likeness(account), address);
    }
}
