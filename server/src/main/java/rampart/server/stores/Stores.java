package rampart.server.stores;

import java.util.ArrayList;
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
import rampart.core.words.Quantity;
import rampart.server.house.House;
import rampart.server.house.Trail;
import rampart.server.house.Trail.EventType;
import rampart.server.persistence.StockRepository;
import rampart.server.persistence.StockRepository.StoredCarton;
import rampart.server.persistence.StockRepository.StoredSheet;

/** Cartons and sheets that the house keeps. */
@Service
public class Stores {
    private final StockRepository stock;
    private final House house;
    private final Trail trail;

    Stores(StockRepository stock, House house, Trail trail) {
        this.house = house;
        this.stock = stock;
        this.trail = trail;
    }

    /** Smallest first. */
    public List<StoredCarton> cartons() {
        return stock.cartons();
    }

    /** What searches may take from: cartons, and by material the thicknesses of sheets. */
    public Stock onHand() {
        Map<String, List<Double>> sheets = new TreeMap<>();
        for (StoredSheet sheet : sheets()) {
            sheets.computeIfAbsent(sheet.foam(), id -> new ArrayList<>()).add(sheet.thicknessMm());
        }
        return new Stock(cartons().stream().map(StoredCarton::carton).toList(), sheets);
    }

    public List<StoredSheet> sheets() {
        return stock.sheets();
    }

    public Optional<StoredCarton> carton(String id) {
        return stock.carton(id);
    }

    /** Puts all of this into the stores at once. */
    @Transactional
    public void fill(List<StoredCarton> cartons, List<StoredSheet> sheets, String by) {
        cartons.forEach(carton -> stock.add(carton.carton(), carton.source()));
        sheets.forEach(stock::add);
        trail.add(by, EventType.STORES_CHANGED, cartons.size() + " cartons and " + sheets.size() + " sheets", "added");
    }

    @Transactional
    public StoredCarton addCarton(String name, Size inside, String board, String source, String by) {
        StockCarton carton = new StockCarton(UUID.randomUUID().toString(), name, inside, board);
        stock.add(carton, source);
        trail.add(
                by,
                EventType.STORES_CHANGED,
                "carton " + name,
                "added, " + words(inside) + ", " + board + from(source));
        return stock.carton(carton.id()).orElseThrow();
    }

    /** Changes a carton at this version; empty if somebody changed or removed it in between. */
    @Transactional
    public Optional<StoredCarton> changeCarton(StockCarton carton, String source, long version, String by) {
        if (!stock.change(carton, source, version)) {
            return Optional.empty();
        }
        trail.add(
                by,
                EventType.STORES_CHANGED,
                "carton " + carton.name(),
                "changed, " + words(carton.inside()) + ", " + carton.board() + from(source));
        return stock.carton(carton.id());
    }

    /** False where there is no such carton. */
    @Transactional
    public boolean removeCarton(String id, String by) {
        Optional<StoredCarton> stored = stock.carton(id);
        stored.ifPresent(carton -> trail.add(
                by, EventType.STORES_CHANGED, "carton " + carton.carton().name(), "removed"));
        return stored.isPresent() && stock.removeCarton(id);
    }

    /** False where the foam lies in this thickness already. */
    @Transactional
    public boolean addSheet(StoredSheet sheet, String by) {
        boolean added = stock.add(sheet);
        if (added) {
            trail.add(by, EventType.STORES_CHANGED, "sheet " + sheet.foam(), "added, " + said(sheet.thicknessMm()));
        }
        return added;
    }

    /** False where the foam does not lie in this thickness. */
    @Transactional
    public boolean removeSheet(String foam, double thicknessMm, String by) {
        boolean removed = stock.removeSheet(foam, thicknessMm);
        if (removed) {
            trail.add(by, EventType.STORES_CHANGED, "sheet " + foam, "removed, " + said(thicknessMm));
        }
        return removed;
    }

    private static String from(String source) {
        return source.isBlank() ? "" : "; source: " + source;
    }

    /** The trail is written in the units that the house has at the time. */
    private String words(Size inside) {
        return house.wording().sizeToCut(inside) + " inside";
    }

    private String said(double mm) {
        return house.wording().amount(Quantity.cut(mm)).toString();
    }
}
