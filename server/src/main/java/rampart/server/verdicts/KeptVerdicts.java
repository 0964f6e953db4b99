package rampart.server.verdicts;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.FutureTask;
import org.springframework.stereotype.Component;
import rampart.core.material.Catalogue;
import rampart.core.pack.Evaluation;
import rampart.core.pack.Evaluator;
import rampart.formats.PackFile;
import rampart.formats.Sha256;
import rampart.formats.Verdicts;

/**
 * The one verdict of each pack, the same on bench, shelf and paper. Falls that are worked in time take a while: they are kept
 * by the content of the file, and who asks while they are being worked waits for the same answer.
 */
@Component
public class KeptVerdicts implements Verdicts {
    /** An evaluation takes some hundred kilobytes. */
    private static final int MOST = 150;

    private final Catalogue standard;
    private final Map<String, FutureTask<Evaluation>> kept = new LinkedHashMap<>(16, 0.75f, true) {
        private static final long serialVersionUID = 1L;

        @Override
        protected boolean removeEldestEntry(Map.Entry<String, FutureTask<Evaluation>> eldest) {
            return size() > MOST;
        }
    };

    KeptVerdicts(Catalogue standard) {
        this.standard = standard;
    }

    @Override
    public Evaluation of(PackFile file, Catalogue materials) {
        Evaluation quick = Evaluator.evaluate(file.pack(), file.catalogue(materials));
        if (!quick.doubted()) {
            return quick;
        }
        return materials.equals(standard) ? kept(file) : Verdicts.ANEW.of(file, materials);
    }

    private Evaluation kept(PackFile file) {
        String key = Sha256.hex(file.write());
        FutureTask<Evaluation> mine = new FutureTask<>(() -> Verdicts.ANEW.of(file, standard));
        FutureTask<Evaluation> task;
        synchronized (kept) {
            task = kept.computeIfAbsent(key, k -> mine);
        }
        if (task.equals(mine)) {
            mine.run();
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
