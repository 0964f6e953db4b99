package rampart.formats.paper;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.List;
import java.util.Locale;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import rampart.core.geometry.CutWork;
import rampart.core.geometry.Outline;
import rampart.core.geometry.PlanPoint;
import rampart.core.quantity.Units;
import rampart.core.search.Watcher;
import rampart.core.words.Quantity;
import rampart.core.words.Wording;
import rampart.formats.cutting.CutDrawing;

/**
 * Drawings at true size on as many leaves as they need, each with its place in the whole, overlapping the next, with crosses
 * to lay them over each other and a bar to check the printer with a ruler.
 */
public final class TemplatePdf {
    /** What two leaves have in common. */
    static final double OVERLAP_MM = 15;

    /**
     * Most leaves of all drawings together: some 2 m by 10 m of board, more than anybody lays side by side and tapes. Ten times as many fill the
     * memory of the house.
     */
    public static final int MOST_LEAVES = 500;

    private static final double HEAD_MM = 16;
    private static final double SMALL = 8;
    private static final double BODY = 10;
    private static final double CROSS_MM = 4;
    private static final double FLATNESS_MM = 0.02;

    private final Sheet sheet;
    private final double wideMm;
    private final double highMm;
    /** In what depths and the bar are said: who prints on Letter has a ruler in inches. */
    private final Wording wording;

    private final double barMm;

    private TemplatePdf(Sheet sheet, Paper paper) {
        this.sheet = sheet;
        this.wideMm = paper.widthMm() - 2 * Sheet.MARGIN_MM;
        this.highMm = paper.heightMm() - 2 * Sheet.MARGIN_MM - HEAD_MM;
        this.wording = paper == Paper.letter ? Wording.IMPERIAL : Wording.METRIC;
        this.barMm = paper == Paper.letter ? 4 * Units.MM_PER_IN : 100;
    }

    /**
     * The leaves, drawing by drawing, row by row from the upper left.
     *
     * @param standing what state of it they are of
     * @throws IllegalArgumentException if they take more than {@link #MOST_LEAVES}
     */
    public static byte[] write(String title, String standing, List<CutDrawing> drawings, Paper paper, Watcher watcher) {
        long leaves = leaves(drawings, paper);
        if (leaves > MOST_LEAVES) {
            throw new IllegalArgumentException("takes " + leaves + " leaves; at most " + MOST_LEAVES + " are printed");
        }
        try (Sheet sheet = new Sheet(paper, title, title + ", " + standing)) {
            TemplatePdf pdf = new TemplatePdf(sheet, paper);
            boolean first = true;
            for (CutDrawing drawing : drawings) {
                first = pdf.leaves(drawing, first, watcher);
            }
            return sheet.bytes();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** How many leaves these drawings take, so that who asks for them can be told before they are made. */
    public static long leaves(List<CutDrawing> drawings, Paper paper) {
        double wide = paper.widthMm() - 2 * Sheet.MARGIN_MM;
        double high = paper.heightMm() - 2 * Sheet.MARGIN_MM - HEAD_MM;
        return drawings.stream()
                .mapToLong(drawing -> (long) leaves(drawing.widthMm(), wide) * leaves(drawing.heightMm(), high))
                .sum();
    }

    /** How many leaves a length needs, each of this useful length. */
    static int leaves(double lengthMm, double usefulMm) {
        return (int) Math.max(1, Math.ceil((lengthMm - OVERLAP_MM) / (usefulMm - OVERLAP_MM) - 1e-9));
    }

    private boolean leaves(CutDrawing drawing, boolean first, Watcher watcher) throws IOException {
        int columns = leaves(drawing.widthMm(), wideMm);
        int rows = leaves(drawing.heightMm(), highMm);
        boolean begun = first;
        for (int row = 0; row < rows; row++) {
            for (int column = 0; column < columns; column++) {
                watcher.look();
                if (!begun) {
                    sheet.leaf();
                }
                begun = false;
                leaf(drawing, row, rows, column, columns);
            }
        }
        return begun;
    }

    private void leaf(CutDrawing drawing, int row, int rows, int column, int columns) throws IOException {
        double left = Sheet.MARGIN_MM;
        sheet.text(left, Sheet.MARGIN_MM, BODY, true, drawing.title());
        String place = rows * columns == 1
                ? "one leaf"
                : "row " + (row + 1) + " of " + rows + ", column " + (column + 1) + " of " + columns
                        + "; lay the crosses over each other";
        sheet.text(
                left,
                Sheet.MARGIN_MM + 4.5,
                SMALL,
                false,
                place + "; print at full size; this bar is " + wording.amount(Quantity.cut(barMm)) + " long");
        double bar = Sheet.MARGIN_MM + 11;
        sheet.line(left, bar, left + barMm, bar, 0.3);
        sheet.line(left, bar - 1.5, left, bar + 1.5, 0.3);
        sheet.line(left + barMm, bar - 1.5, left + barMm, bar + 1.5, 0.3);

        double fromX = column * (wideMm - OVERLAP_MM);
        double fromTop = row * (highMm - OVERLAP_MM);
        double top = Sheet.MARGIN_MM + HEAD_MM;
        PDPageContentStream stream = sheet.stream();
        stream.saveGraphicsState();
        stream.addRect(Sheet.points(left), sheet.up(top + highMm), Sheet.points(wideMm), Sheet.points(highMm));
        stream.clip();
        for (CutDrawing.Layer layer : drawing.layers()) {
            stream.setLineWidth(Sheet.points(0.25));
            stream.setLineDashPattern(dashes(layer.work()), 0);
            for (Outline outline : layer.outlines()) {
                path(outline.flattened(FLATNESS_MM).corners(), left - fromX, top - fromTop + drawing.heightMm());
            }
            for (CutDrawing.Stroke stroke : layer.strokes()) {
                double originX = left - fromX;
                double originY = top - fromTop + drawing.heightMm();
                stream.moveTo(
                        Sheet.points(originX + stroke.from().xMm()),
                        sheet.up(originY - stroke.from().yMm()));
                stream.lineTo(
                        Sheet.points(originX + stroke.to().xMm()),
                        sheet.up(originY - stroke.to().yMm()));
                stream.stroke();
            }
        }
        stream.setLineDashPattern(new float[0], 0);
        for (CutDrawing.Text text : drawing.texts()) {
            sheet.text(
                    left - fromX + text.xMm(),
                    top - fromTop + drawing.heightMm() - text.yMm() - text.heightMm(),
                    text.heightMm() * 72 / 25.4,
                    false,
                    text.words());
        }
        stream.restoreGraphicsState();
        for (int r = row; r <= row + 1; r++) {
            for (int c = column; c <= column + 1; c++) {
                cross(r, rows, c, columns, left - fromX, top - fromTop);
            }
        }
        layers(drawing, top);
    }

    /** A cross in the middle of what four leaves, or two, have in common. */
    private void cross(int row, int rows, int column, int columns, double originX, double originY) throws IOException {
        if (rows * columns == 1) {
            return;
        }
        double x = originX
                + Math.max(
                        OVERLAP_MM / 2,
                        Math.min(
                                column * (wideMm - OVERLAP_MM) + OVERLAP_MM / 2,
                                wideMm + (columns - 1) * (wideMm - OVERLAP_MM) - OVERLAP_MM / 2));
        double y = originY
                + Math.max(
                        OVERLAP_MM / 2,
                        Math.min(
                                row * (highMm - OVERLAP_MM) + OVERLAP_MM / 2,
                                highMm + (rows - 1) * (highMm - OVERLAP_MM) - OVERLAP_MM / 2));
        sheet.line(x - CROSS_MM, y, x + CROSS_MM, y, 0.15);
        sheet.line(x, y - CROSS_MM, x, y + CROSS_MM, 0.15);
    }

    private void layers(CutDrawing drawing, double top) throws IOException {
        StringBuilder words = new StringBuilder();
        for (CutDrawing.Layer layer : drawing.layers()) {
            words.append(words.isEmpty() ? "" : "; ")
                    .append(line(layer.work()))
                    .append(": ")
                    .append(said(layer));
        }
        sheet.text(Sheet.MARGIN_MM + barMm + 5, top - 6.5, SMALL, false, words.toString());
    }

    /** What a layer is; a depth in the unit of the ruler. */
    private String said(CutDrawing.Layer layer) {
        return layer.work() == CutWork.POCKET || layer.work() == CutWork.ISLAND
                ? layer.work().name().toLowerCase(Locale.ROOT) + " " + wording.amount(Quantity.cut(layer.depthMm()))
                : layer.name().replace("-", " ");
    }

    private static String line(CutWork work) {
        return switch (work) {
            case CUT -> "whole line";
            case POCKET -> "long dashes";
            case ISLAND -> "short dashes";
            case SCORE -> "dashes";
            case PERFORATION -> "dash and dot";
            case GLUE -> "fine dots";
            case MARK -> "dots";
        };
    }

    private static float[] dashes(CutWork work) {
        return switch (work) {
            case CUT -> new float[0];
            case POCKET -> new float[] {Sheet.points(5), Sheet.points(1.5)};
            case ISLAND -> new float[] {Sheet.points(2), Sheet.points(1)};
            case SCORE -> new float[] {Sheet.points(3), Sheet.points(1.5)};
            case PERFORATION -> new float[] {Sheet.points(3), Sheet.points(1), Sheet.points(.5), Sheet.points(1)};
            case GLUE -> new float[] {Sheet.points(0.3), Sheet.points(.8)};
            case MARK -> new float[] {Sheet.points(0.4), Sheet.points(1.2)};
        };
    }

    private void path(List<PlanPoint> corners, double originX, double originY) throws IOException {
        PDPageContentStream stream = sheet.stream();
        for (int i = 0; i < corners.size(); i++) {
            float x = Sheet.points(originX + corners.get(i).xMm());
            float y = sheet.up(originY - corners.get(i).yMm());
            if (i == 0) {
                stream.moveTo(x, y);
            } else {
                stream.lineTo(x, y);
            }
        }
        stream.closeAndStroke();
    }
}
