package rampart.server.verdicts;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.ForkJoinPool;
import java.util.concurrent.FutureTask;
import org.springframework.stereotype.Component;
import rampart.core.evaluation.Evaluation;
import rampart.core.evaluation.Evaluator;
import rampart.core.material.Catalogue;
import rampart.formats.compare.Verdicts;
import rampart.formats.json.Sha256;
import rampart.formats.pack.PackFile;
import rampart.server.searches.Background;

/**
 * The one verdict of each pack, the same on bench, shelf and paper. Falls that are worked in time take a while: they are kept
 * by the content of the file, and who asks while they are being worked waits for the same answer. They are worked on threads
 * of their own that give way to what is quick; searches give way to them.
 */
@Component
public class KeptVerdicts implements Verdicts {
    /** An evaluation takes some hundred kilobytes. */
    private static final int MOST = 150;

    /** A file, by its hash, and what it does not bring. */
    private record Content(String file, Catalogue materials) {}

    private final ForkJoinPool pool =
            Background.threads("falls", Runtime.getRuntime().availableProcessors(), Thread.MIN_PRIORITY + 1);
    private final Map<Content, FutureTask<Evaluation>> kept = new LinkedHashMap<>(16, 0.75f, true) {
        private static final long serialVersionUID = 1L;

        @Override
        protected boolean removeEldestEntry(Map.Entry<Content, FutureTask<Evaluation>> eldest) {
            return size() > MOST;
        }
    };

    @Override
    public Evaluation of(PackFile file, Catalogue materials) {
        Evaluation quick = Evaluator.evaluate(file.pack(), file.catalogue(materials));
        return quick.doubted() ? worked(file, materials) : quick;
    }

    private Evaluation worked(PackFile file, Catalogue materials) {
        Content key = new Content(Sha256.hex(file.write()), materials);
        FutureTask<Evaluation> mine = new FutureTask<>(() -> Verdicts.ANEW.of(file, materials));
        FutureTask<Evaluation> task;
        synchronized (kept) {
            task = kept.computeIfAbsent(key, k -> mine);
        }
        if (task.equals(mine)) {
            pool.execute(mine);
        }
        try {
            return task.get();
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException("stopped while a fall was worked in time", e);
        } catch (ExecutionException e) {
            synchronized (kept) {
                kept.remove(key, task);
            }
            if (e.getCause() instanceof RuntimeException cause) {
                throw cause;
            }
            throw new IllegalStateException(e.getCause());
        }
    }
}
