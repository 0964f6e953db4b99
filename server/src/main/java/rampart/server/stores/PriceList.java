package rampart.server.stores;

import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import rampart.core.cost.Prices;
import rampart.server.history.Histories;
import rampart.server.history.History;
import rampart.server.history.Version;
import rampart.server.house.Detail;
import rampart.server.house.House;
import rampart.server.house.Subject;
import rampart.server.house.Trail;
import rampart.server.house.Trail.EventType;
import rampart.server.persistence.EntryRepository.Kind;

/** What the house pays for material; each change is kept. */
@Service
public class PriceList {
    private final History<KeptPrice> prices;
    private final House house;
    private final Trail trail;

    PriceList(Histories histories, House house, Trail trail) {
        this.prices = histories.of(Kind.price, KeptPrice.FORM);
        this.house = house;
        this.trail = trail;
    }

    /** The newest of each material that ever had one, by material. */
    public List<Version<KeptPrice>> newest() {
        return prices.newest().stream()
                .sorted(Comparator.comparing(Version::id))
                .toList();
    }

    /** All of one material, newest first. */
    public List<Version<KeptPrice>> history(String material) {
        return prices.of(material);
    }

    /** The present prices, as a computation takes them. */
    public Prices today() {
        Map<String, Double> perUnit = new HashMap<>();
        for (Version<KeptPrice> price : prices.present()) {
            perUnit.put(price.id(), price.value().amount());
        }
        return new Prices(house.ways().currency(), perUnit);
    }

    /**
     * Sets a price, or takes it away where the amount is empty.
     *
     * @param seen the version that the person saw, 0 where there was none
     * @return false if somebody changed it in between
     */
    @Transactional
    public boolean set(String material, OptionalDouble amount, String source, long seen, String by) {
        KeptPrice price = new KeptPrice(amount.isPresent() ? amount.getAsDouble() : null, source);
        boolean done = (amount.isPresent()
                        ? prices.set(material, price, seen, by)
                        : prices.remove(material, price, seen, by))
                .isPresent();
        if (done) {
            trail.add(
                    by,
                    EventType.STORES_CHANGED,
                    new Subject(Subject.Kind.price, material, material),
                    new Detail.Price(price.amount(), house.ways().currency()));
        }
        return done;
    }
}
