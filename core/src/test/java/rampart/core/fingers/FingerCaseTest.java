package rampart.core.fingers;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import rampart.core.geometry.Outline;
import rampart.core.geometry.PlanPoint;
import rampart.core.quantity.Point;
import rampart.core.quantity.Size;

/** Panels of a case put together place by place: where there is board it is of one panel, and of one only. */
class FingerCaseTest {
    private static CaseSpec spec(double l, double w, double h, double t, double allowance) {
        return new CaseSpec(new Size(l, w, h), t, 3 * t, allowance, Optional.empty());
    }

    /** Worked by hand: 300 x 260 outside of a sheet of 4.0 is 292 x 252 inside, and exactly back. */
    @Test
    void insideFromOutsideAndBack() {
        CaseSpec spec = spec(300, 260, 120, 4, 0);
        assertThat(spec.inside()).isEqualTo(new Size(292, 252, 108));
        assertThat(CaseSpec.round(spec.inside(), 4, 12, 0, Optional.empty()).outside())
                .isEqualTo(new Size(300, 260, 120));
    }

    /** Crossings of a ray to the right, counted; the test's own. */
    private static boolean holds(Outline outline, double x, double y) {
        boolean in = false;
        List<PlanPoint> c = outline.corners();
        for (int i = 0; i < c.size(); i++) {
            PlanPoint p = c.get(i);
            PlanPoint q = c.get((i + 1) % c.size());
            if ((p.yMm() > y) != (q.yMm() > y)
                    && x < p.xMm() + (q.xMm() - p.xMm()) * (y - p.yMm()) / (q.yMm() - p.yMm())) {
                in = !in;
            }
        }
        return in;
    }

    private static double dot(Point a, Point b) {
        return a.xMm() * b.xMm() + a.yMm() * b.yMm() + a.zMm() * b.zMm();
    }

    /** True where this place of the case is in the board of the panel. */
    private static boolean board(CasePanel panel, Point place, double t) {
        Point from = new Point(
                place.xMm() - panel.at().xMm(),
                place.yMm() - panel.at().yMm(),
                place.zMm() - panel.at().zMm());
        double x = dot(from, panel.right());
        double y = dot(from, panel.up());
        // Every panel lies along two of the axes and is a sheet thick along the third.
        double deep = from.xMm() + from.yMm() + from.zMm() - x - y;
        return deep > 0
                && deep < t
                && holds(panel.outline(), x, y)
                && panel.openings().stream().noneMatch(o -> holds(o, x, y));
    }

    @ParameterizedTest
    @CsvSource({"300, 260, 120, 4", "180, 140, 90, 3", "500, 410, 333, 9", "101.3, 97.7, 60.1, 2.5"})
    void wallsAreOfOnePanelEachAndTheInsideIsFree(double l, double w, double h, double t) {
        List<CasePanel> panels = FingerCase.panels(spec(l, w, h, t, 0)).stream()
                .filter(p -> !p.name().equals("lid"))
                .toList();
        Random random = new Random(9);
        for (int i = 0; i < 60_000; i++) {
            Point place = new Point(l * random.nextDouble(), w * random.nextDouble(), h * random.nextDouble());
            long in = panels.stream().filter(p -> board(p, place, t)).count();
            boolean aside = place.xMm() < t || place.xMm() > l - t;
            boolean front = place.yMm() < t;
            boolean back = place.yMm() > w - t;
            boolean wall = place.zMm() < t || aside || back || (front && place.zMm() < h - 2 * t);
            boolean pin = aside && place.zMm() > h - 2.3 * t && place.zMm() < h - .7 * t && place.yMm() > w - 3 * t;
            if (!pin) {
                assertThat(in).as("%s of %s x %s x %s", place, l, w, h).isEqualTo(wall ? 1 : 0);
            }
        }
    }

    /** With an allowance every finger is wider by twice as much, and every gap narrower. */
    @Test
    void anAllowanceMovesEveryEdgeOutward() {
        double a = .1;
        for (int k = 0; k < 5; k++) {
            Outline bare = FingerCase.panels(spec(300, 260, 120, 4, 0)).get(k).outline();
            Outline wide = FingerCase.panels(spec(300, 260, 120, 4, a)).get(k).outline();
            // Moved outward by a: the area grows by the length of the edge times a, and by a square at each corner, in
            // and out.
            double convex = wide.corners().size() / 2.0 + 2;
            double concave = wide.corners().size() / 2.0 - 2;
            double expected = bare.areaMm2() + bare.lengthMm() * a + (convex - concave) * a * a;
            assertThat(wide.areaMm2()).as("panel %d", k).isCloseTo(expected, within(1e-6));
        }
    }

    @ParameterizedTest
    @CsvSource({"300, 12, 25", "260, 12, 21", "36, 12, 3", "10, 12, 3", "100, 10, 11"})
    void fingersAreAnOddNumberNearTheWidthAskedFor(double edge, double finger, int count) {
        assertThat(FingerCase.fingers(edge, finger)).isEqualTo(count);
    }

    /** The lid goes between the sides and clears the back while it turns: its corner is nearer to the pin than the back is. */
    @Test
    void theLidTurns() {
        double t = 4;
        CasePanel lid = FingerCase.panels(spec(300, 260, 120, t, 0)).get(5);
        double back = 260 - t;
        double axis = lid.heightMm() - t / 2;
        assertThat(Math.hypot(t / 2, t / 2)).isLessThan(back - axis);
        assertThat(lid.widthMm()).isCloseTo(300 - 2 * t - 1, within(1e-9));
        // Its pins reach through the sides, no farther.
        assertThat(lid.outline().bounds().widthMm()).isCloseTo(300, within(1e-9));
        // A square pin turns in its hole.
        Outline hole =
                FingerCase.panels(spec(300, 260, 120, t, 0)).get(3).openings().get(0);
        assertThat(hole.bounds().widthMm()).isGreaterThan(t * Math.sqrt(2));
    }

    @Test
    void aTagIsLargerThanItsOpening() {
        CaseSpec spec = new CaseSpec(new Size(300, 260, 120), 4, 12, .1, Optional.of(new CaseSpec.Tag(80, 30, .05)));
        List<CasePanel> panels = FingerCase.panels(spec);
        assertThat(panels.get(6).outline().bounds().widthMm()).isCloseTo(80.1, within(1e-9));
        // The opening is nominal: what the cutter takes is allowed for.
        assertThat(panels.get(5).openings().get(0).bounds().widthMm()).isCloseTo(80 - 2 * .1, within(1e-9));
    }

    /** Fingers of 10 and gaps of 10, each pair tighter than the one before by the step on every edge. */
    @Test
    void theTrialGoesFromLooseToTight() {
        CaseCoupon coupon = CaseCoupon.of(4, .07, .01, 7);
        assertThat(coupon.allowancesMm()).hasSize(7);
        assertThat(coupon.allowancesMm().get(6)).isCloseTo(.13, within(1e-9));
        double fingers = coupon.fingers().areaMm2() - 7 * 20 * 15;
        double gaps = 7 * 20 * 15 - coupon.gaps().areaMm2();
        assertThat(fingers).isCloseTo(4 * (7 * 10 + 2 * 7 * .1), within(1e-9));
        assertThat(gaps).isCloseTo(4 * (7 * 10 - 2 * 7 * .1), within(1e-9));
    }

    @Test
    void aCaseOfHardlyMoreThanBoardIsRefused() {
        assertThatThrownBy(() -> spec(20, 260, 120, 4, 0))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining("20");
    }

    /** A sheet of a millimetre with fingers of one, two metres long, was worked on for minutes. */
    @Test
    void fingersAreCountedBeforeTheyAreMade() {
        assertThatThrownBy(() -> new CaseSpec(new Size(2000, 300, 300), 1, 1, 0, Optional.empty()))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining("number of fingers along an edge is 2000");
        assertThat(FingerCase.panels(new CaseSpec(new Size(2000, 2000, 2000), 3, 10, 0, Optional.empty())))
                .isNotEmpty();
    }
}
