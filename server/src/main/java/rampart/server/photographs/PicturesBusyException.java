package rampart.server.photographs;

/** As many pictures are being read as may be at once. */
public final class PicturesBusyException extends RuntimeException {
    private static final long serialVersionUID = 1L;

    PicturesBusyException() {
        super("pictures are being read", null, false, false);
    }
}
