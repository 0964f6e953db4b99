package rampart.core.geometry;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

class OutlineTest {
    private static final PlanPoint AT = new PlanPoint(37.5, -12.25);

    @Test
    void areasAndLengthsAreThoseOfClosedForms() {
        Outline circle = Outline.circle(AT, 40);
        assertThat(circle.areaMm2()).isCloseTo(Math.PI * 40 * 40, within(1e-9));
        assertThat(circle.lengthMm()).isCloseTo(2 * Math.PI * 40, within(1e-9));
        Outline rounded = Outline.rectangle(AT, 120, 80, 15);
        assertThat(rounded.areaMm2()).isCloseTo(120 * 80 - (4 - Math.PI) * 15 * 15, within(1e-9));
        assertThat(rounded.lengthMm()).isCloseTo(2 * (120 + 80) - 8 * 15 + 2 * Math.PI * 15, within(1e-9));
        Outline slot = Outline.slot(AT, 100, 20);
        assertThat(slot.areaMm2()).isCloseTo(80 * 20 + Math.PI * 100, within(1e-9));
        Outline sharp = Outline.rectangle(AT, 120, 80, 0);
        assertThat(sharp.segments()).hasSize(4);
        assertThat(sharp.areaMm2()).isEqualTo(9600);
    }

    @Test
    void boundsReachToTheTopOfAnArc() {
        assertThat(Outline.circle(AT, 40).bounds()).isEqualTo(new Bounds(-2.5, -52.25, 77.5, 27.75));
        Bounds slot = Outline.slot(AT, 100, 20).bounds();
        assertThat(slot.widthMm()).isCloseTo(100, within(1e-9));
        assertThat(slot.heightMm()).isCloseTo(20, within(1e-9));
        // A quarter of a circle that passes no extreme but those at its ends.
        Segment quarter = new Segment(new PlanPoint(10, 0), new PlanPoint(0, 10), Math.tan(Math.PI / 8));
        Outline pie = Outline.of(List.of(
                quarter,
                new Segment(new PlanPoint(0, 10), new PlanPoint(0, 0), 0),
                new Segment(new PlanPoint(0, 0), new PlanPoint(10, 0), 0)));
        assertThat(pie.areaMm2()).isCloseTo(Math.PI * 100 / 4, within(1e-9));
        assertThat(pie.bounds().widthMm()).isCloseTo(10, within(1e-12));
    }

    @Test
    void flatteningStaysWithinItsTolerance() {
        for (double tolerance : new double[] {0.5, 0.05, 0.001}) {
            Outline flat = Outline.circle(AT, 40).flattened(tolerance);
            double worst = 0;
            for (Segment side : flat.segments()) {
                double x = (side.from().xMm() + side.to().xMm()) / 2 - AT.xMm();
                double y = (side.from().yMm() + side.to().yMm()) / 2 - AT.yMm();
                assertThat(side.from().to(AT)).isCloseTo(40, within(1e-9));
                worst = Math.max(worst, 40 - Math.hypot(x, y));
            }
            assertThat(worst).isLessThanOrEqualTo(tolerance * (1 + 1e-9)).isGreaterThan(tolerance / 3);
        }
        Outline ellipse = Outline.ellipse(AT, 60, 20, 0.01);
        assertThat(ellipse.areaMm2()).isCloseTo(Math.PI * 60 * 20, within(2.0));
        assertThat(ellipse.areaMm2()).isLessThan(Math.PI * 60 * 20);
    }

    @Test
    void theWayRoundDoesNotMatter() {
        List<PlanPoint> places = List.of(new PlanPoint(0, 0), new PlanPoint(0, 30), new PlanPoint(40, 0));
        Outline clockwise = Outline.polygon(places);
        assertThat(clockwise.areaMm2()).isEqualTo(600);
        Outline arc = Outline.of(List.of(
                new Segment(new PlanPoint(-5, 0), new PlanPoint(5, 0), -1),
                new Segment(new PlanPoint(5, 0), new PlanPoint(-5, 0), 0)));
        assertThat(arc.areaMm2()).isCloseTo(Math.PI * 25 / 2, within(1e-9));
    }

    @Test
    void turnedOverTwiceItIsTheSame() {
        Random random = new Random(7);
        for (int n = 0; n < 200; n++) {
            Outline outline = star(random);
            assertThat(outline.mirroredAboutX(0).mirroredAboutX(0).corners())
                    .containsExactlyInAnyOrderElementsOf(outline.corners());
            Outline back = outline.mirroredAboutX(17.3).mirroredAboutX(17.3);
            assertThat(back.areaMm2()).isCloseTo(outline.areaMm2(), within(1e-6));
            assertThat(outline.mirroredAboutY(3).areaMm2()).isCloseTo(outline.areaMm2(), within(1e-6));
            assertThat(outline.turned(1).moved(20, -7).areaMm2()).isCloseTo(outline.areaMm2(), within(1e-6));
            assertThat(outline.turned(1).lengthMm()).isCloseTo(outline.lengthMm(), within(1e-6));
        }
    }

    /** A curve round the origin with arcs to either side. */
    static Outline star(Random random) {
        int n = 4 + random.nextInt(8);
        List<PlanPoint> places = new ArrayList<>();
        for (int i = 0; i < n; i++) {
            double angle = 2 * Math.PI * i / n;
            double r = 30 + 50 * random.nextDouble();
            places.add(new PlanPoint(r * Math.cos(angle), r * Math.sin(angle)));
        }
        List<Segment> segments = new ArrayList<>();
        for (int i = 0; i < n; i++) {
            double bulge = random.nextInt(3) == 0 ? 0 : 0.3 * random.nextDouble() - 0.1;
            segments.add(new Segment(places.get(i), places.get((i + 1) % n), bulge));
        }
        return Outline.of(segments);
    }

    @Test
    void whatIsNoOutlineIsRefusedWithTheReason() {
        assertThatThrownBy(() -> Outline.polygon(List.of(AT, AT))).hasMessageContaining("at least 3");
        assertThatThrownBy(() -> Outline.polygon(List.of(AT, AT.plus(1, 1), AT.plus(2, 2))))
                .hasMessageContaining("some area");
        assertThatThrownBy(() -> Outline.of(
                        List.of(new Segment(AT, AT.plus(1, 0), 0), new Segment(AT.plus(1, 0), AT.plus(0, 1), 0))))
                .hasMessageContaining("gaps");
        assertThatThrownBy(() -> new PlanPoint(Double.NaN, 0)).hasMessageContaining("finite");
        assertThatThrownBy(() -> Outline.circle(AT, 0)).hasMessageContaining("radius");
        assertThatThrownBy(() -> Outline.rectangle(AT, 40, 20, 11)).hasMessageContaining("0 to 10");
    }
}
