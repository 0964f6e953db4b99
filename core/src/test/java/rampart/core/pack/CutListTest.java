package rampart.core.pack;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Random;
import org.junit.jupiter.api.Test;
import rampart.core.layout.CushionForm;
import rampart.core.layout.LaidCushion;
import rampart.core.quantity.Face;

/** What is cut is what is evaluated: the same foam by volume, and pads of the bearing area. */
class CutListTest {
    @Test
    void piecesHaveTheMassOfTheFoamTheyAreCutFrom() {
        Random random = new Random(8);
        for (int i = 0; i < 200; i++) {
            Evaluation evaluation =
                    Evaluator.evaluate(Packs.random(random), rampart.core.material.StandardCatalogue.get());
            CutList list = CutList.of(evaluation.layout());
            for (LaidCushion cushion : evaluation.layout().cushions()) {
                double kg = list.pieces().stream()
                                .filter(p -> p.layer() == cushion.layer())
                                .mapToDouble(p -> p.count() * p.lengthMm() * p.widthMm() * p.thicknessMm() * 1e-9)
                                .sum()
                        * cushion.foam().densityKgM3();
                // Blocks are drawn from the layer's inner side, which a wrap moves outward: their mass differs by it.
                boolean drawnAsWeighed = !(cushion.form() instanceof CushionForm.Corners);
                if (drawnAsWeighed) {
                    assertThat(kg).isCloseTo(cushion.massKg(), within(1e-9 * Math.max(1, cushion.massKg())));
                }
            }
        }
    }

    @Test
    void cornerBlocksHaveTheirMassToo() {
        Evaluation evaluation = Packs.evaluate(
                Packs.item(300, 260, 200, 6, 80),
                Packs.falls(600),
                Packs.corners("pe-28", 40, 70),
                Packs.box("c-32", 3));
        double mm3 = CutList.of(evaluation.layout()).pieces().stream()
                .mapToDouble(p -> p.count() * p.lengthMm() * p.widthMm() * p.thicknessMm())
                .sum();
        LaidCushion blocks = evaluation.layout().cushions().get(0);
        assertThat(mm3 * 1e-9 * blocks.foam().densityKgM3()).isCloseTo(blocks.massKg(), within(1e-12));
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
        assertThat(piece.lengthMm() * piece.widthMm()).isCloseTo(5000, within(1e-6));
        assertThat(list.boxes()).hasSize(1);
        assertThat(list.boxes().get(0).carton().inside().lengthMm()).isEqualTo(303);
    }
}
