package rampart.core.cut;

import java.util.OptionalDouble;
import rampart.core.cost.Prices;
import rampart.core.layout.Layout;
import rampart.core.material.Catalogue;
import rampart.core.pack.Pack;

/** What the foam, the board and the wraps of a pack cost: what {@link MaterialUse} counts. */
public final class MaterialCost {
    private MaterialCost() {}

    /** The sum; empty where some part has no price. */
    public static OptionalDouble of(Pack pack, Layout layout, Catalogue catalogue, Prices prices) {
        double sum = 0;
        for (MaterialUse use : MaterialUse.of(pack, layout, catalogue)) {
            OptionalDouble price = prices.of(use.id());
            if (price.isEmpty()) {
                return price;
            }
            sum += use.amount() * price.getAsDouble();
        }
        return OptionalDouble.of(sum);
    }
}
