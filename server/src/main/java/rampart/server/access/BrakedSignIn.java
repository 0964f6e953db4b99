package rampart.server.access;

import java.time.Duration;
import java.util.concurrent.Semaphore;
import org.springframework.security.authentication.AbstractAuthenticationToken;
import org.springframework.security.authentication.AuthenticationManager;
import org.springframework.security.authentication.BadCredentialsException;
import org.springframework.security.core.Authentication;
import org.springframework.security.web.authentication.WebAuthenticationDetails;

/** Judges name and password, after the wait that {@link SignInBrake} asks for. */
final class BrakedSignIn implements AuthenticationManager {
    /** So many may wait at once; beyond that guessing would use up the server's threads. */
    private static final int MOST_WAITING = 16;

    private final AuthenticationManager judge;
    private final SignInBrake brake;
    private final Semaphore places = new Semaphore(MOST_WAITING);

    BrakedSignIn(AuthenticationManager judge, SignInBrake brake) {
        this.judge = judge;
        this.brake = brake;
    }

    @Override
    public Authentication authenticate(Authentication attempt) {
        String account = attempt.getName();
        Origin origin = origin(attempt);
        Duration waiting = brake.waiting(account, origin);
        if (!waiting.isZero()) {
            await(waiting);
        }
        try {
            Authentication who = judge.authenticate(attempt);
            brake.passed(who.getName());
            if (who instanceof AbstractAuthenticationToken token) {
                // Where it came from has been looked at; a session has no use for it.
                token.setDetails(null);
            }
            return who;
        } catch (BadCredentialsException e) {
            brake.failed(account, origin);
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
