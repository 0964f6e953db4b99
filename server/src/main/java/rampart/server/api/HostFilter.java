package rampart.server.api;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;
import rampart.server.messages.Message;

/**
 * Answers only to its own names. A page from elsewhere whose name is turned round to point at this machine would otherwise
 * be taken for Rampart's own by the browser (DNS rebinding).
 */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE + 5)
class HostFilter extends OncePerRequestFilter {
    private static final Set<String> OWN = Set.of("localhost", "127.0.0.1", "[::1]", "0:0:0:0:0:0:0:1", "::1");

    private final ProblemWriter problems;
    private final Set<String> names = new HashSet<>(OWN);

    HostFilter(ProblemWriter problems, @Value("${rampart.hosts:}") List<String> more) {
        this.problems = problems;
        more.forEach(name -> names.add(name.strip().toLowerCase(Locale.ROOT)));
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        if (names.contains(request.getServerName().toLowerCase(Locale.ROOT))) {
            chain.doFilter(request, response);
        } else {
            problems.write(response, Message.WRONG_HOST);
        }
    }
}
