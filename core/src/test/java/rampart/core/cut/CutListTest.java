package rampart.core.cut;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import rampart.core.evaluation.Evaluation;
import rampart.core.evaluation.Evaluator;
import rampart.core.layout.CushionForm;
import rampart.core.layout.LaidCushion;
import rampart.core.layout.Layer;
import rampart.core.material.StandardCatalogue;
import rampart.core.pack.Pack;
import rampart.core.pack.Packs;
import rampart.core.quantity.Axis;
import rampart.core.quantity.Face;
import rampart.core.quantity.SixSided;
import rampart.core.quantity.Size;

/** What is cut is what is evaluated: the same foam by volume, and pads of the bearing area. */
class CutListTest {
    @Test
    void piecesAndFillsHaveTheMassOfTheFoamTheyAreMadeOf() {
        Random random = new Random(8);
        int blocksUnderWraps = 0;
        for (int i = 0; i < 300; i++) {
            Pack pack = Packs.random(random);
            Evaluation evaluation = Evaluator.evaluate(pack, StandardCatalogue.get());
            CutList list = CutList.of(evaluation.layout());
            for (LaidCushion cushion : evaluation.layout().cushions()) {
                double pieces = list.pieces().stream()
                        .filter(p -> p.layer() == cushion.layer())
                        .mapToDouble(p -> p.count() * p.lengthMm() * p.widthMm() * p.thicknessMm())
                        .sum();
                double fills = list.fills().stream()
                        .filter(f -> f.layer() == cushion.layer())
                        .mapToDouble(f -> f.litres() * 1e6)
                        .sum();
                assertThat(cushion.foam().structure().cut() ? fills : pieces).isZero();
                double wrapMm = wrapUnder(pack, cushion.layer());
                double expected = cushion.massKg() / cushion.foam().densityKgM3() * 1e9;
                if (cushion.foam().structure().cut() && cushion.form() instanceof CushionForm.Corners corners) {
                    // Cut blocks reach round the wrap as well: by it longer on every edge, and it is not of foam.
                    Size b = corners.countedBlock(cushion.body()).plus(wrapMm, wrapMm, wrapMm);
                    expected = blocks(b, cushion.thicknessMm());
                    blocksUnderWraps += wrapMm > 0 ? 1 : 0;
                }
                assertThat(pieces + fills).isCloseTo(expected, within(1e-9 * expected));
            }
        }
        assertThat(blocksUnderWraps).as("corner blocks round a wrap").isGreaterThan(5);
    }

    /** Sides like a pinwheel fill the same ring: 2 t (L + W - 2 t) in plan, whatever each side's thickness. */
    @Test
    void aPinwheelFillsTheSameRing() {
        Random random = new Random(9);
        int walls = 0;
        for (int i = 0; i < 200; i++) {
            Evaluation evaluation = Evaluator.evaluate(Packs.random(random), StandardCatalogue.get());
            CutList turned = CutList.of(evaluation.layout(), CutList.Sides.PINWHEEL);
            CutList butted = CutList.of(evaluation.layout());
            assertThat(volume(turned)).isCloseTo(volume(butted), within(1e-9 * volume(butted)));
            walls += turned.pieces().equals(butted.pieces()) ? 0 : 1;
        }
        assertThat(walls).isGreaterThan(50);
        Evaluation cube = Packs.evaluate(
                Packs.item(300, 300, 200, 6, 80), Packs.falls(600), Packs.full("pe-28", 50), Packs.box("bc-48", 0));
        // Four equal sides: 300 + 2 x 50 - 50 long, 200 high.
        assertThat(CutList.of(cube.layout(), CutList.Sides.PINWHEEL).pieces())
                .filteredOn(piece -> piece.count() == 4)
                .singleElement()
                .satisfies(piece -> {
                    assertThat(piece.lengthMm()).isEqualTo(350);
                    assertThat(piece.widthMm()).isEqualTo(200);
                    assertThat(piece.thicknessMm()).isEqualTo(50);
                });
    }

    private static double volume(CutList list) {
        return list.pieces().stream()
                .mapToDouble(p -> p.count() * p.lengthMm() * p.widthMm() * p.thicknessMm())
                .sum();
    }

    private static double wrapUnder(Pack pack, int layer) {
        return layer > 0 && pack.layers().get(layer - 1) instanceof Layer.Wrap wrap ? wrap.thicknessMm() : 0;
    }

    private static double blocks(Size b, SixSided t) {
        double sum = 0;
        for (double x : new double[] {t.left(), t.right()}) {
            for (double y : new double[] {t.front(), t.back()}) {
                for (double z : new double[] {t.top(), t.bottom()}) {
                    sum += (b.lengthMm() + x) * (b.widthMm() + y) * (b.heightMm() + z)
                            - b.lengthMm() * b.widthMm() * b.heightMm();
                }
            }
        }
        return sum;
    }

    /** By hand: 50 litres poured round a cube of 400 mm in a box of 100 mm more: (0.6^3 - 0.4^3) m3 = 152 l. */
    @Test
    void whatIsPouredIsNeverCut() {
        for (String foam : List.of("fip-8", "air-cells")) {
            Evaluation evaluation = Packs.evaluate(
                    Packs.item(400, 400, 400, 6, 80), Packs.falls(600), Packs.full(foam, 100), Packs.box("bc-48", 0));
            CutList list = CutList.of(evaluation.layout());
            assertThat(list.pieces()).isEmpty();
            assertThat(list.fills())
                    .singleElement()
                    .satisfies(fill -> assertThat(fill.litres()).isCloseTo(152, within(1e-9)));
        }
    }

    /** Four pads of 100 cm2 in all on 320 x 200: cells of 160 x 100, scaled by sqrt(2500/16000) to 63.25 x 39.53. */
    @Test
    void fourPadsLieTwoByTwoEachInTheMiddleOfItsCell() {
        Evaluation evaluation = Packs.evaluate(
                Packs.item(320, 200, 240, 18, 80),
                Packs.falls(300),
                Packs.pads("pe-28", 30, 100, 4),
                Packs.box("c-32", 3));
        CutList.Place bottom = CutList.of(evaluation.layout()).pieces().stream()
                .flatMap(p -> p.places().stream())
                .filter(p -> p.face() == Face.BOTTOM)
                .findFirst()
                .orElseThrow();
        double scale = Math.sqrt(2500.0 / 16000);
        assertThat(bottom.firstAxis()).isEqualTo(Axis.X);
        assertThat(bottom.firstMm()).hasSize(2);
        assertThat(bottom.firstMm().get(0)).isCloseTo(80 - 80 * scale, within(1e-6));
        assertThat(bottom.firstMm().get(1)).isCloseTo(240 - 80 * scale, within(1e-6));
        assertThat(bottom.secondMm()).hasSize(2);
        assertThat(bottom.secondMm().get(1)).isCloseTo(150 - 50 * scale, within(1e-6));
        // An instrument 320 mm deep stands on pads that reach over most of it, not on a strip.
        double reach = bottom.firstMm().get(1) + 160 * scale - bottom.firstMm().get(0);
        assertThat(reach).isGreaterThan(200);
    }

    /** Six on a long face in one row of six squares or two rows of three, whichever is nearer to square. */
    @Test
    void padsLieInTheGridThatIsNearestToSquare() {
        Evaluation flat = Packs.evaluate(
                Packs.item(600, 100, 90, 5, 80),
                Packs.falls(300),
                Packs.pads("pe-28", 20, 60, 6),
                Packs.box("c-32", 3));
        List<CutList.Place> places = CutList.of(flat.layout()).pieces().stream()
                .flatMap(p -> p.places().stream())
                .toList();
        CutList.Place top =
                places.stream().filter(p -> p.face() == Face.TOP).findFirst().orElseThrow();
        assertThat(top.firstMm()).hasSize(6);
        assertThat(top.secondMm()).hasSize(1);
        // 100 x 90: three by two, the more cells along y.
        CutList.Place left =
                places.stream().filter(p -> p.face() == Face.LEFT).findFirst().orElseThrow();
        assertThat(left.firstMm()).hasSize(3);
        assertThat(left.secondMm()).hasSize(2);
    }

    @Test
    void equalPadsAreCountedTogether() {
        Evaluation evaluation = Packs.evaluate(
                Packs.item(200, 200, 200, 3, 80),
                Packs.falls(600),
                Packs.pads("pe-28", 50, 100, 2),
                Packs.box("c-32", 3));
        CutList list = CutList.of(evaluation.layout());
        assertThat(list.pieces()).hasSize(1);
        CutList.Piece piece = list.pieces().get(0);
        assertThat(piece.count()).isEqualTo(12);
        assertThat(piece.faces()).containsExactlyElementsOf(Face.ALL);
        assertThat(piece.thicknessMm()).isEqualTo(50);
        assertThat(piece.places()).hasSize(6);
        assertThat(piece.lengthMm() * piece.widthMm()).isCloseTo(5000, within(1e-6));
        assertThat(list.boxes()).hasSize(1);
        assertThat(list.boxes().get(0).carton().inside().lengthMm()).isEqualTo(303);
    }
}
