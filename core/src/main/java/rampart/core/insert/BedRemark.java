package rampart.core.insert;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.Collectors;
import rampart.core.bed.BedContact;
import rampart.core.bed.BedPart;
import rampart.core.bed.BedShape;
import rampart.core.bed.Prism;
import rampart.core.bed.ShutOut;
import rampart.core.bed.TieSlot;
import rampart.core.drop.Drops;
import rampart.core.geometry.Bounds;
import rampart.core.geometry.Edges;
import rampart.core.geometry.Outline;
import rampart.core.geometry.PlanPoint;
import rampart.core.geometry.Region;
import rampart.core.item.Item;
import rampart.core.layout.LaidCushion;
import rampart.core.quantity.Axis;
import rampart.core.quantity.Face;
import rampart.core.words.BedWords;
import rampart.core.words.Quantity;
import rampart.core.words.Say;
import rampart.core.words.Sentence;
import rampart.core.words.Term;

/**
 * Something of a bed that cannot be as it is drawn, and where: a part that touches no other and lies on no foam, foam that
 * cannot be closed round the item, a mass off what bears it, a sliver of foam that tears off.
 *
 * @param at where, from above
 */
public record BedRemark(Sentence says, PlanPoint at) {
    /** Parts nearer than this touch, mm. */
    private static final double TOUCHES_MM = 1;

    /** Foam that stands free on less than this tears off (common practice, no source), mm2. */
    private static final double SLIVER_MM2 = 400;

    private static final double DUST_MM2 = 1;

    private static final double HAIR = 1e-9;

    /** All of one bed, parts first. */
    public static List<BedRemark> of(Item item, LaidCushion cushion, BedCut cut) {
        List<BedRemark> remarks = new ArrayList<>();
        BedShape bed = cushion.bed().orElseThrow();
        hanging(bed, remarks);
        if (cut.traysMm().isEmpty()) {
            shutOut(bed, remarks);
        }
        offCentre(item, bed, remarks);
        for (TieSlot slot : cut.slots()) {
            if (!cut.isInFoam(slot)) {
                remarks.add(new BedRemark(
                        BedWords.BED_SLOT_OFF.of(
                                Quantity.mm(bed.ties().get(slot.tie()).atMm())),
                        middle(slot.second())));
            }
        }
        slivers(cut, remarks);
        return List.copyOf(remarks);
    }

    private static void hanging(BedShape bed, List<BedRemark> remarks) {
        for (int i = 0; i < bed.parts().size(); i++) {
            if (bed.parts().size() > 1 && !touches(bed, i) && !bed.contact().carries(i)) {
                BedPart part = bed.parts().get(i);
                remarks.add(new BedRemark(
                        BedWords.BED_HANGS.of(Term.name(part.name())),
                        middle(part.prism().outline())));
            }
        }
    }

    /** One for all sides of a part; where trays lie on each other what is wider lies in another tray. */
    private static void shutOut(BedShape bed, List<BedRemark> remarks) {
        Quantity split = Quantity.cut(bed.splitMm());
        Map<Integer, List<ShutOut>> sides = new TreeMap<>();
        for (ShutOut shut : bed.contact().shutOut(bed)) {
            Term part = Term.name(bed.parts().get(shut.part()).name());
            if (shut.face().axis() == Axis.Z) {
                Say says = shut.face() == Face.TOP ? BedWords.BED_SHUT_TOP : BedWords.BED_SHUT_BOTTOM;
                remarks.add(new BedRemark(says.of(part, split), new PlanPoint(shut.xMm(), shut.yMm())));
            } else {
                sides.computeIfAbsent(shut.part(), unknown -> new ArrayList<>()).add(shut);
            }
        }
        sides.forEach((part, shut) -> remarks.add(new BedRemark(
                BedWords.BED_SHUT_SIDE.of(
                        Term.name(bed.parts().get(part).name()),
                        Term.name(shut.stream().map(one -> one.face().word()).collect(Collectors.joining(", ")))),
                new PlanPoint(shut.get(0).xMm(), shut.get(0).yMm()))));
    }

    private static void offCentre(Item item, BedShape bed, List<BedRemark> remarks) {
        for (Face face : Face.ALL) {
            if (bed.contact().bearingMm2(face) > 0) {
                for (Axis axis : Axis.values()) {
                    if (axis != face.axis()) {
                        BedContact.Spread spread = bed.contact().spread(face, axis);
                        double offMm = Math.abs(item.centreOfMass().along(axis) - spread.middleMm());
                        double off = offMm / spread.reachMm();
                        if (off > Drops.TIPS_BEYOND + HAIR) {
                            Say says = off > Drops.TOPPLES_BEYOND + HAIR ? BedWords.BED_TOPPLES : BedWords.BED_TIPS;
                            double out = face.sign() * item.size().along(face.axis()) / 2;
                            remarks.add(new BedRemark(
                                    says.of(Term.name(face.word()), Quantity.mm(offMm), Quantity.mm(spread.reachMm())),
                                    new PlanPoint(
                                            face.axis() == Axis.X
                                                    ? out
                                                    : item.centreOfMass().xMm(),
                                            face.axis() == Axis.Y
                                                    ? out
                                                    : item.centreOfMass().yMm())));
                        }
                    }
                }
            }
        }
    }

    private static void slivers(BedCut cut, List<BedRemark> remarks) {
        Region block = cut.blockFromAbove();
        for (BedCut.Level level : cut.levels()) {
            Region foam = block.minus(level.open());
            if (foam.pieces() > 1) {
                for (Outline piece : foam.outlines()) {
                    double area = Math.abs(piece.areaMm2());
                    if (area > DUST_MM2 && area < SLIVER_MM2) {
                        remarks.add(new BedRemark(
                                BedWords.BED_SLIVER.of(
                                        Quantity.cm2(area / 100),
                                        Quantity.cut(level.bottomMm()),
                                        Quantity.cut(level.topMm())),
                                middle(piece.corners())));
                    }
                }
            }
        }
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
