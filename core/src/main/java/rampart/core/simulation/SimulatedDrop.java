package rampart.core.simulation;

import java.util.List;
import rampart.core.cushion.DropLayer;

/**
 * One drop in one condition, as a simulation takes it.
 *
 * @param layers cushion layers, innermost first
 * @param cosine the drop direction along each struck face
 * @param heightM drop height
 * @param loadFactor multiplies every mass (rule 19)
 */
public record SimulatedDrop(
        List<DropLayer> layers,
        double[] cosine,
        double heightM,
        double temperatureC,
        boolean repeated,
        double loadFactor) {
    public SimulatedDrop {
        layers = List.copyOf(layers);
    }
}
