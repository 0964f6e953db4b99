package rampart.server.archive;

/** An archive that is not taken, with the reason; nothing was touched. */
public final class RefusedArchiveException extends RuntimeException {
    private static final long serialVersionUID = 1L;

    RefusedArchiveException(String reason) {
        super(reason);
    }
}
