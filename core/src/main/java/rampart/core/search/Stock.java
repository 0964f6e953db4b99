package rampart.core.search;

import java.util.List;
import java.util.Map;
import rampart.core.box.StockCarton;

/**
 * What lies in the store of the house.
 *
 * @param cartons ready to be taken
 * @param sheetsMm by id of the material, the thicknesses of the sheets that lie there
 */
public record Stock(List<StockCarton> cartons, Map<String, List<Double>> sheetsMm) {
    /** Nothing. */
    public static final Stock NONE = new Stock(List.of(), Map.of());

    public Stock {
        cartons = List.copyOf(cartons);
        sheetsMm = Map.copyOf(sheetsMm);
    }
}
