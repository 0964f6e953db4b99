package rampart.core.cut;

/**
 * How much work a pack is (common practice, no source; the times are assumed): two cuts for a piece out of a sheet, half a
 * minute for a cut, a quarter for placing a piece, two minutes for what is poured or crumpled and for each box.
 *
 * @param layers cushions and boxes
 * @param pieces cut from sheets
 * @param cuts through sheets
 * @param minutes at the packing table
 */
public record Work(int layers, int pieces, int cuts, double minutes) {
    private static final int CUTS_A_PIECE = 2;
    private static final double MINUTES_A_CUT = 0.5;
    private static final double MINUTES_A_PIECE = 0.25;
    private static final double MINUTES_A_FILL = 2;
    private static final double MINUTES_A_BOX = 2;

    /** The work of this list. */
    public static Work of(CutList list) {
        int pieces = list.pieces().stream().mapToInt(CutList.Piece::count).sum();
        long cut =
                list.pieces().stream().mapToInt(CutList.Piece::layer).distinct().count();
        int cuts = CUTS_A_PIECE * pieces;
        double minutes = MINUTES_A_CUT * cuts
                + MINUTES_A_PIECE * pieces
                + MINUTES_A_FILL * list.fills().size()
                + MINUTES_A_BOX * list.boxes().size();
        return new Work((int) cut + list.fills().size() + list.boxes().size(), pieces, cuts, minutes);
    }
}
