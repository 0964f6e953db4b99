package rampart.formats.pack;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Random;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import rampart.core.blank.Blanks;
import rampart.core.box.Carton;
import rampart.core.box.CartonStyle;
import rampart.core.cost.Prices;
import rampart.core.cut.BoardWork;
import rampart.core.cut.MaterialCost;
import rampart.core.cut.MaterialUse;
import rampart.core.layout.LaidBox;
import rampart.core.layout.Layout;
import rampart.core.layout.LayoutWalk;
import rampart.core.material.Catalogue;
import rampart.core.material.StandardCatalogue;
import rampart.core.quantity.Size;
import rampart.core.quote.MaterialNeeds;
import rampart.formats.Thorough;

/** What a pack takes of each material is counted once, so that a carton has one mass and one cost wherever they are told. */
class MaterialTest {
    private static final Catalogue STANDARD = StandardCatalogue.get();

    @Test
    void whatIsWeighedIsBoughtAndQuoted() {
        EveryField packs = new EveryField(new Random(77));
        int dividers = 0;
        int fittings = 0;
        for (int i = 0; i < 40 * Thorough.TIMES; i++) {
            PackFile file = packs.next();
            Catalogue catalogue = file.catalogue(STANDARD);
            Layout layout = LayoutWalk.lay(file.pack().item(), file.pack().layers(), catalogue);
            List<BoardWork> works = BoardWork.of(file.pack(), layout, catalogue);
            for (LaidBox box : layout.boxes()) {
                BoardWork work = works.stream()
                        .filter(w -> w.style().isPresent() && w.layer().orElse(-1) == box.layer())
                        .findFirst()
                        .orElseThrow();
                assertThat(work.massKg()).isCloseTo(box.carton().massKg(), within(1e-12));
            }
            List<MaterialUse> uses = MaterialUse.of(file.pack(), layout, catalogue);
            Prices prices = new Prices(
                    "EUR",
                    uses.stream().map(MaterialUse::id).collect(Collectors.toMap(Function.identity(), id -> 3.0)));
            double board = works.stream()
                    .mapToDouble(work -> work.cost(prices).orElseThrow())
                    .sum();
            double others = uses.stream()
                    .filter(use ->
                            works.stream().noneMatch(work -> work.board().id().equals(use.id())))
                    .mapToDouble(use -> 3 * use.amount())
                    .sum();
            double all = MaterialCost.of(file.pack(), layout, catalogue, prices).orElseThrow();
            assertThat(all).isCloseTo(board + others, within(1e-9 * all));
            // Nobody has priced tape or straps: the quote comes to the same.
            assertThat(MaterialNeeds.of(file.pack(), layout, catalogue, prices)
                            .cost()
                            .orElseThrow())
                    .isEqualTo(all);
            dividers += works.stream().anyMatch(work -> work.name().equals("Divider")) ? 1 : 0;
            fittings += works.stream().anyMatch(BoardWork::fittings) ? 1 : 0;
        }
        assertThat(dividers).isGreaterThan(Thorough.TIMES);
        assertThat(fittings).isGreaterThan(4 * Thorough.TIMES);
    }

    /** Nobody buys less board than a carton weighs, nor less than the rectangle round its blank. */
    @ParameterizedTest
    @EnumSource
    void theRectangleOfABlankIsBought(CartonStyle style) {
        Carton carton = style.of(new Size(900, 700, 120), STANDARD.board("c-44"));
        double rectangles = Blanks.of(carton).stream()
                .mapToDouble(blank -> blank.bounds().widthMm() * blank.bounds().heightMm())
                .sum();
        assertThat(Blanks.sheetMm2(carton)).isEqualTo(Math.max(carton.blankAreaMm2(), rectangles));
    }

    /** By hand, without figures of the code: a cross of 300 x 200 x 100 in 4 mm board comes out of a rectangle, a regular carton is one. */
    @Test
    void aCrossCostsTheRectangleThatItIsCutFrom() {
        Size inside = new Size(300, 200, 100);
        Carton cross = CartonStyle.ONE_PIECE_FOLDER.of(inside, STANDARD.board("c-44"));
        Carton regular = CartonStyle.REGULAR_SLOTTED.of(inside, STANDARD.board("c-44"));
        // A base with a wall at each side, and flaps over the top beyond the walls: at least so far each way.
        double least = (300 + 2 * 100.0) * (200 + 2 * 100 + 200);
        assertThat(Blanks.sheetMm2(cross)).isGreaterThan(least).isGreaterThan(1.2 * cross.blankAreaMm2());
        assertThat(Blanks.sheetMm2(regular)).isEqualTo(regular.blankAreaMm2());
    }
}
