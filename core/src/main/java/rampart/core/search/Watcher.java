package rampart.core.search;

/** Looks on while a search runs, and may stop it. Asked from all threads of a search, so it must be quick. */
@FunctionalInterface
public interface Watcher {
    /** Never stops. */
    public Watcher NONE = () -> true;

    /** False to stop: the search then ends with a {@link SearchStoppedException}. */
    public boolean goOn();

    /**
     * Told now and then, from one thread.
     *
     * @param done parts of the search gone through
     * @param of parts in all
     * @param found what holds so far
     */
    default void progress(int done, int of, int found) {}

    /** @throws SearchStoppedException if the search is to stop */
    default void look() {
        if (!goOn()) {
            throw new SearchStoppedException();
        }
    }
}
