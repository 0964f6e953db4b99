package rampart.server.photographs;

import java.io.IOException;
import java.time.Clock;
import java.time.Duration;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.Semaphore;
import java.util.concurrent.TimeUnit;
import org.springframework.stereotype.Service;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.support.TransactionTemplate;
import rampart.server.house.Detail;
import rampart.server.house.Subject;
import rampart.server.house.Trail;
import rampart.server.house.Trail.EventType;
import rampart.server.persistence.PhotographRepository;
import rampart.server.persistence.PhotographRepository.PackPhotograph;
import rampart.server.persistence.PhotographRepository.PackingPhotograph;
import rampart.server.persistence.TryAgain;

/** The photographs of packs. */
@Service
public class Photographs {
    public static final int MOST_OF_A_PACK = 40;
    public static final int MOST_OF_A_PACKING = 60;

    private static final Duration LONGEST_WAIT = Duration.ofSeconds(10);

    private final PhotographRepository repository;
    private final TransactionTemplate transaction;
    private final Trail trail;
    private final Clock clock;
    /** A picture takes up to 60 MB while it is read; two at once are enough for a workshop. */
    private final Semaphore reading = new Semaphore(2);

    Photographs(PhotographRepository repository, PlatformTransactionManager transactions, Trail trail, Clock clock) {
        this.repository = repository;
        this.transaction = TryAgain.template(transactions);
        this.trail = trail;
        this.clock = clock;
    }

    /** First added first. */
    public List<PackPhotograph> of(String packId) {
        return repository.of(packId);
    }

    /**
     * Puts a photograph to a pack; the same picture twice is there once.
     *
     * @throws RefusedPictureException if it is not taken, with the reason
     * @throws IOException if what was sent cannot be read again
     * @throws PicturesBusyException if others are being read, also after a wait
     */
    public PackPhotograph add(String packId, String packName, SentPicture sent, String by) throws IOException {
        Picture picture = read(sent);
        transaction.executeWithoutResult(status -> {
            if (repository.count(packId) >= MOST_OF_A_PACK) {
                throw new RefusedPictureException(
                        "this pack has " + MOST_OF_A_PACK + " photographs, the most it can have");
            }
            boolean added = repository.add(
                    packId,
                    picture.hash(),
                    picture.width(),
                    picture.height(),
                    picture.picture(),
                    picture.thumbnail(),
                    clock.instant(),
                    by);
            if (added) {
                trail.add(by, EventType.PHOTOGRAPH_ADDED, Subject.pack(packId, packName), Detail.NOTHING);
            }
        });
        return repository.of(packId).stream()
                .filter(p -> p.hash().equals(picture.hash()))
                .findFirst()
                .orElseThrow();
    }

    /**
     * Puts a photograph to a packing; the same picture twice is there once.
     *
     * @throws RefusedPictureException if it is not taken, with the reason
     * @throws IOException if what was sent cannot be read again
     * @throws PicturesBusyException if others are being read, also after a wait
     */
    public String addToPacking(String packingId, String step, SentPicture sent, String by) throws IOException {
        Picture picture = read(sent);
        transaction.executeWithoutResult(status -> {
            List<PackingPhotograph> there = repository.ofPacking(packingId);
            boolean known = there.stream().anyMatch(each -> each.hash().equals(picture.hash()));
            if (!known && there.size() >= MOST_OF_A_PACKING) {
                throw new RefusedPictureException(
                        "this packing has " + MOST_OF_A_PACKING + " photographs, the most it can have");
            }
            repository.addToPacking(
                    packingId,
                    step,
                    picture.hash(),
                    picture.width(),
                    picture.height(),
                    picture.picture(),
                    picture.thumbnail(),
                    clock.instant(),
                    by);
        });
        return picture.hash();
    }

    /** First added first. */
    public List<PackingPhotograph> ofPacking(String packingId) {
        return repository.ofPacking(packingId);
    }

    /** False where the pack has no such photograph. */
    public boolean remove(String packId, String packName, String hash, String by) {
        return Boolean.TRUE.equals(transaction.execute(status -> {
            boolean removed = repository.remove(packId, hash);
            if (removed) {
                trail.add(by, EventType.PHOTOGRAPH_REMOVED, Subject.pack(packId, packName), Detail.NOTHING);
            }
            return removed;
        }));
    }

    public Optional<byte[]> picture(String hash) {
        return repository.picture(hash);
    }

    public Optional<byte[]> thumbnail(String hash) {
        return repository.thumbnail(hash);
    }

    private Picture read(SentPicture sent) throws IOException {
        try {
            if (!reading.tryAcquire(LONGEST_WAIT.toMillis(), TimeUnit.MILLISECONDS)) {
                throw new PicturesBusyException();
            }
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new PicturesBusyException();
        }
        try {
            return Picture.read(sent.file().readAllBytes(), sent.gone());
        } finally {
            reading.release();
        }
    }
}
