package rampart.formats.paper;

import static rampart.formats.paper.Sheet.MARGIN_MM;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.List;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import rampart.core.geometry.PlanPoint;

/** A page as a PDF file: real text, drawings to scale, a new leaf when one is full. */
public final class PdfMedium implements Medium {
    private static final double TITLE = 15;
    private static final double BODY = 9.5;
    private static final double CELL = 9;
    private static final double STEP = 10.5;
    private static final double CUT_OUT_GAP_MM = 3;
    private static final double SMALL = 8;
    private static final double GAP_MM = 2;

    private final Sheet sheet;

    private PdfMedium(Sheet sheet) {
        this.sheet = sheet;
    }

    /** The document on this paper. */
    public static byte[] write(PaperDocument document, Paper paper) {
        try (Sheet sheet = new Sheet(paper, document.title(), running(document))) {
            PdfMedium medium = new PdfMedium(sheet);
            for (Block block : document.blocks()) {
                block.on(medium);
            }
            return sheet.bytes();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** What every leaf says of itself: leaves get apart. */
    private static String running(PaperDocument document) {
        return document.blocks().stream()
                .filter(Block.Title.class::isInstance)
                .map(Block.Title.class::cast)
                .map(title -> title.words() + ", " + title.standing())
                .findFirst()
                .orElse(document.title());
    }

    @Override
    public void title(Block.Title title) throws IOException {
        sheet.paragraph(TITLE, true, title.words());
        sheet.paragraph(SMALL, false, title.standing());
        sheet.down(1);
        sheet.line(MARGIN_MM, sheet.y(), MARGIN_MM + sheet.widthMm(), sheet.y(), 0.5);
        sheet.down(2);
    }

    @Override
    public void text(Block.Text text) throws IOException {
        switch (text.weight()) {
            case STRONG -> sheet.paragraph(BODY, true, text.words());
            case PLAIN -> sheet.paragraph(BODY, false, text.words());
            case SMALL -> sheet.paragraph(SMALL, false, text.words());
        }
    }

    @Override
    public void drawings(Block.Drawings block) throws IOException {
        double height =
                block.drawings().stream().mapToDouble(Drawing::heightMm).max().orElse(0);
        sheet.down(3);
        sheet.need(height + 14);
        double step = (sheet.widthMm() + 4) / block.drawings().size();
        for (int i = 0; i < block.drawings().size(); i++) {
            draw(block.drawings().get(i), MARGIN_MM + i * step);
        }
        sheet.down(height + 1);
        for (int i = 0; i < block.drawings().size(); i++) {
            sheet.text(
                    MARGIN_MM + i * step,
                    sheet.y(),
                    SMALL,
                    false,
                    block.drawings().get(i).caption());
        }
        sheet.down(Sheet.lineMm(SMALL) + 1.5);
        sheet.line(MARGIN_MM, sheet.y() + 1.5, MARGIN_MM + block.barMm(), sheet.y() + 1.5, 0.8);
        sheet.text(MARGIN_MM + block.barMm() + 3, sheet.y() - 0.5, SMALL, false, block.note());
        sheet.down(Sheet.lineMm(SMALL) + 2);
    }

    private void draw(Drawing drawing, double x) throws IOException {
        draw(drawing, x, sheet.y());
    }

    private void draw(Drawing drawing, double x, double top) throws IOException {
        for (Drawing.Area area : drawing.areas()) {
            Hatch.of(area.hatching())
                    .fill(sheet, x + area.leftMm(), top + area.topMm(), area.widthMm(), area.heightMm());
        }
        for (Drawing.Shape shape : drawing.shapes()) {
            shape(shape, x, top);
        }
        for (Drawing.Label label : drawing.labels()) {
            double aside = label.middle() ? sheet.lengthMm(label.words(), label.size()) / 2 : 0;
            sheet.text(
                    x + label.xMm() - aside,
                    top + label.yMm() - Sheet.lineMm(label.size()) / 2,
                    label.size(),
                    label.bold(),
                    label.words());
        }
        // Edges after all grounds, so that no neighbour covers half a line.
        for (Drawing.Area area : drawing.areas()) {
            if (area.lineMm() > 0) {
                Hatch.of(area.hatching())
                        .edge(
                                sheet,
                                x + area.leftMm(),
                                top + area.topMm(),
                                area.widthMm(),
                                area.heightMm(),
                                area.lineMm());
            }
        }
    }

    private void shape(Drawing.Shape shape, double x, double top) throws IOException {
        PDPageContentStream stream = sheet.stream();
        float grey = (float) (1 - shape.tone());
        stream.setNonStrokingColor(grey, grey, grey);
        stream.setStrokingColor(0.11f, 0.14f, 0.19f);
        stream.setLineWidth(Sheet.points(shape.lineMm()));
        stream.setLineDashPattern(shape.dashed() ? new float[] {Sheet.points(1.5), Sheet.points(1)} : new float[0], 0);
        for (int i = 0; i < shape.places().size(); i++) {
            PlanPoint place = shape.places().get(i);
            if (i == 0) {
                stream.moveTo(Sheet.points(x + place.xMm()), sheet.up(top + place.yMm()));
            } else {
                stream.lineTo(Sheet.points(x + place.xMm()), sheet.up(top + place.yMm()));
            }
        }
        if (shape.places().size() > 2) {
            // A line that went back to where it began would fill the gaps between its dashes.
            stream.closePath();
        }
        if (shape.dashed() || shape.places().size() == 2) {
            stream.stroke();
        } else if (shape.lineMm() == 0) {
            stream.fill();
        } else {
            stream.fillAndStroke();
        }
        stream.setLineDashPattern(new float[0], 0);
    }

    @Override
    public void table(Block.Table table) throws IOException {
        sheet.down(3);
        sheet.need(3 * Sheet.lineMm(CELL) + GAP_MM);
        sheet.paragraph(CELL, true, table.caption());
        sheet.down(0.5);
        List<String> heads =
                table.columns().stream().map(Block.Table.Column::head).toList();
        if (heads.stream().anyMatch(head -> !head.isEmpty())) {
            cells(table.columns(), heads, SMALL);
        }
        for (List<String> row : table.rows()) {
            cells(table.columns(), row, CELL);
        }
        sheet.down(1);
    }

    private void cells(List<Block.Table.Column> columns, List<String> cells, double size) throws IOException {
        List<List<String>> broken = new ArrayList<>();
        int lines = 1;
        for (int i = 0; i < cells.size(); i++) {
            List<String> cell = sheet.broken(cells.get(i), size, columns.get(i).widthMm() - GAP_MM);
            broken.add(cell);
            lines = Math.max(lines, cell.size());
        }
        sheet.need(lines * Sheet.lineMm(size));
        double x = MARGIN_MM;
        for (int i = 0; i < cells.size(); i++) {
            for (int line = 0; line < broken.get(i).size(); line++) {
                String text = broken.get(i).get(line);
                double aside = columns.get(i).number()
                        ? columns.get(i).widthMm() - 2 * GAP_MM - sheet.lengthMm(text, size)
                        : 0;
                sheet.text(x + Math.max(0, aside), sheet.y() + line * Sheet.lineMm(size), size, false, text);
            }
            x += columns.get(i).widthMm();
        }
        sheet.down(lines * Sheet.lineMm(size));
        sheet.line(MARGIN_MM, sheet.y(), MARGIN_MM + sheet.widthMm(), sheet.y(), 0.1);
        sheet.down(0.6);
    }

    @Override
    public void step(Block.Step step) throws IOException {
        double aside = step.drawing().isPresent() ? Block.Step.DRAWING_MM + 4 : 0;
        double left = MARGIN_MM + 12;
        double signed = step.sign().isEmpty() ? 0 : sheet.lengthMm(step.sign(), SMALL) + 14;
        double width = sheet.widthMm() - 12 - aside - signed;
        List<String> words = sheet.broken(step.words(), STEP, width);
        List<List<String>> details = new ArrayList<>();
        double high = words.size() * Sheet.lineMm(STEP) + 2;
        for (String detail : step.details()) {
            List<String> lines = sheet.broken(detail, CELL, width);
            details.add(lines);
            high += lines.size() * Sheet.lineMm(CELL) + 0.6;
        }
        high = Math.max(high, step.drawing().map(Drawing::heightMm).orElse(0.0) + 3);
        sheet.need(high + 2);
        sheet.line(MARGIN_MM, sheet.y(), MARGIN_MM + sheet.widthMm(), sheet.y(), 0.1);
        double top = sheet.y() + 1.5;
        sheet.text(MARGIN_MM, top, STEP, true, step.number());
        double y = top;
        for (String line : words) {
            sheet.text(left, y, STEP, true, line);
            y += Sheet.lineMm(STEP);
        }
        for (List<String> detail : details) {
            y += 0.6;
            for (String line : detail) {
                sheet.text(left, y, CELL, false, line);
                y += Sheet.lineMm(CELL);
            }
        }
        double right = MARGIN_MM + sheet.widthMm();
        if (!step.sign().isEmpty()) {
            box(right - aside - 6, top, 4.5);
            sheet.text(right - aside - 10 - sheet.lengthMm(step.sign(), SMALL), top + 0.7, SMALL, false, step.sign());
        }
        if (step.drawing().isPresent()) {
            draw(step.drawing().get(), right - Block.Step.DRAWING_MM, top);
        }
        sheet.down(high + 2);
    }

    /** To tick. */
    private void box(double x, double top, double side) throws IOException {
        sheet.line(x, top, x + side, top, 0.3);
        sheet.line(x + side, top, x + side, top + side, 0.3);
        sheet.line(x + side, top + side, x, top + side, 0.3);
        sheet.line(x, top + side, x, top, 0.3);
    }

    @Override
    public void cutOuts(Block.CutOuts cutOuts) throws IOException {
        double x = MARGIN_MM;
        double high = 0;
        sheet.down(2);
        for (Drawing drawing : cutOuts.drawings()) {
            boolean beside = high > 0 && x + drawing.widthMm() <= MARGIN_MM + sheet.widthMm() + 0.01;
            if (!beside) {
                sheet.down(high > 0 ? high + CUT_OUT_GAP_MM : 0);
                sheet.need(drawing.heightMm());
                x = MARGIN_MM;
                high = 0;
            }
            draw(drawing, x, sheet.y());
            x += drawing.widthMm() + CUT_OUT_GAP_MM;
            high = Math.max(high, drawing.heightMm());
        }
        sheet.down(high + CUT_OUT_GAP_MM);
    }

    /** Each drawing alone on a leaf of its own size. */
    public static byte[] single(String title, List<Drawing> drawings) {
        try (Sheet sheet = new Sheet(drawings.get(0).widthMm(), drawings.get(0).heightMm(), title)) {
            PdfMedium medium = new PdfMedium(sheet);
            for (int i = 0; i < drawings.size(); i++) {
                if (i > 0) {
                    sheet.leaf(drawings.get(i).widthMm(), drawings.get(i).heightMm());
                }
                medium.draw(drawings.get(i), 0, 0);
            }
            return sheet.bytes();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    @Override
    public void picture(Block.Picture picture) throws IOException {
        sheet.down(2);
        sheet.need(Block.Picture.HEIGHT_MM + Sheet.lineMm(SMALL));
        sheet.picture(picture.image(), Block.Picture.HEIGHT_MM);
        sheet.paragraph(SMALL, false, picture.caption());
    }
}
