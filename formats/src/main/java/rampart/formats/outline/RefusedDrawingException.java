package rampart.formats.outline;

/** A drawing file that cannot be read, with the reason and what is allowed. */
public final class RefusedDrawingException extends RuntimeException {
    private static final long serialVersionUID = 1;

    public RefusedDrawingException(String reason) {
        super(reason);
    }

    RefusedDrawingException(String reason, Throwable cause) {
        super(reason, cause);
    }
}
