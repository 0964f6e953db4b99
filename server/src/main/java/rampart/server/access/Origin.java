package rampart.server.access;

import jakarta.servlet.http.Cookie;
import jakarta.servlet.http.HttpServletRequest;
import java.util.Arrays;

/**
 * Where an attempt to sign in comes from.
 *
 * @param address network address
 * @param browserToken what a browser shows that was let in before; empty for others
 */
public record Origin(String address, String browserToken) {
    public static final String COOKIE = "RAMPART_KNOWN";

    private static final int LONGEST_TOKEN = 100;

    public static Origin of(HttpServletRequest request) {
        Cookie[] cookies = request.getCookies() == null ? new Cookie[0] : request.getCookies();
        String token = Arrays.stream(cookies)
                .filter(c -> (c.getName().equals(COOKIE) || c.getName().equals(Tls.SECURE + COOKIE))
                        && c.getValue().length() <= LONGEST_TOKEN)
                .map(Cookie::getValue)
                .findFirst()
                .orElse("");
        return new Origin(request.getRemoteAddr(), token);
    }
}
