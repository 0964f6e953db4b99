package rampart.core.insert;

import java.util.ArrayList;
import java.util.List;
import rampart.core.bed.TieSlot;
import rampart.core.geometry.Bounds;
import rampart.core.geometry.CutWork;
import rampart.core.geometry.Outline;
import rampart.core.geometry.PlanPoint;
import rampart.core.geometry.Region;

/** Lays the pieces of one half as they are cut. */
final class PieceMaker {
    private final BedCut of;
    private final Region block;
    private final BedCut.Half half;
    private final TurnEdge edge;
    private final CutTool tool;
    private final Bounds bounds;

    PieceMaker(BedCut cut, BedCut.Half half, TurnEdge edge, CutTool tool) {
        this.of = cut;
        this.block = cut.blockFromAbove();
        this.half = half;
        this.edge = edge;
        this.tool = tool;
        this.bounds = turned(block.outlines().get(0)).bounds();
    }

    private Outline turned(Outline outline) {
        return half == BedCut.Half.LID ? edge.turned(outline) : outline;
    }

    private Outline laid(Outline outline) {
        return turned(outline).moved(-bounds.minXMm(), -bounds.minYMm());
    }

    /** A piece that is cut through to its outer edge, then to each depth, deepest first. */
    CutPiece piece(int number, int count, double thicknessMm, List<Depth> depths) {
        List<CutLine> lines = new ArrayList<>();
        List<CutPiece.Missed> missed = new ArrayList<>();
        Region through = Region.none();
        for (Depth depth : depths) {
            Region open = tool.relieved(depth.open());
            Region path = tool.pathWithin(open);
            boolean cut = depth.goesThrough(thicknessMm);
            double to = cut ? thicknessMm : depth.depthMm();
            miss(missed, CutPiece.What.OPENING, depth.open(), to);
            if (cut) {
                through = through.plus(open);
            }
            add(lines, cut ? CutWork.CUT : CutWork.POCKET, to, path.outlines());
            add(lines, cut ? CutWork.CUT : CutWork.ISLAND, to, path.holes());
        }
        if (half == BedCut.Half.BASE) {
            ties(lines, missed, number, thicknessMm);
        }
        add(lines, CutWork.CUT, thicknessMm, tool.pathRound(block).outlines());
        return new CutPiece(
                half,
                number,
                count,
                bounds.widthMm(),
                bounds.heightMm(),
                thicknessMm,
                block.minus(through).pieces(),
                lines,
                missed);
    }

    private void miss(List<CutPiece.Missed> missed, CutPiece.What what, Region open, double depthMm) {
        tool.missed(open).forEach(outline -> missed.add(new CutPiece.Missed(what, depthMm, laid(outline))));
    }

    private void add(List<CutLine> lines, CutWork work, double depthMm, List<Outline> outlines) {
        outlines.forEach(outline -> lines.add(new CutLine(work, depthMm, laid(outline))));
    }

    /** Slots through every piece of the base; where the bands run is drawn on the one that meets the lid. */
    private void ties(List<CutLine> lines, List<CutPiece.Missed> missed, int number, double thicknessMm) {
        for (TieSlot slot : of.slotsInFoam()) {
            if (number == 1) {
                add(lines, CutWork.MARK, 0, List.of(Outline.polygon(slot.band())));
            }
            for (List<PlanPoint> corners : List.of(slot.first(), slot.second())) {
                Region open = Region.within(Outline.polygon(corners), BedCut.TOLERANCE_MM);
                miss(missed, CutPiece.What.SLOT, open, thicknessMm);
                add(lines, CutWork.CUT, thicknessMm, tool.pathWithin(open).outlines());
            }
        }
    }

    /** What is open down to a depth below the face. */
    record Depth(double depthMm, Region open) {
        private static final double SAME_MM = 1e-6;

        boolean goesThrough(double thicknessMm) {
            return depthMm > thicknessMm - SAME_MM;
        }
    }
}
