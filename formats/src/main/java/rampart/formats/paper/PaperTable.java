package rampart.formats.paper;

import static rampart.formats.paper.Sheet.MARGIN_MM;

import java.io.IOException;
import java.util.ArrayList;
import java.util.List;

/** A table on paper: a caption, heads where they have words, and rows whose cells break into lines. */
final class PaperTable {
    private static final double SIZE = 9;
    private static final double HEAD = 8;
    private static final double GAP_MM = 2;

    private final String caption;
    private final List<String> heads;
    private final List<Double> widthsMm;
    private final List<List<String>> rows = new ArrayList<>();

    PaperTable(String caption, List<String> heads, List<Double> widthsMm) {
        this.caption = caption;
        this.heads = heads;
        this.widthsMm = widthsMm;
    }

    void row(String... cells) {
        rows.add(List.of(cells));
    }

    void write(Sheet sheet) throws IOException {
        if (rows.isEmpty()) {
            return;
        }
        sheet.down(3);
        sheet.need(3 * Sheet.lineMm(SIZE) + GAP_MM);
        sheet.paragraph(SIZE, true, caption);
        sheet.down(0.5);
        if (heads.stream().anyMatch(head -> !head.isEmpty())) {
            cells(sheet, heads, HEAD);
        }
        for (List<String> row : rows) {
            cells(sheet, row, SIZE);
        }
    }

    private void cells(Sheet sheet, List<String> cells, double size) throws IOException {
        List<List<String>> broken = new ArrayList<>();
        int lines = 1;
        for (int i = 0; i < cells.size(); i++) {
            List<String> cell = sheet.broken(cells.get(i), size, widthsMm.get(i) - GAP_MM);
            broken.add(cell);
            lines = Math.max(lines, cell.size());
        }
        sheet.need(lines * Sheet.lineMm(size));
        double x = MARGIN_MM;
        for (int i = 0; i < cells.size(); i++) {
            for (int line = 0; line < broken.get(i).size(); line++) {
                sheet.text(
                        x,
                        sheet.y() + line * Sheet.lineMm(size),
                        size,
                        false,
                        broken.get(i).get(line));
            }
            x += widthsMm.get(i);
        }
        sheet.down(lines * Sheet.lineMm(size));
        sheet.line(MARGIN_MM, sheet.y(), MARGIN_MM + sheet.widthMm(), sheet.y(), 0.1);
        sheet.down(0.6);
    }
}
