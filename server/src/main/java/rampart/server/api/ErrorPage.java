package rampart.server.api;

import io.swagger.v3.oas.annotations.Hidden;
import jakarta.servlet.RequestDispatcher;
import jakarta.servlet.http.HttpServletRequest;
import org.springframework.boot.webmvc.error.ErrorController;
import org.springframework.dao.DataAccessException;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.transaction.TransactionException;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import rampart.server.messages.Message;

/** The last resort: errors that arise outside the controllers, in the container or in a filter. */
@Hidden
@RestController
class ErrorPage implements ErrorController {
    @RequestMapping("/error")
    ResponseEntity<ProblemDetail> error(HttpServletRequest request) {
        Object code = request.getAttribute(RequestDispatcher.ERROR_STATUS_CODE);
        HttpStatus status = code instanceof Integer number ? HttpStatus.resolve(number) : HttpStatus.NOT_FOUND;
        if (status == null) {
            status = HttpStatus.INTERNAL_SERVER_ERROR;
        }
        if (away(request.getAttribute(RequestDispatcher.ERROR_EXCEPTION))) {
            return ResponseEntity.status(Message.DATABASE_AWAY.status())
                    .header(HttpHeaders.RETRY_AFTER, "2")
                    .contentType(MediaType.APPLICATION_PROBLEM_JSON)
                    .body(Problems.detail(Message.DATABASE_AWAY));
        }
        String detail = (status.is5xxServerError() ? Message.DATABASE_AWAY : Message.NOT_AS_TAKEN).text();
        return ResponseEntity.status(status)
                .contentType(MediaType.APPLICATION_PROBLEM_JSON)
                .body(ProblemDetail.forStatusAndDetail(status, detail));
    }

    /** True where the sessions, or whatever a filter asks of the database, could not be had. */
    private static boolean away(Object failure) {
        for (Throwable cause = failure instanceof Throwable t ? t : null; cause != null; cause = cause.getCause()) {
            if (cause instanceof DataAccessException || cause instanceof TransactionException) {
                return true;
            }
        }
        return false;
    }
}
