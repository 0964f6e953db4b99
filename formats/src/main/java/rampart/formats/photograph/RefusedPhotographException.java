package rampart.formats.photograph;

/** No outline can be taken from this photograph; the message says why and what helps. */
public final class RefusedPhotographException extends IllegalArgumentException {
    private static final long serialVersionUID = 1L;

    public RefusedPhotographException(String reason) {
        super(reason);
    }
}
