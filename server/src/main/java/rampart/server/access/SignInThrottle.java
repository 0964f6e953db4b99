package rampart.server.access;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.OptionalInt;
import org.springframework.stereotype.Component;
import rampart.formats.json.Sha256;
import rampart.server.persistence.AccountRepository;
import rampart.server.persistence.SignInFailureRepository;

/**
 * Slows down guessing, by account and by address, and locks nobody out: an attempt after many failures waits before it is
 * judged, a few seconds at most, and the right password then lets in as ever. A browser that the account was used from
 * before does not wait at all; an account that was let in from the same address a while ago waits for its own failures there.
 */
@Component
class SignInThrottle {
    static final Duration LONGEST = Duration.ofSeconds(4);
    /** Failures are forgotten after this time without another. */
    static final Duration MEMORY = Duration.ofMinutes(15);

    /** A browser is known for this time after its last sign-in. */
    static final Duration BROWSERS_KEPT = Duration.ofDays(180);

    private static final Duration FIRST = Duration.ofMillis(250);
    private static final int FREE_FOR_ACCOUNT = 4;
    /** A whole workshop may sit behind one address. */
    private static final int FREE_FOR_ADDRESS = 20;

    private final SignInFailureRepository failures;
    private final AccountRepository accounts;
    private final KnownAddresses addresses;
    private final Clock clock;

    SignInThrottle(
            SignInFailureRepository failures, AccountRepository accounts, KnownAddresses addresses, Clock clock) {
        this.failures = failures;
        this.accounts = accounts;
        this.addresses = addresses;
        this.clock = clock;
    }

    /** How long this attempt waits before its password is looked at. */
    Duration waiting(String account, Origin origin) {
        if (!origin.browserToken().isEmpty()
                && accounts.knows(AccountName.of(account), Sha256.hex(origin.browserToken()))) {
            return Duration.ZERO;
        }
        OptionalInt own = addresses.failures(account, origin.address());
        if (own.isPresent()) {
            return waiting(own.getAsInt() - FREE_FOR_ACCOUNT);
        }
        Instant since = clock.instant().minus(MEMORY);
        Duration byAccount = waiting(failures.count(accountSubject(account), since) - FREE_FOR_ACCOUNT);
        Duration byAddress = waiting(failures.count(addressSubject(origin), since) - FREE_FOR_ADDRESS);
        return byAccount.compareTo(byAddress) > 0 ? byAccount : byAddress;
    }

    /** Doubles with each failure beyond the free ones. */
    static Duration waiting(int beyondFree) {
        if (beyondFree < 0) {
            return Duration.ZERO;
        }
        Duration doubled = FIRST.multipliedBy(1L << Math.min(beyondFree, 20));
        return doubled.compareTo(LONGEST) < 0 ? doubled : LONGEST;
    }

    void failed(String account, Origin origin) {
        Instant now = clock.instant();
        addresses.failed(account, origin.address());
        failures.add(accountSubject(account), now.minus(MEMORY), now);
        failures.add(addressSubject(origin), now.minus(MEMORY), now);
        failures.forgetBefore(now.minus(MEMORY));
    }

    /** The account's failures are forgotten; those of the address are not, or one good account would make it guess free. */
    void passed(String account, Origin origin) {
        addresses.passed(account, origin.address());
        failures.forget(accountSubject(account));
    }

    void remember(String account, String browserToken) {
        Instant now = clock.instant();
        accounts.remember(account, Sha256.hex(browserToken), now, now.minus(BROWSERS_KEPT));
    }

    /** However it is spelled: the account that the database finds by that name; of a name that none has, its likeness. */
    private String accountSubject(String typed) {
        return accounts.byName(AccountName.of(typed))
                .map(account -> "account " + account.id())
                .orElseGet(() -> "name " + Sha256.hex(AccountName.likeness(typed)));
    }

    private static String addressSubject(Origin origin) {
        return "address " + origin.address();
    }
}
