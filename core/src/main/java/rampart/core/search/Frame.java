package rampart.core.search;

import java.util.List;
import java.util.Optional;
import rampart.core.box.Carton;
import rampart.core.layout.Layer;
import rampart.core.quantity.Size;

/**
 * What walls that differ in their cushions alone have in common.
 *
 * @param innerMm thickness of the only or the inner cushion all round; empty where it is what a carton leaves
 * @param innerBox between the two cushions; empty where there is one
 * @param outerMm thickness of the outer cushion all round; empty where there is none, or it is what a carton leaves
 * @param shells cartons of one outside size, the lightest first
 * @param stock id of the stock carton; empty for one made to size
 */
record Frame(
        Optional<Double> innerMm,
        Optional<Carton> innerBox,
        Optional<Double> outerMm,
        List<Shell> shells,
        String stock) {
    /**
     * An outer carton.
     *
     * @param cost of its board; 0 where cost is not compared
     */
    record Shell(Layer.Box layer, Carton carton, double cost) {
        double massKg() {
            return carton.massKg();
        }
    }

    /** True for a box in a box. */
    boolean nested() {
        return innerBox.isPresent();
    }

    /** Inside of the outer carton. */
    Size inside() {
        return shells.get(0).carton().inside();
    }

    /** Outside volume, mm3. */
    double volumeMm3() {
        return shells.get(0).carton().outside().volumeMm3();
    }
}
