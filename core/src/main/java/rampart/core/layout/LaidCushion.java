package rampart.core.layout;

import java.util.List;
import java.util.Optional;
import rampart.core.bed.BedShape;
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
 * @param outside of the layer and all that is inside it, mm
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
        Size outside,
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

    /** True where it stands in pads. */
    public boolean inPads() {
        return form.match(full -> false, pads -> true, corners -> false, bed -> false);
    }

    /** True where it stands in blocks at the corners. */
    public boolean atCorners() {
        return form.match(full -> false, pads -> false, corners -> true, bed -> false);
    }

    /** What is cut to the item, where this is a bed. */
    public Optional<BedShape> bed() {
        return form.match(
                full -> Optional.empty(),
                pads -> Optional.empty(),
                corners -> Optional.empty(),
                bed -> Optional.of(bed.shape()));
    }

    /** What presses on it beside the weight, N: the lid and the ties of a bed (rule 54). */
    public double holdN() {
        return lidN() + bed().map(BedShape::tiesN).orElse(0.0);
    }

    /** What the lid of a bed alone presses on it, N. */
    public double lidN() {
        return bed().map(shape -> shape.lidN(lidKpa())).orElse(0.0);
    }

    /** What the lid of a bed presses with, kPa (rule 54). */
    public double lidKpa() {
        return bed().map(shape -> foam.pressKpa(shape.holdDownMm() / thicknessMm.top()))
                .orElse(0.0);
    }

    /** What the bottom bears while it lies: the weight and what holds it down, kPa (rules 21 and 49). */
    public double restingKpa() {
        return staticStressKpa(Face.BOTTOM) + holdN() / (bearingMm2.bottom() * 1e-6) * 1e-3;
    }

    /** Area over thickness of the bottom, summed over what bears, m (rules 23 and 49). */
    public double bottomAreaOverThicknessM() {
        double sum = 0;
        for (ContactPatch patch : patches) {
            if (patch.face() == Face.BOTTOM) {
                sum += patch.areaMm2() / patch.thicknessMm();
            }
        }
        return sum * 1e-3;
    }

    /** Load at rest on this face, kPa (rule 9); infinite where nothing bears. */
    public double staticStressKpa(Face face) {
        return movingMassKg * Units.STANDARD_GRAVITY / (bearingMm2.on(face) * 1e-6) * 1e-3;
    }
}
