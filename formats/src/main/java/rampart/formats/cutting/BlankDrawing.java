package rampart.formats.cutting;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import rampart.core.blank.Blank;
import rampart.core.blank.CountedBlank;
import rampart.core.blank.Panel;
import rampart.core.cut.BoardWork;
import rampart.core.geometry.Bounds;
import rampart.core.geometry.CutWork;
import rampart.core.geometry.Outline;
import rampart.core.geometry.PlanPoint;
import rampart.core.words.Wording;

/** A blank as a drawing: cut, score, perforation and glue each on a layer of its own, panels named. */
public final class BlankDrawing {
    /** Letters are this part of the blank's longer side at most, so that they can be read on a small drawing of it too. */
    private static final double TEXT_SHARE = 1.0 / 42;

    private static final double LETTER_WIDTH = .6;

    private BlankDrawing() {}

    /** Of everything of board in a pack, each piece once. */
    public static List<CutDrawing> all(List<BoardWork> works) {
        List<CutDrawing> drawings = new ArrayList<>();
        for (int i = 0; i < works.size(); i++) {
            for (int k = 0; k < works.get(i).blanks().size(); k++) {
                drawings.add(of(works.get(i), i + 1, k));
            }
        }
        return drawings;
    }

    /**
     * Of one piece.
     *
     * @param number of the thing in its pack, from 1
     * @param index of the blank in it
     */
    public static CutDrawing of(BoardWork work, int number, int index) {
        CountedBlank counted = work.blanks().get(index);
        Blank blank = counted.blank();
        String name = blank.name().toLowerCase(Locale.ROOT).replaceAll("[^a-z0-9]+", "-");
        CutDrawing drawing = of(
                blank,
                "board-" + number + "-" + name,
                work.name() + ", " + blank.name() + (counted.count() > 1 ? ", " + counted.count() + " of it" : "")
                        + (blank.steps().isEmpty() ? "" : ", seen from the inside") + ", "
                        + work.board().name());
        return drawing.noted(BlankNotes.of(work, counted, drawing, Wording.METRIC));
    }

    private static CutDrawing of(Blank blank, String file, String title) {
        Bounds b = blank.bounds();
        double x = -b.minXMm();
        double y = -b.minYMm();
        List<CutDrawing.Layer> layers = new ArrayList<>();
        layers.add(new CutDrawing.Layer(
                "cut",
                CutWork.CUT,
                blank.caliperMm(),
                blank.edges().stream().map(o -> o.moved(x, y)).toList(),
                strokes(blank.cuts(), x, y)));
        for (CutWork work : List.of(CutWork.SCORE, CutWork.PERFORATION)) {
            open(layers, work, strokes(blank.creases(work), x, y));
        }
        if (!blank.glue().isEmpty()) {
            layers.add(CutDrawing.Layer.closed(
                    "glue",
                    CutWork.GLUE,
                    0,
                    blank.glue().stream().map(o -> o.moved(x, y)).toList()));
        }
        List<CutDrawing.Text> texts = new ArrayList<>();
        for (Panel panel : blank.panels()) {
            texts.add(text(panel, x, y, TEXT_SHARE * Math.max(b.widthMm(), b.heightMm())));
        }
        return new CutDrawing(file, title, b.widthMm(), b.heightMm(), layers, texts, List.of());
    }

    private static void open(List<CutDrawing.Layer> layers, CutWork work, List<CutDrawing.Stroke> strokes) {
        if (!strokes.isEmpty()) {
            layers.add(new CutDrawing.Layer(work.name().toLowerCase(Locale.ROOT), work, 0, List.of(), strokes));
        }
    }

    private static List<CutDrawing.Stroke> strokes(List<Blank.Line> lines, double x, double y) {
        return lines.stream()
                .map(line ->
                        new CutDrawing.Stroke(line.from().plus(x, y), line.to().plus(x, y)))
                .toList();
    }

    /** The name in the middle of the panel, no wider than it. */
    private static CutDrawing.Text text(Panel panel, double x, double y, double mostMm) {
        Outline outline = panel.outline();
        Bounds b = outline.bounds();
        String words = panel.name();
        // Of a strip the middle of its first cell, clear of the slots.
        double end = panel.corners().stream()
                .mapToDouble(PlanPoint::xMm)
                .filter(place -> place > b.minXMm() && panel.fold().isEmpty())
                .min()
                .orElse(b.maxXMm());
        double height =
                Math.min(mostMm, Math.min(b.heightMm() / 2, (end - b.minXMm()) / (words.length() * LETTER_WIDTH)));
        PlanPoint middle = new PlanPoint((b.minXMm() + end) / 2, (b.minYMm() + b.maxYMm()) / 2);
        double half = words.length() * LETTER_WIDTH * height / 2;
        return new CutDrawing.Text(x + middle.xMm() - half, y + middle.yMm() - height / 2, height, words);
    }
}
