package rampart.server.access;

import java.util.concurrent.ArrayBlockingQueue;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.Future;
import java.util.concurrent.RejectedExecutionException;
import java.util.concurrent.ThreadPoolExecutor;
import java.util.concurrent.TimeUnit;
import org.springframework.security.crypto.password.PasswordEncoder;

/**
 * Hashes passwords a few at a time: each hash takes 16 MB and some tens of milliseconds, so that a burst of sign-ins would
 * else take all the memory and all the cores. Those beyond the queue are turned away at once.
 */
final class BoundedHashing implements PasswordEncoder, AutoCloseable {
    /** At once, so that they take at most 32 MB. */
    static final int AT_ONCE = 2;

    /** They are through in two or three seconds. */
    static final int MOST_WAITING = 64;

    private final PasswordEncoder encoder;
    private final RightOfLate ofLate;
    private final ThreadPoolExecutor pool;

    BoundedHashing(PasswordEncoder encoder, RightOfLate ofLate) {
        this.encoder = encoder;
        this.ofLate = ofLate;
        pool = new ThreadPoolExecutor(
                AT_ONCE, AT_ONCE, 30, TimeUnit.SECONDS, new ArrayBlockingQueue<>(MOST_WAITING), task -> {
                    Thread thread = new Thread(task, "hashing");
                    thread.setDaemon(true);
                    return thread;
                });
        pool.allowCoreThreadTimeOut(true);
    }

    @Override
    public String encode(CharSequence password) {
        return hashed(() -> encoder.encode(password));
    }

    @Override
    public boolean matches(CharSequence password, String hash) {
        if (ofLate.holds(password, hash)) {
            return true;
        }
        boolean right = hashed(() -> encoder.matches(password, hash));
        if (right) {
            ofLate.add(password, hash);
        }
        return right;
    }

    private <T> T hashed(Callable<T> work) {
        Future<T> result;
        try {
            result = pool.submit(work);
        } catch (RejectedExecutionException e) {
            throw new HashingBusyException();
        }
        try {
            return result.get();
        } catch (InterruptedException e) {
            result.cancel(true);
            Thread.currentThread().interrupt();
            throw new HashingBusyException();
        } catch (ExecutionException e) {
            if (e.getCause() instanceof RuntimeException cause) {
                throw cause;
            }
            throw new IllegalStateException("a password could not be hashed", e.getCause());
        }
    }

    @Override
    public void close() {
        pool.shutdownNow();
    }
}
