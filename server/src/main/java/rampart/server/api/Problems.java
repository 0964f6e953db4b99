package rampart.server.api;

import jakarta.servlet.http.HttpServletRequest;
import java.util.Arrays;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.apache.tomcat.util.http.InvalidParameterException;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.TypeMismatchException;
import org.springframework.dao.DataAccessResourceFailureException;
import org.springframework.dao.TransientDataAccessException;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.HttpStatusCode;
import org.springframework.http.MediaType;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.http.converter.HttpMessageNotReadableException;
import org.springframework.jdbc.CannotGetJdbcConnectionException;
import org.springframework.jdbc.UncategorizedSQLException;
import org.springframework.transaction.CannotCreateTransactionException;
import org.springframework.validation.FieldError;
import org.springframework.web.bind.MethodArgumentNotValidException;
import org.springframework.web.bind.MissingRequestHeaderException;
import org.springframework.web.bind.MissingServletRequestParameterException;
import org.springframework.web.bind.ServletRequestBindingException;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.RestControllerAdvice;
import org.springframework.web.context.request.WebRequest;
import org.springframework.web.method.annotation.HandlerMethodValidationException;
import org.springframework.web.servlet.mvc.method.annotation.ResponseEntityExceptionHandler;
import rampart.core.evaluation.UnreckonableException;
import rampart.core.search.SearchStoppedException;
import rampart.formats.json.Problem;
import rampart.formats.json.UnreadableFileException;
import rampart.formats.table.UnreadableTableException;
import rampart.server.access.HashingBusyException;
import rampart.server.access.TooManySignInsException;
import rampart.server.messages.Message;
import rampart.server.packs.DeletedSinceException;
import rampart.server.persistence.OtherLetters;
import rampart.server.persistence.RefusedMarkException;
import rampart.server.photographs.PicturesBusyException;
import rampart.server.searches.SearchRefusedException;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.exc.InvalidFormatException;
import tools.jackson.databind.exc.MismatchedInputException;
import tools.jackson.databind.exc.UnrecognizedPropertyException;

/** Every error as application/problem+json: what happened, what is kept; one entry per field where fields are wrong. */
@RestControllerAdvice
class Problems extends ResponseEntityExceptionHandler {
    /** After how many seconds to come again, where nothing else is known. */
    private static final String SOON = "4";

    private static final Set<String> SECRETS = Set.of("password", "old", "code");
    private static final Logger LOG = LoggerFactory.getLogger(Problems.class);

    @ExceptionHandler
    ProblemDetail unreadable(UnreadableFileException e) {
        return withErrors(Message.NOT_A_PACK, e.problems());
    }

    @ExceptionHandler
    ProblemDetail unreadableTable(UnreadableTableException e) {
        return withErrors(Message.TABLE, e.problems());
    }

    @ExceptionHandler
    ResponseEntity<Object> api(ApiException e) {
        HttpHeaders headers = new HttpHeaders();
        HttpStatus status = e.message().status();
        if (status == HttpStatus.SERVICE_UNAVAILABLE || status == HttpStatus.TOO_MANY_REQUESTS) {
            headers.set(HttpHeaders.RETRY_AFTER, SOON);
        }
        return respond(ProblemDetail.forStatusAndDetail(status, e.getMessage()), headers);
    }

    /** Searches that are not taken say when to come again. */
    @ExceptionHandler
    ResponseEntity<Object> searchRefused(SearchRefusedException e) {
        int seconds = switch (e.reason()) {
            case ONE_AT_A_TIME -> 5;
            case QUEUE_FULL, TOO_LONG, CLOSING -> 30;
            case STOPPED -> 1;
        };
        return later(search(e), seconds);
    }

    /** What to say of a search that has no answer. */
    static Message search(SearchRefusedException e) {
        return switch (e.reason()) {
            case ONE_AT_A_TIME -> Message.SEARCH_ONE_AT_A_TIME;
            case QUEUE_FULL -> Message.SEARCH_QUEUE_FULL;
            case TOO_LONG -> Message.SEARCH_TOO_LONG;
            case STOPPED -> Message.SEARCH_STOPPED;
            case CLOSING -> Message.CLOSING;
        };
    }

    /** Work that is quick for what people send, and was not. */
    @ExceptionHandler
    ProblemDetail stopped(SearchStoppedException e) {
        return detail(Message.TOO_MUCH_WORK, Patience.LONGEST.toSeconds());
    }

    @ExceptionHandler
    ProblemDetail refusedMark(RefusedMarkException e) {
        return detail(Message.NO_MARK);
    }

    /** Made by the same request before, and gone since. */
    @ExceptionHandler
    ProblemDetail deletedSince(DeletedSinceException e) {
        return detail(Message.NO_PACK);
    }

    @ExceptionHandler
    ProblemDetail unreckonable(UnreckonableException e) {
        return detail(Message.NOT_RECKONABLE, e.getMessage());
    }

    @ExceptionHandler
    ResponseEntity<Object> signInsBusy(HashingBusyException e) {
        return later(Message.SIGN_INS_BUSY, 2);
    }

    @ExceptionHandler
    ResponseEntity<Object> tooManySignIns(TooManySignInsException e) {
        return later(Message.TOO_MANY_SIGN_INS, 4);
    }

    @ExceptionHandler
    ResponseEntity<Object> picturesBusy(PicturesBusyException e) {
        return later(Message.PICTURES_BUSY, 5);
    }

    @ExceptionHandler
    ProblemDetail fields(FieldsException e) {
        return withErrors(e.message(), e.problems());
    }

    @ExceptionHandler
    ResponseEntity<StaleView> stale(StaleDraftException e) {
        return ResponseEntity.status(HttpStatus.CONFLICT)
                .contentType(MediaType.APPLICATION_PROBLEM_JSON)
                .body(StaleView.of(e));
    }

    /** Query parameters that are not UTF-8, for example. */
    @ExceptionHandler
    ProblemDetail unreadableParameters(InvalidParameterException e) {
        return detail(Message.NOT_UTF8);
    }

    @ExceptionHandler({
        DataAccessResourceFailureException.class,
        TransientDataAccessException.class,
        CannotGetJdbcConnectionException.class,
        CannotCreateTransactionException.class
    })
    ResponseEntity<Object> databaseAway(Exception e) {
        LOG.warn("the database did not answer: {}", e.getMessage());
        return later(Message.DATABASE_AWAY, 2);
    }

    /** Errors that have no class of their own: a full disk is one, and happens. */
    @ExceptionHandler
    ProblemDetail uncategorized(UncategorizedSQLException e, HttpServletRequest request) {
        if (String.valueOf(e.getMessage()).contains("is full")) {
            LOG.error("the disk of the database is full: {}", e.getMessage());
            return detail(Message.DISK_FULL);
        }
        if (OtherLetters.in(e)) {
            return detail(Message.NOTHING_CALLED_SO);
        }
        return unexpected(e, request);
    }

    @ExceptionHandler
    ProblemDetail unexpected(Exception e, HttpServletRequest request) {
        String reference = UUID.randomUUID().toString().substring(0, 8);
        LOG.error("reference {}: {} {}", reference, request.getMethod(), request.getRequestURI(), e);
        return detail(Message.UNEXPECTED, reference);
    }

    @Override
    protected ResponseEntity<Object> handleHttpMessageNotReadable(
            HttpMessageNotReadableException e, HttpHeaders headers, HttpStatusCode status, WebRequest request) {
        for (Throwable cause = e; cause != null; cause = cause.getCause()) {
            if (cause instanceof JacksonException jackson) {
                return respond(withErrors(Message.UNREADABLE_REQUEST, List.of(of(jackson))), headers);
            }
        }
        return respond(detail(Message.NO_BODY), headers);
    }

    private static Problem of(JacksonException e) {
        StringBuilder path = new StringBuilder();
        for (JacksonException.Reference reference : e.getPath()) {
            path.append('/')
                    .append(reference.getPropertyName() == null ? reference.getIndex() : reference.getPropertyName());
        }
        if (e instanceof UnrecognizedPropertyException unknown) {
            return new Problem(
                    path.toString(),
                    "unknown field '" + unknown.getPropertyName() + "'; allowed here: "
                            + String.join(
                                    ", ",
                                    unknown.getKnownPropertyIds().stream()
                                            .map(String::valueOf)
                                            .toList()));
        }
        if (e instanceof InvalidFormatException invalid && String.class.equals(invalid.getTargetType())) {
            return new Problem(
                    path.toString(), "the text holds half of a character (an unpaired surrogate); write it anew");
        }
        return new Problem(
                path.toString(),
                path.isEmpty()
                        ? "not a JSON object that this call takes"
                        : e instanceof MismatchedInputException mismatched
                                ? wanted(mismatched)
                                : "a value of the wrong kind");
    }

    /** What belongs there, and whether nothing stands there. */
    private static String wanted(MismatchedInputException e) {
        Class<?> type = e.getTargetType();
        String kind;
        if (type == null) {
            return "a value of the wrong kind";
        } else if (type == boolean.class || type == Boolean.class) {
            kind = "true or false";
        } else if (type.isPrimitive() || Number.class.isAssignableFrom(type)) {
            kind = "a number";
        } else if (CharSequence.class.isAssignableFrom(type)) {
            kind = "text";
        } else if (type.isEnum()) {
            kind = "one of "
                    + Arrays.stream(type.getEnumConstants())
                            .map(String::valueOf)
                            .collect(Collectors.joining(", "));
        } else if (Iterable.class.isAssignableFrom(type) || type.isArray()) {
            kind = "a list";
        } else {
            kind = "an object";
        }
        // The reader asks for a null where a field of a plain kind is not there at all.
        boolean missing =
                type.isPrimitive() && String.valueOf(e.getOriginalMessage()).contains("null");
        return (missing ? "missing; it must be " : "a value of the wrong kind; it must be ") + kind;
    }

    @Override
    protected ResponseEntity<Object> handleMethodArgumentNotValid(
            MethodArgumentNotValidException e, HttpHeaders headers, HttpStatusCode status, WebRequest request) {
        List<Problem> problems = e.getBindingResult().getFieldErrors().stream()
                .map(error -> new Problem("/" + error.getField(), shown(error) + error.getDefaultMessage()))
                .toList();
        return respond(withErrors(Message.FIELDS, problems), headers);
    }

    /** The refused value, but never a password or a code. */
    private static String shown(FieldError error) {
        boolean secret = SECRETS.contains(error.getField());
        Object value = error.getRejectedValue();
        if (value == null) {
            return "missing; ";
        }
        String text = String.valueOf(value);
        return secret ? "" : "'" + (text.length() > 60 ? text.substring(0, 60) + "…" : text) + "' is not allowed; ";
    }

    @Override
    protected ResponseEntity<Object> handleHandlerMethodValidationException(
            HandlerMethodValidationException e, HttpHeaders headers, HttpStatusCode status, WebRequest request) {
        List<Problem> problems = e.getParameterValidationResults().stream()
                .map(result -> new Problem(
                        result.getMethodParameter().getParameterName(),
                        "'" + result.getArgument() + "' is not allowed; "
                                + result.getResolvableErrors().get(0).getDefaultMessage()))
                .toList();
        return respond(withErrors(Message.PARAMETERS, problems), headers);
    }

    @Override
    protected ResponseEntity<Object> handleTypeMismatch(
            TypeMismatchException e, HttpHeaders headers, HttpStatusCode status, WebRequest request) {
        Class<?> type = e.getRequiredType();
        String kind = type == null
                ? "another kind"
                : type.isEnum()
                        ? "one of "
                                + Arrays.stream(type.getEnumConstants())
                                        .map(String::valueOf)
                                        .collect(Collectors.joining(", "))
                        : type == boolean.class ? "true or false" : "a number";
        Problem problem = new Problem(
                String.valueOf(e.getPropertyName()), "'" + e.getValue() + "' is not allowed; it must be " + kind);
        return respond(withErrors(Message.PARAMETERS, List.of(problem)), headers);
    }

    @Override
    protected ResponseEntity<Object> handleServletRequestBindingException(
            ServletRequestBindingException e, HttpHeaders headers, HttpStatusCode status, WebRequest request) {
        ProblemDetail problem = e instanceof MissingRequestHeaderException missing
                ? detail(Message.MISSING_HEADER, missing.getHeaderName())
                : e instanceof MissingServletRequestParameterException missing
                        ? detail(Message.MISSING_PARAMETER, missing.getParameterName())
                        : plainly(status);
        return respond(problem, headers);
    }

    @Override
    protected ResponseEntity<Object> handleExceptionInternal(
            Exception e, Object body, HttpHeaders headers, HttpStatusCode status, WebRequest request) {
        return respond(plainly(status), headers);
    }

    private static ProblemDetail plainly(HttpStatusCode status) {
        Message message = switch (status.value()) {
            case 404 -> Message.NOTHING_HERE;
            case 405 -> Message.WRONG_METHOD;
            case 406 -> Message.ONLY_JSON_OUT;
            case 415 -> Message.WRONG_TYPE;
            default -> Message.NOT_AS_TAKEN;
        };
        return ProblemDetail.forStatusAndDetail(status, message.text());
    }

    /** A message as a problem. */
    static ProblemDetail detail(Message message, Object... values) {
        return ProblemDetail.forStatusAndDetail(message.status(), message.text(values));
    }

    /** A message as a problem, and after how many seconds to come again. */
    private static ResponseEntity<Object> later(Message message, int seconds) {
        HttpHeaders headers = new HttpHeaders();
        headers.set(HttpHeaders.RETRY_AFTER, String.valueOf(seconds));
        return respond(detail(message), headers);
    }

    private static ProblemDetail withErrors(Message message, List<Problem> problems) {
        ProblemDetail problem = detail(message);
        problem.setProperty("errors", problems);
        return problem;
    }

    private static ResponseEntity<Object> respond(ProblemDetail problem, HttpHeaders headers) {
        return ResponseEntity.status(problem.getStatus())
                .headers(headers)
                .contentType(MediaType.APPLICATION_PROBLEM_JSON)
                .body(problem);
    }
}
