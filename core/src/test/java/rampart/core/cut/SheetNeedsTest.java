package rampart.core.cut;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import rampart.core.material.StandardCatalogue;
import rampart.core.sheet.CutPart;
import rampart.core.sheet.StockSheet;

/** How many packs go on a sheet, against what squares a sheet of 2000 x 1000 holds, counted by hand. */
class SheetNeedsTest {
    private static final StockSheet SHEET = new StockSheet(2000, 1000, 0, 0, false, false);

    private static SheetNeeds.Need squares(double mm, int count) {
        return new SheetNeeds.Need(
                StandardCatalogue.get().foams().get(0), 50, List.of(new CutPart("A", mm, mm, count)));
    }

    @ParameterizedTest
    @CsvSource({"100,4,50", "200,2,25", "200,3,16", "500,8,1", "500,9,0", "250,32,1", "250,4,8", "50,1,60"})
    void squaresOfOneSheet(double mm, int aPack, int packs) {
        assertThat(SheetNeeds.plan(squares(mm, aPack), SHEET, 1, () -> false).packsPerSheet())
                .hasValue(packs);
    }

    /** Stopped before it is known, it says nothing, rather than what it had come to. */
    @Test
    void whatIsStoppedIsNotKnown() {
        int[] asked = new int[1];
        assertThat(SheetNeeds.plan(squares(100, 4), SHEET, 1, () -> ++asked[0] > 40)
                        .packsPerSheet())
                .isEmpty();
    }
}
