package rampart.formats.photograph;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import rampart.core.geometry.Outline;
import rampart.core.geometry.PlanPoint;
import rampart.core.geometry.Region;

/**
 * One printed paper with marks, mm from its lower left corner: a whole sheet on which a small item lies, or one of four strips
 * laid round a large one. Marks carry numbers, so that a photograph tells which paper lies where.
 *
 * @param name as it is printed
 * @param spanMm from the outer edge of its first mark to that of its last, to be measured with a ruler
 * @param within where the item may lie on a whole sheet; none on a strip, which it lies beside
 */
public record MarkSheet(
        String name, double widthMm, double heightMm, double spanMm, List<Mark> marks, Optional<Region> within) {
    /** A mark is so many cells wide, its black edge of one cell included. */
    public static final int CELLS = MarkPattern.CELLS;

    private static final double EDGE_MM = 10;
    private static final double SHEET_MARK_MM = 22;
    private static final double STRIP_MARK_MM = 36;
    private static final double STRIP_MM = 270;
    private static final double CLEAR_MM = 4;

    public MarkSheet {
        marks = List.copyOf(marks);
    }

    /**
     * A square mark.
     *
     * @param number in the dictionary of marks
     * @param left of its lower left corner
     * @param low of its lower left corner
     */
    public record Mark(int number, double left, double low, double sideMm) {
        /** True where the cell is black; rows counted from the top, columns from the left. */
        public boolean black(int row, int column) {
            return MarkPattern.black(number, row, column);
        }

        /** Corners from the lower left one, against the clock. */
        List<PlanPoint> corners() {
            return List.of(
                    new PlanPoint(left, low),
                    new PlanPoint(left + sideMm, low),
                    new PlanPoint(left + sideMm, low + sideMm),
                    new PlanPoint(left, low + sideMm));
        }
    }

    /** For A4 paper. */
    public static final MarkSheet A4 = sheet("A4", 210, 297, 0);

    /** For Letter paper. */
    public static final MarkSheet LETTER = sheet("Letter", 215.9, 279.4, 12);

    /** The same on either paper. */
    public static final List<MarkSheet> STRIPS =
            IntStream.range(0, 4).mapToObj(MarkSheet::strip).toList();

    /** All that a photograph can show. */
    static List<MarkSheet> all() {
        List<MarkSheet> all = new ArrayList<>(STRIPS);
        all.add(A4);
        all.add(LETTER);
        return all;
    }

    private static MarkSheet sheet(String name, double width, double height, int first) {
        double far = width - EDGE_MM - SHEET_MARK_MM;
        double step = (height - 2 * EDGE_MM - SHEET_MARK_MM) / 4;
        List<Mark> marks = new ArrayList<>();
        for (int row = 0; row <= 4; row++) {
            double low = EDGE_MM + row * step;
            marks.add(new Mark(first++, EDGE_MM, low, SHEET_MARK_MM));
            if (row == 0 || row == 4) {
                marks.add(new Mark(first++, (EDGE_MM + far) / 2, low, SHEET_MARK_MM));
            }
            marks.add(new Mark(first++, far, low, SHEET_MARK_MM));
        }
        double border = EDGE_MM + SHEET_MARK_MM + CLEAR_MM;
        Outline free =
                Outline.rectangle(new PlanPoint(width / 2, height / 2), width - 2 * border, height - 2 * border, 0);
        return new MarkSheet(name, width, height, width - 2 * EDGE_MM, marks, Optional.of(Region.within(free, 0.01)));
    }

    private static MarkSheet strip(int index) {
        double width = STRIP_MARK_MM + 2 * EDGE_MM;
        double step = (STRIP_MM - 2 * EDGE_MM - STRIP_MARK_MM) / 3;
        List<Mark> marks = IntStream.range(0, 4)
                .mapToObj(i -> new Mark(24 + 4 * index + i, EDGE_MM, EDGE_MM + i * step, STRIP_MARK_MM))
                .toList();
        return new MarkSheet("strip " + (index + 1), width, STRIP_MM, STRIP_MM - 2 * EDGE_MM, marks, Optional.empty());
    }

    /** All of the paper. */
    Region paper() {
        return Region.within(Outline.rectangle(new PlanPoint(widthMm / 2, heightMm / 2), widthMm, heightMm, 0), 0.01);
    }
}
