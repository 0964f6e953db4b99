package rampart.server.packs;

import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import org.springframework.stereotype.Service;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.support.TransactionTemplate;
import rampart.core.evaluation.Evaluation;
import rampart.core.evaluation.Evaluator;
import rampart.core.evaluation.UnreckonableException;
import rampart.core.material.Catalogue;
import rampart.core.verdict.Status;
import rampart.core.words.Wording;
import rampart.formats.compare.Verdicts;
import rampart.formats.kept.KeptForms;
import rampart.formats.material.CatalogueFile;
import rampart.formats.pack.PackFile;
import rampart.formats.view.ReportView;
import rampart.server.house.Detail;
import rampart.server.house.Subject;
import rampart.server.house.Trail;
import rampart.server.house.Trail.EventType;
import rampart.server.persistence.CardRepository;
import rampart.server.persistence.CardRepository.Header;
import rampart.server.persistence.CardRepository.Wanted;
import rampart.server.persistence.Listed;
import rampart.server.persistence.Mark;
import rampart.server.persistence.PackRepository;
import rampart.server.persistence.PackRepository.StoredPack;
import rampart.server.persistence.RevisionRepository;
import rampart.server.persistence.RevisionRepository.Revision;
import rampart.server.persistence.TryAgain;
import rampart.server.stores.Materials;

/** The packs of the house. Everything that goes in has been read as a pack file first. */
@Service
public class PackShelf {
    private final PackRepository packs;
    private final RevisionRepository revisions;
    private final Materials materials;
    private final Summaries summaries;
    private final CardRepository cards;
    private final Catalogue standard;
    private final Verdicts verdicts;
    private final TransactionTemplate transaction;
    private final Trail trail;
    private final Clock clock;

    PackShelf(
            PackRepository packs,
            RevisionRepository revisions,
            Summaries summaries,
            CardRepository cards,
            Materials materials,
            Catalogue standard,
            Verdicts verdicts,
            PlatformTransactionManager transactions,
            Trail trail,
            Clock clock) {
        this.standard = standard;
        this.verdicts = verdicts;
        this.transaction = TryAgain.template(transactions);
        this.summaries = summaries;
        this.cards = cards;
        this.trail = trail;
        this.packs = packs;
        this.revisions = revisions;
        this.materials = materials;
        this.clock = clock;
    }

    public boolean isEmpty() {
        return packs.none();
    }

    /** The packs on the shelf saved last, at most so many, each read when its turn comes. */
    public Stream<StoredPack> newest(int most) {
        return cards.newest(most).stream().flatMap(id -> packs.byId(id).stream());
    }

    public Optional<StoredPack> byId(String id) {
        return packs.byId(id);
    }

    /** A pack with what its card shows. */
    public record OnShelf(Header header, Summary summary) {}

    /**
     * One page of what was found, and how many there are.
     *
     * @param waiting packs of which it is not known yet what they come to: they are not among those asked for by it, and last in its orders
     * @param next where the next page begins; empty where this is the last
     */
    public record Found(List<OnShelf> items, long total, long waiting, Optional<Mark> next) {}

    /**
     * The packs a person looks for.
     *
     * @param text stands in name or note
     * @param verdict only those of this verdict
     * @param kind only those built so
     * @param after where the page before ended; empty for the first
     */
    public Found search(
            String text, Optional<Status> verdict, Optional<Kind> kind, Sort sort, Optional<Mark> after, int size) {
        long waiting = 0;
        if (verdict.isPresent() || kind.isPresent() || sort.ofWhatItComesTo()) {
            waiting = summaries.workAFew();
        }
        Wanted wanted = new Wanted(text, verdict.map(Summaries::urgency), kind.map(Kind::name));
        Listed<Header> found = cards.find(wanted, sort.order(), after, size);
        Map<String, Summary> known = summaries.of(found.rows());
        return new Found(
                found.rows().stream()
                        .filter(header -> known.containsKey(header.id()))
                        .map(header -> new OnShelf(header, known.get(header.id())))
                        .toList(),
                found.total(),
                waiting,
                found.next());
    }

    /** Sets what is remembered of the item; false if there is no such pack. */
    public boolean setNote(String id, String note) {
        return packs.setNote(id, note);
    }

    /**
     * Puts a pack file on the shelf; layers and features without an id get one.
     *
     * @param key of the asker's, so that asking twice makes one pack
     * @throws UnreckonableException if nothing could be said of it
     */
    @Transactional
    public StoredPack add(byte[] file, Optional<String> key, String author) {
        PackFile pack = reckonable(file);
        String id = UUID.randomUUID().toString();
        Optional<String> before = key.flatMap(k -> packs.madeBefore(author, k, id, clock.instant()));
        if (before.isPresent()) {
            return packs.byId(before.get()).orElseThrow(DeletedSinceException::new);
        }
        packs.add(id, text(pack), author, clock.instant());
        trail.add(author, EventType.PACK_ADDED, Subject.pack(id, pack.name()), Detail.NOTHING);
        return packs.byId(id).orElseThrow();
    }

    /** Nothing gets onto the shelf of which nothing can be said. */
    private PackFile reckonable(byte[] file) {
        PackFile pack = PackFile.read(file).withIds();
        Evaluator.evaluate(pack.pack(), pack.catalogue(standard));
        return pack;
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

    /**
     * Saves a draft over the version it was made from.
     *
     * @throws UnreckonableException if nothing could be said of it
     */
    @Transactional
    public Saved save(String id, long version, byte[] file, String author) {
        String document = text(reckonable(file));
        Optional<StoredPack> stored = packs.lock(id);
        if (stored.isEmpty()) {
            return new Saved.Gone();
        }
        if (!packs.save(id, version, document, author, clock.instant())) {
            return new Saved.Stale(stored.get(), document);
        }
        return new Saved.Stored(packs.byId(id).orElseThrow());
    }

    /** Gives the draft another name, whatever its version; empty if there is no such pack. */
    @Transactional
    public Optional<StoredPack> rename(String id, String name, String author) {
        return packs.lock(id).flatMap(stored -> {
            packs.save(id, stored.version(), text(stored.file().named(name)), author, clock.instant());
            return packs.byId(id);
        });
    }

    /** Takes the pack off the shelf; false if it is not there. */
    @Transactional
    public boolean delete(String id, String by) {
        Optional<StoredPack> stored = packs.lock(id);
        stored.ifPresent(pack -> {
            trail.add(by, EventType.PACK_DELETED, Subject.pack(id, pack.name()), Detail.NOTHING);
            packs.delete(id, clock.instant());
        });
        return stored.isPresent();
    }

    /** Puts a deleted pack back; empty if there is none of this id. */
    @Transactional
    public Optional<StoredPack> restore(String id, String by) {
        if (!packs.restore(id)) {
            return Optional.empty();
        }
        Optional<StoredPack> restored = packs.byId(id);
        restored.ifPresent(
                pack -> trail.add(by, EventType.PACK_RESTORED, Subject.pack(id, pack.name()), Detail.NOTHING));
        return restored;
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

    /** What came of freezing. */
    public sealed interface Frozen {
        /** There is a revision of this version, made now or by the same request before. */
        record Made(Revision revision) implements Frozen {}

        /** This version is a revision already, with another note. */
        record Before(Revision revision) implements Frozen {}

        /** The draft is not at this version. */
        record Stale(StoredPack now) implements Frozen {}

        /** There is no such pack. */
        record Gone() implements Frozen {}
    }

    /** Freezes the draft at this version with all that is said of it. */
    public Frozen freeze(String id, long version, String note, String author) {
        // Worked out before anything is locked: heavy boxes take a while.
        Optional<StoredPack> before = packs.byId(id);
        if (before.isPresent()
                && before.get().version() == version
                && revisions.ofDraft(id, version).isEmpty()) {
            Map<String, byte[]> reports = reports(before.get().file());
            return transaction.execute(status -> freeze(id, version, reports, note, author));
        }
        return transaction.execute(status -> freeze(id, version, Map.of(), note, author));
    }

    private Frozen freeze(String id, long version, Map<String, byte[]> reports, String note, String author) {
        Optional<StoredPack> stored = packs.lock(id);
        if (stored.isEmpty()) {
            return new Frozen.Gone();
        }
        Optional<Revision> there = revisions.ofDraft(id, version);
        if (there.isPresent()) {
            return there.get().note().equals(note) ? new Frozen.Made(there.get()) : new Frozen.Before(there.get());
        }
        if (stored.get().version() != version) {
            return new Frozen.Stale(stored.get());
        }
        CatalogueFile house = CatalogueFile.of(materials.house().catalogue());
        Revision made = revisions.freeze(stored.get(), house, reports, note, author, clock.instant());
        trail.add(
                author,
                EventType.REVISION_MADE,
                Subject.pack(id, stored.get().name()),
                new Detail.RevisionMade(made.number(), note));
        return new Frozen.Made(made);
    }

    private Map<String, byte[]> reports(PackFile file) {
        Evaluation evaluation = verdicts.of(file, standard);
        Map<String, byte[]> reports = new LinkedHashMap<>();
        Wording.all()
                .forEach(wording ->
                        reports.put(wording.name(), KeptForms.REPORT.write(ReportView.of(evaluation, wording))));
        return reports;
    }

    /** What was said of a revision when it was made; where that was not kept, what is said today of its file. */
    public ReportView report(String id, Revision revision, Wording wording) {
        return revisions
                .report(id, revision.number(), wording.name())
                .map(KeptForms.REPORT::read)
                .orElseGet(() -> ReportView.of(verdicts.of(file(revision), catalogue(revision)), wording));
    }

    /** The pack file of a revision. */
    public static PackFile file(Revision revision) {
        return PackFile.read(revision.document().getBytes(StandardCharsets.UTF_8));
    }

    private static String text(PackFile file) {
        return new String(file.write(), StandardCharsets.UTF_8);
    }
}
