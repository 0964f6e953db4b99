package rampart.server.packs;

/** A pack was made by the same request before, and has been deleted since. */
public final class DeletedSinceException extends RuntimeException {
    private static final long serialVersionUID = 1L;

    DeletedSinceException() {
        super("deleted since", null, false, false);
    }
}
