package rampart.core.item;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.function.UnaryOperator;
import rampart.core.quantity.Face;
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

    /** The same with its features on other faces. */
    ItemProperties moved(UnaryOperator<Face> to) {
        return with(features.stream().map(f -> f.moved(to)).toList());
    }

    /** The same with other features. */
    ItemProperties with(List<Feature> others) {
        return new ItemProperties(others, surfaces, bearsKpa, pieces);
    }
}
