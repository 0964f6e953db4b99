package rampart.core.item;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import rampart.core.quantity.Require;

/**
 * What the item is, beyond size, mass and fragility.
 *
 * @param surfaces what the packing lies against
 * @param bearsKpa lasting pressure that it bears; empty where nobody knows
 * @param pieces what it is made up of, where it is several equal things
 */
public record ItemProperties(
        List<Feature> features, Set<Surface> surfaces, OptionalDouble bearsKpa, Optional<Pieces> pieces) {
    /** Of one thing. */
    public static ItemProperties ofOne(List<Feature> features, Set<Surface> surfaces, OptionalDouble bearsKpa) {
        return new ItemProperties(features, surfaces, bearsKpa, Optional.empty());
    }

    /** Nothing is known. */
    public static final ItemProperties UNKNOWN = ofOne(List.of(), Set.of(), OptionalDouble.empty());

    public ItemProperties {
        features = List.copyOf(features);
        surfaces = Set.copyOf(surfaces);
        bearsKpa.ifPresent(kpa -> Require.positive(kpa, "pressure that the item bears in kPa"));
    }

    /** The same lying another way; empty where its pieces cannot. */
    Optional<ItemProperties> moved(Turn turn) {
        List<Feature> moved = features.stream().map(f -> f.moved(turn::to)).toList();
        return pieces.isEmpty()
                ? Optional.of(with(moved))
                : pieces.get().turned(turn).map(set -> new ItemProperties(moved, surfaces, bearsKpa, Optional.of(set)));
    }

    /** The same with other features. */
    ItemProperties with(List<Feature> others) {
        return new ItemProperties(others, surfaces, bearsKpa, pieces);
    }
}
