package rampart.core.insert;

import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.List;
import java.util.TreeSet;
import java.util.stream.Stream;
import rampart.core.bed.BedPart;
import rampart.core.bed.BedShape;
import rampart.core.bed.BedWell;
import rampart.core.bed.TieSlot;
import rampart.core.geometry.Outline;
import rampart.core.geometry.PlanPoint;
import rampart.core.geometry.Region;
import rampart.core.layout.LaidCushion;
import rampart.core.quantity.Cuboid;

/**
 * The openings of a bed, level by level. The item goes into the base from above and the lid comes down over it, so at each
 * height the base is open for every part that begins at it or below, the lid for every part that ends above it, each with its
 * clearance; a part that grips is cut so much smaller. Where no part lies at any place between two heights, what lies above
 * and below are different things: there the base is a tray on a tray, each open for its own alone.
 *
 * @param block what it is cut from, in mm from the middle of the item
 * @param splitMm height at which base and lid part
 * @param levels base from the bottom up, then the lid
 * @param slots for ties, through the base
 * @param traysMm heights at which one tray of the base lies on another, from the bottom up
 */
public record BedCut(Cuboid block, double splitMm, List<Level> levels, List<TieSlot> slots, List<Double> traysMm) {
    /** How far a straight line may stray from a rounded corner of an opening, mm. */
    public static final double TOLERANCE_MM = 0.05;

    /** Levels nearer than this are one, mm. */
    private static final double SAME_MM = 0.01;

    /** A thing that hangs together has no gap between its parts; less than this is how it was measured, mm. */
    private static final double GAP_MM = 1;

    /** Which half of a bed. */
    public enum Half {
        BASE,
        LID
    }

    /**
     * Between two heights the openings stay the same.
     *
     * @param open what is cut away; may be nothing
     */
    public record Level(Half half, double bottomMm, double topMm, Region open) {
        public double thicknessMm() {
            return topMm - bottomMm;
        }
    }

    /** Of a bed in its place. */
    public static BedCut of(LaidCushion cushion) {
        BedBlock of = BedBlock.of(cushion);
        BedShape bed = cushion.bed().orElseThrow();
        Cuboid block = of.at();
        double split = of.splitMm();
        List<Double> trays = trays(bed, split);
        List<Level> levels = new ArrayList<>();
        levels.addAll(half(bed, Half.BASE, block.min().zMm(), split, trays));
        levels.addAll(half(bed, Half.LID, split, block.max().zMm(), trays));
        return new BedCut(block, split, List.copyOf(levels), TieSlot.of(bed), trays);
    }

    /** Upper sides of what lies below a gap: what is between, up to the next thing, is the floor of the tray above. */
    private static List<Double> trays(BedShape bed, double split) {
        List<Double> trays = new ArrayList<>();
        double reached = Double.NaN;
        for (BedPart part : bed.parts().stream()
                .sorted(Comparator.comparingDouble(BedCut::lowest))
                .toList()) {
            if (lowest(part) > reached + GAP_MM && reached < split) {
                trays.add(reached);
            }
            reached = Double.isNaN(reached) ? highest(part) : Math.max(reached, highest(part));
        }
        return List.copyOf(trays);
    }

    private static List<Level> half(BedShape bed, Half half, double from, double to, List<Double> trays) {
        TreeSet<Double> heights = new TreeSet<>(List.of(from, to));
        heights.addAll(trays);
        for (BedPart part : bed.parts()) {
            heights.add(half == Half.BASE ? lowest(part) : highest(part));
        }
        for (BedWell well : bed.wells()) {
            heights.add(well.prism().bottomMm());
            heights.add(well.prism().topMm());
        }
        List<Level> levels = new ArrayList<>();
        double bottom = from;
        for (double height : heights) {
            double top = Math.min(height, to);
            if (top - bottom > SAME_MM) {
                levels.add(new Level(half, bottom, top, open(bed, half, (bottom + top) / 2, trays)));
                bottom = top;
            }
        }
        return levels;
    }

    private static double lowest(BedPart part) {
        return part.prism().bottomMm() - Math.max(0, part.clearanceMm());
    }

    private static double highest(BedPart part) {
        return part.prism().topMm() + Math.max(0, part.clearanceMm());
    }

    private static Region open(BedShape bed, Half half, double zMm, List<Double> trays) {
        Region open = Region.none();
        for (BedPart part : bed.parts()) {
            boolean inTray = trays.stream().noneMatch(at -> highest(part) <= at && at <= zMm);
            if (half == Half.BASE ? lowest(part) <= zMm && inTray : highest(part) > zMm) {
                open = open.plus(Region.within(Outline.polygon(part.prism().outline()), TOLERANCE_MM)
                        .offset(part.clearanceMm(), TOLERANCE_MM));
            }
        }
        for (BedWell well : bed.wells()) {
            if (well.prism().bottomMm() <= zMm && zMm < well.prism().topMm()) {
                open = open.plus(Region.within(Outline.polygon(well.prism().outline()), TOLERANCE_MM));
            }
        }
        return open;
    }

    /** True where one tray ends and the next begins, at the upper side of this level. */
    boolean topIsATray(Level level) {
        return level.half() == Half.BASE && traysMm.stream().anyMatch(at -> Math.abs(at - level.topMm()) < SAME_MM);
    }

    /** The block from above. */
    public Region blockFromAbove() {
        return Region.within(
                Outline.polygon(List.of(
                        new PlanPoint(block.min().xMm(), block.min().yMm()),
                        new PlanPoint(block.max().xMm(), block.min().yMm()),
                        new PlanPoint(block.max().xMm(), block.max().yMm()),
                        new PlanPoint(block.min().xMm(), block.max().yMm()))),
                TOLERANCE_MM);
    }

    /** Slots that the block has room for. */
    public List<TieSlot> slotsInFoam() {
        return slots.stream().filter(this::isInFoam).toList();
    }

    boolean isInFoam(TieSlot slot) {
        return Stream.of(slot.first(), slot.second())
                .flatMap(List::stream)
                .allMatch(place -> place.xMm() > block.min().xMm()
                        && place.xMm() < block.max().xMm()
                        && place.yMm() > block.min().yMm()
                        && place.yMm() < block.max().yMm());
    }

    /** Levels of one half from the parting plane outward, as they are cut; none where it has no height. */
    public List<Level> fromTheFace(Half half) {
        List<Level> of = new ArrayList<>(
                levels.stream().filter(level -> level.half() == half).toList());
        if (half == Half.BASE) {
            Collections.reverse(of);
        }
        return of;
    }

    /** Floors and walls of all openings of a half: what cloth or an interleaf has to cover, mm2. */
    public double facedMm2(Half half) {
        double walls = 0;
        double floor = 0;
        for (Level level : fromTheFace(half)) {
            double round = Stream.concat(level.open().outlines().stream(), level.open().holes().stream())
                    .mapToDouble(Outline::lengthMm)
                    .sum();
            walls += round * level.thicknessMm();
            floor = Math.max(floor, level.open().areaMm2());
        }
        return walls + floor;
    }

    /** Volume of foam that is cut away, mm3. */
    public double openMm3() {
        return levels.stream()
                .mapToDouble(level -> level.open().areaMm2() * level.thicknessMm())
                .sum();
    }
}
