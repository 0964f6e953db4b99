package rampart.server.access;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.servlet.http.HttpSession;
import java.io.IOException;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import org.springframework.boot.security.autoconfigure.web.servlet.SecurityFilterProperties;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/** Ends a visit that began long ago, however often it is used: what was taken from somebody is not good for ever. */
@Component
@Order(SecurityFilterProperties.DEFAULT_FILTER_ORDER - 5)
class LongestVisit extends OncePerRequestFilter {
    /** A week of work at the packing table, signed in anew each Monday. */
    static final Duration LONGEST = Duration.ofDays(7);

    /** The one that visits are made and ended by, which is not the house's. */
    private final Clock clock = Clock.systemUTC();

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        HttpSession visit = request.getSession(false);
        if (visit != null
                && Instant.ofEpochMilli(visit.getCreationTime()).plus(LONGEST).isBefore(clock.instant())) {
            visit.invalidate();
        }
        chain.doFilter(request, response);
    }
}
