package rampart.server.stores;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import rampart.core.box.StockCarton;
import rampart.core.quantity.Size;
import rampart.core.search.Stock;
import rampart.formats.kept.KeptForm;
import rampart.server.history.Histories;
import rampart.server.history.History;
import rampart.server.history.Version;
import rampart.server.house.Detail;
import rampart.server.house.Subject;
import rampart.server.house.Trail;
import rampart.server.house.Trail.EventType;
import rampart.server.persistence.EntryRepository.Kind;

/** Cartons and sheets that the house keeps. */
@Service
public class Stores {
    private static final Comparator<StoredCarton> SMALLEST_FIRST = Comparator.comparingDouble(
                    (StoredCarton c) -> c.carton().inside().volumeMm3())
            .thenComparing(c -> c.carton().name())
            .thenComparing(c -> c.carton().id());

    private final History<KeptCarton> cartons;
    private final History<StoredSheet> sheets;
    private final Trail trail;

    Stores(Histories histories, Trail trail) {
        this.cartons = histories.of(Kind.carton, KeptCarton.FORM);
        this.sheets = histories.of(Kind.sheet, StoredSheet.FORM);
        this.trail = trail;
    }

    /** A carton as it is kept; inside size in mm. */
    record KeptCarton(String name, double lengthMm, double widthMm, double heightMm, String board, String source) {
        static final KeptForm<KeptCarton> FORM = KeptForm.of("carton", KeptCarton.class);

        static KeptCarton of(StockCarton carton, String source) {
            Size inside = carton.inside();
            return new KeptCarton(
                    carton.name(), inside.lengthMm(), inside.widthMm(), inside.heightMm(), carton.board(), source);
        }

        Detail.Carton detail(Detail.Change change) {
            return new Detail.Carton(change, lengthMm, widthMm, heightMm, board, source);
        }
    }

    private static StoredCarton stored(Version<KeptCarton> kept) {
        KeptCarton carton = kept.value();
        return new StoredCarton(
                new StockCarton(
                        kept.id(),
                        carton.name(),
                        new Size(carton.lengthMm(), carton.widthMm(), carton.heightMm()),
                        carton.board()),
                carton.source(),
                kept.version());
    }

    /** Smallest first. */
    public List<StoredCarton> cartons() {
        return cartons.present().stream()
                .map(Stores::stored)
                .sorted(SMALLEST_FIRST)
                .toList();
    }

    /** What searches may take from: cartons, and by material the thicknesses of sheets. */
    public Stock onHand() {
        Map<String, List<Double>> sheets = new TreeMap<>();
        for (StoredSheet sheet : sheets()) {
            sheets.computeIfAbsent(sheet.foam(), id -> new ArrayList<>()).add(sheet.thicknessMm());
        }
        return new Stock(cartons().stream().map(StoredCarton::carton).toList(), sheets);
    }

    /** By foam, thinnest first. */
    public List<StoredSheet> sheets() {
        return sheets.present().stream()
                .map(Version::value)
                .sorted(Comparator.comparing(StoredSheet::foam).thenComparingDouble(StoredSheet::thicknessMm))
                .toList();
    }

    public Optional<StoredCarton> carton(String id) {
        return cartons.present(id).map(Stores::stored);
    }

    /** Puts all of this into the stores at once. */
    @Transactional
    public void fill(List<StoredCarton> some, List<StoredSheet> others, String by) {
        some.forEach(c -> cartons.set(c.carton().id(), KeptCarton.of(c.carton(), c.source()), 0, by));
        others.forEach(sheet -> sheets.set(sheet.id(), sheet, 0, by));
        trail.add(
                by,
                EventType.STORES_CHANGED,
                new Subject(Subject.Kind.stores, "", ""),
                new Detail.Filled(some.size(), others.size()));
    }

    @Transactional
    public StoredCarton addCarton(String name, Size inside, String board, String source, String by) {
        StockCarton carton = new StockCarton(UUID.randomUUID().toString(), name, inside, board);
        return changeCarton(carton, source, 0, by).orElseThrow();
    }

    /** Changes a carton at this version; empty if somebody changed or removed it in between. */
    @Transactional
    public Optional<StoredCarton> changeCarton(StockCarton carton, String source, long version, String by) {
        KeptCarton kept = KeptCarton.of(carton, source);
        boolean there = version == 0 || cartons.present(carton.id()).isPresent();
        Optional<Version<KeptCarton>> changed = there ? cartons.set(carton.id(), kept, version, by) : Optional.empty();
        changed.ifPresent(done -> trail.add(
                by,
                EventType.STORES_CHANGED,
                new Subject(Subject.Kind.carton, carton.id(), carton.name()),
                kept.detail(version == 0 ? Detail.Change.added : Detail.Change.changed)));
        return changed.map(Stores::stored);
    }

    /** False where there is no such carton. */
    @Transactional
    public boolean removeCarton(String id, String by) {
        Optional<Version<KeptCarton>> there = cartons.present(id);
        if (there.isEmpty()
                || cartons.remove(id, there.get().value(), there.get().version(), by)
                        .isEmpty()) {
            return false;
        }
        KeptCarton carton = there.get().value();
        trail.add(
                by,
                EventType.STORES_CHANGED,
                new Subject(Subject.Kind.carton, id, carton.name()),
                carton.detail(Detail.Change.removed));
        return true;
    }

    /** False where the foam lies in this thickness already. */
    @Transactional
    public boolean addSheet(StoredSheet sheet, String by) {
        Optional<Version<StoredSheet>> before = sheets.newest(sheet.id());
        if (before.isPresent() && !before.get().gone()) {
            return false;
        }
        long seen = before.map(Version::version).orElse(0L);
        return sheets.set(sheet.id(), sheet, seen, by).isPresent() && tell(sheet, Detail.Change.added, by);
    }

    /** False where the foam does not lie in this thickness. */
    @Transactional
    public boolean removeSheet(String foam, double thicknessMm, String by) {
        String id = new StoredSheet(foam, thicknessMm, "").id();
        Optional<Version<StoredSheet>> there = sheets.present(id);
        return there.isPresent()
                && sheets.remove(id, there.get().value(), there.get().version(), by)
                        .isPresent()
                && tell(there.get().value(), Detail.Change.removed, by);
    }

    private boolean tell(StoredSheet sheet, Detail.Change change, String by) {
        trail.add(
                by,
                EventType.STORES_CHANGED,
                new Subject(Subject.Kind.sheet, sheet.id(), sheet.foam()),
                new Detail.Sheet(change, sheet.thicknessMm()));
        return true;
    }
}
