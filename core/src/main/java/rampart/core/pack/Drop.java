package rampart.core.pack;

import java.util.List;
import java.util.OptionalDouble;
import rampart.core.cushion.Impact;

/**
 * One of the 26 drops, at its worst over temperatures, laws and load factors.
 *
 * @param cosine direction along each struck face, 0 to 1 (rule 12)
 * @param counted true where the journey's sequence counts it
 * @param worst the case of the highest G
 * @param lockUpFraction the largest over all cases, not only the worst (rule 20)
 * @param tips true where the item is so far off centre that it tips (rule 19)
 * @param simulatedG peak G of the time simulation at its worst; empty where none was asked for or needed (rule 34)
 */
public record Drop(
        DropId id,
        List<Double> cosine,
        boolean counted,
        Impact worst,
        double lockUpFraction,
        boolean tips,
        OptionalDouble simulatedG) {
    /** The G that counts: the higher of the closed form and the simulation, where there is one. */
    public double g() {
        return Math.max(worst.g(), simulatedG.orElse(0));
    }

    /** This drop with what the time simulation gives for it. */
    Drop simulated(double peakG) {
        return new Drop(id, cosine, counted, worst, lockUpFraction, tips, OptionalDouble.of(peakG));
    }

    /** How far the item moves along the drop direction at the peak, mm. */
    public double travelMm() {
        double travel = 0;
        for (Impact.LayerPeak peak : worst.layers()) {
            for (int i = 0; i < cosine.size(); i++) {
                // Every struck face moves with the same travel; one along the direction tells it.
                if (cosine.get(i) > 0) {
                    travel += peak.squeezeMm()[i] / cosine.get(i);
                    break;
                }
            }
        }
        return travel;
    }
}
