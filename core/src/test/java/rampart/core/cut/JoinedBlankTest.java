package rampart.core.cut;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import rampart.core.blank.Blank;
import rampart.core.blank.Blanks;
import rampart.core.box.CartonStyle;
import rampart.core.geometry.PlanPoint;
import rampart.core.material.StandardCatalogue;
import rampart.core.quantity.Size;

/** Joints against every place on a grid tried. */
class JoinedBlankTest {
    private static Blank regular(double l, double w, double h) {
        return Blanks.of(CartonStyle.REGULAR_SLOTTED.of(
                        new Size(l, w, h), StandardCatalogue.get().board("c-44")))
                .get(0);
    }

    private static Blank plain(double wide, double high) {
        return Blank.flat(
                "panel",
                4,
                List.of(
                        new PlanPoint(0, 0),
                        new PlanPoint(wide, 0),
                        new PlanPoint(wide, high),
                        new PlanPoint(0, high)));
    }

    @Test
    void whatGoesOnOneSheetHasNoJoint() {
        JoinedBlank joined = JoinedBlank.of(plain(900, 700), 1000, 800);
        assertThat(joined.parts()).isEqualTo(1);
        assertThat(joined.leftAcrossMm()).isEqualTo(100);
        assertThat(joined.leftAlongMm()).isEqualTo(100);
    }

    /** By hand: 2000 of board from sheets of 1235 with a lap of 35 is two parts, of 1200 three; each lap counts once a joint. */
    @Test
    void aPanelWithoutScoresIsCutAsOftenAsItMustBe() {
        assertThat(JoinedBlank.of(plain(2000, 500), 1035, 800).parts()).isEqualTo(2);
        assertThat(JoinedBlank.of(plain(2000, 500), 1017, 800).parts()).isEqualTo(3);
        assertThat(JoinedBlank.of(plain(2000, 1500), 1035, 800).parts()).isEqualTo(4);
    }

    /** A carton round 400 x 300: with a joint in the middle of a wall, as far from its scores as any place lets it. */
    @Test
    void theJointOfACartonLiesInAWallAndNotAtACorner() {
        Blank blank = regular(400, 300, 250);
        JoinedBlank joined = JoinedBlank.of(blank, 800, 800);
        assertThat(joined.parts()).isEqualTo(2);
        assertThat(joined.sound()).isTrue();
        // Two walls of 404 and 304 wide; the tab of 35 lies to the left of the first.
        assertThat(joined.acrossMm().get(0) - 35).isBetween(404 + 40.0, 404 + 304 - 40.0 - JoinedBlank.LAP_MM);
        // By hand: 1451 of board, so that the second part of 800 begins at 651; its lap ends at 686, the corner is at
        // 743.
        assertThat(joined.clearMm()).isEqualTo(57);
    }

    /** Places to a millimetre, all tried: no way with as few joints keeps farther from the scores. */
    @Test
    void noOtherPlacesKeepFartherFromTheScores() {
        Random random = new Random(5);
        int two = 0;
        for (int i = 0; i < 200; i++) {
            int longMm = 300 + random.nextInt(900);
            int sheet = 200 + random.nextInt(500);
            List<Double> scores = new ArrayList<>();
            for (int k = 0; k < random.nextInt(5); k++) {
                scores.add((double) random.nextInt(longMm));
            }
            scores.sort(Double::compare);
            List<Double> joints = JoinedBlank.joints(longMm, sheet, scores);
            double from = 0;
            for (double joint : joints) {
                assertThat(joint - from + JoinedBlank.LAP_MM).isLessThanOrEqualTo(sheet + 1e-9);
                from = joint;
            }
            assertThat(longMm - from).isLessThanOrEqualTo(sheet);
            assertThat(joints).hasSize(fewest(longMm, sheet));
            if (!joints.isEmpty() && joints.size() <= 2 && !scores.isEmpty()) {
                assertThat(clear(joints, scores))
                        .as("%d of %d, scores %s", longMm, sheet, scores)
                        .isGreaterThanOrEqualTo(best(longMm, sheet, scores, joints.size()) - 1e-6);
                two++;
            }
        }
        assertThat(two).isGreaterThan(60);
    }

    private static int fewest(int longMm, int sheet) {
        int joints = 0;
        while (joints * (sheet - JoinedBlank.LAP_MM) + sheet < longMm) {
            joints++;
        }
        return joints;
    }

    private static double clear(List<Double> joints, List<Double> scores) {
        double clear = Double.POSITIVE_INFINITY;
        for (double joint : joints) {
            for (double score : scores) {
                // The lap is from the joint onward, and counts with both of its edges.
                double beside = score < joint ? joint - score : Math.max(0, score - (joint + JoinedBlank.LAP_MM));
                clear = Math.min(clear, beside);
            }
        }
        return clear;
    }

    private static double best(int longMm, int sheet, List<Double> scores, int count) {
        double best = 0;
        int lap = (int) JoinedBlank.LAP_MM;
        for (int a = 1; a <= Math.min(sheet - lap, longMm - 1); a++) {
            if (count == 1) {
                if (longMm - a <= sheet) {
                    best = Math.max(best, clear(List.of((double) a), scores));
                }
                continue;
            }
            for (int b = a + 1; b <= Math.min(a + sheet - lap, longMm - 1); b++) {
                if (longMm - b <= sheet) {
                    best = Math.max(best, clear(List.of((double) a, (double) b), scores));
                }
            }
        }
        return best;
    }

    @Test
    void aScrapIsNoSheet() {
        assertThatThrownBy(() -> JoinedBlank.of(plain(500, 500), 20, 800))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining("100")
                .hasMessageContaining("20");
    }

    /** By hand: a panel of 700 x 250 from a carton of 400 x 300 x 300 comes out of its walls, over one old score. */
    @Test
    void aLargerCartonGivesAPanelOutOfItsWalls() {
        var carton = CartonStyle.REGULAR_SLOTTED.of(
                new Size(400, 300, 300), StandardCatalogue.get().board("c-44"));
        OpenedCarton cut = OpenedCarton.of(plain(700, 250), carton).orElseThrow();
        assertThat(cut.from()).isEqualTo("the walls in a row");
        assertThat(cut.oldScores()).isEqualTo(1);
        assertThat(cut.clearMm()).isInfinite();
        // One wall wide, and no old score in it: 390 in a wall of 404 with its flaps.
        assertThat(OpenedCarton.of(plain(390, 250), carton).orElseThrow().oldScores())
                .isZero();
        assertThat(OpenedCarton.of(plain(390, 500), carton).orElseThrow().from())
                .isEqualTo("a long wall with its flaps");
        assertThat(OpenedCarton.of(plain(1500, 250), carton)).isEmpty();
        assertThat(OpenedCarton.of(plain(700, 400), carton)).isEmpty();
        // A blank laid out for C board is not cut from one of B or BC.
        for (String other : List.of("b-32", "bc-48")) {
            assertThat(OpenedCarton.of(
                            plain(700, 250),
                            CartonStyle.REGULAR_SLOTTED.of(
                                    new Size(400, 300, 300),
                                    StandardCatalogue.get().board(other))))
                    .as(other)
                    .isEmpty();
        }
    }

    /** Old scores stay away from new ones where they can: a sleeve's own scores against those of the carton that it is cut from. */
    @Test
    void newScoresKeepAwayFromOldOnes() {
        var from = CartonStyle.REGULAR_SLOTTED.of(
                new Size(700, 500, 500), StandardCatalogue.get().board("c-44"));
        Blank small = regular(300, 200, 150);
        OpenedCarton cut = OpenedCarton.of(small, from).orElseThrow();
        assertThat(cut.clearMm()).isGreaterThan(20);
        assertThat(cut.xMm() + small.bounds().widthMm()).isLessThanOrEqualTo(2 * (704 + 504) + 1e-9);
    }
}
