package rampart.core.insert;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import rampart.core.bed.BedPart;
import rampart.core.bed.BedShape;
import rampart.core.bed.Nature;
import rampart.core.bed.Prism;
import rampart.core.layout.LaidCushion;

/** Off-cuts beside a part that has play, by hand. */
class WedgeTest {
    private static LaidCushion laid(double clearanceMm, double splitMm) {
        BedPart body = new BedPart(
                "body", new Prism(BedCutTest.rectangle(-100, -60, 100, 60), -40, 40), Nature.STRONG, clearanceMm);
        BedPart lens =
                new BedPart("lens", new Prism(BedCutTest.rectangle(-100, -60, 100, 60), -40, 40), Nature.FRAGILE, 20);
        return BedCutTest.laid(new BedShape(BedCutTest.SIZE, List.of(lens, body), List.of(), splitMm, 0, List.of()));
    }

    /** A gap of 2 mm takes an off-cut of 2.5 mm, squeezed by a fifth; it presses as the foam does when it is squeezed. */
    @Test
    void anOffCutIsALittleThickerThanItsGap() {
        LaidCushion laid = laid(2, 0);
        List<Wedge> wedges = Wedge.of(laid);
        assertThat(wedges).hasSize(4).extracting(Wedge::part).containsOnly("body");
        Wedge left = wedges.get(0);
        assertThat(left.thickMm()).isCloseTo(2.5, within(1e-12));
        assertThat(left.wideMm()).isEqualTo(60);
        assertThat(left.highMm()).isEqualTo(40);
        assertThat(left.pressesN()).isCloseTo(laid.foam().squeezeKpa() * 60 * 40 / 1000, within(1e-9));
        // Half the depth of the part on its short side, and no higher than the base holds it.
        assertThat(Wedge.of(laid(2, -20)).get(2).highMm()).isEqualTo(20);
    }

    @Test
    void whatIsSnugOrLiesInTheLidNeedsNone() {
        assertThat(Wedge.of(laid(0.4, 0))).isEmpty();
        assertThat(Wedge.of(laid(-1, 0))).isEmpty();
        assertThat(Wedge.of(laid(2, -39))).isEmpty();
    }
}
