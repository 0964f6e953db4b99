package rampart.core.sheet;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import rampart.core.Thorough;

/** Plans of sheets: nothing overlaps, nothing off the sheet, the kerf kept; close to optima that are proven. */
class SheetPlannerTest {
    private static final double NEAR = 1e-6;

    /**
     * Squares out of 2400 by 1200, six a pack, and out of 4 by 8 ft without a kerf and with 2 mm: whole rows and columns, by
     * division.
     */
    @ParameterizedTest
    @CsvSource({
        "2400, 1200, 390, 2, 18, 3",
        "2400, 1200, 400, 0, 18, 3",
        "2400, 1200, 400, 2, 10, 1",
        "2438.4, 1219.2, 406.4, 0, 18, 3",
        "2438.4, 1219.2, 406.4, 2, 10, 1"
    })
    void squaresOfALining(double length, double width, double side, double kerf, int perSheet, int packs) {
        for (boolean freely : new boolean[] {false, true}) {
            SheetPlan plan = SheetPlanner.plan(
                    List.of(new CutPart("lining", side, side, 60)),
                    new StockSheet(length, width, kerf, 0, false, freely));
            assertThat(plan.sheets().get(0).placed()).hasSize(perSheet);
            assertThat(plan.setsPerSheet(6)).isEqualTo(packs);
            assertThat(plan.sheets()).hasSize((int) Math.ceil(60.0 / perSheet));
            sound(plan, 60);
        }
    }

    @ParameterizedTest
    @ValueSource(booleans = {false, true})
    void randomPlansAreSound(boolean freely) {
        Random random = new Random(freely ? 1 : 2);
        for (int i = 0; i < 30 * Thorough.TIMES; i++) {
            List<CutPart> parts = new ArrayList<>();
            int kinds = 1 + random.nextInt(8);
            int all = 0;
            for (int k = 0; k < kinds; k++) {
                int count = 1 + random.nextInt(7);
                all += count;
                parts.add(new CutPart("p" + k, 20 + random.nextInt(900), 20 + random.nextInt(500), count));
            }
            StockSheet stock = new StockSheet(
                    2000, 1000, random.nextInt(3), random.nextInt(3) * 5, random.nextInt(3) == 0, freely);
            sound(SheetPlanner.plan(parts, stock), all);
        }
    }

    private static void sound(SheetPlan plan, int pieces) {
        StockSheet stock = plan.stock();
        int placed = plan.leftOver().stream().mapToInt(CutPart::count).sum();
        for (SheetPlan.Sheet sheet : plan.sheets()) {
            List<SheetPlan.Placed> all = sheet.placed();
            placed += all.size();
            assertThat(all).isNotEmpty();
            for (int i = 0; i < all.size(); i++) {
                SheetPlan.Placed one = all.get(i);
                assertThat(one.xMm()).isGreaterThanOrEqualTo(stock.trimMm() - NEAR);
                assertThat(one.yMm()).isGreaterThanOrEqualTo(stock.trimMm() - NEAR);
                assertThat(one.xMm() + one.alongMm()).isLessThanOrEqualTo(stock.lengthMm() - stock.trimMm() + NEAR);
                assertThat(one.yMm() + one.acrossMm()).isLessThanOrEqualTo(stock.widthMm() - stock.trimMm() + NEAR);
                assertThat(stock.grain() && one.turned()).isFalse();
                for (int j = 0; j < i; j++) {
                    SheetPlan.Placed other = all.get(j);
                    double apart = Math.max(
                            Math.max(
                                    one.xMm() - other.xMm() - other.alongMm(), other.xMm() - one.xMm() - one.alongMm()),
                            Math.max(
                                    one.yMm() - other.yMm() - other.acrossMm(),
                                    other.yMm() - one.yMm() - one.acrossMm()));
                    assertThat(apart).isGreaterThanOrEqualTo(stock.kerfMm() - NEAR);
                }
            }
            cutsFreeEveryPiece(sheet, stock);
        }
        assertThat(placed).isEqualTo(pieces);
    }

    /** No cut from edge to edge goes through a piece. */
    private static void cutsFreeEveryPiece(SheetPlan.Sheet sheet, StockSheet stock) {
        for (SheetPlan.Cut cut : sheet.cuts()) {
            for (SheetPlan.Placed p : sheet.placed()) {
                double near = cut.across() ? p.xMm() : p.yMm();
                double far = near + (cut.across() ? p.alongMm() : p.acrossMm());
                double from = cut.across() ? p.yMm() : p.xMm();
                double to = from + (cut.across() ? p.acrossMm() : p.alongMm());
                boolean beside = to <= cut.fromMm() + NEAR || from >= cut.toMm() - NEAR;
                boolean through = near < cut.atMm() + stock.kerfMm() - NEAR && far > cut.atMm() + NEAR;
                assertThat(through && !beside).as("%s through %s", cut, p).isFalse();
            }
        }
    }

    /**
     * Thirty sheets that somebody has cut up without waste by cuts from edge to edge: the optimum is the whole sheet, which
     * proves itself. At least 95 % of it is found.
     */
    @Test
    void whatWasOneSheetIsNearlyOneSheetAgain() {
        Random random = new Random(7);
        double worst = 1;
        for (int i = 0; i < 30; i++) {
            List<CutPart> parts = new ArrayList<>();
            dissect(random, 1200, 800, 3 + i % 6, parts);
            for (boolean freely : new boolean[] {false, true}) {
                SheetPlan plan = SheetPlanner.plan(parts, new StockSheet(1200, 800, 0, 0, false, freely));
                sound(plan, parts.size());
                worst = Math.min(worst, plan.sheets().get(0).areaMm2() / (1200.0 * 800));
            }
        }
        assertThat(worst).isGreaterThanOrEqualTo(0.95);
    }

    private static void dissect(Random random, double along, double across, int pieces, List<CutPart> parts) {
        if (pieces == 1) {
            parts.add(new CutPart("q" + parts.size(), along, across, 1));
            return;
        }
        int one = 1 + random.nextInt(pieces - 1);
        double share = 0.25 + 0.5 * random.nextDouble();
        if (along >= across) {
            double cut = Math.round(along * share);
            dissect(random, cut, across, one, parts);
            dissect(random, along - cut, across, pieces - one, parts);
        } else {
            double cut = Math.round(across * share);
            dissect(random, along, cut, one, parts);
            dissect(random, along, across - cut, pieces - one, parts);
        }
    }

    /** Forty small instances of up to four pieces against every order, way and split, tried here one by one. */
    @Test
    void smallInstancesAreFilledAsFullAsTheyCanBe() {
        Random random = new Random(9);
        for (int i = 0; i < 40; i++) {
            double[][] sizes = new double[2 + random.nextInt(3)][];
            List<CutPart> parts = new ArrayList<>();
            for (int k = 0; k < sizes.length; k++) {
                sizes[k] = new double[] {100 + random.nextInt(600), 100 + random.nextInt(400)};
                parts.add(new CutPart("p" + k, sizes[k][0], sizes[k][1], 1));
            }
            double optimum = most(sizes, new boolean[sizes.length], List.of(new double[] {1000, 600}));
            SheetPlan plan = SheetPlanner.plan(parts, new StockSheet(1000, 600, 0, 0, false, false));
            double fullest = plan.sheets().stream()
                    .mapToDouble(SheetPlan.Sheet::areaMm2)
                    .max()
                    .orElse(0);
            assertThat(fullest).isGreaterThanOrEqualTo(0.95 * optimum).isLessThanOrEqualTo(optimum + NEAR);
        }
    }

    /** The most area that cuts from edge to edge can free, by trying all. */
    private static double most(double[][] sizes, boolean[] used, List<double[]> boxes) {
        double most = 0;
        for (int b = 0; b < boxes.size(); b++) {
            for (int k = 0; k < sizes.length; k++) {
                for (int way = 0; way < 2 && !used[k]; way++) {
                    double along = sizes[k][way];
                    double across = sizes[k][1 - way];
                    double[] box = boxes.get(b);
                    if (along > box[0] || across > box[1]) {
                        continue;
                    }
                    used[k] = true;
                    for (int split = 0; split < 2; split++) {
                        List<double[]> next = new ArrayList<>(boxes);
                        next.remove(b);
                        next.add(new double[] {box[0] - along, split == 0 ? box[1] : across});
                        next.add(new double[] {split == 0 ? along : box[0], box[1] - across});
                        most = Math.max(most, along * across + most(sizes, used, next));
                    }
                    used[k] = false;
                }
            }
        }
        return most;
    }

    @Test
    void whatIsTooLargeIsSaid() {
        SheetPlan plan = SheetPlanner.plan(
                List.of(new CutPart("door", 3000, 900, 2), new CutPart("pad", 100, 100, 1)),
                new StockSheet(2000, 1000, 2, 10, false, false));
        assertThat(plan.leftOver()).extracting(CutPart::name).containsExactly("door");
        assertThat(plan.sheets()).hasSize(1);
        assertThat(plan.used()).isCloseTo(0.005, within(1e-9));
        assertThatThrownBy(() -> new StockSheet(100, 100, 0, 60, false, false)).hasMessageContaining("60");
        assertThatThrownBy(() -> new CutPart("none", 1, 1, 0)).hasMessageContaining("0");
    }

    @Test
    void grainKeepsTheLengthAlong() {
        List<CutPart> parts = List.of(new CutPart("rail", 300, 900, 4));
        StockSheet turned = new StockSheet(2000, 1000, 0, 0, false, false);
        assertThat(SheetPlanner.plan(parts, turned).sheets()).hasSize(1);
        SheetPlan kept = SheetPlanner.plan(parts, new StockSheet(2000, 1000, 0, 0, true, false));
        sound(kept, 4);
    }

    /** Sixty different pieces, within a bound of steps and stopped when asked. */
    @Test
    void sixtyPiecesAndAStop() {
        Random random = new Random(60);
        List<CutPart> parts = new ArrayList<>();
        for (int i = 0; i < 60; i++) {
            parts.add(new CutPart("n" + i, 40 + random.nextInt(400), 40 + random.nextInt(300), 1));
        }
        StockSheet stock = new StockSheet(2000, 1000, 2, 5, false, true);
        SheetPlan plan = SheetPlanner.plan(parts, stock);
        sound(plan, 60);
        double area =
                parts.stream().mapToDouble(p -> p.lengthMm() * p.widthMm()).sum();
        int least = (int) Math.ceil(area / (2000.0 * 1000));
        assertThat(plan.sheets().size()).isBetween(least, least + 1);
        int[] asked = {0};
        SheetPlan stopped = SheetPlanner.plan(parts, stock, () -> ++asked[0] > 0);
        sound(stopped, 60);
        assertThat(asked[0]).isPositive();
    }
}
