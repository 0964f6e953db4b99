package rampart.core.layout;

import java.util.List;
import rampart.core.material.Foam;
import rampart.core.quantity.Face;
import rampart.core.quantity.SixSided;
import rampart.core.quantity.Size;
import rampart.core.quantity.Units;

/**
 * A cushion layer in its place.
 *
 * @param layer index in the pack's layers
 * @param body what it bears on: the nearest box inward, or the bare item, mm (rule 8)
 * @param bearingMm2 area that bears on each face, mm2
 * @param padMm2 area of one pad on each face, mm2
 * @param patches where it bears: the springs of a drop
 * @param movingMassKg item and all boxes and cushions inward of it (rule 9)
 */
public record LaidCushion(
        int layer,
        Foam foam,
        CushionForm form,
        Size body,
        SixSided thicknessMm,
        SixSided bearingMm2,
        SixSided padMm2,
        List<ContactPatch> patches,
        double massKg,
        double movingMassKg) {

    /** True where this face has both thickness and bearing area. */
    public boolean cushions(Face face) {
        return thicknessMm.on(face) > 0 && bearingMm2.on(face) > 0;
    }

    /** Load at rest on this face, kPa (rule 9); infinite where nothing bears. */
    public double staticStressKpa(Face face) {
        return movingMassKg * Units.STANDARD_GRAVITY / (bearingMm2.on(face) * 1e-6) * 1e-3;
    }
}
