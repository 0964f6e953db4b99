package rampart.core.kit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import rampart.core.bed.BedPart;
import rampart.core.bed.BedShape;
import rampart.core.bed.Web;
import rampart.core.insert.BedCut;
import rampart.core.item.Item;
import rampart.core.layout.CushionForm;
import rampart.core.layout.Layer;
import rampart.core.layout.LayoutWalk;
import rampart.core.material.StandardCatalogue;
import rampart.core.pack.Pack;
import rampart.core.pack.Packs;
import rampart.core.quantity.SixSided;
import rampart.core.quantity.Size;

/** Kits of random things: nothing overlaps, a web stands between any two, what is heavy lies in the middle. */
class KitLayoutTest {
    private static KitPiece piece(String name, double l, double w, double h, double kg, int count) {
        return new KitPiece(name, new Size(l, w, h), kg, count);
    }

    private static BedShape bed(KitLayout kit) {
        return new BedShape(kit.size(), kit.parts(), kit.wells(), kit.splitMm(), 0, List.of());
    }

    @Test
    void sixFunnelsLieInRows() {
        KitLayout kit = KitLayout.of(List.of(piece("funnel", 80, 80, 120, 0.4, 6)));
        assertThat(kit.parts()).hasSize(6).extracting(BedPart::name).contains("funnel 1", "funnel 6");
        assertThat(kit.massKg()).isCloseTo(2.4, within(1e-9));
        // Three by two: 3 x 80 + 2 webs long, 2 x 80 + a web and a finger deep, either way round.
        assertThat(kit.size().lengthMm()).isCloseTo(270, within(1e-9));
        assertThat(kit.size().widthMm()).isCloseTo(188, within(1e-9));
        assertThat(kit.unbalanced()).isLessThan(1e-9);
        assertThat(bed(kit).contact().web().map(Web::mm)).contains(15.0);
    }

    private static List<KitPiece> things(Random random, int kinds) {
        List<KitPiece> pieces = new ArrayList<>();
        for (int k = kinds; k > 0; k--) {
            pieces.add(piece(
                    "thing " + k,
                    20 + random.nextInt(200),
                    20 + random.nextInt(150),
                    10 + random.nextInt(100),
                    0.05 + 3 * random.nextDouble(),
                    1 + random.nextInt(5)));
        }
        return pieces;
    }

    @Test
    void randomKitsAreApartInsideAndBalanced() {
        Random random = new Random(12);
        int balanced = 0;
        for (int i = 0; i < 200; i++) {
            List<KitPiece> pieces = things(random, 1 + random.nextInt(6));
            KitLayout kit = KitLayout.of(pieces);
            assertThat(kit.parts())
                    .hasSize(pieces.stream().mapToInt(KitPiece::count).sum())
                    .extracting(BedPart::name)
                    .doesNotHaveDuplicates();
            BedShape bed = bed(kit);
            bed.contact().web().ifPresent(web -> assertThat(web.mm()).isGreaterThanOrEqualTo(15 - 1e-9));
            for (int a = 0; a < kit.parts().size(); a++) {
                for (int b = a + 1; b < kit.parts().size(); b++) {
                    assertThat(apart(kit.parts().get(a), kit.parts().get(b))).isGreaterThanOrEqualTo(15 - 1e-9);
                }
            }
            for (BedPart part : kit.parts()) {
                assertThat(part.prism().outline())
                        .allMatch(place -> Math.abs(place.xMm()) <= kit.size().lengthMm() / 2 + 1e-9
                                && Math.abs(place.yMm()) <= kit.size().widthMm() / 2 + 1e-9);
                assertThat(part.prism().topMm()).isEqualTo(kit.splitMm());
            }
            balanced += kit.unbalanced() <= KitLayout.BALANCED ? 1 : 0;
        }
        assertThat(balanced).as("of 200 within a tenth of the middle").isGreaterThan(100);
    }

    /** The greater gap of the two axes. */
    private static double apart(BedPart a, BedPart b) {
        return Math.max(
                Math.max(least(b, true) - most(a, true), least(a, true) - most(b, true)),
                Math.max(least(b, false) - most(a, false), least(a, false) - most(b, false)));
    }

    private static double least(BedPart part, boolean x) {
        return part.prism().outline().stream()
                .mapToDouble(p -> x ? p.xMm() : p.yMm())
                .min()
                .orElseThrow();
    }

    private static double most(BedPart part, boolean x) {
        return part.prism().outline().stream()
                .mapToDouble(p -> x ? p.xMm() : p.yMm())
                .max()
                .orElseThrow();
    }

    @Test
    void theHeavyOneLiesInTheMiddleAndIsTakenOutLast() {
        KitLayout kit = KitLayout.of(List.of(
                piece("theodolite", 180, 160, 90, 4.5, 1),
                piece("plumb bob", 60, 40, 40, 0.3, 2),
                piece("key", 70, 25, 15, 0.05, 2)));
        assertThat(kit.takingOut()).containsExactly("key", "plumb bob", "theodolite");
        assertThat(Math.abs(kit.centre().xMm())).isLessThan(kit.size().lengthMm() / 2 * 0.35);
    }

    /** Two trays of a set of eight: heavy ones below, 15 mm of floor between, and each tray open for its own alone. */
    @Test
    void layersLieOnEachOther() {
        KitLayout kit =
                KitLayout.of(List.of(piece("funnel", 80, 80, 120, 0.4, 4), piece("ring", 80, 80, 20, 0.1, 4)), 2);
        assertThat(kit.layers()).hasSize(2);
        assertThat(kit.layers().get(0)).hasSize(4).allMatch(name -> name.startsWith("funnel"));
        assertThat(kit.takingOut()).containsExactly("ring", "funnel");
        assertThat(kit.size().heightMm()).isEqualTo(120 + 15 + 20);
        assertThat(kit.centre().zMm()).isNegative();
        for (BedPart part : kit.parts()) {
            boolean ring = part.name().startsWith("ring");
            assertThat(part.prism().topMm()).isEqualTo(ring ? 77.5 : 42.5);
        }
    }

    @Test
    void everythingLiesInSomeLayer() {
        Random random = new Random(13);
        for (int i = 0; i < 60; i++) {
            List<KitPiece> pieces = things(random, 1 + random.nextInt(5));
            int all = pieces.stream().mapToInt(KitPiece::count).sum();
            int layers = 1 + random.nextInt(Math.min(4, all));
            KitLayout kit = KitLayout.of(pieces, layers);
            assertThat(kit.layers()).hasSize(layers).allMatch(layer -> !layer.isEmpty());
            assertThat(kit.layers().stream().flatMap(List::stream)).hasSize(all).doesNotHaveDuplicates();
            for (int a = 0; a < kit.parts().size(); a++) {
                for (int b = a + 1; b < kit.parts().size(); b++) {
                    BedPart one = kit.parts().get(a);
                    BedPart other = kit.parts().get(b);
                    double over = Math.max(
                            one.prism().bottomMm() - other.prism().topMm(),
                            other.prism().bottomMm() - one.prism().topMm());
                    assertThat(Math.max(over, apart(one, other))).isGreaterThanOrEqualTo(15 - 1e-9);
                }
            }
        }
        assertThatThrownBy(() -> KitLayout.of(List.of(piece("a", 50, 50, 50, 1, 2)), 3))
                .hasMessageContaining("number of layers is 3.0; it must be from 1.0 to 2.0");
    }

    /** What is cut out of all trays is what lies in them and the room for fingers, by plain volumes. */
    @Test
    void whatIsCutOutOfTraysIsWhatLiesInThem() {
        Random random = new Random(14);
        for (int i = 0; i < 20; i++) {
            List<KitPiece> pieces = new ArrayList<>();
            for (int k = 2 + random.nextInt(3); k > 0; k--) {
                // Too small for a finger scoop: the pockets alone.
                pieces.add(piece(
                        "thing " + k,
                        10 + random.nextInt(15),
                        10 + random.nextInt(15),
                        10 + random.nextInt(60),
                        0.1 + random.nextDouble(),
                        1 + random.nextInt(4)));
            }
            int layers = 1 + random.nextInt(2);
            KitLayout kit = KitLayout.of(pieces, layers);
            Pack pack = new Pack(
                    Item.plain("kit", kit.size(), kit.massKg(), kit.centre(), Packs.bears(80)),
                    Packs.falls(600),
                    List.of(
                            new Layer.Cushion("pe-28", new CushionForm.Bed(bed(kit)), SixSided.all(40)),
                            Layer.Box.made("c-32", 2)));
            BedCut cut = BedCut.of(LayoutWalk.layUndrawn(pack.item(), pack.layers(), StandardCatalogue.get())
                    .bed()
                    .orElseThrow());
            assertThat(cut.traysMm()).hasSize(layers - 1);
            // In each layer a pocket is open from its thing up to the layer's face, where all are level.
            double volume = pieces.stream()
                    .mapToDouble(one -> one.count()
                            * one.size().lengthMm()
                            * one.size().widthMm()
                            * one.size().heightMm())
                    .sum();
            assertThat(cut.openMm3()).isCloseTo(volume, within(1e-6 * volume));
        }
    }

    @Test
    void badFiguresAreNamed() {
        assertThatThrownBy(() -> KitLayout.of(List.of())).hasMessageContaining("number of things in the kit is 0");
        assertThatThrownBy(() -> KitLayout.of(List.of(piece("a", 50, 50, 50, 1, 40), piece("b", 50, 50, 50, 1, 21))))
                .hasMessageContaining("number of things in the kit is 61");
        assertThatThrownBy(() -> piece("glass", 2, 50, 50, 1, 1))
                .hasMessageContaining("length of glass in mm is 2.0; it must be from 3.0 to 3000.0");
        assertThatThrownBy(() -> piece("glass", 20, 50, 50, Double.NaN, 1)).hasMessageContaining("mass of glass in kg");
    }
}
