package rampart.server.api;

import org.springframework.http.HttpStatus;

/** A request that cannot be met, with the status and the words for it. */
final class ApiException extends RuntimeException {
    private static final long serialVersionUID = 1L;

    private final HttpStatus status;

    ApiException(HttpStatus status, String detail) {
        super(detail);
        this.status = status;
    }

    static ApiException notFound(String what) {
        return new ApiException(HttpStatus.NOT_FOUND, what);
    }

    HttpStatus status() {
        return status;
    }
}
