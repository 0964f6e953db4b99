package rampart.server.packs;

import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Service;
import rampart.core.material.Catalogue;
import rampart.formats.CatalogueFile;
import rampart.formats.PackFile;
import rampart.server.store.PackRepository;
import rampart.server.store.PackRepository.StoredPack;
import rampart.server.store.RevisionRepository;
import rampart.server.store.RevisionRepository.Revision;

/** The packs of the house. Everything that goes in has been read as a pack file first. */
@Service
public class PackShelf {
    private final PackRepository packs;
    private final RevisionRepository revisions;
    private final CatalogueFile catalogue;
    private final Clock clock;

    PackShelf(PackRepository packs, RevisionRepository revisions, Catalogue catalogue, Clock clock) {
        this.packs = packs;
        this.revisions = revisions;
        this.catalogue = CatalogueFile.of(catalogue);
        this.clock = clock;
    }

    public boolean isEmpty() {
        return packs.count("") == 0;
    }

    public Optional<StoredPack> byId(String id) {
        return packs.byId(id);
    }

    public List<StoredPack> search(String text, int page, int size) {
        return packs.search(text, page, size);
    }

    public long count(String text) {
        return packs.count(text);
    }

    /** Puts a pack file on the shelf; layers and features without an id get one. */
    public StoredPack add(byte[] file, String author) {
        String id = UUID.randomUUID().toString();
        packs.add(id, text(PackFile.read(file).withIds()), author, clock.instant());
        return packs.byId(id).orElseThrow();
    }

    /** What came of a save. */
    public sealed interface Saved {
        /** It is stored. */
        record Stored(StoredPack pack) implements Saved {}

        /** Somebody saved in between: the stored pack, and what was to be saved as JSON text. */
        record Stale(StoredPack theirs, String yours) implements Saved {}

        /** There is no such pack. */
        record Gone() implements Saved {}
    }

    /** Saves a draft over the version it was made from. */
    public Saved save(String id, long version, byte[] file, String author) {
        String document = text(PackFile.read(file).withIds());
        if (packs.save(id, version, document, author, clock.instant())) {
            return new Saved.Stored(packs.byId(id).orElseThrow());
        }
        Optional<StoredPack> stored = packs.byId(id);
        return stored.isPresent() ? new Saved.Stale(stored.get(), document) : new Saved.Gone();
    }

    /** Gives the draft another name, whatever its version; empty if there is no such pack. */
    public Optional<StoredPack> rename(String id, String name, String author) {
        while (true) {
            Optional<StoredPack> stored = packs.byId(id);
            if (stored.isEmpty()) {
                return stored;
            }
            String document = text(stored.get().file().named(name));
            if (packs.save(id, stored.get().version(), document, author, clock.instant())) {
                return packs.byId(id);
            }
        }
    }

    public boolean delete(String id) {
        return packs.delete(id, clock.instant());
    }

    public boolean restore(String id) {
        return packs.restore(id);
    }

    /** Newest first. */
    public List<Revision> revisions(String id) {
        return revisions.of(id);
    }

    public Optional<Revision> revision(String id, int number) {
        return revisions.byNumber(id, number);
    }

    /** Freezes the draft at this version; empty if it is not at this version any more. */
    public Optional<Revision> freeze(String id, long version, String note, String author) {
        return revisions.freeze(id, version, catalogue, note, author, clock.instant());
    }

    private static String text(PackFile file) {
        return new String(file.write(), StandardCharsets.UTF_8);
    }
}
