package rampart.server.searches;

import java.time.Duration;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.HashSet;
import java.util.Iterator;
import java.util.List;
import java.util.Set;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.ForkJoinPool;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import java.util.function.BooleanSupplier;
import java.util.function.Consumer;
import java.util.function.Function;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.context.SmartLifecycle;
import org.springframework.stereotype.Component;
import rampart.core.search.SearchStoppedException;

/**
 * All searches of the house. As many run at once as there are cores, on threads of their own that give way to everything
 * else; some more wait in a queue; each person has one running at a time and two waiting. Whoever asked waits here, and is
 * looked after: if they leave, the search ends.
 */
@Component
public class Searches implements SmartLifecycle {
    /** How long one may run. */
    private static final Duration LONGEST = Duration.ofSeconds(30);

    static final int MOST_WAITING = 8;
    static final int MOST_WAITING_FOR_ONE = 2;

    /** A client that has left is noticed after this. */
    private static final long LOOK_MS = 200;

    private final int atOnce;
    private final Duration longest;
    private final Traffic traffic;
    private final ForkJoinPool pool;
    private final Deque<Waiting> queue = new ArrayDeque<>();
    private final Set<Search> running = new HashSet<>();
    private boolean open = true;

    @Autowired
    Searches(Traffic traffic) {
        this(Runtime.getRuntime().availableProcessors(), LONGEST, traffic);
    }

    Searches(int atOnce, Duration longest, Traffic traffic) {
        this.atOnce = atOnce;
        this.longest = longest;
        this.traffic = traffic;
        pool = Background.threads("search", atOnce, Thread.MIN_PRIORITY);
    }

    /** One in the queue, or begun. */
    private record Waiting(Search search, CompletableFuture<Void> turn) {}

    /** Looks on while somebody waits: where their search stands. */
    public interface Onlooker {
        Onlooker NONE = (search, place) -> {};

        /**
         * Told some times a second.
         *
         * @param place in the queue, 1 for the next; 0 where it runs
         */
        void look(Search search, int place);
    }

    /**
     * Runs a search and waits for its answer.
     *
     * @param who asks
     * @param what is sought, in a word
     * @param gone true once whoever asked has left
     * @throws SearchRefusedException if it is not taken, or ended before it had an answer
     */
    public <T> T run(String who, String what, BooleanSupplier gone, Onlooker onlooker, Function<Search, T> work) {
        Waiting waiting = enter(new Search(who, what, traffic));
        Search search = waiting.search();
        traffic.leave();
        try {
            await(waiting.turn(), waiting, gone, onlooker);
            CompletableFuture<T> answer = CompletableFuture.supplyAsync(() -> work.apply(search), pool);
            return await(answer, waiting, gone, onlooker);
        } finally {
            traffic.enter();
            search.end(Search.End.LEFT);
            leave(waiting);
        }
    }

    private synchronized Waiting enter(Search search) {
        if (!open) {
            throw new SearchRefusedException(SearchRefusedException.Reason.CLOSING);
        }
        long own = queue.stream()
                .filter(w -> w.search().who().equals(search.who()))
                .count();
        if (own >= MOST_WAITING_FOR_ONE) {
            throw new SearchRefusedException(SearchRefusedException.Reason.ONE_AT_A_TIME);
        }
        Waiting waiting = new Waiting(search, new CompletableFuture<>());
        queue.addLast(waiting);
        next();
        if (!waiting.turn().isDone() && queue.size() > MOST_WAITING) {
            queue.remove(waiting);
            throw new SearchRefusedException(SearchRefusedException.Reason.QUEUE_FULL);
        }
        return waiting;
    }

    /** Begins those whose turn it is: first come, first served, but for people who have one running. */
    private void next() {
        for (Iterator<Waiting> all = queue.iterator(); all.hasNext() && running.size() < atOnce; ) {
            Waiting waiting = all.next();
            boolean busy = running.stream()
                    .anyMatch(s -> s.who().equals(waiting.search().who()));
            if (!busy) {
                all.remove();
                running.add(waiting.search());
                waiting.search().begin();
                waiting.turn().complete(null);
            }
        }
    }

    private synchronized void leave(Waiting waiting) {
        queue.remove(waiting);
        running.remove(waiting.search());
        next();
    }

    private <T> T await(CompletableFuture<T> future, Waiting waiting, BooleanSupplier gone, Onlooker onlooker) {
        Search search = waiting.search();
        long end = System.nanoTime() + longest.toNanos();
        while (true) {
            try {
                return future.get(LOOK_MS, TimeUnit.MILLISECONDS);
            } catch (TimeoutException e) {
                if (System.nanoTime() > end) {
                    search.end(Search.End.TOO_LONG);
                }
                if (gone.getAsBoolean()) {
                    search.end(Search.End.LEFT);
                }
                if (!search.underWay()) {
                    throw ended(search);
                }
                onlooker.look(search, place(waiting));
            } catch (InterruptedException e) {
                Thread.currentThread().interrupt();
                search.end(Search.End.CLOSING);
                throw ended(search);
            } catch (ExecutionException e) {
                if (e.getCause() instanceof SearchStoppedException && search.ended() != null) {
                    throw ended(search);
                }
                if (e.getCause() instanceof RuntimeException cause) {
                    throw cause;
                }
                throw new IllegalStateException("a search failed", e.getCause());
            }
        }
    }

    private static SearchRefusedException ended(Search search) {
        return new SearchRefusedException(
                switch (search.ended()) {
                    case LEFT -> SearchRefusedException.Reason.STOPPED;
                    case TOO_LONG -> SearchRefusedException.Reason.TOO_LONG;
                    case CLOSING -> SearchRefusedException.Reason.CLOSING;
                });
    }

    /** Place in the queue, 1 for the next; 0 where it runs. */
    private synchronized int place(Waiting waiting) {
        int place = 1;
        for (Waiting other : queue) {
            if (other.equals(waiting)) {
                return place;
            }
            place++;
        }
        return 0;
    }

    /** A search as its owner may see it. */
    public record Own(Search search, int place) {}

    /** This person's, the running one first. */
    public synchronized List<Own> of(String who) {
        List<Own> own = new ArrayList<>();
        running.stream().filter(s -> s.who().equals(who)).forEach(s -> own.add(new Own(s, 0)));
        int place = 1;
        for (Waiting waiting : queue) {
            if (waiting.search().who().equals(who)) {
                own.add(new Own(waiting.search(), place));
            }
            place++;
        }
        return own;
    }

    /** Ends all of this person's. */
    public void stop(String who) {
        each(search -> {
            if (search.who().equals(who)) {
                search.end(Search.End.LEFT);
            }
        });
    }

    private synchronized void each(Consumer<Search> action) {
        running.forEach(action);
        queue.forEach(waiting -> action.accept(waiting.search()));
    }

    @Override
    public void start() {
        // Open from the beginning.
    }

    /** Ends them all, before the web server waits for what is under way. */
    @Override
    public void stop() {
        synchronized (this) {
            open = false;
        }
        each(search -> search.end(Search.End.CLOSING));
        pool.shutdown();
    }

    @Override
    public synchronized boolean isRunning() {
        return open;
    }
}
