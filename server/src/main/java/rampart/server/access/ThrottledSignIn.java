package rampart.server.access;

import java.time.Duration;
import java.util.concurrent.Semaphore;
import org.springframework.security.authentication.AbstractAuthenticationToken;
import org.springframework.security.authentication.AuthenticationManager;
import org.springframework.security.authentication.BadCredentialsException;
import org.springframework.security.core.Authentication;
import org.springframework.security.web.authentication.WebAuthenticationDetails;

/** Judges name and password, after the wait that {@link SignInThrottle} asks for. */
final class ThrottledSignIn implements AuthenticationManager {
    /** So many may wait at once; beyond that guessing would use up the server's threads. */
    private static final int MOST_WAITING = 16;

    private final AuthenticationManager judge;
    private final SignInThrottle throttle;
    private final Semaphore places = new Semaphore(MOST_WAITING);

    ThrottledSignIn(AuthenticationManager judge, SignInThrottle throttle) {
        this.judge = judge;
        this.throttle = throttle;
    }

    @Override
    public Authentication authenticate(Authentication attempt) {
        String account = attempt.getName();
        Origin origin = origin(attempt);
        Duration waiting = throttle.waiting(account, origin);
        if (!waiting.isZero()) {
            await(waiting);
        }
        try {
            Authentication who = judge.authenticate(attempt);
            throttle.passed(who.getName());
            if (who instanceof AbstractAuthenticationToken token) {
                // Where it came from has been looked at; a session has no use for it.
                token.setDetails(null);
            }
            return who;
        } catch (BadCredentialsException e) {
            throttle.failed(account, origin);
            throw e;
        }
    }

    private void await(Duration waiting) {
        if (!places.tryAcquire()) {
            throw new TooManySignInsException();
        }
        try {
            Thread.sleep(waiting.toMillis());
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        } finally {
            places.release();
        }
    }

    private static Origin origin(Authentication attempt) {
        if (attempt.getDetails() instanceof Origin origin) {
            return origin;
        }
        return new Origin(
                attempt.getDetails() instanceof WebAuthenticationDetails web ? web.getRemoteAddress() : "", "");
    }
}
