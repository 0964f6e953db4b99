package rampart.server.access;

import org.springframework.security.core.AuthenticationException;

/** More attempts to sign in are waiting than the server lets wait. */
public final class TooManySignInsException extends AuthenticationException {
    private static final long serialVersionUID = 1L;

    TooManySignInsException() {
        super("too many attempts to sign in");
    }
}
