package rampart.core.search;

/** A search was stopped by who looked on: there is no answer. */
public final class SearchStoppedException extends RuntimeException {
    private static final long serialVersionUID = 1L;

    SearchStoppedException() {
        super("the search was stopped", null, false, false);
    }
}
