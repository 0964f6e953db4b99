package rampart.server.access;

import org.springframework.security.core.AuthenticationException;

/** More attempts to sign in are waiting than the server lets wait. */
public final class TooManySignInsException extends AuthenticationException {
    /** For the person who has to wait. */
    public static final String WORDS =
            "Too many sign-ins are being tried at once. Nothing was changed; wait a few seconds and try again.";

    private static final long serialVersionUID = 1L;

    TooManySignInsException() {
        super("too many attempts to sign in");
    }
}
