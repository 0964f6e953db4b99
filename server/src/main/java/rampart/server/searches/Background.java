package rampart.server.searches;

import java.util.concurrent.ForkJoinPool;
import java.util.concurrent.ForkJoinWorkerThread;

/** Threads for work that gives way: with -XX:ThreadPriorityPolicy=1 the machine lets those of higher priority go first. */
public final class Background {
    private Background() {}

    /**
     * A pool of its own.
     *
     * @param name of the threads, before a number
     * @param priority from {@link Thread#MIN_PRIORITY}, which gives way to everything else
     */
    @SuppressWarnings("ThreadPriorityCheck")
    public static ForkJoinPool threads(String name, int count, int priority) {
        ForkJoinPool.ForkJoinWorkerThreadFactory factory = pool -> {
            ForkJoinWorkerThread thread = ForkJoinPool.defaultForkJoinWorkerThreadFactory.newThread(pool);
            thread.setName(name + "-" + thread.getPoolIndex());
            thread.setPriority(priority);
            return thread;
        };
        return new ForkJoinPool(count, factory, null, false);
    }
}
