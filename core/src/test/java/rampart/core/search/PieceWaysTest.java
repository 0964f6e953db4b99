package rampart.core.search;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import rampart.core.item.Pieces;
import rampart.core.material.StandardCatalogue;
import rampart.core.quantity.Size;

class PieceWaysTest {
    private static Pieces pieces(int quantity, OptionalDouble narrow) {
        return new Pieces(
                new Size(110, 110, 150),
                .42,
                quantity,
                true,
                narrow,
                27,
                1,
                1,
                1,
                Pieces.Arrangement.GRID,
                Optional.of("b-32"));
    }

    /** Every way has room, and none of the same rows and levels would do with a column less. */
    @ParameterizedTest
    @ValueSource(ints = {1, 2, 3, 4, 5, 6, 7, 11, 12, 24, 37, 100})
    void everyWayHasRoomAndNoColumnTooMany(int quantity) {
        List<PieceWays.Way> ways = PieceWays.of(pieces(quantity, OptionalDouble.empty()), Optional.empty());
        assertThat(ways).isNotEmpty();
        for (PieceWays.Way way : ways) {
            assertThat(way.pieces().cells()).isGreaterThanOrEqualTo(quantity);
            if (way.pieces().arrangement() == Pieces.Arrangement.GRID) {
                assertThat((way.pieces().columns() - 1)
                                * way.pieces().rows()
                                * way.pieces().levels())
                        .isLessThan(quantity);
            }
            assertThat(way.size()).isEqualTo(way.pieces().needed(0));
        }
    }

    /** The smallest grid of all numbers of columns, rows and up to four levels, tried one by one. */
    @ParameterizedTest
    @ValueSource(ints = {1, 4, 6, 9, 12, 24})
    void theFirstIsTheSmallest(int quantity) {
        Pieces set = pieces(quantity, OptionalDouble.empty());
        double least = Double.MAX_VALUE;
        for (int c = 1; c <= quantity; c++) {
            for (int r = 1; r <= quantity; r++) {
                for (int l = 1; l <= 4; l++) {
                    if (c * r * l >= quantity) {
                        least = Math.min(
                                least,
                                set.set(Pieces.Arrangement.GRID, c, r, l)
                                        .needed(0)
                                        .volumeMm3());
                    }
                }
            }
        }
        assertThat(PieceWays.of(set, Optional.empty()).get(0).size().volumeMm3())
                .isCloseTo(least, within(1e-3));
    }

    /** Six funnels, 110 x 150 in 27 mm of wraps, strips of 3.2: three by two, by hand 498.4 x 331.2 x 204. */
    @Test
    void sixFunnelsCanBeSetThreeByTwo() {
        List<PieceWays.Way> ways = PieceWays.of(
                pieces(6, OptionalDouble.of(60)),
                Optional.of(StandardCatalogue.get().board("b-32")));
        PieceWays.Way grid = ways.stream()
                .filter(w -> w.pieces().arrangement() == Pieces.Arrangement.GRID
                        && w.pieces().columns() == 3
                        && w.pieces().rows() == 2)
                .findFirst()
                .orElseThrow();
        assertThat(grid.size().lengthMm()).isCloseTo(498.4, within(1e-9));
        assertThat(grid.size().widthMm()).isCloseTo(331.2, within(1e-9));
        double strips = 2 * 331.2 * 204 + 498.4 * 204 - 4 * 4.2 * 103;
        assertThat(grid.massKg()).isCloseTo(6 * .42 + strips * 1e-9 * 520, within(1e-9));
        assertThat(ways).anyMatch(w -> w.pieces().arrangement() == Pieces.Arrangement.ALTERNATE);
    }
}
