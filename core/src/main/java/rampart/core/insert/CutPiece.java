package rampart.core.insert;

import java.util.List;
import rampart.core.geometry.CutWork;
import rampart.core.geometry.Outline;

/**
 * One piece as it lies while it is cut: the face that meets the other half up, base with the item's left at the left and
 * its front in front, the lid turned over. Its lower left corner is at 0, 0.
 *
 * @param number within its half, from 1 at the parting plane outward
 * @param count pieces of this half
 * @param widthMm to the right
 * @param depthMm away from whoever cuts
 * @param loose pieces that fall free of each other and are laid in one by one; 1 where it hangs together
 * @param missed what is drawn and not cut: it is narrower than the cut itself
 */
public record CutPiece(
        BedCut.Half half,
        int number,
        int count,
        double widthMm,
        double depthMm,
        double thicknessMm,
        int loose,
        List<CutLine> lines,
        List<Missed> missed) {
    public CutPiece {
        lines = List.copyOf(lines);
        missed = List.copyOf(missed);
    }

    /** What an outline is of. */
    public enum What {
        OPENING,
        SLOT
    }

    /** Drawn to this depth and too narrow to be cut. */
    public record Missed(What what, double depthMm, Outline outline) {}

    /** Faces that are glued to the next piece of the same half; trays lie loose on each other. */
    static int gluedFaces(List<CutPiece> pieces, int trays) {
        int halves = (int) pieces.stream().map(CutPiece::half).distinct().count();
        return Math.max(0, pieces.size() - halves - trays);
    }

    /** Lengths of all lines, mm: what a machine travels while it cuts. */
    public double pathMm() {
        return lines.stream()
                .filter(line -> line.work() != CutWork.MARK)
                .mapToDouble(line -> line.outline().lengthMm())
                .sum();
    }
}
