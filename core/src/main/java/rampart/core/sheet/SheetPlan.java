package rampart.core.sheet;

import java.util.List;

/**
 * Where each piece lies.
 *
 * @param sheets in the order in which they are cut
 * @param leftOver pieces that are larger than a sheet
 */
public record SheetPlan(StockSheet stock, List<Sheet> sheets, List<CutPart> leftOver) {
    public SheetPlan {
        sheets = List.copyOf(sheets);
        leftOver = List.copyOf(leftOver);
    }

    /**
     * One sheet.
     *
     * @param cuts from edge to edge in the order in which they are made; none where pieces lie freely
     */
    public record Sheet(List<Placed> placed, List<Cut> cuts) {
        public Sheet {
            placed = List.copyOf(placed);
            cuts = List.copyOf(cuts);
        }

        /** Area of the pieces, mm2. */
        public double areaMm2() {
            return placed.stream().mapToDouble(p -> p.alongMm() * p.acrossMm()).sum();
        }
    }

    /**
     * One piece in its place, in mm from the sheet's lower left corner.
     *
     * @param alongMm its extent along the sheet's length
     */
    public record Placed(String name, double xMm, double yMm, double alongMm, double acrossMm, boolean turned) {}

    /**
     * One cut from edge to edge of what is left.
     *
     * @param across true where it runs across the sheet's length
     * @param atMm distance of the cut's near edge from the sheet's left, or from its front
     * @param fromMm where it begins, along the cut
     */
    public record Cut(boolean across, double atMm, double fromMm, double toMm) {}

    /** Yield: area of all pieces over the area of all sheets; 0 where nothing is cut. */
    public double used() {
        double area = sheets.stream().mapToDouble(Sheet::areaMm2).sum();
        return sheets.isEmpty() ? 0 : area / (sheets.size() * stock.lengthMm() * stock.widthMm());
    }

    /** How many whole sets of so many pieces a full first sheet gives. */
    public int setsPerSheet(int piecesASet) {
        return sheets.isEmpty() ? 0 : sheets.get(0).placed().size() / piecesASet;
    }
}
