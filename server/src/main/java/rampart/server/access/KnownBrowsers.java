package rampart.server.access;

import jakarta.servlet.http.HttpServletResponse;
import org.springframework.http.HttpHeaders;
import org.springframework.http.ResponseCookie;
import org.springframework.stereotype.Component;

/** Gives a browser that was let in a token by which it is known the next time. */
@Component
public class KnownBrowsers {
    private final SignInThrottle throttle;
    private final Tls tls;

    KnownBrowsers(SignInThrottle throttle, Tls tls) {
        this.throttle = throttle;
        this.tls = tls;
    }

    public void remember(String account, Origin origin, HttpServletResponse response) {
        String token = origin.browserToken().isEmpty() ? Secrets.groups(8) : origin.browserToken();
        throttle.remember(account, token);
        response.addHeader(
                HttpHeaders.SET_COOKIE,
                ResponseCookie.from(tls.cookieOfAPath(Origin.COOKIE), token)
                        .secure(tls.on())
                        .httpOnly(true)
                        .sameSite("Strict")
                        .path("/api/session")
                        .maxAge(SignInThrottle.BROWSERS_KEPT)
                        .build()
                        .toString());
    }
}
