package rampart.core.cushion;

import rampart.core.material.Foam;

/**
 * One cushion layer as a drop meets it.
 *
 * @param layer index in the pack's layers
 * @param movingMassKg mass it carries (rule 9)
 * @param areaM2 bearing area on each struck face
 * @param thicknessM thickness on each struck face, creep-thinned where rule 21 says so
 */
public record DropLayer(int layer, Foam foam, double movingMassKg, double[] areaM2, double[] thicknessM) {
    /** False where a struck face is bare: the layer is rigid for this drop (rule 15). */
    public boolean acts() {
        for (int i = 0; i < areaM2.length; i++) {
            if (!(areaM2[i] > 0 && thicknessM[i] > 0)) {
                return false;
            }
        }
        return true;
    }
}
