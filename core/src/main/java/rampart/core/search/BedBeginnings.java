package rampart.core.search;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import rampart.core.bed.BedPart;
import rampart.core.bed.BedShape;
import rampart.core.bed.BedWell;
import rampart.core.bed.Nature;
import rampart.core.bed.Prism;
import rampart.core.evaluation.Evaluation;
import rampart.core.evaluation.Evaluator;
import rampart.core.geometry.PlanPoint;
import rampart.core.insert.BedCut;
import rampart.core.insert.CutTool;
import rampart.core.insert.TurnEdge;
import rampart.core.insert.WayToMake;
import rampart.core.layout.CushionForm;
import rampart.core.layout.Layer;
import rampart.core.material.Catalogue;
import rampart.core.pack.Pack;
import rampart.core.quantity.Size;

/**
 * Beds to begin with for an item that is a block: snug all round, two caps over its ends, rails along its edges with a frame at
 * either end, blocks at its corners. What is left open is wells, so that each is judged as what it is; of the widths in which
 * strips are cut the one with the most margin is taken.
 */
public final class BedBeginnings {
    /** Widths of strips, mm (common practice, no source). */
    private static final double[] WIDTHS_MM = {20, 30, 40, 50, 65, 80, 100, 130};

    private BedBeginnings() {}

    /** What is left of the foam. */
    public enum Kind {
        SNUG(0, 0),
        /** Two caps, each an end and four sides. */
        END_CAPS(10, 8),
        /** Four rails of two strips each, and a frame of four at either end. */
        RAILS(16, 10),
        /** Eight blocks of three slabs each. */
        CORNER_BLOCKS(24, 16);

        private final int strips;
        private final int glued;

        Kind(int strips, int glued) {
            this.strips = strips;
            this.glued = glued;
        }
    }

    /**
     * One bed to begin with.
     *
     * @param widthMm of caps, rails or blocks; 0 for a snug one
     * @param evaluation of the pack with it
     */
    public record Beginning(Kind kind, double widthMm, BedShape shape, Evaluation evaluation) {
        /**
         * How it is made: a snug one from the solid, the others out of strips.
         *
         * @param costPerLitre of the foam
         */
        public WayToMake made(OptionalDouble costPerLitre) {
            BedCut cut = BedCut.of(evaluation.layout().bed().orElseThrow());
            return kind == Kind.SNUG
                    ? WayToMake.all(cut, List.of(), costPerLitre, TurnEdge.SIDE, CutTool.KNIFE)
                            .get(0)
                    : WayToMake.ofStrips(cut, kind.strips, kind.glued, costPerLitre);
        }
    }

    /**
     * One of each kind for which the item is large enough; none where the pack has no cushion next to its item.
     *
     * @throws SearchStoppedException if the watcher stops it
     */
    public static List<Beginning> of(Pack pack, Catalogue catalogue, Watcher watcher) {
        Optional<Integer> at = cushion(pack);
        if (at.isEmpty()) {
            return List.of();
        }
        Layer.Cushion cushion = pack.layers()
                .get(at.get())
                .match(
                        wrap -> Optional.<Layer.Cushion>empty(),
                        Optional::of,
                        box -> Optional.<Layer.Cushion>empty(),
                        boards -> Optional.<Layer.Cushion>empty())
                .orElseThrow();
        if (!catalogue.foam(cushion.material()).structure().beds()) {
            return List.of();
        }
        double wraps = Layer.wrapsRoundTheItem(pack.layers()).stream()
                .mapToDouble(Layer.Wrap::thicknessMm)
                .sum();
        Block block = new Block(pack.item().size(), cushion, wraps);
        List<Beginning> beginnings = new ArrayList<>();
        for (Kind kind : Kind.values()) {
            Beginning best = null;
            for (double width : kind == Kind.SNUG ? new double[] {0} : WIDTHS_MM) {
                watcher.look();
                Optional<List<BedWell>> wells = block.wells(kind, width);
                if (wells.isEmpty()) {
                    continue;
                }
                BedShape shape = new BedShape(pack.item().size(), List.of(block.whole()), wells.get(), 0, 0, List.of());
                List<Layer> layers = new ArrayList<>(pack.layers());
                layers.set(at.get(), cushion.with(new CushionForm.Bed(shape)));
                Evaluation evaluation =
                        Evaluator.evaluateAtFirstLook(new Pack(pack.item(), pack.journey(), layers), catalogue);
                if (best == null
                        || evaluation.lowestMarginButFit() > best.evaluation().lowestMarginButFit()) {
                    best = new Beginning(kind, width, shape, evaluation);
                }
            }
            if (best != null) {
                beginnings.add(best);
            }
        }
        return List.copyOf(beginnings);
    }

    private static Optional<Integer> cushion(Pack pack) {
        for (int i = 0; i < pack.layers().size(); i++) {
            boolean wrap = pack.layers().get(i).match(w -> true, cushion -> false, box -> false, boards -> false);
            if (!wrap) {
                boolean is = pack.layers().get(i).match(w -> false, cushion -> true, box -> false, boards -> false);
                return is ? Optional.of(i) : Optional.empty();
            }
        }
        return Optional.empty();
    }

    /** The item as a block in its foam. */
    private record Block(Size size, Layer.Cushion cushion, double wrapsMm) {
        BedPart whole() {
            double x = size.lengthMm() / 2;
            double y = size.widthMm() / 2;
            double z = size.heightMm() / 2;
            return new BedPart("whole", new Prism(rectangle(-x, -y, x, y), -z, z), Nature.STRONG, 0);
        }

        private static List<PlanPoint> rectangle(double x1, double y1, double x2, double y2) {
            return List.of(new PlanPoint(x1, y1), new PlanPoint(x2, y1), new PlanPoint(x2, y2), new PlanPoint(x1, y2));
        }

        /** What is left open; empty where the item is too small for strips of this width. */
        Optional<List<BedWell>> wells(Kind kind, double width) {
            double x = size.lengthMm() / 2;
            double y = size.widthMm() / 2;
            double z = size.heightMm() / 2;
            double left = -x - wrapsMm - cushion.thicknessMm().left();
            double right = x + wrapsMm + cushion.thicknessMm().right();
            double front = -y - wrapsMm - cushion.thicknessMm().front();
            double back = y + wrapsMm + cushion.thicknessMm().back();
            double low = -z - wrapsMm - cushion.thicknessMm().bottom();
            double high = z + wrapsMm + cushion.thicknessMm().top();
            boolean caps = x > width;
            boolean rails = y > width && z > width;
            return switch (kind) {
                case SNUG -> Optional.of(List.of());
                case END_CAPS ->
                    caps
                            ? Optional.of(
                                    List.of(well("between the caps", -x + width, front, x - width, back, low, high)))
                            : Optional.empty();
                case RAILS ->
                    rails
                            ? Optional.of(List.of(
                                    well("under it, between the rails", -x, -y + width, x, y - width, low, -z),
                                    well("over it, between the rails", -x, -y + width, x, y - width, z, high),
                                    well("in front, between the rails", -x, front, x, -y, -z + width, z - width),
                                    well("behind, between the rails", -x, y, x, back, -z + width, z - width),
                                    well("left, in the frame", left, -y + width, -x, y - width, -z + width, z - width),
                                    well(
                                            "right, in the frame",
                                            x,
                                            -y + width,
                                            right,
                                            y - width,
                                            -z + width,
                                            z - width)))
                            : Optional.empty();
                case CORNER_BLOCKS ->
                    caps && rails
                            ? Optional.of(List.of(
                                    well("between left and right", -x + width, front, x - width, back, low, high),
                                    well("between front and back", left, -y + width, right, y - width, low, high),
                                    well("between below and above", left, front, right, back, -z + width, z - width)))
                            : Optional.empty();
            };
        }

        private static BedWell well(String name, double x1, double y1, double x2, double y2, double low, double high) {
            return new BedWell(name, new Prism(rectangle(x1, y1, x2, y2), low, high));
        }
    }
}
