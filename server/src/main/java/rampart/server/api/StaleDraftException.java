package rampart.server.api;

import rampart.server.persistence.PackRepository.StoredPack;

/** Somebody saved in between; carries both versions so that nothing is lost. */
final class StaleDraftException extends RuntimeException {
    private static final long serialVersionUID = 1L;

    private final transient StoredPack theirs;
    private final String yours;

    /** The stored pack as it is now, and the document that was to be saved, as JSON text; empty where none was sent. */
    StaleDraftException(StoredPack theirs, String yours) {
        super("stale draft");
        this.theirs = theirs;
        this.yours = yours;
    }

    StoredPack theirs() {
        return theirs;
    }

    String yours() {
        return yours;
    }
}
