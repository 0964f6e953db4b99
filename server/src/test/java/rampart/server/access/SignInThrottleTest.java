package rampart.server.access;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneId;
import java.time.ZoneOffset;
import java.util.Collections;
import java.util.List;
import java.util.Locale;
import java.util.UUID;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.atomic.AtomicInteger;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.crypto.password.PasswordEncoder;
import rampart.server.persistence.AccountRepository;
import rampart.server.persistence.SignInFailureRepository;
import rampart.server.support.RunningRampart;

/** Guessing is slowed by account and by address; nobody is locked out. Time is the test's own. */
@ExtendWith(RunningRampart.class)
class SignInThrottleTest {
    private final Hand hand = new Hand();
    private final SignInThrottle throttle = new SignInThrottle(
            RunningRampart.bean(SignInFailureRepository.class),
            RunningRampart.bean(AccountRepository.class),
            new KnownAddresses(hand),
            hand);
    private final String account = "guess " + UUID.randomUUID();
    private final Origin here = new Origin(UUID.randomUUID().toString(), "");

    /** A clock that stands until it is moved. */
    private static final class Hand extends Clock {
        private Instant now = Instant.parse("2026-11-25T10:00:00Z");

        @Override
        public ZoneId getZone() {
            return ZoneOffset.UTC;
        }

        @Override
        public Clock withZone(ZoneId zone) {
            return this;
        }

        @Override
        public Instant instant() {
            return now;
        }
    }

    private void fail(String name, Origin origin, int times) {
        for (int i = 0; i < times; i++) {
            throttle.failed(name, origin);
        }
    }

    @Test
    void theFirstMistakesCostNothingThenTheWaitDoublesToItsLongest() {
        fail(account, here, 3);
        assertThat(throttle.waiting(account, here)).isZero();
        fail(account, here, 1);
        assertThat(throttle.waiting(account, here)).isEqualTo(Duration.ofMillis(250));
        fail(account, here, 1);
        assertThat(throttle.waiting(account, here)).isEqualTo(Duration.ofMillis(500));
        fail(account, here, 3);
        assertThat(throttle.waiting(account, here)).isEqualTo(SignInThrottle.LONGEST);
        fail(account, here, 100);
        assertThat(throttle.waiting(account, here)).isEqualTo(SignInThrottle.LONGEST);
    }

    @Test
    void capitalsDoNotMakeAnotherAccount() {
        fail(account, here, 6);
        assertThat(throttle.waiting(account.toUpperCase(Locale.ROOT), new Origin("elsewhere", "")))
                .isPositive();
    }

    @Test
    void anAddressThatTriesManyAccountsIsSlowedToo() {
        for (int i = 0; i < 20; i++) {
            throttle.failed(account + i, here);
        }
        assertThat(throttle.waiting("never tried " + account, here)).isPositive();
        assertThat(throttle.waiting("never tried " + account, new Origin("another address", "")))
                .isZero();
    }

    @Test
    void theRightfulPersonsOwnBrowserDoesNotWait() {
        String name = RunningRampart.designer().name();
        throttle.remember(name, "token of " + account);
        fail(name, here, 50);
        assertThat(throttle.waiting(name, here)).isPositive();
        assertThat(throttle.waiting(name, new Origin(here.address(), "token of " + account)))
                .isZero();
        assertThat(throttle.waiting(RunningRampart.packer().name(), new Origin(here.address(), "token of " + account)))
                .as("a known browser of somebody else")
                .isPositive();
        throttle.remember(RunningRampart.packer().name(), "token of " + account);
        assertThat(throttle.waiting(name, new Origin(here.address(), "token of " + account)))
                .as("one browser, two people")
                .isZero();
        throttle.passed(name, here);
        assertThat(throttle.waiting(name, new Origin("another address", ""))).isZero();
    }

    /** Where an account was let in of late it waits for its own failures there, whatever others guess, from there or elsewhere. */
    @Test
    void aScriptWaitsForItsOwnFailuresAlone() {
        Origin script = new Origin(UUID.randomUUID().toString(), "");
        throttle.passed(account, script);
        fail(account, here, 50);
        fail("somebody else " + account, script, 50);
        assertThat(throttle.waiting(account, script)).isZero();
        assertThat(throttle.waiting(account, here)).isPositive();
        assertThat(throttle.waiting("never let in " + account, script)).isPositive();
        fail(account, script, 3);
        assertThat(throttle.waiting(account, script)).isZero();
        fail(account, script, 1);
        assertThat(throttle.waiting(account, script)).isPositive();
        hand.now = hand.now.plus(SignInThrottle.MEMORY).plusSeconds(1);
        assertThat(throttle.waiting(account, script)).as("forgotten").isZero();
        fail(account, script, 4);
        throttle.passed(account, script);
        assertThat(throttle.waiting(account, script)).as("let in").isZero();
        hand.now = hand.now.plus(Duration.ofHours(25));
        fail(account, here, 50);
        assertThat(throttle.waiting(account, script)).as("a day later").isPositive();
    }

    /** Who guesses from one place leaves places for others; what is known to be right takes none. */
    @Test
    void oneAddressWaitsInEightPlacesAtMost() throws Exception {
        fail(account, here, 7);
        ThrottledSignIn signIn = new ThrottledSignIn(
                attempt -> attempt,
                throttle,
                attempt -> "known".equals(attempt.getCredentials()),
                RunningRampart.bean(Refusals.class));
        ExecutorService people = Executors.newFixedThreadPool(12);
        try {
            List<Callable<Boolean>> all = Collections.nCopies(12, () -> letIn(signIn, "guessed"));
            int waited = 0;
            for (Future<Boolean> one : people.invokeAll(all)) {
                waited += one.get() ? 1 : 0;
            }
            assertThat(waited).isEqualTo(8);
        } finally {
            people.shutdownNow();
        }
        assertThat(letIn(signIn, "known")).isTrue();
    }

    private boolean letIn(ThrottledSignIn signIn, String password) {
        UsernamePasswordAuthenticationToken attempt =
                UsernamePasswordAuthenticationToken.unauthenticated(account, password);
        attempt.setDetails(here);
        try {
            signIn.authenticate(attempt);
            return true;
        } catch (TooManySignInsException e) {
            return false;
        }
    }

    /** What was right once is right without hashing, for the same hash and the same password only. */
    @Test
    void whatIsKnownToBeRightIsNotHashedAnew() {
        AtomicInteger hashed = new AtomicInteger();
        PasswordEncoder counting = new PasswordEncoder() {
            @Override
            public String encode(CharSequence password) {
                return "hash of " + password;
            }

            @Override
            public boolean matches(CharSequence password, String hash) {
                hashed.incrementAndGet();
                return hash.equals(encode(password));
            }
        };
        try (BoundedHashing encoder = new BoundedHashing(counting, new RightOfLate())) {
            assertThat(encoder.matches("wrong", "hash of right")).isFalse();
            assertThat(encoder.matches("wrong", "hash of right")).isFalse();
            assertThat(hashed).hasValue(2);
            assertThat(encoder.matches("right", "hash of right")).isTrue();
            assertThat(hashed).hasValue(3);
            assertThat(encoder.matches("right", "hash of right")).isTrue();
            assertThat(hashed).hasValue(3);
            assertThat(encoder.matches("wrong", "hash of right")).isFalse();
            assertThat(encoder.matches("right", "hash of another"))
                    .as("after a change")
                    .isFalse();
            assertThat(hashed).hasValue(5);
        }
    }

    @Test
    void failuresAreForgottenAfterAQuietWhile() {
        fail(account, here, 30);
        hand.now = hand.now.plus(SignInThrottle.MEMORY).minusSeconds(1);
        assertThat(throttle.waiting(account, here)).isPositive();
        hand.now = hand.now.plusSeconds(2);
        assertThat(throttle.waiting(account, here)).isZero();
        fail(account, here, 1);
        assertThat(throttle.waiting(account, here)).as("counting began anew").isZero();
    }
}
