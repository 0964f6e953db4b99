package rampart.core.blank;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import rampart.core.geometry.PlanPoint;
import rampart.core.item.Pieces;
import rampart.core.quantity.Axis;
import rampart.core.quantity.Size;
import rampart.core.words.FittingWords;

/** Strips and their slots against closed forms. */
class DividerTest {
    private static Pieces set(Pieces.Arrangement arrangement, int columns, int rows, int levels) {
        return new Pieces(
                new Size(100, 100, 150),
                .3,
                4,
                true,
                OptionalDouble.of(60),
                0,
                columns,
                rows,
                levels,
                arrangement,
                Optional.of("c-32"));
    }

    private static List<CountedBlank> of(Pieces pieces, Size size) {
        return Divider.of(pieces, size, 4);
    }

    /** Where a strip is slotted: from and to along it. */
    private static List<double[]> slots(Blank strip) {
        List<PlanPoint> edge = strip.panels().get(0).corners();
        double height = strip.bounds().heightMm();
        List<PlanPoint> inner = edge.stream()
                .filter(p -> p.yMm() > 1e-6 && p.yMm() < height - 1e-6)
                .toList();
        return java.util.stream.IntStream.range(0, inner.size() / 2)
                .mapToObj(i -> new double[] {
                    inner.get(2 * i).xMm(), inner.get(2 * i + 1).xMm()
                })
                .toList();
    }

    /** Worked by hand: 3 x 2 cells in 320 x 206, board 4: cells 104 by 101, strips 206 and 320 long, slots 5 wide and 76 deep. */
    @Test
    void aGridOfSix() {
        List<CountedBlank> strips = of(set(Pieces.Arrangement.GRID, 3, 2, 1), new Size(320, 206, 150));
        assertThat(strips).extracting(CountedBlank::count).containsExactly(2, 1);
        Blank across = strips.get(0).blank();
        Blank along = strips.get(1).blank();
        assertThat(across.bounds().widthMm()).isEqualTo(206);
        assertThat(along.bounds().widthMm()).isEqualTo(320);
        assertThat(slots(across)).hasSize(1);
        assertThat(slots(across).get(0)).containsExactly(100.5, 105.5);
        assertThat(slots(along)).hasSize(2);
        // Cells of 104: the first strip across stands at 104 to 108, the second at 212 to 216.
        assertThat(slots(along).get(0)).containsExactly(103.5, 108.5);
        assertThat(slots(along).get(1)).containsExactly(211.5, 216.5);
        assertThat(across.areaMm2()).isCloseTo(206 * 150 - 5 * 76.0, within(1e-9));
        assertThat(along.areaMm2()).isCloseTo(320 * 150 - 2 * 5 * 76.0, within(1e-9));
    }

    /** Both slots together are as deep as the strip is high and the fit of both: the tops come level. */
    @Test
    void slottedTogetherTheTopsAreLevel() {
        for (CountedBlank strip : of(set(Pieces.Arrangement.GRID, 4, 3, 1), new Size(500, 400, 120))) {
            double deepest = strip.blank().panels().get(0).corners().stream()
                    .mapToDouble(PlanPoint::yMm)
                    .filter(y -> y > 0 && y < 120)
                    .max()
                    .orElseThrow();
            double deep = Math.min(deepest, 120 - deepest);
            assertThat(120 - deep).isCloseTo(60 + Divider.FIT_MM, within(1e-9));
        }
    }

    /** Cells and strips make up the whole, whatever their number. */
    @ParameterizedTest
    @CsvSource({"320, 3, 4", "206, 2, 4", "1000, 7, 1.6", "98, 1, 7"})
    void cellsAndStripsMakeUpTheWhole(double length, int cells, double caliper) {
        List<Double> widths = set(Pieces.Arrangement.GRID, cells, 1, 1).cellsMm(length, caliper, Axis.X);
        assertThat(widths).hasSize(cells);
        assertThat(widths.stream().mapToDouble(d -> d).sum() + (cells - 1) * caliper)
                .isCloseTo(length, within(1e-9));
    }

    /** Cells of 120, 60 and 90 in 290 with two strips of 4: 12 over, 4 for each; strips at 124 + 2 and 124 + 4 + 64 + 2. */
    @Test
    void cellsOfTheirOwnWidth() {
        Pieces set = new Pieces(
                new Size(100, 100, 150),
                .3,
                6,
                true,
                OptionalDouble.empty(),
                0,
                3,
                2,
                1,
                Pieces.Arrangement.GRID,
                Optional.of("c-32"),
                new Pieces.Widths(List.of(120.0, 60.0, 90.0), List.of()));
        assertThat(set.needed(4)).isEqualTo(new Size(278, 204, 150));
        Size size = new Size(290, 204, 150);
        assertThat(set.cellsMm(290, 4, Axis.X)).containsExactly(124.0, 64.0, 94.0);
        assertThat(set.playMm(size, 4, Axis.X)).isCloseTo(4, within(1e-9));
        SetPlan plan = SetPlan.of(set, size, 4);
        assertThat(plan.strips()).extracting(SetPlan.Strip::label).containsExactly("A1", "A2", "B1");
        assertThat(plan.strips()).extracting(s -> s.from().xMm()).containsExactly(126.0, 194.0, 0.0);
        assertThat(plan.places())
                .extracting(SetPlan.Place::lengthMm)
                .containsExactly(100.0, 64.0, 94.0, 100.0, 64.0, 94.0);
        // Strips along have their slots where the strips across stand.
        Blank along = of(set, size).get(1).blank();
        assertThat(slots(along).get(0)[0]).isCloseTo(126 - 2.5, within(1e-9));
        assertThat(slots(along).get(1)[0]).isCloseTo(194 - 2.5, within(1e-9));
    }

    /** 10 mm of wrap on both sides settle 1 mm (a twentieth, assumed); play is worth filling from 3 mm on (assumed). */
    @Test
    void wrapsSettleAndPlayIsFilledFromThreeMillimetres() {
        Pieces wrapped = new Pieces(
                new Size(60, 60, 100),
                .3,
                6,
                false,
                OptionalDouble.empty(),
                10,
                3,
                2,
                1,
                Pieces.Arrangement.GRID,
                Optional.of("c-32"),
                Pieces.Widths.ALIKE);
        Size needed = wrapped.needed(4);
        SetPlan plan = SetPlan.of(wrapped, needed, 4);
        assertThat(plan.settlesMm()).isCloseTo(1, within(1e-12));
        assertThat(filled(wrapped, needed.plus(3 * 2.9, 0, 0))).isFalse();
        assertThat(filled(wrapped, needed.plus(3 * 3.1, 0, 0))).isTrue();
    }

    private static boolean filled(Pieces pieces, Size size) {
        return SetPlan.of(pieces, size, 4).said().stream().anyMatch(said -> said.key() == FittingWords.PLAY_ROUND);
    }

    /** Every piece of a set stands inside it, clear of the others and of the strips. */
    @Test
    void piecesStandClearOfEachOther() {
        for (Pieces.Arrangement arrangement : Pieces.Arrangement.values()) {
            boolean cross = arrangement == Pieces.Arrangement.DIAGONAL;
            Pieces set = set(arrangement, 2, 2, 1);
            SetPlan plan = SetPlan.of(set, set.needed(4), 4);
            assertThat(plan.places()).hasSize(4);
            assertThat(plan.playMm().lengthMm()).isCloseTo(0, within(1e-9));
            for (SetPlan.Place a : plan.places()) {
                assertThat(a.middle().xMm()).isBetween(50 - 1e-6, plan.size().lengthMm() - 50 + 1e-6);
                assertThat(a.middle().yMm()).isBetween(50 - 1e-6, plan.size().widthMm() - 50 + 1e-6);
                for (SetPlan.Place b : plan.places()) {
                    double apart = Math.hypot(
                            a.middle().xMm() - b.middle().xMm(),
                            a.middle().yMm() - b.middle().yMm());
                    double least = arrangement == Pieces.Arrangement.ALTERNATE ? 80 : cross ? 100 : 104;
                    assertThat(a.number() == b.number() || apart >= least - 1e-6)
                            .as(arrangement + " " + a + b)
                            .isTrue();
                }
                for (SetPlan.Strip strip : plan.strips()) {
                    assertThat(away(a.middle(), strip)).isGreaterThanOrEqualTo(52 - 1e-6);
                }
            }
        }
    }

    private static double away(PlanPoint place, SetPlan.Strip strip) {
        double x = strip.to().xMm() - strip.from().xMm();
        double y = strip.to().yMm() - strip.from().yMm();
        return Math.abs(x * (place.yMm() - strip.from().yMm())
                        - y * (place.xMm() - strip.from().xMm()))
                / Math.hypot(x, y);
    }

    /** Tapered pieces in two rows, 40 of play along them: a channel 20 deep at both ends of each row. */
    @Test
    void playAlongRowsIsFilledFromTheirEnds() {
        Pieces set = set(Pieces.Arrangement.ALTERNATE, 3, 2, 1);
        Size needed = set.needed(4);
        List<CountedBlank> all = of(set, needed.plus(40, 60, 0));
        assertThat(all).extracting(c -> c.blank().name()).containsExactly("strip along", "perimeter filler");
        assertThat(all.get(1).count()).isEqualTo(4);
        double row = (needed.widthMm() + 60 - 4) / 2;
        assertThat(all.get(1).blank().areaMm2()).isCloseTo((row - 4 + 2 * (20 - 2)) * 150, within(1e-6));
        // Folded, from the outside of the web to the ends of the legs it fills its gap.
        Blank end = all.get(1).blank();
        List<Pose> poses = Folding.at(end, 1);
        double deep = 0;
        for (var corner : end.panels().get(1).corners()) {
            deep = Math.max(
                    deep,
                    Math.abs(poses.get(1).at(corner.xMm(), corner.yMm(), 0).yMm()));
        }
        assertThat(deep + 4 / 2.0).isCloseTo(20, within(1e-6));
        assertThat(of(set, needed.plus(10, 10, 0))).hasSize(1);
        // Legs of less than two calipers beside a web of one do not fold (common practice, no source): 12 on each side,
        // of board 4 thick.
        assertThat(of(set, needed.plus(24.2, 60, 0))).hasSize(2);
        assertThat(of(set, needed.plus(23.8, 60, 0))).hasSize(1);
    }

    @Test
    void levelsHavePadsBetweenThem() {
        List<CountedBlank> all = of(set(Pieces.Arrangement.GRID, 2, 2, 3), new Size(204, 204, 458));
        assertThat(all).extracting(c -> c.blank().name()).containsExactly("strip across", "strip along", "layer pad");
        assertThat(all).extracting(CountedBlank::count).containsExactly(3, 3, 2);
        assertThat(all.get(0).blank().bounds().heightMm()).isCloseTo(150, within(1e-9));
    }

    /** Worked by hand and measured on packs: in a square the strip is the diagonal less its thickness. */
    @Test
    void inASquareTheStripIsTheDiagonalLessItsThickness() {
        DiagonalStrip strip = DiagonalStrip.in(300, 300, 4);
        assertThat(strip.lengthMm()).isCloseTo(300 * Math.sqrt(2) - 4, within(1e-9));
        assertThat(Math.toDegrees(strip.radians())).isCloseTo(45, within(1e-9));
    }

    /** The strip as a rectangle in the corner touches all four sides; turned a little either way a longer one does not go in. */
    @ParameterizedTest
    @CsvSource({"300, 200, 4", "600, 180, 7", "250, 249, 1.6", "1700, 90, 3.2"})
    void theStripTouchesAllFourSides(double length, double width, double c) {
        DiagonalStrip strip = DiagonalStrip.in(length, width, c);
        double l = strip.lengthMm();
        double f = strip.radians();
        assertThat(l * Math.cos(f) + c * Math.sin(f)).isCloseTo(length, within(1e-6));
        assertThat(l * Math.sin(f) + c * Math.cos(f)).isCloseTo(width, within(1e-6));
        double longest = 0;
        for (double angle = 1e-4; angle < Math.PI / 2; angle += 1e-4) {
            longest = Math.max(
                    longest,
                    Math.min(
                            (length - c * Math.sin(angle)) / Math.cos(angle),
                            (width - c * Math.cos(angle)) / Math.sin(angle)));
        }
        assertThat(l).isCloseTo(longest, within(.2)).isGreaterThanOrEqualTo(longest - 1e-9);
    }

    @Test
    void aStripThickerThanTheBoxIsRefused() {
        assertThatThrownBy(() -> DiagonalStrip.in(300, 4, 4))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining("4.0 mm thick");
    }

    @Test
    void aCrossHasOneSlotAboveAndOneBelow() {
        List<CountedBlank> strips = of(set(Pieces.Arrangement.DIAGONAL, 2, 2, 1), new Size(300, 300, 150));
        assertThat(strips).hasSize(2);
        for (CountedBlank strip : strips) {
            assertThat(strip.blank().bounds().widthMm()).isCloseTo(420.264, within(1e-3));
            assertThat(slots(strip.blank()).get(0)[0]).isCloseTo(420.264 / 2 - 2.5, within(1e-3));
        }
    }
}
