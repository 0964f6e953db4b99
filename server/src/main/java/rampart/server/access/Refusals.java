package rampart.server.access;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.dao.DataAccessException;
import org.springframework.stereotype.Component;
import rampart.server.house.Detail;
import rampart.server.house.Subject;
import rampart.server.house.Trail;
import rampart.server.house.Trail.EventType;
import rampart.server.persistence.AccountRepository;

/**
 * Writes into the trail who was not let in and what was refused to whom. Guessers knock often: of the same kind, by the same and from the same
 * address there is one entry in a while, which says how many there were since the one before.
 */
@Component
class Refusals {
    private static final Logger LOG = LoggerFactory.getLogger(Refusals.class);

    private static final Duration WHILE = Duration.ofMinutes(10);

    /** So many at once are counted apart; a guesser with more addresses or names than this pushes out the oldest, and is written down anew. */
    private static final int MOST = 500;

    /** Whoever gives a name without its password is not known to be called so. */
    private static final String SOMEBODY = "somebody";

    /** Names that no account has are not written down: people type their password there. */
    private static final String NOBODY = "a name that no account has";

    private final Trail trail;
    private final AccountRepository accounts;
    private final Clock clock;

    private record Key(String who, EventType what, Subject subject, String address) {}

    private record Count(Instant written, int since) {}

    private final Map<Key, Count> counts = new LinkedHashMap<>() {
        @Override
        protected boolean removeEldestEntry(Map.Entry<Key, Count> eldest) {
            return size() > MOST;
        }
    };

    Refusals(Trail trail, AccountRepository accounts, Clock clock) {
        this.trail = trail;
        this.accounts = accounts;
        this.clock = clock;
    }

    /** A name and password that are not right, or a script's. */
    void signIn(String typed, String address) {
        String name = accounts.byName(AccountName.of(typed))
                .map(AccountRepository.Account::name)
                .orElse(NOBODY);
        write(SOMEBODY, EventType.SIGN_IN_FAILED, Subject.person(name), address, "");
    }

    /**
     * Somebody who is signed in asked for what they may not.
     *
     * @param asked method and address, cut short
     */
    void access(String who, String address, String asked) {
        write(who, EventType.ACCESS_REFUSED, Subject.house(), address, asked);
    }

    private void write(String who, EventType what, Subject subject, String address, String asked) {
        counted(new Key(who, what, subject, address)).ifPresent(times -> {
            try {
                trail.add(who, what, subject, new Detail.Refused(address, asked, times));
            } catch (DataAccessException e) {
                // Who is refused is refused whether or not it can be written down.
                LOG.warn("a refusal was not written into the trail: {}", e.getMessage());
            }
        });
    }

    /** How many there were since the last entry, this one with them; empty where it is too early for another. */
    private synchronized Optional<Integer> counted(Key key) {
        Instant now = clock.instant();
        Count before = counts.get(key);
        if (before != null && before.written().plus(WHILE).isAfter(now)) {
            counts.put(key, new Count(before.written(), before.since() + 1));
            return Optional.empty();
        }
        counts.remove(key);
        counts.put(key, new Count(now, 0));
        return Optional.of(before == null ? 1 : before.since() + 1);
    }
}
