package rampart.core.steps;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import rampart.core.layout.Layout;
import rampart.core.layout.LayoutWalk;
import rampart.core.material.StandardCatalogue;
import rampart.core.pack.Pack;
import rampart.core.pack.Packs;

/**
 * Tape by hand (common practice, no source): item 400 x 300 x 200 and 4 mm board, outside 408 x 308. A seam is 408 and 70 down both ends,
 * 548, cut to 550 mm; from 10 kg on across both ends as well, 548 + 2 x (308 + 140) = 1444, cut to 1450.
 */
class TapingTest {
    private static double metres(double itemKg) {
        Pack pack = new Pack(Packs.item(400, 300, 200, itemKg, 60), Packs.falls(500), List.of(Packs.box("c-32", 0)));
        Layout layout = LayoutWalk.lay(pack.item(), pack.layers(), StandardCatalogue.get());
        assertThat(layout.grossMassKg()).isBetween(itemKg, itemKg + 0.6);
        return TapeNeeded.metres(layout);
    }

    @Test
    void aLightBoxIsTapedAlongItsSeams() {
        assertThat(metres(9.3)).isCloseTo(2 * 0.55, within(1e-9));
    }

    @Test
    void aHeavyOneAcrossItsEndsAsWell() {
        assertThat(metres(10.0)).isCloseTo(2 * 1.45, within(1e-9));
    }
}
