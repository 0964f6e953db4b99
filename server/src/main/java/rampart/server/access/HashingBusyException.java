package rampart.server.access;

import org.springframework.security.authentication.AuthenticationServiceException;

/** More passwords are waiting to be looked at than the server takes. */
public final class HashingBusyException extends AuthenticationServiceException {
    private static final long serialVersionUID = 1L;

    HashingBusyException() {
        super("too many passwords at once");
    }
}
