package rampart.server.persistence;

/** Somebody asked for the page after a mark that no page of this list ended with. */
public final class RefusedMarkException extends RuntimeException {
    private static final long serialVersionUID = 1L;

    RefusedMarkException() {
        super("no page of this list ended there");
    }
}
