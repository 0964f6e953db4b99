package rampart.core.cushion;

import java.util.List;

/**
 * One drop in one condition, solved.
 *
 * @param g peak acceleration of the item, G
 * @param capped true where no layer acts or G is above the cap
 * @param withinRamp true where no struck spring of any layer that acts is pressed beyond its first ramp
 * @param temperatureC temperature of the cushions
 * @param repeated true for the law of impacts 2 to 5
 * @param loadFactor share of the heaviest quarter (rule 19)
 * @param layers what each cushion layer takes, innermost first
 */
public record Impact(
        double g,
        boolean capped,
        boolean withinRamp,
        double temperatureC,
        boolean repeated,
        double loadFactor,
        List<LayerPeak> layers) {

    /** The largest fraction of lock-up over all layers and struck faces; 1 for a capped drop (rules 17 and 20). */
    public double lockUpFraction() {
        if (capped) {
            return 1;
        }
        double largest = 0;
        for (LayerPeak peak : layers) {
            for (double fraction : peak.lockUpFraction()) {
                largest = Math.max(largest, fraction);
            }
        }
        return largest;
    }

    /**
     * What one cushion layer takes at the peak. Arrays run over the struck faces.
     *
     * @param acts false where a bare face makes the layer rigid
     * @param forceN force along the drop direction
     * @param stressKpa stress in the cushion
     * @param strain share of the thickness it is pressed by
     * @param squeezeMm how far the cushion is pressed in, square to the face
     * @param lockUpFraction strain over lock-up strain
     * @param energyJ energy absorbed
     */
    public record LayerPeak(
            int layer,
            boolean acts,
            double forceN,
            double[] stressKpa,
            double[] strain,
            double[] squeezeMm,
            double[] lockUpFraction,
            double energyJ) {}
}
