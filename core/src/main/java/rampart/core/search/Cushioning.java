package rampart.core.search;

import rampart.core.layout.Layer;
import rampart.core.material.Foam;

/**
 * One cushion of a wall.
 *
 * @param cost of its material; 0 where cost is not compared
 */
record Cushioning(Foam foam, Layer.Cushion layer, double massKg, double cost) {}
