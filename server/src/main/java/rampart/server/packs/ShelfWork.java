package rampart.server.packs;

import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.context.SmartLifecycle;
import org.springframework.dao.DataAccessException;
import org.springframework.stereotype.Component;

/** Works in the background what packs on the shelf come to, on a thread that gives way to everything else. */
@Component
class ShelfWork implements SmartLifecycle {
    private static final Logger LOG = LoggerFactory.getLogger(ShelfWork.class);

    /** A pack that was just saved is likely to be saved again soon. */
    private static final long PAUSE_MS = 3000;

    private final Summaries summaries;
    private volatile boolean running;
    private Thread thread;

    ShelfWork(Summaries summaries) {
        this.summaries = summaries;
    }

    @Override
    @SuppressWarnings("ThreadPriorityCheck")
    public synchronized void start() {
        running = true;
        thread = new Thread(this::work, "shelf");
        thread.setDaemon(true);
        thread.setPriority(Thread.MIN_PRIORITY);
        thread.start();
    }

    private void work() {
        boolean begun = false;
        while (running) {
            try {
                if (!begun) {
                    summaries.forgetOthers();
                    begun = true;
                }
                while (running && summaries.workSome()) {
                    LOG.debug("some more of the shelf were worked");
                }
            } catch (DataAccessException e) {
                LOG.warn("the shelf waits for the database: {}", e.getMessage());
            } catch (RuntimeException e) {
                LOG.error("the shelf could not be worked", e);
            }
            try {
                Thread.sleep(PAUSE_MS);
            } catch (InterruptedException e) {
                return;
            }
        }
    }

    @Override
    public synchronized void stop() {
        running = false;
        thread.interrupt();
    }

    @Override
    public boolean isRunning() {
        return running;
    }
}
