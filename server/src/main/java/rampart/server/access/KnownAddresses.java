package rampart.server.access;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.OptionalInt;
import org.springframework.stereotype.Component;

/**
 * Where an account was let in from a short while ago, and how often it failed there since: it waits for these failures alone, not
 * behind people who guess at other accounts from there or at this one from elsewhere. Kept in memory: after a start it is learnt anew.
 */
@Component
class KnownAddresses {
    /** A script that works at night is known in the morning. */
    private static final Duration KEPT = Duration.ofHours(24);

    /** A house has dozens; more would be an attempt to fill the memory, and takes away only the oldest. */
    private static final int MOST = 2000;

    private record Key(String account, String address) {}

    private record Entry(Instant passed, int failures, Instant lastFailure) {}

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

    /** How often it failed there since it was let in; empty where it was not let in of late. */
    synchronized OptionalInt failures(String account, String address) {
        Entry entry = entries.get(key(account, address));
        if (entry == null || !entry.passed.plus(KEPT).isAfter(clock.instant())) {
            return OptionalInt.empty();
        }
        boolean forgotten = entry.lastFailure.plus(SignInThrottle.MEMORY).isBefore(clock.instant());
        return OptionalInt.of(forgotten ? 0 : entry.failures);
    }

    synchronized void passed(String account, String address) {
        entries.put(key(account, address), new Entry(clock.instant(), 0, Instant.EPOCH));
    }

    synchronized void failed(String account, String address) {
        int before = failures(account, address).orElse(0);
        entries.computeIfPresent(
                key(account, address), (key, entry) -> new Entry(entry.passed, before + 1, clock.instant()));
    }

    private static Key key(String account, String address) {
        return new Key(AccountName.likeness(account), address);
    }
}
