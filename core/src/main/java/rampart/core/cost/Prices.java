package rampart.core.cost;

import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import rampart.core.quantity.Require;

/**
 * What the house pays for material, in one currency.
 *
 * @param currency as people write it; empty where there are no prices
 * @param perUnit by material id: a foam by the litre, a board or a wrap by the square metre
 */
public record Prices(String currency, Map<String, Double> perUnit) {
    /** No material has a price. */
    public static final Prices NONE = new Prices("", Map.of());

    public Prices {
        perUnit = Map.copyOf(perUnit);
        perUnit.forEach((id, price) -> Require.notNegative(price, "price of " + id));
    }

    /** Price of this material; empty where nobody has given one. */
    public OptionalDouble of(String material) {
        return Optional.ofNullable(perUnit.get(material))
                .map(OptionalDouble::of)
                .orElse(OptionalDouble.empty());
    }
}
