package rampart.core.cushion;

import rampart.core.material.Foam;

/**
 * One cushion layer as a drop meets it: springs in parallel, on one struck side or on several.
 *
 * @param layer index in the pack's layers
 * @param movingMassKg mass it carries (rule 9)
 * @param bare true where a struck face has no thickness or no bearing area: the layer is rigid for this drop (rule 15)
 * @param side of each spring, which of the struck faces it lies on, counted from 0
 * @param areaM2 bearing area of each spring
 * @param thicknessM thickness of each, creep-thinned where rule 21 says so
 */
public record DropLayer(
        int layer, Foam foam, double movingMassKg, boolean bare, int[] side, double[] areaM2, double[] thicknessM) {
    /** False where the layer is rigid for this drop. */
    public boolean acts() {
        return !bare;
    }
}
