package rampart.formats.json;

import java.util.List;
import java.util.stream.Collectors;

/** A file that is not a pack file, with every reason found. */
public final class UnreadableFileException extends RuntimeException {
    private static final long serialVersionUID = 1L;

    private final transient List<Problem> problems;

    public UnreadableFileException(List<Problem> problems) {
        super(problems.stream().map(p -> p.path() + ": " + p.message()).collect(Collectors.joining("; ")));
        this.problems = List.copyOf(problems);
    }

    public UnreadableFileException(String path, String message) {
        this(List.of(new Problem(path, message)));
    }

    /** Every reason, at least one. */
    public List<Problem> problems() {
        return problems;
    }
}
