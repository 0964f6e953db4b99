package rampart.core.insert;

import rampart.core.bed.BedShape;
import rampart.core.layout.LaidCushion;
import rampart.core.quantity.Cuboid;
import rampart.core.quantity.SixSided;
import rampart.core.quantity.Size;

/**
 * The block that a bed is cut from.
 *
 * @param at in mm from the middle of the item
 * @param splitMm height at which base and lid part, within the block
 */
public record BedBlock(Cuboid at, double splitMm) {
    /** @throws IllegalArgumentException if the cushion is no bed */
    public static BedBlock of(LaidCushion cushion) {
        BedShape bed = cushion.bed().orElseThrow(() -> new IllegalArgumentException("this cushion is no bed"));
        SixSided mm = cushion.thicknessMm();
        Size size = bed.size();
        double wraps = (cushion.outside().lengthMm() - size.lengthMm() - mm.left() - mm.right()) / 2;
        Cuboid at = Cuboid.centred(size).grown(SixSided.of(face -> mm.on(face) + wraps));
        return new BedBlock(at, Math.max(at.min().zMm(), Math.min(at.max().zMm(), bed.splitMm())));
    }

    /** From the underside to the parting plane. */
    public double baseMm() {
        return splitMm - at.min().zMm();
    }

    /** From the parting plane to the upper side. */
    public double lidMm() {
        return at.max().zMm() - splitMm;
    }
}
