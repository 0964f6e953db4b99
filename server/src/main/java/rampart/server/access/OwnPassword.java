package rampart.server.access;

import jakarta.servlet.http.HttpServletRequest;
import java.security.Principal;
import org.springframework.security.authentication.AuthenticationManager;
import org.springframework.security.authentication.BadCredentialsException;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.stereotype.Component;

/**
 * Asks somebody who is signed in for their own password again, before what a visit that was left open, or taken, must not do. Guessing at it
 * is slowed as at the door.
 */
@Component
public class OwnPassword {
    private final AuthenticationManager judge;

    OwnPassword(AuthenticationManager judge) {
        this.judge = judge;
    }

    /** True if it is the password of who asks. */
    public boolean isRight(Principal who, String password, HttpServletRequest request) {
        UsernamePasswordAuthenticationToken attempt =
                UsernamePasswordAuthenticationToken.unauthenticated(who.getName(), password);
        attempt.setDetails(Origin.of(request));
        try {
            judge.authenticate(attempt);
            return true;
        } catch (BadCredentialsException e) {
            return false;
        }
    }
}
