package rampart.server.bodies;

import jakarta.servlet.http.HttpServletRequest;

/** What a request says of its body before it is read. */
final class Bodies {
    private Bodies() {}

    /** True where one is announced; a request without has none. */
    static boolean has(HttpServletRequest request) {
        return request.getContentLengthLong() > 0 || request.getHeader("Transfer-Encoding") != null;
    }
}
