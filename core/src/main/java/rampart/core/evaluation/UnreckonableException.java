package rampart.core.evaluation;

/** A pack that can be laid out and leads to a figure that is no number: nothing can be said of it. */
public final class UnreckonableException extends RuntimeException {
    private static final long serialVersionUID = 1L;

    UnreckonableException(String figure, double value) {
        super(figure + " comes to " + value);
    }
}
