package rampart.server.api;

import java.util.List;
import rampart.formats.Problem;

/** A request whose fields are well formed but cannot be taken, with the words for each. */
final class FieldsException extends RuntimeException {
    private static final long serialVersionUID = 1L;

    private final transient List<Problem> problems;

    FieldsException(String detail, List<Problem> problems) {
        super(detail);
        this.problems = problems;
    }

    List<Problem> problems() {
        return problems;
    }
}
