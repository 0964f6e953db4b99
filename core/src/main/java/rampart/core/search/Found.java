package rampart.core.search;

import java.util.List;
import rampart.core.layout.Layer;

/**
 * A wall that holds.
 *
 * @param stock id of the stock carton it goes into; empty for one made to size
 * @param nested true for a box in a box
 */
record Found(ParetoFront.Figures figures, List<Layer> layers, String stock, boolean nested) {}
