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

    /** Thicknesses in which foam is mostly sold, mm (common practice, no source). */
    private static final List<Double> USUAL_SHEETS_MM = List.of(10.0, 25.0, 50.0);

    public Stock {
        cartons = List.copyOf(cartons);
        sheetsMm = Map.copyOf(sheetsMm);
    }

    /** Thicknesses of sheets to cut this material from: those that lie in the store, the usual ones where none does. */
    public List<Double> sheetsMmOf(String material) {
        return sheetsMm.getOrDefault(material, USUAL_SHEETS_MM);
    }
}
