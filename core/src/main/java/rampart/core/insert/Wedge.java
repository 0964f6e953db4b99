package rampart.core.insert;

import java.util.ArrayList;
import java.util.List;
import rampart.core.bed.BedPart;
import rampart.core.bed.BedShape;
import rampart.core.bed.Nature;
import rampart.core.geometry.Bounds;
import rampart.core.layout.LaidCushion;
import rampart.core.quantity.Axis;
import rampart.core.quantity.Face;

/**
 * An off-cut of the bed's own foam that is pushed in beside a strong part which has play in its pocket: a little thicker than
 * the gap, so that it holds by itself while the box is turned over. One on each of the four sides. Widths and the share by
 * which it is squeezed are common practice, no source.
 *
 * @param part beside which it stands
 * @param face on which side of it
 * @param wideMm along the side
 * @param highMm upright
 * @param gapMm that it fills
 * @param thickMm before it is squeezed
 * @param pressesN against the part, once it is in
 */
public record Wedge(
        String part, Face face, double wideMm, double highMm, double gapMm, double thickMm, double pressesN) {
    /** Squeezed by this share of its thickness. */
    private static final double SQUEEZED = 0.20;

    private static final double WIDE_MM = 60;
    private static final double HIGH_MM = 40;
    private static final double LEAST_MM = 10;

    /** Less play than this closes by the foam's own give, mm. */
    private static final double PLAY_MM = 0.5;

    private static final List<Face> SIDES = List.of(Face.LEFT, Face.RIGHT, Face.FRONT, Face.BACK);

    /** For the largest strong part of a bed, where it has play; none where it is snug. */
    public static List<Wedge> of(LaidCushion cushion) {
        BedShape bed = cushion.bed().orElseThrow();
        BedPart largest = null;
        for (BedPart part : bed.parts()) {
            if (part.nature() == Nature.STRONG && (largest == null || sideMm2(part) > sideMm2(largest))) {
                largest = part;
            }
        }
        if (largest == null || largest.clearanceMm() < PLAY_MM) {
            return List.of();
        }
        Bounds bounds = Bounds.of(largest.prism().outline());
        double inBase = Math.min(largest.prism().topMm(), bed.splitMm())
                - largest.prism().bottomMm();
        double high = Math.min(HIGH_MM, inBase);
        double gap = largest.clearanceMm();
        double thick = gap / (1 - SQUEEZED);
        double pressKpa = cushion.foam().pressKpa(SQUEEZED);
        List<Wedge> wedges = new ArrayList<>();
        for (Face side : SIDES) {
            double wide = Math.min(WIDE_MM, (side.axis() == Axis.X ? bounds.heightMm() : bounds.widthMm()) / 2);
            if (high >= LEAST_MM && wide >= LEAST_MM) {
                wedges.add(
                        new Wedge(largest.name(), side, wide, high, gap, thick, pressKpa * 1e3 * wide * high * 1e-6));
            }
        }
        return List.copyOf(wedges);
    }

    private static double sideMm2(BedPart part) {
        Bounds bounds = Bounds.of(part.prism().outline());
        return (bounds.widthMm() + bounds.heightMm())
                * (part.prism().topMm() - part.prism().bottomMm());
    }
}
