package rampart.core.search;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import rampart.core.bed.BedPart;
import rampart.core.bed.BedShape;
import rampart.core.bed.BedWell;
import rampart.core.bed.Prism;
import rampart.core.evaluation.Evaluation;
import rampart.core.evaluation.Evaluator;
import rampart.core.geometry.Bounds;
import rampart.core.geometry.Edges;
import rampart.core.geometry.PlanPoint;
import rampart.core.insert.BedBlock;
import rampart.core.layout.CushionForm;
import rampart.core.layout.LaidCushion;
import rampart.core.layout.Layer;
import rampart.core.layout.LayoutWalk;
import rampart.core.material.Catalogue;
import rampart.core.pack.Pack;
import rampart.core.quantity.Cuboid;
import rampart.core.quantity.Require;
import rampart.core.quantity.Size;

/**
 * A well in a bed for something loose that goes along, an accessory or the heavy part that comes off: at the outside of the
 * block, where the most foam is between it and the item, and of such places where the pack loses least by it. It opens at the
 * parting plane.
 *
 * @param well without a name
 * @param foamMm the least foam between it and any other pocket; to the outside of the block there is {@link #FOAM_MM} or more
 * @param evaluation of the pack with it
 */
public record LooseWell(BedWell well, double foamMm, Evaluation evaluation) {
    /** Foam that has to stay round it, mm: a web of 12 (rule 53) and its margin. */
    public static final double FOAM_MM = 15;

    private static final double STEP_MM = 10;

    /** So many of the thickest places are judged. */
    private static final int JUDGED = 8;

    private static final double LEAST_MM = 3;
    private static final double LONGEST_MM = 3000;

    private record Place(BedWell well, double foamMm) {}

    /**
     * The best; empty where the block has no room for one.
     *
     * @param thing as it will lie: its height stays its height
     * @throws IllegalArgumentException if the pack has no bed, or the thing is smaller or larger than any
     */
    public static Optional<LooseWell> of(Pack pack, Catalogue catalogue, Size thing, Watcher watcher) {
        Require.within(thing.lengthMm(), LEAST_MM, LONGEST_MM, "length of the thing in mm");
        Require.within(thing.widthMm(), LEAST_MM, LONGEST_MM, "width of the thing in mm");
        Require.within(thing.heightMm(), LEAST_MM, LONGEST_MM, "height of the thing in mm");
        LaidCushion laid = LayoutWalk.layUndrawn(pack.item(), pack.layers(), catalogue)
                .bed()
                .orElseThrow(() -> new IllegalArgumentException("the pack has no bed"));
        BedShape bed = laid.bed().orElseThrow();
        LooseWell best = null;
        for (Place place : places(bed, BedBlock.of(laid), thing)) {
            watcher.look();
            List<BedWell> wells = new ArrayList<>(bed.wells());
            wells.add(place.well());
            BedShape shape = new BedShape(bed.size(), bed.parts(), wells, bed.splitMm(), bed.holdDownMm(), bed.ties());
            List<Layer> layers = new ArrayList<>(pack.layers());
            layers.set(
                    laid.layer(),
                    layers.get(laid.layer())
                            .match(
                                    wrap -> wrap,
                                    cushion -> cushion.with(new CushionForm.Bed(shape)),
                                    box -> box,
                                    boards -> boards));
            Evaluation evaluation =
                    Evaluator.evaluateAtFirstLook(new Pack(pack.item(), pack.journey(), layers), catalogue);
            if (best == null
                    || evaluation.lowestMarginButFit() > best.evaluation().lowestMarginButFit()) {
                best = new LooseWell(place.well(), place.foamMm(), evaluation);
            }
        }
        return Optional.ofNullable(best);
    }

    /** Those with the most foam, along the four sides of the block, lying either way. */
    private static List<Place> places(BedShape bed, BedBlock block, Size thing) {
        Cuboid at = block.at();
        double bottom = Math.max(at.min().zMm() + FOAM_MM, block.splitMm() - thing.heightMm());
        double top = bottom + thing.heightMm();
        if (top > at.max().zMm() - FOAM_MM) {
            return List.of();
        }
        List<Place> places = new ArrayList<>();
        for (boolean turned : new boolean[] {false, true}) {
            double x = turned ? thing.widthMm() : thing.lengthMm();
            double y = turned ? thing.lengthMm() : thing.widthMm();
            double left = at.min().xMm() + FOAM_MM;
            double right = at.max().xMm() - FOAM_MM - x;
            double front = at.min().yMm() + FOAM_MM;
            double back = at.max().yMm() - FOAM_MM - y;
            if (left > right || front > back) {
                continue;
            }
            Stream.concat(
                            steps(left, right).stream()
                                    .flatMap(to -> Stream.of(new PlanPoint(to, front), new PlanPoint(to, back))),
                            steps(front, back).stream()
                                    .flatMap(to -> Stream.of(new PlanPoint(left, to), new PlanPoint(right, to))))
                    .map(corner -> place(bed, corner, x, y, bottom, top))
                    .filter(place -> place.foamMm() >= FOAM_MM)
                    .forEach(places::add);
        }
        return places.stream()
                .sorted(Comparator.comparingDouble(Place::foamMm).reversed())
                .limit(JUDGED)
                .toList();
    }

    /** From one end to the other, both among them. */
    private static List<Double> steps(double from, double to) {
        int count = (int) Math.ceil((to - from) / STEP_MM);
        List<Double> steps = new ArrayList<>();
        for (int i = 0; i <= count; i++) {
            steps.add(count == 0 ? from : from + (to - from) * i / count);
        }
        return steps;
    }

    private static Place place(BedShape bed, PlanPoint corner, double x, double y, double bottom, double top) {
        List<PlanPoint> outline = List.of(
                corner,
                new PlanPoint(corner.xMm() + x, corner.yMm()),
                new PlanPoint(corner.xMm() + x, corner.yMm() + y),
                new PlanPoint(corner.xMm(), corner.yMm() + y));
        Prism prism = new Prism(outline, bottom, top);
        double foam = Double.POSITIVE_INFINITY;
        for (BedPart part : bed.parts()) {
            foam = Math.min(foam, foam(prism, part.prism(), Math.max(0, part.clearanceMm())));
        }
        for (BedWell well : bed.wells()) {
            foam = Math.min(foam, foam(prism, well.prism(), 0));
        }
        return new Place(new BedWell("", prism), foam);
    }

    /** What stands between two pockets: beside each other, or one over the other. */
    private static double foam(Prism one, Prism other, double clearanceMm) {
        double over = Math.max(one.bottomMm() - other.topMm(), other.bottomMm() - one.topMm()) - clearanceMm;
        double apart = Bounds.of(one.outline()).distanceMm(Bounds.of(other.outline())) - clearanceMm;
        if (Math.max(over, apart) < FOAM_MM * 4) {
            apart = one.holds(other.outline().get(0))
                            || other.holds(one.outline().get(0))
                    ? 0
                    : Edges.distanceMm(one.outline(), other.outline()) - clearanceMm;
        }
        return Math.max(over, apart);
    }
}
