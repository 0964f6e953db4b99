package rampart.server.api;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ReadListener;
import jakarta.servlet.ServletException;
import jakarta.servlet.ServletInputStream;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletRequestWrapper;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/** Refuses bodies over 2 MB: at once where the length is declared, while reading where it is not. */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE + 10)
class BodyLimitFilter extends OncePerRequestFilter {
    static final long MOST_BYTES = 2 * 1024 * 1024;
    static final String MESSAGE = "The request is larger than 2 MB (2,097,152 bytes). Nothing was changed.";

    private final ProblemWriter problems;

    BodyLimitFilter(ProblemWriter problems) {
        this.problems = problems;
    }

    /** The body went on past the limit. */
    static final class BodyTooLargeException extends IOException {
        private static final long serialVersionUID = 1L;
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        if (request.getContentLengthLong() > MOST_BYTES) {
            problems.write(response, HttpStatus.CONTENT_TOO_LARGE, MESSAGE);
            return;
        }
        chain.doFilter(new Limited(request), response);
    }

    private static final class Limited extends HttpServletRequestWrapper {
        private ServletInputStream counted;

        Limited(HttpServletRequest request) {
            super(request);
        }

        @Override
        public ServletInputStream getInputStream() throws IOException {
            if (counted == null) {
                counted = new Counted(super.getInputStream());
            }
            return counted;
        }
    }

    private static final class Counted extends ServletInputStream {
        private final ServletInputStream in;
        private long read;

        Counted(ServletInputStream in) {
            this.in = in;
        }

        @Override
        public int read() throws IOException {
            int b = in.read();
            count(b < 0 ? 0 : 1);
            return b;
        }

        @Override
        public int read(byte[] buffer, int offset, int length) throws IOException {
            int n = in.read(buffer, offset, length);
            count(Math.max(0, n));
            return n;
        }

        private void count(int bytes) throws IOException {
            read += bytes;
            if (read > MOST_BYTES) {
                throw new BodyTooLargeException();
            }
        }

        @Override
        public boolean isFinished() {
            return in.isFinished();
        }

        @Override
        public boolean isReady() {
            return in.isReady();
        }

        @Override
        public void setReadListener(ReadListener listener) {
            in.setReadListener(listener);
        }
    }
}
