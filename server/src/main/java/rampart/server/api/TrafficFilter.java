package rampart.server.api;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;
import rampart.server.searches.Traffic;

/** Counts what is under way, so that searches can let it go first. */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE + 6)
class TrafficFilter extends OncePerRequestFilter {
    private final Traffic traffic;

    TrafficFilter(Traffic traffic) {
        this.traffic = traffic;
    }

    /** Work begins where the body has come in whole. */
    @Override
    protected boolean shouldNotFilterAsyncDispatch() {
        return false;
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        traffic.enter();
        try {
            chain.doFilter(request, response);
        } finally {
            traffic.leave();
        }
    }
}
