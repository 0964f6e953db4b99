package rampart.core.search;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;
import rampart.core.bed.BedContact;
import rampart.core.insert.BedCut;
import rampart.core.insert.FoamInPlace;
import rampart.core.insert.WayToMake;
import rampart.core.item.Item;
import rampart.core.layout.CushionForm;
import rampart.core.layout.Layer;
import rampart.core.layout.LayoutWalk;
import rampart.core.material.StandardCatalogue;
import rampart.core.pack.Pack;
import rampart.core.pack.Packs;
import rampart.core.quantity.Face;
import rampart.core.quantity.Point;
import rampart.core.quantity.SixSided;
import rampart.core.quantity.Size;
import rampart.core.search.BedBeginnings.Beginning;
import rampart.core.search.BedBeginnings.Kind;
import rampart.core.verdict.Status;

/** Caps, rails and blocks bear on what is left of each face, by closed forms; the one told has the most margin. */
class BedBeginningsTest {
    private static final Size SIZE = new Size(400, 300, 200);

    private static Pack pack(Size size, Layer first) {
        return new Pack(
                Item.plain("instrument", size, 12, Point.ORIGIN, Packs.bears(60)),
                Packs.falls(600),
                List.of(first, Layer.Box.made("bc-48", 3)));
    }

    private static List<Beginning> of(Pack pack) {
        return BedBeginnings.of(pack, StandardCatalogue.get(), Watcher.NONE);
    }

    @Test
    void eachBearsOnWhatIsLeft() {
        for (Beginning beginning : of(pack(SIZE, Packs.full("pe-28", 60)))) {
            BedContact contact = beginning.shape().contact();
            double w = beginning.widthMm();
            double bottom = switch (beginning.kind()) {
                case SNUG -> 400 * 300;
                case END_CAPS -> 2 * w * 300;
                case RAILS -> 2 * w * 400;
                case CORNER_BLOCKS -> 4 * w * w;
            };
            double right = switch (beginning.kind()) {
                case SNUG, END_CAPS -> 300 * 200;
                case RAILS -> 300 * 200 - (300 - 2 * w) * (200 - 2 * w);
                case CORNER_BLOCKS -> 4 * w * w;
            };
            assertThat(contact.bearingMm2(Face.BOTTOM))
                    .as(beginning.kind().name())
                    .isCloseTo(bottom, within(1e-6));
            assertThat(contact.bearingMm2(Face.TOP)).as(beginning.kind().name()).isCloseTo(bottom, within(1e-6));
            assertThat(contact.bearingMm2(Face.RIGHT))
                    .as(beginning.kind().name())
                    .isCloseTo(right, within(1e-6));
            assertThat(beginning.shape().liesWithin(SixSided.all(60), 0)).isTrue();
        }
    }

    /** Strips waste nothing: their foam is that of caps and blocks by their sides, and costs what a litre does. */
    @Test
    void theFoamOfEachIsItsOwnVolume() {
        for (Beginning beginning : of(pack(SIZE, Packs.full("pe-28", 60)))) {
            double w = beginning.widthMm();
            double block = 520.0 * 420 * 320;
            double mm3 = switch (beginning.kind()) {
                case SNUG -> block;
                case END_CAPS -> 2 * ((w + 60) * 420 * 320 - w * 300 * 200);
                case CORNER_BLOCKS -> 8 * (Math.pow(w + 60, 3) - Math.pow(w, 3));
                case RAILS -> Double.NaN;
            };
            WayToMake made = beginning.made(OptionalDouble.of(0.2));
            if (!Double.isNaN(mm3)) {
                assertThat(made.foamMm3()).as(beginning.kind().name()).isCloseTo(mm3, within(1.0));
                assertThat(made.cost().orElseThrow()).isCloseTo(mm3 * 1e-6 * 0.2, within(1e-6));
            } else {
                assertThat(made.foamMm3()).isBetween(0.1 * block, 0.9 * block);
            }
            assertThat(made.kind())
                    .isEqualTo(beginning.kind() == Kind.SNUG ? WayToMake.Kind.BLOCK : WayToMake.Kind.STRIPS);
            assertThat(made.minutes()).isPositive();
            assertThat(beginning.made(OptionalDouble.empty()).cost()).isEmpty();
        }
    }

    /** An instrument of 12 kg that bears 60 G: something of this holds or nearly does, and none is worse than its fellows. */
    @Test
    void oneOfEachKindThatIsLargeEnough() {
        List<Beginning> all = of(pack(SIZE, Packs.full("pe-28", 75)));
        assertThat(all).extracting(Beginning::kind).containsExactly(Kind.values());
        assertThat(all).anyMatch(beginning -> beginning.evaluation().verdict() != Status.BREAKS);
        assertThat(of(pack(new Size(400, 30, 30), Packs.full("pe-28", 60))))
                .extracting(Beginning::kind)
                .containsExactly(Kind.SNUG, Kind.END_CAPS);
        assertThat(of(pack(SIZE, Packs.full("bubble-25", 75))))
                .as("nothing is cut out of it")
                .isEmpty();
        assertThat(of(pack(SIZE, Layer.Box.made("c-32", 3))))
                .as("no cushion next to the item")
                .isEmpty();
    }

    /** What a snug bed of a block takes to be foamed is what is round the block, and a tenth more. */
    @Test
    void foamRisesIntoWhatIsOpen() {
        Pack pack = pack(SIZE, Packs.full("pe-28", 60));
        Beginning snug = of(pack).get(0);
        Pack bedded = new Pack(
                pack.item(),
                pack.journey(),
                List.of(
                        new Layer.Cushion("pe-28", new CushionForm.Bed(snug.shape()), SixSided.all(60)),
                        Layer.Box.made("bc-48", 3)));
        FoamInPlace foam =
                FoamInPlace.of(BedCut.of(LayoutWalk.layUndrawn(bedded.item(), bedded.layers(), StandardCatalogue.get())
                        .bed()
                        .orElseThrow()));
        double half = (520.0 * 420 * 320 - 400.0 * 300 * 200) / 2 * 1.1;
        assertThat(foam.baseMm3()).isCloseTo(half, within(1.0));
        assertThat(foam.lidMm3()).isCloseTo(half, within(1.0));
        assertThat(foam.shots(20)).isEqualTo(2 * (int) Math.ceil(half / 1e6 / 20));
    }
}
