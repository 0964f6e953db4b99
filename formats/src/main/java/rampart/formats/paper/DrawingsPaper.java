package rampart.formats.paper;

import java.util.ArrayList;
import java.util.List;
import rampart.core.blank.CountedBlank;
import rampart.core.cut.BoardWork;
import rampart.core.geometry.CutWork;
import rampart.core.geometry.Outline;
import rampart.core.geometry.PlanPoint;
import rampart.core.words.Quantity;
import rampart.core.words.Wording;
import rampart.formats.cutting.BlankDrawing;
import rampart.formats.cutting.BlankNotes;
import rampart.formats.cutting.CutDrawing;
import rampart.formats.cutting.Drafted;

/** The insert and everything of board on the flat, to scale, with the figures to make it from; scores are dashed. */
final class DrawingsPaper {
    private static final double ROOM_WIDTH_MM = 160;
    private static final double ROOM_HEIGHT_MM = 110;
    private static final double FLATNESS_MM = 0.2;
    private static final double LINE_MM = 0.25;

    /** Of the leads to figures. */
    private static final double THIN_MM = 0.1;

    private static final double LETTER_MM = 2.3;
    private static final double LETTER_POINTS = 6.5;

    private DrawingsPaper() {}

    static List<Block> blocks(PaperSource source) {
        List<Block> blocks = new ArrayList<>();
        source.layout().bed().ifPresent(bed -> blocks.addAll(InsertPaper.blocks(bed, source.wording())));
        List<BoardWork> works = BoardWork.of(source.pack(), source.layout(), source.catalogue());
        for (int i = 0; i < works.size(); i++) {
            for (int k = 0; k < works.get(i).blanks().size(); k++) {
                blank(blocks, works.get(i), i + 1, k, source.wording());
            }
        }
        if (blocks.isEmpty()) {
            blocks.add(Block.Text.of(Block.Text.Weight.PLAIN, "Nothing is cut to a drawing."));
        }
        blocks.add(Block.Text.of(
                Block.Text.Weight.SMALL,
                "Full lines are cut, dashed ones scored. Files for machines and true-size templates stand at the stations"
                        + " Insert and Carton."));
        return blocks;
    }

    private static void blank(List<Block> blocks, BoardWork work, int number, int index, Wording wording) {
        CountedBlank counted = work.blanks().get(index);
        CutDrawing piece = BlankDrawing.of(work, number, index);
        double ratio = PackPaper.ratio(piece.widthMm(), piece.heightMm(), ROOM_WIDTH_MM, ROOM_HEIGHT_MM);
        Drafted drafted = Drafted.of(
                piece,
                List.of(),
                LETTER_MM * ratio,
                mm -> wording.amount(Quantity.cut(mm)).number());
        blocks.add(PackPaper.drawings(List.of(drawing(work, counted, drafted, ratio, wording)), ratio, wording));
        BlankNotes.of(work, counted, piece, wording)
                .forEach(line -> blocks.add(Block.Text.of(Block.Text.Weight.PLAIN, line)));
    }

    private static Drawing drawing(
            BoardWork work, CountedBlank counted, Drafted drafted, double ratio, Wording wording) {
        CutDrawing piece = drafted.piece();
        List<Drawing.Shape> shapes = new ArrayList<>();
        for (CutDrawing.Layer layer : piece.layers()) {
            boolean dashed = layer.work() != CutWork.CUT;
            for (Outline edge : layer.outlines()) {
                shapes.add(new Drawing.Shape(
                        edge.flattened(FLATNESS_MM).corners().stream()
                                .map(place -> at(place, drafted, ratio))
                                .toList(),
                        0,
                        dashed,
                        LINE_MM));
            }
            layer.strokes().forEach(stroke -> shapes.add(line(stroke, drafted, ratio, dashed, LINE_MM)));
        }
        drafted.strokes().forEach(stroke -> shapes.add(line(stroke, drafted, ratio, false, THIN_MM)));
        List<Drawing.Label> labels = new ArrayList<>();
        piece.texts().forEach(text -> labels.add(label(text, drafted, ratio)));
        drafted.texts().forEach(text -> labels.add(label(text, drafted, ratio)));
        String name = work.fittings()
                ? counted.blank().name()
                : work.name() + ", " + counted.blank().name();
        return new Drawing(
                piece.file(),
                name + (counted.count() > 1 ? ", " + counted.count() + " of it" : "") + ": over all "
                        + wording.amount(Quantity.cut(piece.widthMm())).number() + " × "
                        + wording.amount(Quantity.cut(piece.heightMm())) + ", "
                        + work.board().name(),
                (piece.widthMm() + drafted.rightMm()) / ratio,
                (piece.heightMm() + drafted.aboveMm()) / ratio,
                List.of(),
                shapes,
                labels);
    }

    private static Drawing.Label label(CutDrawing.Text text, Drafted drafted, double ratio) {
        PlanPoint left = at(new PlanPoint(text.xMm(), text.yMm() + text.heightMm() / 2), drafted, ratio);
        double points = Math.min(LETTER_POINTS, text.heightMm() / ratio / LETTER_MM * LETTER_POINTS);
        return new Drawing.Label(left.xMm(), left.yMm(), text.words(), points, false, false);
    }

    private static Drawing.Shape line(
            CutDrawing.Stroke line, Drafted drafted, double ratio, boolean dashed, double lineMm) {
        return new Drawing.Shape(
                List.of(at(line.from(), drafted, ratio), at(line.to(), drafted, ratio)), 0, dashed, lineMm);
    }

    private static PlanPoint at(PlanPoint place, Drafted drafted, double ratio) {
        double top = drafted.piece().heightMm() + drafted.aboveMm();
        return new PlanPoint(place.xMm() / ratio, (top - place.yMm()) / ratio);
    }
}
