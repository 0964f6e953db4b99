package rampart.server.photographs;

/** A file that is not taken as a photograph, with the reason for a person. */
public final class RefusedPictureException extends RuntimeException {
    private static final long serialVersionUID = 1L;

    RefusedPictureException(String reason) {
        super(reason);
    }
}
