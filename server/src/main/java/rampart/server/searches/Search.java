package rampart.server.searches;

import java.util.concurrent.atomic.AtomicReference;
import rampart.core.search.Watcher;

/** One search of one person: where it stands, and whether it goes on. */
public final class Search implements Watcher {
    /** Why a search was ended before it had an answer. */
    public enum End {
        /** Whoever asked has left, or has pressed stop. */
        LEFT,
        /** It took longer than a search may. */
        TOO_LONG,
        /** The server ends. */
        CLOSING
    }

    private final String who;
    private final String what;
    private final Traffic traffic;
    private final AtomicReference<End> end = new AtomicReference<>();
    private volatile boolean running;
    private volatile int done;
    private volatile int of;
    private volatile int found;

    Search(String who, String what, Traffic traffic) {
        this.who = who;
        this.what = what;
        this.traffic = traffic;
    }

    @Override
    public boolean goOn() {
        traffic.giveWay();
        return underWay();
    }

    boolean underWay() {
        return end.get() == null;
    }

    @Override
    public void progress(int doneNow, int ofAll, int foundNow) {
        done = doneNow;
        of = ofAll;
        found = foundNow;
    }

    /** Ends it, the first reason given counting. */
    void end(End reason) {
        end.compareAndSet(null, reason);
    }

    End ended() {
        return end.get();
    }

    void begin() {
        running = true;
    }

    String who() {
        return who;
    }

    /** What is sought, such as {@code proposals}. */
    public String what() {
        return what;
    }

    public boolean running() {
        return running;
    }

    public int done() {
        return done;
    }

    public int of() {
        return of;
    }

    public int found() {
        return found;
    }
}
