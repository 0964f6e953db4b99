package rampart.formats.table;

import java.util.List;
import rampart.formats.json.Problem;

/** A table that is not what it should be; it says everything that is wrong, row by row. */
public final class UnreadableTableException extends RuntimeException {
    private static final long serialVersionUID = 1L;

    private final transient List<Problem> problems;

    UnreadableTableException(List<Problem> problems) {
        super(problems.get(0).path() + ": " + problems.get(0).message());
        this.problems = List.copyOf(problems);
    }

    UnreadableTableException(String path, String message) {
        this(List.of(new Problem(path, message)));
    }

    public List<Problem> problems() {
        return problems;
    }
}
