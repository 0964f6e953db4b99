package rampart.server.searches;

/** A search that is not taken, or was ended before it had an answer. */
public final class SearchRefusedException extends RuntimeException {
    private static final long serialVersionUID = 1L;

    /** Why. */
    public enum Reason {
        /** This person has one running and others waiting. */
        ONE_AT_A_TIME,
        /** The queue is full. */
        QUEUE_FULL,
        /** It took longer than a search may. */
        TOO_LONG,
        /** It was stopped, or whoever asked has left. */
        STOPPED,
        /** The server ends. */
        CLOSING
    }

    private final Reason reason;

    SearchRefusedException(Reason reason) {
        super(reason.name(), null, false, false);
        this.reason = reason;
    }

    public Reason reason() {
        return reason;
    }
}
