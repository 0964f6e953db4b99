package rampart.core.drop;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import rampart.core.cushion.Impact;

/**
 * One of the 26 drops, at its worst over temperatures, laws and load factors.
 *
 * @param cosine direction along each struck face, 0 to 1 (rule 12)
 * @param counted true where the journey's sequence counts it
 * @param worst the case of the highest G
 * @param lockUpFraction the largest over all cases, not only the worst, worked in time too where that was done (rule 20)
 * @param tilt what the item does because its mass is off the middle of what bears it (rules 19 and 57)
 * @param inTime empty where the drop was not worked in time
 */
public record Drop(
        DropId id,
        List<Double> cosine,
        boolean counted,
        Impact worst,
        double lockUpFraction,
        Tilt tilt,
        Optional<InTime> inTime) {
    /** What an item does in a flat drop whose mass lies off the middle of what bears it. */
    public enum Tilt {
        STANDS,
        /** So far off centre that it tips. */
        TIPS,
        /** Its mass lies outside what bears it. */
        TOPPLES
    }

    /**
     * The same drop worked in time, each figure at its worst over all conditions (rule 34).
     *
     * @param g peak acceleration of the item, G
     * @param velocityChangeMps of the item, from the floor to the end of its rebound
     * @param lockUpFraction largest share of lock-up
     */
    public record InTime(double g, double velocityChangeMps, double lockUpFraction) {
        static final InTime NOTHING = new InTime(0, 0, 0);

        /** Each figure at its worse. */
        public InTime or(InTime other) {
            return new InTime(
                    Math.max(g, other.g),
                    Math.max(velocityChangeMps, other.velocityChangeMps),
                    Math.max(lockUpFraction, other.lockUpFraction));
        }
    }

    /** The G that counts: the higher of the closed form and the simulation, where there is one. */
    public double g() {
        return Math.max(worst.g(), simulatedG().orElse(0));
    }

    /** Peak G of the time simulation; empty where none was asked for or needed. */
    public OptionalDouble simulatedG() {
        return inTime.isPresent() ? OptionalDouble.of(inTime.get().g()) : OptionalDouble.empty();
    }

    /** This drop with what the time simulation gives for it. */
    public Drop with(InTime worked) {
        return new Drop(
                id, cosine, counted, worst, Math.max(lockUpFraction, worked.lockUpFraction), tilt, Optional.of(worked));
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
