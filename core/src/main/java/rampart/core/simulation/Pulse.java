package rampart.core.simulation;

import java.util.List;

/**
 * What a simulated drop did, from the touch of the floor to the top of the rebound.
 *
 * @param peakG peak acceleration of the item, as an accelerometer on it reads, G
 * @param peakS when that is, s after the floor is touched
 * @param whole false where it was broken off before the item was free again: a higher peak may have been missed
 * @param capped true where the cushions are pressed solid or none acts; peakG is then the cap
 * @param impactMps speed at the floor
 * @param velocityChangeMps integral of the item's acceleration
 * @param durationS time between the points at a tenth of the peak
 * @param layers what each acting layer went through, innermost first
 * @param energy where the energy went
 * @param moments the course of it, in time
 */
public record Pulse(
        double peakG,
        double peakS,
        boolean whole,
        boolean capped,
        double impactMps,
        double velocityChangeMps,
        double durationS,
        List<LayerCourse> layers,
        Energy energy,
        List<Moment> moments) {

    /** The largest share of lock-up of any spring. */
    public double lockUpFraction() {
        double largest = 0;
        for (LayerCourse layer : layers) {
            for (double fraction : layer.lockUpFraction()) {
                largest = Math.max(largest, fraction);
            }
        }
        return largest;
    }

    /**
     * One layer's greatest travel along the drop.
     *
     * @param layer index in the pack's layers
     * @param travelM greatest travel
     * @param strain strain of each struck face then
     * @param lockUpFraction that strain over lock-up
     */
    public record LayerCourse(int layer, double travelM, double[] strain, double[] lockUpFraction) {}

    /**
     * The energy balance, J.
     *
     * @param fallJ kinetic at the floor
     * @param gravityJ work of gravity since
     * @param absorbedJ taken up by the cushions and not given back
     * @param kineticJ left in motion at the end
     */
    public record Energy(double fallJ, double gravityJ, double absorbedJ, double kineticJ) {
        /** What the balance misses, over the fall's energy; 0 where no cushion acts and nothing was followed. */
        public double error() {
            return fallJ == 0 ? 0 : (fallJ + gravityJ - absorbedJ - kineticJ) / fallJ;
        }
    }

    /**
     * One moment.
     *
     * @param timeS since the floor was touched
     * @param g acceleration of the item, G
     * @param velocityMps of the item toward the floor
     * @param travelM of each acting layer, innermost first
     */
    public record Moment(double timeS, double g, double velocityMps, double[] travelM) {}
}
