package rampart.server.config;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.dao.DataAccessException;
import org.springframework.http.HttpHeaders;
import org.springframework.stereotype.Component;
import org.springframework.transaction.TransactionException;
import org.springframework.web.filter.OncePerRequestFilter;
import rampart.server.api.ProblemWriter;
import rampart.server.messages.Message;

/** What filters need of the database, such as the visit of who asks, and do not get: said as it is, at once. */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE + 1)
class DatabaseAwayFilter extends OncePerRequestFilter {
    private static final Logger LOG = LoggerFactory.getLogger(DatabaseAwayFilter.class);

    private final ProblemWriter problems;

    DatabaseAwayFilter(ProblemWriter problems) {
        this.problems = problems;
    }

    @Override
    protected boolean shouldNotFilterAsyncDispatch() {
        return false;
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        try {
            chain.doFilter(request, response);
        } catch (DataAccessException | TransactionException e) {
            LOG.warn("the database did not answer: {}", e.getMessage());
            if (!response.isCommitted()) {
                response.setHeader(HttpHeaders.RETRY_AFTER, "2");
            }
            problems.write(response, Message.DATABASE_AWAY);
        }
    }
}
