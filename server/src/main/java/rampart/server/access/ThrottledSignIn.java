package rampart.server.access;

import java.time.Duration;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ConcurrentMap;
import java.util.concurrent.Semaphore;
import java.util.function.Predicate;
import org.springframework.security.authentication.AbstractAuthenticationToken;
import org.springframework.security.authentication.AuthenticationManager;
import org.springframework.security.authentication.BadCredentialsException;
import org.springframework.security.core.Authentication;
import org.springframework.security.web.authentication.WebAuthenticationDetails;

/**
 * Judges name and password, after the wait that {@link SignInThrottle} asks for. What was right of late waits for nobody: no guess
 * gains by it.
 */
final class ThrottledSignIn implements AuthenticationManager {
    /** So many may wait at once; beyond that guessing would use up the server's threads. */
    private static final int MOST_WAITING = 16;

    /** Whoever guesses from one place leaves places for others. */
    private static final int MOST_OF_ONE_ADDRESS = 8;

    private final AuthenticationManager judge;
    private final SignInThrottle throttle;
    private final Predicate<Authentication> rightOfLate;
    private final Refusals refusals;
    private final Semaphore places = new Semaphore(MOST_WAITING);
    private final ConcurrentMap<String, Integer> waitingFrom = new ConcurrentHashMap<>();

    ThrottledSignIn(
            AuthenticationManager judge,
            SignInThrottle throttle,
            Predicate<Authentication> rightOfLate,
            Refusals refusals) {
        this.judge = judge;
        this.throttle = throttle;
        this.rightOfLate = rightOfLate;
        this.refusals = refusals;
    }

    @Override
    public Authentication authenticate(Authentication attempt) {
        String account = attempt.getName();
        Origin origin = origin(attempt);
        Duration waiting = rightOfLate.test(attempt) ? Duration.ZERO : throttle.waiting(account, origin);
        if (!waiting.isZero()) {
            await(waiting, origin.address());
        }
        try {
            Authentication who = judge.authenticate(attempt);
            throttle.passed(who.getName(), origin);
            if (who instanceof AbstractAuthenticationToken token) {
                // Where it came from has been looked at; a session has no use for it.
                token.setDetails(null);
            }
            return who;
        } catch (BadCredentialsException e) {
            throttle.failed(account, origin);
            refusals.signIn(account, origin.address());
            throw e;
        }
    }

    private void await(Duration waiting, String address) {
        boolean crowded = waitingFrom.merge(address, 1, Integer::sum) > MOST_OF_ONE_ADDRESS;
        if (crowded || !places.tryAcquire()) {
            leave(address);
            throw new TooManySignInsException();
        }
        try {
            Thread.sleep(waiting.toMillis());
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        } finally {
            places.release();
            leave(address);
        }
    }

    private void leave(String address) {
        waitingFrom.computeIfPresent(address, (key, count) -> count > 1 ? count - 1 : null);
    }

    private static Origin origin(Authentication attempt) {
        if (attempt.getDetails() instanceof Origin origin) {
            return origin;
        }
        return new Origin(
                attempt.getDetails() instanceof WebAuthenticationDetails web ? web.getRemoteAddress() : "", "");
    }
}
