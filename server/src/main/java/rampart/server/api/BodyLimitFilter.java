package rampart.server.api;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ReadListener;
import jakarta.servlet.ServletException;
import jakarta.servlet.ServletInputStream;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletRequestWrapper;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.time.Duration;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;
import rampart.server.messages.Message;

/**
 * Refuses bodies over 2 MB, drawings over 5 MB, photographs over 16 MB, those to be traced over 48 MB: at once where the length is declared, else while reading; and those that
 * trickle in.
 */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE + 10)
class BodyLimitFilter extends OncePerRequestFilter {
    private static final long MB = 1024 * 1024;

    static final long MOST_BYTES = 2 * MB;

    private static final long MOST_BYTES_OF_A_PHOTOGRAPH = 16 * MB;

    /** 24 million pixels as PNG; read one at a time, so that thirty of them do not fill the memory. */
    private static final long MOST_BYTES_TO_BE_TRACED = 48 * MB;

    private static final long MOST_BYTES_OF_A_DRAWING = 5 * MB;

    /** From its first byte to its last. */
    private static final Duration LONGEST = Duration.ofSeconds(30);

    private final ProblemWriter problems;

    BodyLimitFilter(ProblemWriter problems) {
        this.problems = problems;
    }

    /** The body went on past the limit. */
    static final class BodyTooLargeException extends IOException {
        private static final long serialVersionUID = 1L;

        BodyTooLargeException(long most) {
            super(Message.TOO_LARGE.text(most / MB, most));
        }
    }

    /** The body did not come to its end in time. */
    static final class BodyTooSlowException extends IOException {
        private static final long serialVersionUID = 1L;

        BodyTooSlowException() {
            super(Message.TOO_SLOW.text(LONGEST.toSeconds()));
        }
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        long most = most(request.getRequestURI());
        if (request.getContentLengthLong() > most) {
            problems.write(response, Message.TOO_LARGE, most / MB, most);
            return;
        }
        chain.doFilter(new Limited(request, most), response);
    }

    private static long most(String path) {
        if (path.endsWith("/outlines/photograph")) {
            return MOST_BYTES_TO_BE_TRACED;
        }
        if (path.endsWith("/photographs")) {
            return MOST_BYTES_OF_A_PHOTOGRAPH;
        }
        return path.endsWith("/outlines") || path.endsWith("/trace") || path.endsWith("/cutter-plays")
                ? MOST_BYTES_OF_A_DRAWING
                : MOST_BYTES;
    }

    private static final class Limited extends HttpServletRequestWrapper {
        private final long most;
        private ServletInputStream counted;

        Limited(HttpServletRequest request, long most) {
            super(request);
            this.most = most;
        }

        @Override
        public ServletInputStream getInputStream() throws IOException {
            if (counted == null) {
                counted = new Counted(super.getInputStream(), most);
            }
            return counted;
        }
    }

    private static final class Counted extends ServletInputStream {
        private final ServletInputStream in;
        private final long most;
        private final long end = System.nanoTime() + LONGEST.toNanos();
        private long read;

        Counted(ServletInputStream in, long most) {
            this.in = in;
            this.most = most;
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
            if (read > most) {
                throw new BodyTooLargeException(most);
            }
            if (System.nanoTime() > end) {
                throw new BodyTooSlowException();
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
