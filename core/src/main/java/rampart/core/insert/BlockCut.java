package rampart.core.insert;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import rampart.core.geometry.Region;

/**
 * A bed cut from the solid, base and lid, each from the parting plane inward. A blade that comes from the face reaches what
 * lies under an opening at least as wide; where a deeper opening is wider, the half is cut into slabs there, each slab is
 * cut from its own face, and they are glued again; trays stay apart.
 *
 * @param pieces base, then lid, each from the parting plane outward; more than one of a half where it is split
 * @param steps in which order, with the depth to set the knife to
 * @param glueMm2 faces to glue
 */
public record BlockCut(List<CutPiece> pieces, List<Step> steps, double glueMm2) {
    /** Openings that differ by less than this are one. */
    private static final double SAME_MM2 = 1;

    public BlockCut {
        pieces = List.copyOf(pieces);
        steps = List.copyOf(steps);
    }

    /**
     * One cut round an opening, foam lifted out after it.
     *
     * @param piece of its half
     * @param fromMm depth of the face that is cut from: that of the last step, or the slab's own
     * @param toMm depth to cut to, from the slab's face
     * @param through there is nothing under it
     * @param openings separate holes at this depth
     */
    public record Step(BedCut.Half half, int piece, double fromMm, double toMm, boolean through, int openings) {
        /** What the knife is set to. */
        public double knifeMm() {
            return toMm - fromMm;
        }
    }

    /** Of a bed. */
    public static BlockCut of(BedCut cut, TurnEdge edge, CutTool tool) {
        List<CutPiece> pieces = new ArrayList<>();
        List<Step> steps = new ArrayList<>();
        double glue = 0;
        for (BedCut.Half half : BedCut.Half.values()) {
            List<List<BedCut.Level>> slabs = slabs(cut, half);
            PieceMaker maker = slabs.isEmpty() ? null : new PieceMaker(cut, half, edge, tool);
            for (int i = 0; i < slabs.size(); i++) {
                List<BedCut.Level> levels = slabs.get(i);
                double thickness =
                        levels.stream().mapToDouble(BedCut.Level::thicknessMm).sum();
                List<PieceMaker.Depth> depths = depths(levels);
                pieces.add(maker.piece(i + 1, slabs.size(), thickness, deepestFirst(depths)));
                double from = 0;
                for (PieceMaker.Depth depth : depths) {
                    steps.add(new Step(
                            half,
                            i + 1,
                            from,
                            depth.depthMm(),
                            depth.goesThrough(thickness),
                            depth.open().pieces()));
                    from = depth.depthMm();
                }
                if (i > 0 && !cut.topIsATray(levels.get(0))) {
                    List<BedCut.Level> above = slabs.get(i - 1);
                    Region open = above.get(above.size() - 1)
                            .open()
                            .plus(levels.get(0).open());
                    glue += cut.blockFromAbove().minus(open).areaMm2();
                }
            }
        }
        return new BlockCut(pieces, steps, glue);
    }

    /** Levels that one face reaches: none wider than the one before it. */
    private static List<List<BedCut.Level>> slabs(BedCut cut, BedCut.Half half) {
        List<List<BedCut.Level>> slabs = new ArrayList<>();
        List<BedCut.Level> slab = new ArrayList<>();
        for (BedCut.Level level : cut.fromTheFace(half)) {
            boolean wider = !slab.isEmpty()
                    && level.open().minus(slab.get(slab.size() - 1).open()).areaMm2() > SAME_MM2;
            boolean tray = !slab.isEmpty() && cut.topIsATray(level);
            if (wider || tray) {
                slabs.add(slab);
                slab = new ArrayList<>();
            }
            slab.add(level);
        }
        if (!slab.isEmpty()) {
            slabs.add(slab);
        }
        return slabs;
    }

    /** Each opening with the depth it goes to; levels with the same opening are one cut. */
    private static List<PieceMaker.Depth> depths(List<BedCut.Level> levels) {
        List<PieceMaker.Depth> depths = new ArrayList<>();
        double depth = 0;
        for (int i = 0; i < levels.size(); i++) {
            Region open = levels.get(i).open();
            depth += levels.get(i).thicknessMm();
            boolean goesOn = i + 1 < levels.size()
                    && open.minus(levels.get(i + 1).open()).areaMm2() <= SAME_MM2;
            if (!open.isEmpty() && !goesOn) {
                depths.add(new PieceMaker.Depth(depth, open));
            }
        }
        return depths;
    }

    private static List<PieceMaker.Depth> deepestFirst(List<PieceMaker.Depth> depths) {
        List<PieceMaker.Depth> turned = new ArrayList<>(depths);
        Collections.reverse(turned);
        return turned;
    }
}
