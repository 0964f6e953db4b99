package rampart.server.photographs;

import java.util.OptionalDouble;
import java.util.concurrent.Callable;
import java.util.concurrent.Semaphore;
import java.util.concurrent.TimeUnit;
import org.springframework.stereotype.Service;
import rampart.core.search.Watcher;
import rampart.formats.photograph.LaidFlat;
import rampart.formats.photograph.PhotographReader;
import rampart.formats.photograph.Silhouette;
import rampart.formats.view.LaidFlatView;
import rampart.formats.view.SilhouetteView;

/** Photographs with marks laid flat; nothing of them is kept. */
@Service
public class Tracing {
    private static final int LONGEST_WAIT_SECONDS = 10;

    /** More pixels than this say nothing that a knife could follow: every second or third is read. */
    private static final double MOST_READ = 14_000_000;

    /** One takes up to 200 MB while it is worked on. */
    private final Semaphore reading = new Semaphore(1);

    /**
     * The table as if seen from straight above.
     *
     * @throws RefusedPictureException if the file is no picture that can be read
     * @throws rampart.formats.photograph.RefusedPhotographException if no outline can be taken from it
     * @throws PicturesBusyException if others are being read, also after a wait
     */
    public LaidFlat lay(SentPicture sent, OptionalDouble measuredMm, OptionalDouble cameraHeightMm) {
        return inTurn(() -> PhotographReader.read(
                PictureFile.upright(
                        sent.file().readAllBytes(),
                        (width, height) -> (int) Math.ceil(Math.sqrt((double) width * height / MOST_READ)),
                        sent.gone()),
                measuredMm,
                cameraHeightMm));
    }

    /**
     * The outlines of what stands out.
     *
     * @throws rampart.formats.photograph.RefusedPhotographException if there are none, or too many
     * @throws PicturesBusyException if others are being read, also after a wait
     */
    public SilhouetteView trace(LaidFlatView flat, Silhouette.Asked asked, boolean straight, Watcher watcher) {
        return inTurn(() -> SilhouetteView.of(Silhouette.of(flat.flat(), asked, watcher), straight));
    }

    private <T> T inTurn(Callable<T> work) {
        try {
            if (!reading.tryAcquire(LONGEST_WAIT_SECONDS, TimeUnit.SECONDS)) {
                throw new PicturesBusyException();
            }
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new PicturesBusyException();
        }
        try {
            return work.call();
        } catch (RuntimeException e) {
            throw e;
        } catch (Exception e) {
            throw new IllegalStateException("a picture that was sent could not be read again", e);
        } finally {
            reading.release();
        }
    }
}
