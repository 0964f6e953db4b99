package rampart.server.bodies;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import org.springframework.boot.security.autoconfigure.web.servlet.SecurityFilterProperties;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;
import rampart.server.api.ProblemWriter;
import rampart.server.messages.Message;

/** Lets a request on only with its whole body; behind the sign-in, so that strangers fill nothing but a small room of their own. */
@Component
@Order(SecurityFilterProperties.DEFAULT_FILTER_ORDER + 10)
class GatheringFilter extends OncePerRequestFilter {
    /** Of those who sign in; what they send is small, and in memory. */
    private final BodyRoom strangers = new BodyRoom(1000, 16 * BodyKind.MB);

    /** Of those who are signed in: their small bodies in memory (128 MB at the worst), the others on the disk. */
    private final BodyRoom people = new BodyRoom(500, 1024 * BodyKind.MB);

    private final ProblemWriter problems;

    GatheringFilter(ProblemWriter problems) {
        this.problems = problems;
    }

    @Override
    protected boolean shouldNotFilterAsyncDispatch() {
        return false;
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        if (request.getAttribute(GatheredRequest.BODY) != null) {
            chain.doFilter(new GatheredRequest(request), response);
            return;
        }
        if (!Bodies.has(request)) {
            chain.doFilter(request, response);
            return;
        }
        boolean stranger = request.getUserPrincipal() == null;
        BodyKind kind = stranger ? BodyKind.SIGN_IN : BodyKind.of(request.getRequestURI());
        if (request.getContentLengthLong() > kind.most()) {
            problems.write(response, Message.TOO_LARGE, kind.mostInWords(), kind.most());
            return;
        }
        Gathering.begin(kind, stranger ? strangers : people, problems, request, response);
    }
}
