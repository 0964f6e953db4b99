package rampart.formats.cutting;

import java.util.ArrayList;
import java.util.List;
import rampart.core.clearance.Tolerances;
import rampart.core.geometry.Bounds;
import rampart.core.geometry.CutWork;
import rampart.core.insert.BedCut;
import rampart.core.insert.CutLine;
import rampart.core.insert.CutPiece;
import rampart.core.words.Quantity;
import rampart.core.words.Wording;

/** What whoever cuts a piece of foam has to know beside its lines. */
public final class PieceNotes {
    private PieceNotes() {}

    /** Line by line: the piece, then each opening where a rule finds it. */
    public static List<String> of(CutPiece piece, Wording wording) {
        List<String> lines = new ArrayList<>();
        lines.add(cut(piece.thicknessMm(), wording) + " thick; one of it in each pack; cut to ± "
                + cut(Tolerances.FOAM_CUT_MM, wording) + " (common practice, no source)."
                + (piece.half() == BedCut.Half.LID
                        ? " It lies turned over: the face that meets the base is up."
                        : " The face that meets the lid is up, the front of the item in front."));
        int number = 0;
        // The last line is the edge of the piece itself.
        for (CutLine line : piece.lines().subList(0, piece.lines().size() - 1)) {
            if (line.work() != CutWork.MARK) {
                Bounds b = line.outline().bounds();
                number++;
                lines.add(what(line) + " " + number + ": " + cut(b.minXMm(), wording) + " from the left, "
                        + cut(b.minYMm(), wording) + " from the front, " + cut(b.widthMm(), wording) + " wide and "
                        + cut(b.heightMm(), wording) + " away"
                        + (line.work() == CutWork.CUT ? ", right through" : ", to " + cut(line.depthMm(), wording))
                        + ".");
            }
        }
        for (CutPiece.Missed missed : piece.missed()) {
            Bounds b = missed.outline().bounds();
            lines.add("Left standing, narrower than the cut: at " + cut(b.minXMm(), wording) + " from the left and "
                    + cut(b.minYMm(), wording) + " from the front.");
        }
        return lines;
    }

    private static String what(CutLine line) {
        return line.work() == CutWork.ISLAND ? "Stands free" : "Opening";
    }

    private static String cut(double mm, Wording wording) {
        return wording.amount(Quantity.cut(mm)).toString();
    }
}
