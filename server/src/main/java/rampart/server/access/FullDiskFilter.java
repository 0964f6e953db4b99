package rampart.server.access;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.Set;
import org.springframework.boot.security.autoconfigure.web.servlet.SecurityFilterProperties;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;
import rampart.server.api.ProblemWriter;
import rampart.server.config.DiskRoom;
import rampart.server.messages.Message;

/** While the disk is full, what would be written is refused, every answer says so, and reading, asking and signing in go on. */
@Component
@Order(SecurityFilterProperties.DEFAULT_FILTER_ORDER + 5)
class FullDiskFilter extends OncePerRequestFilter {
    /** Header of every answer while there is no room. */
    static final String HEADER = "Rampart-Disk";

    private static final Set<String> READING = Set.of("GET", "HEAD", "OPTIONS");

    private final DiskRoom room;
    private final ProblemWriter problems;

    FullDiskFilter(DiskRoom room, ProblemWriter problems) {
        this.room = room;
        this.problems = problems;
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        if (!room.full()) {
            chain.doFilter(request, response);
            return;
        }
        response.setHeader(HEADER, "full");
        String path = request.getRequestURI();
        if (READING.contains(request.getMethod()) || path.equals("/api/session") || SecurityConfig.onlyAsks(path)) {
            chain.doFilter(request, response);
        } else {
            problems.write(response, Message.DISK_FULL);
        }
    }
}
