package rampart.server.bodies;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;
import rampart.server.api.ProblemWriter;

/**
 * Reads on, where a request was answered before its body was read: a sender who is still sending could not read the answer else, and
 * the container would wait for the rest with a thread of its own.
 */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE)
class DrainingFilter extends OncePerRequestFilter {
    /** Who is cut off here was refused already. */
    private final BodyRoom room = new BodyRoom(500, Long.MAX_VALUE);

    private final ProblemWriter problems;

    DrainingFilter(ProblemWriter problems) {
        this.problems = problems;
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        chain.doFilter(request, response);
        if (Bodies.has(request) && !request.isAsyncStarted() && request.getAttribute(GatheredRequest.BODY) == null) {
            Gathering.drain(room, problems, request, response);
        }
    }
}
