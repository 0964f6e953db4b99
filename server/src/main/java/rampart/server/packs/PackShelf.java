package rampart.server.packs;

import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import rampart.core.material.Catalogue;
import rampart.core.pack.Status;
import rampart.formats.CatalogueFile;
import rampart.formats.PackFile;
import rampart.server.house.Trail;
import rampart.server.house.Trail.Deed;
import rampart.server.store.PackRepository;
import rampart.server.store.PackRepository.Header;
import rampart.server.store.PackRepository.StoredPack;
import rampart.server.store.RevisionRepository;
import rampart.server.store.RevisionRepository.Revision;
import rampart.server.stores.Materials;

/** The packs of the house. Everything that goes in has been read as a pack file first. */
@Service
public class PackShelf {
    private final PackRepository packs;
    private final RevisionRepository revisions;
    private final Materials materials;
    private final Summaries summaries;
    private final Trail trail;
    private final Clock clock;

    PackShelf(
            PackRepository packs,
            RevisionRepository revisions,
            Summaries summaries,
            Materials materials,
            Trail trail,
            Clock clock) {
        this.summaries = summaries;
        this.trail = trail;
        this.packs = packs;
        this.revisions = revisions;
        this.materials = materials;
        this.clock = clock;
    }

    public boolean isEmpty() {
        return packs.none();
    }

    public Optional<StoredPack> byId(String id) {
        return packs.byId(id);
    }

    /** A pack with what its card shows. */
    public record OnShelf(Header header, Summary summary) {}

    /**
     * The packs a person looks for.
     *
     * @param text stands in name or note
     * @param verdict only those of this verdict
     * @param kind only those built so
     */
    public List<OnShelf> search(String text, Optional<Status> verdict, Optional<Kind> kind, Sort sort) {
        return packs.headers(text).stream()
                .flatMap(header -> summaries.of(header).map(s -> new OnShelf(header, s)).stream())
                .filter(pack ->
                        verdict.isEmpty() || verdict.get() == pack.summary().verdict())
                .filter(pack -> kind.isEmpty() || kind.get() == pack.summary().kind())
                .sorted(sort.order())
                .toList();
    }

    /** Sets what is remembered of the item; false if there is no such pack. */
    public boolean setNote(String id, String note) {
        return packs.setNote(id, note);
    }

    /** Puts a pack file on the shelf; layers and features without an id get one. */
    @Transactional
    public StoredPack add(byte[] file, String author) {
        String id = UUID.randomUUID().toString();
        PackFile pack = PackFile.read(file).withIds();
        packs.add(id, text(pack), author, clock.instant());
        trail.add(author, Deed.PACK_ADDED, pack.name(), id);
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

    /** Takes the pack off the shelf; false if it is not there. */
    @Transactional
    public boolean delete(String id, String by) {
        Optional<StoredPack> stored = packs.byId(id);
        stored.ifPresent(pack -> trail.add(by, Deed.PACK_DELETED, pack.file().name(), id));
        return stored.isPresent() && packs.delete(id, clock.instant());
    }

    /** Puts a deleted pack back; false if there is none of this id. */
    @Transactional
    public boolean restore(String id, String by) {
        if (!packs.restore(id)) {
            return false;
        }
        trail.add(by, Deed.PACK_RESTORED, packs.byId(id).orElseThrow().file().name(), id);
        return true;
    }

    /** Newest first. */
    public List<Revision> revisions(String id) {
        return revisions.of(id);
    }

    public Optional<Revision> revision(String id, int number) {
        return revisions.byNumber(id, number);
    }

    /** The catalogue that a revision was made on; the house's own materials stand in its file. */
    public Catalogue catalogue(Revision revision) {
        return CatalogueFile.read(revisions.catalogue(revision));
    }

    /** Freezes the draft at this version; empty if it is not at this version any more. */
    @Transactional
    public Optional<Revision> freeze(String id, long version, String note, String author) {
        Optional<Revision> made = revisions.freeze(
                id, version, CatalogueFile.of(materials.house().catalogue()), note, author, clock.instant());
        made.ifPresent(revision -> trail.add(
                author,
                Deed.REVISION_MADE,
                packs.byId(id).orElseThrow().file().name(),
                "revision " + revision.number() + (note.isBlank() ? "" : ": " + note)));
        return made;
    }

    private static String text(PackFile file) {
        return new String(file.write(), StandardCharsets.UTF_8);
    }
}
