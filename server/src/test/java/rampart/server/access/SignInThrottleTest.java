package rampart.server.access;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneId;
import java.time.ZoneOffset;
import java.util.Locale;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
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

    /** A script has no browser's token: where it was let in it does not wait, while others guess from elsewhere; guessers there gain three tries. */
    @Test
    void aScriptDoesNotWaitBehindPeopleWhoGuess() {
        Origin script = new Origin(UUID.randomUUID().toString(), "");
        throttle.passed(account, script);
        fail(account, here, 50);
        assertThat(throttle.waiting(account, script)).isZero();
        assertThat(throttle.waiting(account, here)).isPositive();
        fail(account, script, 2);
        assertThat(throttle.waiting(account, script)).isZero();
        fail(account, script, 1);
        assertThat(throttle.waiting(account, script)).isPositive();
        throttle.passed(account, script);
        fail(account, here, 50);
        assertThat(throttle.waiting(account, script)).isZero();
        hand.now = hand.now.plus(Duration.ofHours(25));
        fail(account, here, 50);
        assertThat(throttle.waiting(account, script)).as("a day later").isPositive();
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
