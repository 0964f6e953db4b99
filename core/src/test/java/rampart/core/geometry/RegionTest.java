package rampart.core.geometry;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

class RegionTest {
    private static final double FINE = 1e-4;
    private static final PlanPoint ORIGIN = new PlanPoint(0, 0);

    private static Region rectangle(double width, double height) {
        return Region.within(Outline.rectangle(ORIGIN, width, height, 0), FINE);
    }

    /** Steiner's formula: a convex shape grown by d has its area and d times its length and a circle of d more. */
    @Test
    void aConvexShapeGrowsBySteinersFormula() {
        for (double d : new double[] {0.5, 3, 12}) {
            Region grown = rectangle(160, 80).offset(d, FINE);
            assertThat(grown.areaMm2()).isCloseTo(160 * 80 + d * 2 * 240 + Math.PI * d * d, within(0.02));
            Outline rounded = Outline.rectangle(ORIGIN, 160 + 2 * d, 80 + 2 * d, d);
            assertThat(grown.areaMm2()).isCloseTo(rounded.areaMm2(), within(0.02));
        }
    }

    @Test
    void shrunkByMoreThanItHoldsNothingIsLeft() {
        Region block = rectangle(160, 80);
        assertThat(block.offset(-10, FINE).areaMm2()).isCloseTo(140 * 60, within(1e-9));
        assertThat(block.offset(-40.5, FINE).isEmpty()).isTrue();
        assertThat(block.offset(0, FINE)).isSameAs(block);
    }

    @Test
    void anAnnulusHasItsArea() {
        Region ring =
                Region.within(Outline.circle(ORIGIN, 50), FINE).minus(Region.within(Outline.circle(ORIGIN, 30), FINE));
        assertThat(ring.areaMm2()).isCloseTo(Math.PI * (2500 - 900), within(0.05));
        assertThat(ring.holes()).hasSize(1);
        assertThat(ring.outlines()).hasSize(1);
        assertThat(ring.holds(new PlanPoint(40, 0))).isTrue();
        assertThat(ring.holds(ORIGIN)).isFalse();
    }

    /** Two that overlap in one place and touch along a line in another have the overlap in common, and it can be worked with. */
    @Test
    void whereTheyOnlyTouchThereIsNothing() {
        Region block = rectangle(20, 20);
        Region beside = Region.within(Outline.rectangle(new PlanPoint(20, 0), 20, 20, 0), FINE);
        assertThat(block.common(beside).isEmpty()).isTrue();
        Region hook = beside.plus(Region.within(Outline.rectangle(new PlanPoint(11, 20), 6, 20, 0), FINE))
                .plus(Region.within(Outline.rectangle(new PlanPoint(0, 14), 20, 12, 0), FINE));
        Region both = block.common(hook);
        assertThat(both.areaMm2()).isCloseTo(20 * 2, within(1e-9));
        assertThat(both.common(block).areaMm2()).isCloseTo(both.areaMm2(), within(1e-9));
        assertThat(both.plus(block).areaMm2()).isCloseTo(400, within(1e-9));
        assertThat(block.minus(both).areaMm2()).isCloseTo(360, within(1e-9));
    }

    @Test
    void twoThatOverlapAreCountedOnce() {
        Random random = new Random(11);
        for (int n = 0; n < 100; n++) {
            Region a = Region.within(simple(random), 0.01);
            Region b = Region.within(simple(random).moved(20, 10), 0.01);
            double both = a.common(b).areaMm2();
            assertThat(a.plus(b).areaMm2()).isCloseTo(a.areaMm2() + b.areaMm2() - both, within(1e-6));
            assertThat(a.minus(b).areaMm2()).isCloseTo(a.areaMm2() - both, within(1e-6));
            assertThat(a.minus(a.plus(b)).areaMm2()).isLessThan(1e-6);
        }
    }

    /** Every place on the edge of a grown shape is as far from it as it was grown, within the tolerance. */
    @Test
    void clearanceIsKeptAllRound() {
        Random random = new Random(13);
        for (int n = 0; n < 50; n++) {
            Region shape = Region.within(simple(random), 0.01);
            double d = 1 + 14 * random.nextDouble();
            for (Outline edge : shape.offset(d, 0.02).outlines()) {
                assertThat(edge.areaMm2()).isGreaterThan(shape.areaMm2());
                Region.within(edge, 0.01);
                for (PlanPoint place : edge.corners()) {
                    assertThat(shape.distanceMm(dot(place))).isCloseTo(d, within(0.03));
                }
            }
        }
    }

    private static Region dot(PlanPoint place) {
        double tiny = 1e-6;
        return Region.within(
                Outline.polygon(List.of(place.plus(-tiny, -tiny), place.plus(tiny, -tiny), place.plus(0, tiny))), 1);
    }

    /** A random outline that does not cross itself. */
    private static Outline simple(Random random) {
        while (true) {
            Outline outline = OutlineTest.star(random);
            try {
                Region.within(outline, 0.01);
                return outline;
            } catch (IllegalArgumentException crossing) {
                // another
            }
        }
    }

    @Test
    void anOutlineThatCrossesItselfIsRefusedWithThePlace() {
        Outline bow =
                Outline.polygon(List.of(ORIGIN, new PlanPoint(40, 30), new PlanPoint(40, 0), new PlanPoint(0, 20)));
        assertThatThrownBy(() -> Region.within(bow, FINE))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining("crosses")
                .hasMessageContaining("near 16");
    }
}
