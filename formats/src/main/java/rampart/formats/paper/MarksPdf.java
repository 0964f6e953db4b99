package rampart.formats.paper;

import java.io.IOException;
import java.io.UncheckedIOException;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import rampart.formats.photograph.MarkSheet;

/** The marks to lay an item on, or strips of them to lay round it, at true size. */
public final class MarksPdf {
    private static final double SMALL = 7.5;
    private static final double BODY = 9;
    private static final double CUT_MM = 0.15;

    private final Sheet sheet;
    private final Paper paper;

    private MarksPdf(Sheet sheet, Paper paper) {
        this.sheet = sheet;
        this.paper = paper;
    }

    /**
     * One whole sheet and four strips, two on a leaf.
     *
     * @throws IllegalArgumentException for paper on which no sheet of marks is made
     */
    public static byte[] write(Paper paper) {
        MarkSheet whole = switch (paper) {
            case a4 -> MarkSheet.A4;
            case letter -> MarkSheet.LETTER;
            case a3 -> throw new IllegalArgumentException("sheets of marks are printed on a4 or letter, not a3");
        };
        try (Sheet sheet = new Sheet(paper, "Marks for photographs", "")) {
            MarksPdf pdf = new MarksPdf(sheet, paper);
            pdf.whole(whole);
            for (int i = 0; i < MarkSheet.STRIPS.size(); i += 2) {
                sheet.leaf();
                pdf.strip(MarkSheet.STRIPS.get(i), 1);
                pdf.strip(MarkSheet.STRIPS.get(i + 1), 2);
            }
            return sheet.bytes();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private void whole(MarkSheet marks) throws IOException {
        marks(marks, 0, 0);
        double span = marks.spanMm();
        sheet.text(
                36,
                4,
                BODY,
                true,
                "Lay the item inside the marks and photograph it from above, every mark in the picture");
        double line = paper.heightMm() - 8;
        sheet.text(
                36,
                line,
                SMALL,
                false,
                "Print at full size. From the left edge of the lower left mark to the right edge of the lower right one it is "
                        + figure(span) + " mm: measure it.");
    }

    private void strip(MarkSheet marks, int column) throws IOException {
        double left = column * (paper.widthMm() - 2 * marks.widthMm()) / 3 + (column - 1) * marks.widthMm();
        double top = (paper.heightMm() - marks.heightMm()) / 2;
        marks(marks, left, top);
        double right = left + marks.widthMm();
        double low = top + marks.heightMm();
        sheet.line(left, top, right, top, CUT_MM);
        sheet.line(right, top, right, low, CUT_MM);
        sheet.line(right, low, left, low, CUT_MM);
        sheet.line(left, low, left, top, CUT_MM);
        sheet.text(left + 10, top + 2.5, SMALL, true, marks.name() + ": cut out, lay beside the item");
        sheet.text(left + 10, low - 8, SMALL, false, figure(marks.spanMm()) + " mm over all four: measure");
    }

    private static String figure(double mm) {
        return mm == Math.rint(mm) ? String.valueOf((int) mm) : String.valueOf(Math.round(mm * 10) / 10.0);
    }

    private void marks(MarkSheet marks, double left, double top) throws IOException {
        PDPageContentStream stream = sheet.stream();
        stream.setNonStrokingColor(0f, 0f, 0f);
        for (MarkSheet.Mark mark : marks.marks()) {
            double cell = mark.sideMm() / MarkSheet.CELLS;
            for (int row = 0; row < MarkSheet.CELLS; row++) {
                for (int column = 0; column < MarkSheet.CELLS; column++) {
                    if (mark.black(row, column)) {
                        double x = left + mark.left() + column * cell;
                        double y = top + marks.heightMm() - mark.low() - mark.sideMm() + row * cell;
                        stream.addRect(Sheet.points(x), sheet.up(y + cell), Sheet.points(cell), Sheet.points(cell));
                    }
                }
            }
            // One path filled at once, so that no hairline of paper shows between two black cells.
            stream.fill();
        }
    }
}
