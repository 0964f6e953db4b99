package rampart.core.search;

import java.util.List;
import java.util.OptionalDouble;
import rampart.core.evaluation.Evaluation;
import rampart.core.layout.Layer;

/**
 * A wall that holds.
 *
 * @param layers from the item outward
 * @param stock id of the stock carton it goes into; empty for one made to size
 * @param cost of its material; empty where some part has no price
 * @param evaluation of the pack with these layers, in full
 */
public record Proposal(List<Layer> layers, String stock, OptionalDouble cost, Evaluation evaluation) {
    public Proposal {
        layers = List.copyOf(layers);
    }

    /** Outside volume, mm3. */
    public double volumeMm3() {
        return evaluation.layout().outside().volumeMm3();
    }

    /** Gross mass, kg. */
    public double massKg() {
        return evaluation.layout().grossMassKg();
    }

    /** The lowest margin of all checks, going into a stock carton among them. */
    public double margin() {
        return evaluation.lowestMargin().orElseThrow();
    }
}
