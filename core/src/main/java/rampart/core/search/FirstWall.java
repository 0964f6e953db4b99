package rampart.core.search;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import rampart.core.cost.Prices;
import rampart.core.item.Item;
import rampart.core.journey.Journey;
import rampart.core.layout.Layer;
import rampart.core.material.Catalogue;

/**
 * The walls to begin with, the smallest of their kind in {@link WallSpace}, among equals the lightest: in a stock carton
 * of the house; in a carton made to size; and a box in a box where one carton does not hold, or where it saves a fifth of
 * the volume.
 */
public final class FirstWall {
    /** A box in a box is worth its trouble from this share of the volume of one carton down (common practice, no source). */
    static final double WORTH_IT = 0.8;

    private final Item item;
    private final Journey journey;
    private final Catalogue catalogue;
    private final Stock stock;
    private final Watcher watcher;

    FirstWall(Item item, Journey journey, Catalogue catalogue, Stock stock, Watcher watcher) {
        this.item = item;
        this.journey = journey;
        this.catalogue = catalogue;
        this.stock = stock;
        this.watcher = watcher;
    }

    /** What kind of wall it is. */
    public enum Kind {
        IN_STOCK_CARTON,
        ONE_CARTON,
        BOX_IN_BOX
    }

    /**
     * One wall to begin with.
     *
     * @param layers from the item outward
     * @param stock id of the stock carton; empty for one made to size
     */
    public record Wall(Kind kind, List<Layer> layers, String stock) {}

    /**
     * What was found.
     *
     * @param walls that hold: from stock first, then one carton, then a box in a box; empty where nothing holds
     * @param whyNot what would have to give where nothing holds
     */
    public record Answer(List<Wall> walls, Optional<WhyNot> whyNot) {
        public boolean holds() {
            return !walls.isEmpty();
        }
    }

    /**
     * The walls to begin with, or what would have to give.
     *
     * @throws IllegalArgumentException if nobody has said what the item bears: no wall could be judged
     * @throws SearchStoppedException if the watcher stops it
     */
    public static Answer find(Item item, Journey journey, Catalogue catalogue, Stock stock, Watcher watcher) {
        if (item.fragility().leastLimitG().isEmpty()) {
            throw new IllegalArgumentException("a first wall needs to know what the item bears, in G");
        }
        FirstWall search = new FirstWall(item, journey, catalogue, stock, watcher);
        List<Wall> walls = search.walls();
        return walls.isEmpty()
                ? new Answer(List.of(), Optional.of(search.whyNot()))
                : new Answer(walls, Optional.empty());
    }

    private List<Wall> walls() {
        ProposalLimits one = ProposalLimits.none(stock).in(ProposalLimits.Build.SINGLE);
        ProposalLimits nested = one.in(ProposalLimits.Build.BOX_IN_BOX);
        Optional<Found> made = smallest(one, Double.POSITIVE_INFINITY);
        Optional<Found> boxInBox = smallest(
                nested, made.map(m -> WORTH_IT * m.figures().volumeMm3()).orElse(Double.POSITIVE_INFINITY));
        Optional<Found> ready = stock.cartons().isEmpty()
                ? Optional.empty()
                : smallest(one.fromStock(), Double.POSITIVE_INFINITY)
                        .or(() -> made.isEmpty()
                                ? smallest(nested.fromStock(), Double.POSITIVE_INFINITY)
                                : Optional.empty());
        List<Wall> walls = new ArrayList<>();
        ready.ifPresent(found -> walls.add(wall(Kind.IN_STOCK_CARTON, found)));
        made.ifPresent(found -> walls.add(wall(Kind.ONE_CARTON, found)));
        boxInBox.ifPresent(found -> walls.add(wall(Kind.BOX_IN_BOX, found)));
        return List.copyOf(walls);
    }

    private WhyNot whyNot() {
        WallSpace all = new WallSpace(item, journey, List.of(), catalogue, ProposalLimits.none(stock), Prices.NONE);
        return WhyNot.of(item, journey, catalogue, all, watcher);
    }

    private static Wall wall(Kind kind, Found found) {
        return new Wall(kind, found.layers(), found.stock());
    }

    private Optional<Found> smallest(ProposalLimits limits, double underMm3) {
        WallSpace space = new WallSpace(item, journey, List.of(), catalogue, limits, Prices.NONE);
        WallSearch search = new WallSearch(item, journey, catalogue, space, new Smallest(underMm3), watcher);
        return search.run(space.frames()).stream().findFirst();
    }
}
