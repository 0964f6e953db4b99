package rampart.formats.paper;

import java.util.ArrayList;
import java.util.List;
import rampart.core.blank.Blank;
import rampart.core.blank.CountedBlank;
import rampart.core.cut.BoardWork;
import rampart.core.geometry.Bounds;
import rampart.core.geometry.CutWork;
import rampart.core.geometry.Outline;
import rampart.core.geometry.PlanPoint;
import rampart.core.words.Quantity;
import rampart.core.words.Wording;

/** The insert and everything of board on the flat, to scale; scores are dashed. */
final class DrawingsPaper {
    private static final double ROOM_WIDTH_MM = 88;
    private static final double ROOM_HEIGHT_MM = 80;
    private static final double FLATNESS_MM = 0.2;
    private static final double LINE_MM = 0.25;

    private DrawingsPaper() {}

    static List<Block> blocks(PaperSource source) {
        List<Block> blocks = new ArrayList<>();
        source.layout().bed().ifPresent(bed -> blocks.addAll(InsertPaper.blocks(bed, source.wording())));
        List<Drawing> row = new ArrayList<>();
        double ratio = 0;
        for (BoardWork work : BoardWork.of(source.pack(), source.layout(), source.catalogue())) {
            for (CountedBlank counted : work.blanks()) {
                Bounds b = counted.blank().bounds();
                double own = PackPaper.ratio(b.widthMm(), b.heightMm(), ROOM_WIDTH_MM, ROOM_HEIGHT_MM);
                if (row.size() == 2 || (!row.isEmpty() && own != ratio)) {
                    blocks.add(PackPaper.drawings(row, ratio, source.wording()));
                    row = new ArrayList<>();
                }
                ratio = own;
                row.add(drawing(work, counted, ratio, source.wording()));
            }
        }
        if (!row.isEmpty()) {
            blocks.add(PackPaper.drawings(row, ratio, source.wording()));
        }
        if (blocks.isEmpty()) {
            blocks.add(Block.Text.of(Block.Text.Weight.PLAIN, "Nothing is cut to a drawing."));
        }
        blocks.add(Block.Text.of(
                Block.Text.Weight.SMALL,
                "Board is seen from the inside; full lines are cut, dashed ones scored. Files for machines and true-size"
                        + " templates stand at the stations Insert and Carton."));
        return blocks;
    }

    private static Drawing drawing(BoardWork work, CountedBlank counted, double ratio, Wording wording) {
        Blank blank = counted.blank();
        Bounds b = blank.bounds();
        List<Drawing.Shape> shapes = new ArrayList<>();
        for (Outline edge : blank.edges()) {
            shapes.add(new Drawing.Shape(
                    edge.flattened(FLATNESS_MM).corners().stream()
                            .map(place -> at(place, b, ratio))
                            .toList(),
                    0,
                    false,
                    LINE_MM));
        }
        blank.cuts().forEach(cut -> shapes.add(line(cut, b, ratio, false)));
        blank.creases(CutWork.SCORE).forEach(score -> shapes.add(line(score, b, ratio, true)));
        blank.creases(CutWork.PERFORATION).forEach(score -> shapes.add(line(score, b, ratio, true)));
        String name = work.fittings() ? blank.name() : work.name() + ", " + blank.name();
        return new Drawing(
                name.toLowerCase(java.util.Locale.ROOT).replaceAll("[^a-z0-9]+", "-"),
                name + (counted.count() > 1 ? ", " + counted.count() + " of it" : "") + ": "
                        + wording.amount(Quantity.cut(b.widthMm())).number() + " × "
                        + wording.amount(Quantity.cut(b.heightMm())).number() + ", "
                        + work.board().name(),
                b.widthMm() / ratio,
                b.heightMm() / ratio,
                List.of(),
                shapes,
                List.of());
    }

    private static Drawing.Shape line(Blank.Line line, Bounds b, double ratio, boolean dashed) {
        return new Drawing.Shape(List.of(at(line.from(), b, ratio), at(line.to(), b, ratio)), 0, dashed, LINE_MM);
    }

    private static PlanPoint at(PlanPoint place, Bounds b, double ratio) {
        return new PlanPoint((place.xMm() - b.minXMm()) / ratio, (b.maxYMm() - place.yMm()) / ratio);
    }
}
