package rampart.server.stores;

import java.time.Clock;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import rampart.core.cost.Prices;
import rampart.server.house.House;
import rampart.server.house.Trail;
import rampart.server.house.Trail.EventType;
import rampart.server.persistence.PriceRepository;
import rampart.server.persistence.PriceRepository.StoredPrice;

/** What the house pays for material; each change is kept. */
@Service
public class PriceList {
    private final PriceRepository prices;
    private final House house;
    private final Trail trail;
    private final Clock clock;

    PriceList(PriceRepository prices, House house, Trail trail, Clock clock) {
        this.prices = prices;
        this.house = house;
        this.trail = trail;
        this.clock = clock;
    }

    /** The newest of each material that ever had one. */
    public List<StoredPrice> newest() {
        return prices.newest();
    }

    /** All of one material, newest first. */
    public List<StoredPrice> history(String material) {
        return prices.history(material);
    }

    /** The present prices, as a computation takes them. */
    public Prices today() {
        Map<String, Double> perUnit = new HashMap<>();
        for (StoredPrice price : prices.newest()) {
            price.amount().ifPresent(amount -> perUnit.put(price.material(), amount));
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
        long now = prices.history(material).stream()
                .findFirst()
                .map(StoredPrice::version)
                .orElse(0L);
        if (now != seen || !prices.add(new StoredPrice(material, seen + 1, amount, source, clock.instant(), by))) {
            return false;
        }
        String words =
                amount.isPresent() ? amount.getAsDouble() + " " + house.ways().currency() : "taken away";
        trail.add(by, EventType.STORES_CHANGED, "price of " + material, words);
        return true;
    }
}
