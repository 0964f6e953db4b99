package rampart.formats.paper;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.List;
import rampart.formats.view.Nullable;
import rampart.formats.view.StatusView;

/** A page for the screen, block by block; lengths in mm on paper. */
public record PaperView(String title, List<BlockView> blocks) {

    /** One block: of the seven parts the one that it is. */
    public record BlockView(
            @Nullable TitleView title,
            @Nullable TextView text,
            @Nullable DrawingsView drawings,
            @Nullable TableView table,
            @Nullable PaperStepView step,
            @Nullable CutOutsView cutOuts,
            @Nullable PictureView picture) {}

    /** Head of the page. */
    public record TitleView(String words, String standing) {}

    /** How much a paragraph should catch the eye; the names are the words in JSON. */
    @SuppressWarnings("java:S115")
    public enum WeightView {
        strong,
        plain,
        small
    }

    /** A paragraph. */
    public record TextView(
            WeightView weight, String words, @Nullable StatusView status) {}

    /** Drawings side by side. */
    public record DrawingsView(List<DrawingView> drawings, double ratio, double barMm, String note) {}

    /** A drawing to scale. */
    public record DrawingView(
            String id,
            String caption,
            double widthMm,
            double heightMm,
            List<AreaView> areas,
            List<ToneView> shapes,
            List<LabelView> labels) {}

    /** A closed outline: a row of x and y, and how dark it is, 0 paper to 1 ink. */
    public record ToneView(List<List<Double>> placesMm, double tone, boolean dashed, double lineMm) {}

    /**
     * A few words at a place.
     *
     * @param size of the letters, points
     * @param middle true where the place is their middle, false where it is their left end
     */
    public record LabelView(double xMm, double yMm, String words, double size, boolean bold, boolean middle) {}

    /**
     * One thing to do.
     *
     * @param sign what it asks for; empty where nothing is asked
     */
    public record PaperStepView(
            String number,
            String words,
            String sign,
            List<String> details,
            @Nullable DrawingView drawing) {}

    /** Things to cut out, each at its true size. */
    public record CutOutsView(List<DrawingView> drawings) {}

    /** A hatched rectangle. */
    public record AreaView(double leftMm, double topMm, double widthMm, double heightMm, String hatch, double lineMm) {}

    /** A table. */
    public record TableView(String caption, List<ColumnView> columns, List<List<String>> rows, boolean narrow) {}

    /** A column of a table. */
    public record ColumnView(String head, boolean number) {}

    /** A photograph. */
    public record PictureView(String address, double heightMm, String caption) {}

    public static PaperView of(PaperDocument document) {
        Screen screen = new Screen();
        try {
            for (Block block : document.blocks()) {
                block.on(screen);
            }
        } catch (IOException e) {
            throw new UncheckedIOException("a list in memory cannot fail", e);
        }
        return new PaperView(document.title(), screen.blocks);
    }

    static DrawingView drawing(Drawing d) {
        return new DrawingView(
                d.id(),
                d.caption(),
                d.widthMm(),
                d.heightMm(),
                areas(d),
                d.shapes().stream().map(PaperView::shape).toList(),
                d.labels().stream()
                        .map(label -> new LabelView(
                                label.xMm(), label.yMm(), label.words(), label.size(), label.bold(), label.middle()))
                        .toList());
    }

    private static ToneView shape(Drawing.Shape shape) {
        return new ToneView(
                shape.places().stream()
                        .map(place ->
                                List.of(Math.round(place.xMm() * 100) / 100.0, Math.round(place.yMm() * 100) / 100.0))
                        .toList(),
                shape.tone(),
                shape.dashed(),
                shape.lineMm());
    }

    private static List<AreaView> areas(Drawing drawing) {
        return drawing.areas().stream()
                .map(a -> new AreaView(
                        a.leftMm(),
                        a.topMm(),
                        a.widthMm(),
                        a.heightMm(),
                        a.hatching().word(),
                        a.lineMm()))
                .toList();
    }

    private static final class Screen implements Medium {
        private final List<BlockView> blocks = new ArrayList<>();

        private void add(TitleView title, TextView text, DrawingsView drawings, TableView table, PictureView picture) {
            blocks.add(new BlockView(title, text, drawings, table, null, null, picture));
        }

        @Override
        public void title(Block.Title title) {
            add(new TitleView(title.words(), title.standing()), null, null, null, null);
        }

        @Override
        public void text(Block.Text text) {
            WeightView weight = switch (text.weight()) {
                case STRONG -> WeightView.strong;
                case PLAIN -> WeightView.plain;
                case SMALL -> WeightView.small;
            };
            add(null, new TextView(weight, text.words(), text.status().orElse(null)), null, null, null);
        }

        @Override
        public void drawings(Block.Drawings block) {
            List<DrawingView> drawings =
                    block.drawings().stream().map(PaperView::drawing).toList();
            add(null, null, new DrawingsView(drawings, block.ratio(), block.barMm(), block.note()), null, null);
        }

        @Override
        public void step(Block.Step step) {
            PaperStepView view = new PaperStepView(
                    step.number(),
                    step.words(),
                    step.sign(),
                    step.details(),
                    step.drawing().map(PaperView::drawing).orElse(null));
            blocks.add(new BlockView(null, null, null, null, view, null, null));
        }

        @Override
        public void cutOuts(Block.CutOuts cutOuts) {
            CutOutsView view = new CutOutsView(
                    cutOuts.drawings().stream().map(PaperView::drawing).toList());
            blocks.add(new BlockView(null, null, null, null, null, view, null));
        }

        @Override
        public void table(Block.Table table) {
            List<ColumnView> columns = table.columns().stream()
                    .map(c -> new ColumnView(c.head(), c.number()))
                    .toList();
            add(null, null, null, new TableView(table.caption(), columns, table.rows(), table.narrow()), null);
        }

        @Override
        public void picture(Block.Picture picture) {
            add(null, null, null, null, new PictureView(picture.address(), Block.Picture.HEIGHT_MM, picture.caption()));
        }
    }
}
