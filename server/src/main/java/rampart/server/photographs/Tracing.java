package rampart.server.photographs;

import java.io.IOException;
import java.io.InputStream;
import java.util.OptionalDouble;
import java.util.concurrent.Semaphore;
import java.util.concurrent.TimeUnit;
import org.springframework.stereotype.Service;
import rampart.formats.photograph.LaidFlat;
import rampart.formats.photograph.PhotographReader;

/** Photographs with marks laid flat; nothing of them is kept. */
@Service
public class Tracing {
    private static final int LONGEST_WAIT_SECONDS = 10;

    /** More pixels than this say nothing that a knife could follow: every second or third is read. */
    private static final double MOST_READ = 14_000_000;

    /** One takes up to 200 MB while it is worked on. */
    private final Semaphore reading = new Semaphore(1);

    /**
     * The table as if seen from straight above. The file is read when its turn has come, not before.
     *
     * @throws RefusedPictureException if the file is no picture that can be read
     * @throws rampart.formats.photograph.RefusedPhotographException if no outline can be taken from it
     * @throws IOException if the file does not arrive
     * @throws PicturesBusyException if others are being read, also after a wait
     */
    public LaidFlat lay(InputStream in, OptionalDouble measuredMm, OptionalDouble cameraHeightMm) throws IOException {
        try {
            if (!reading.tryAcquire(LONGEST_WAIT_SECONDS, TimeUnit.SECONDS)) {
                throw new PicturesBusyException();
            }
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new PicturesBusyException();
        }
        try {
            return PhotographReader.read(
                    PictureFile.upright(in.readAllBytes(), (width, height) ->
                            (int) Math.ceil(Math.sqrt((double) width * height / MOST_READ))),
                    measuredMm,
                    cameraHeightMm);
        } finally {
            reading.release();
        }
    }
}
