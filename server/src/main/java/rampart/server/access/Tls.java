package rampart.server.access;

import java.time.Duration;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.security.config.annotation.web.builders.HttpSecurity;
import org.springframework.security.config.annotation.web.configurers.HeadersConfigurer;
import org.springframework.stereotype.Component;

/**
 * Whether people reach Rampart through a proxy that speaks TLS, which only whoever set it up knows: on loopback without one, cookies that
 * travel over TLS alone would never come back.
 */
@Component
class Tls {
    /** A year, as browsers' lists of such hosts ask for at least (from memory). */
    private static final Duration STRICT = Duration.ofDays(365);

    private final boolean on;

    Tls(@Value("${rampart.tls:false}") boolean on) {
        this.on = on;
    }

    boolean on() {
        return on;
    }

    /** A name that a browser takes from this host alone, over TLS alone (RFC 6265bis, section 4.1.3). */
    String cookie(String name) {
        return on ? "__Host-" + name : name;
    }

    /** Before the name of a cookie that travels over TLS alone, to one path of the host. */
    static final String SECURE = "__Secure-";

    /** Such as is sent back to one path of the host. */
    String cookieOfAPath(String name) {
        return on ? SECURE + name : name;
    }

    /** Tells browsers to come over TLS from now on. */
    void strict(HeadersConfigurer<HttpSecurity>.HstsConfig strict) {
        if (on) {
            strict.maxAgeInSeconds(STRICT.toSeconds()).includeSubDomains(false).requestMatcher(request -> true);
        } else {
            strict.disable();
        }
    }
}
