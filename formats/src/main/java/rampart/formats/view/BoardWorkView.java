package rampart.formats.view;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.OptionalDouble;
import java.util.stream.IntStream;
import rampart.core.blank.Blank;
import rampart.core.blank.CountedBlank;
import rampart.core.blank.Folding;
import rampart.core.blank.Panel;
import rampart.core.blank.Pose;
import rampart.core.box.CartonStyle;
import rampart.core.cost.Prices;
import rampart.core.cut.BoardWork;
import rampart.core.cut.CutDown;
import rampart.core.geometry.PlanPoint;
import rampart.core.quantity.Point;
import rampart.core.words.Wording;
import rampart.formats.cutting.BlankDrawing;
import rampart.formats.cutting.CutDrawing;

/**
 * Something of a pack that is made of board, its pieces to cut, and how they are folded.
 *
 * @param layer index of its layer; null for what divides the contents
 * @param style code of a box's style; null where it is none
 * @param made how it is made, in a sentence; empty where it is no box
 * @param impossible why it cannot be made; null where it can
 * @param cutDown how it is made lower; null where it is not
 * @param bought true where it comes from stock as it is
 * @param areaM2 of the board in it
 * @param sheetM2 of the rectangles that it is cut from, which its cost goes by
 * @param cost of its board; null where that has no price
 */
public record BoardWorkView(
        @Nullable Integer layer,
        String name,
        @Nullable String style,
        String made,
        String board,
        double areaM2,
        double sheetM2,
        double massKg,
        @Nullable Double cost,
        @Nullable String impossible,
        @Nullable CutDownView cutDown,
        boolean bought,
        List<BlankView> blanks) {
    private static final double MM2_PER_M2 = 1e6;

    /**
     * A carton made lower.
     *
     * @param scoreMm from the fold of the bottom to the new score
     * @param steps what is done, in order
     */
    public record CutDownView(double scoreMm, double flapMm, double offMm, List<String> steps) {
        static CutDownView of(CutDown down, Wording wording) {
            return new CutDownView(
                    down.scoreMm(),
                    down.flapMm(),
                    down.offMm(),
                    down.steps().stream().map(wording::say).toList());
        }
    }

    /**
     * One piece to cut.
     *
     * @param file name of its files, without an ending
     * @param count how many of it
     * @param sheetM2 the rectangle that it is cut from
     * @param labels names of panels, where they stand
     * @param steps what is done in each step of folding
     * @param folding panels as they stand at each moment of folding, a whole step every {@code perStep}
     */
    public record BlankView(
            String file,
            String title,
            String name,
            int count,
            double widthMm,
            double heightMm,
            double areaM2,
            double sheetM2,
            List<BlankLayerView> layers,
            List<BlankLabelView> labels,
            List<String> steps,
            int perStep,
            List<List<List<List<Double>>>> folding) {}

    /**
     * Lines with the same work.
     *
     * @param work cut, score, perforation or glue
     * @param outlines that close, places in mm from the lower left
     * @param strokes from and to
     */
    public record BlankLayerView(
            String name, String work, List<List<List<Double>>> outlines, List<List<List<Double>>> strokes) {}

    /** Words on a blank: they begin there and stand so high. */
    public record BlankLabelView(String words, double xMm, double yMm, double heightMm) {}

    /** Moments of one step of folding. */
    private static final int PER_STEP = 5;

    /** Everything of board in a pack. */
    public static List<BoardWorkView> of(List<BoardWork> works, Prices prices, Wording wording) {
        List<BoardWorkView> views = new ArrayList<>();
        for (int i = 0; i < works.size(); i++) {
            views.add(of(works.get(i), i + 1, prices, wording));
        }
        return views;
    }

    private static BoardWorkView of(BoardWork work, int number, Prices prices, Wording wording) {
        OptionalDouble cost = work.cost(prices);
        return new BoardWorkView(
                work.layer().isPresent() ? work.layer().getAsInt() : null,
                work.name(),
                work.style().map(CartonStyle::code).orElse(null),
                work.style().map(s -> s.made() + ".").orElse(""),
                work.board().name(),
                work.areaMm2() / MM2_PER_M2,
                work.sheetMm2() / MM2_PER_M2,
                work.massKg(),
                cost.isPresent() ? cost.getAsDouble() : null,
                work.impossible().orElse(null),
                work.cutDown().map(down -> CutDownView.of(down, wording)).orElse(null),
                work.bought(),
                IntStream.range(0, work.blanks().size())
                        .mapToObj(i -> blank(work.blanks().get(i), BlankDrawing.of(work, number, i)))
                        .toList());
    }

    private static BlankView blank(CountedBlank counted, CutDrawing drawing) {
        Blank blank = counted.blank();
        return new BlankView(
                drawing.file(),
                drawing.title(),
                blank.name(),
                counted.count(),
                drawing.widthMm(),
                drawing.heightMm(),
                blank.areaMm2() / MM2_PER_M2,
                drawing.widthMm() * drawing.heightMm() / MM2_PER_M2,
                drawing.layers().stream().map(BoardWorkView::layer).toList(),
                drawing.texts().stream()
                        .map(t -> new BlankLabelView(t.words(), t.xMm(), t.yMm(), t.heightMm()))
                        .toList(),
                blank.steps(),
                PER_STEP,
                IntStream.rangeClosed(0, blank.steps().size() * PER_STEP)
                        .mapToObj(i -> moment(blank, (double) i / PER_STEP))
                        .toList());
    }

    private static BlankLayerView layer(CutDrawing.Layer layer) {
        return new BlankLayerView(
                layer.name(),
                layer.work().name().toLowerCase(Locale.ROOT),
                layer.outlines().stream()
                        .map(o -> o.corners().stream().map(BoardWorkView::place).toList())
                        .toList(),
                layer.strokes().stream()
                        .map(s -> List.of(place(s.from()), place(s.to())))
                        .toList());
    }

    private static List<Double> place(PlanPoint place) {
        return List.of(place.xMm(), place.yMm());
    }

    private static List<List<List<Double>>> moment(Blank blank, double steps) {
        List<Pose> poses = Folding.at(blank, steps);
        return IntStream.range(0, poses.size())
                .mapToObj(i -> panel(blank.panels().get(i), poses.get(i)))
                .toList();
    }

    private static List<List<Double>> panel(Panel panel, Pose pose) {
        return panel.corners().stream()
                .map(corner -> tenths(pose.at(corner.xMm(), corner.yMm(), 0)))
                .toList();
    }

    /** To draw, a tenth of a millimetre is enough. */
    private static List<Double> tenths(Point at) {
        return List.of(tenth(at.xMm()), tenth(at.yMm()), tenth(at.zMm()));
    }

    private static double tenth(double mm) {
        return Math.round(mm * 10) / 10.0;
    }
}
