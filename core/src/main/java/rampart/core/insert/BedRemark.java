package rampart.core.insert;

import java.util.ArrayList;
import java.util.List;
import rampart.core.bed.BedPart;
import rampart.core.bed.BedShape;
import rampart.core.bed.Prism;
import rampart.core.geometry.Bounds;
import rampart.core.geometry.Edges;
import rampart.core.geometry.Outline;
import rampart.core.geometry.PlanPoint;
import rampart.core.geometry.Region;
import rampart.core.layout.LaidCushion;
import rampart.core.words.Quantity;
import rampart.core.words.Say;
import rampart.core.words.Sentence;
import rampart.core.words.Term;

/**
 * Something of a bed that no check asks and nobody would cut: a part that touches no other and lies on no foam, a sliver of foam
 * that tears off.
 *
 * @param at where, from above
 */
public record BedRemark(Sentence says, PlanPoint at) {
    /** Parts nearer than this touch, mm. */
    private static final double TOUCHES_MM = 1;

    /** Foam that stands free on less than this tears off (common practice, no source), mm2. */
    private static final double SLIVER_MM2 = 400;

    private static final double DUST_MM2 = 1;

    /** All of one bed, parts first. */
    public static List<BedRemark> of(LaidCushion cushion, BedCut cut) {
        List<BedRemark> remarks = new ArrayList<>();
        BedShape bed = cushion.bed().orElseThrow();
        for (int i = 0; i < bed.parts().size(); i++) {
            if (bed.parts().size() > 1 && !touches(bed, i) && !bed.contact().carries(i)) {
                BedPart part = bed.parts().get(i);
                remarks.add(new BedRemark(
                        Say.BED_HANGS.of(Term.name(part.name())),
                        middle(part.prism().outline())));
            }
        }
        Region block = cut.blockFromAbove();
        for (BedCut.Level level : cut.levels()) {
            Region foam = block.minus(level.open());
            if (foam.pieces() > 1) {
                for (Outline piece : foam.outlines()) {
                    double area = Math.abs(piece.areaMm2());
                    if (area > DUST_MM2 && area < SLIVER_MM2) {
                        remarks.add(new BedRemark(
                                Say.BED_SLIVER.of(
                                        Quantity.cm2(area / 100),
                                        Quantity.cut(level.bottomMm()),
                                        Quantity.cut(level.topMm())),
                                middle(piece.corners())));
                    }
                }
            }
        }
        return List.copyOf(remarks);
    }

    private static boolean touches(BedShape bed, int index) {
        Prism one = bed.parts().get(index).prism();
        for (int i = 0; i < bed.parts().size(); i++) {
            Prism other = bed.parts().get(i).prism();
            double overlap = Math.min(one.topMm(), other.topMm()) - Math.max(one.bottomMm(), other.bottomMm());
            if (i != index
                    && overlap >= -TOUCHES_MM
                    && (Edges.distanceMm(one.outline(), other.outline()) <= TOUCHES_MM
                            || one.holds(other.outline().get(0))
                            || other.holds(one.outline().get(0)))) {
                return true;
            }
        }
        return false;
    }

    private static PlanPoint middle(List<PlanPoint> outline) {
        Bounds bounds = Outline.polygon(outline).bounds();
        return new PlanPoint((bounds.minXMm() + bounds.maxXMm()) / 2, (bounds.minYMm() + bounds.maxYMm()) / 2);
    }
}
