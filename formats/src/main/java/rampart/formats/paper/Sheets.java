package rampart.formats.paper;

import java.util.List;
import rampart.core.cut.CutList;
import rampart.core.cut.SheetNeeds;
import rampart.core.sheet.StockSheet;

/** The sheets that the pieces of a paper's packs come from. */
final class Sheets {
    /** Sheets as most are sold (common practice, no source). */
    private static final StockSheet USUAL = new StockSheet(2000, 1000, 0, 0, false, false);

    private Sheets() {}

    static List<SheetNeeds.Planned> plan(PaperSource source) {
        return SheetNeeds.of(source.layout(), source.stockedMm(), CutList.Sides.BUTTED).stream()
                .map(need -> SheetNeeds.plan(need, USUAL, source.packs(), new Tries()::over))
                .toList();
    }

    /** The planner asks between two ways to lay the pieces; after so many the best so far is good enough for a paper. */
    private static final class Tries {
        private static final int MOST = 160;
        private int asked;

        boolean over() {
            asked++;
            return asked > MOST;
        }
    }
}
