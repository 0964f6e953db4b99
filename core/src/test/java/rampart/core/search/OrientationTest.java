package rampart.core.search;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;
import rampart.core.evaluation.Evaluation;
import rampart.core.evaluation.Evaluator;
import rampart.core.item.Item;
import rampart.core.item.ItemProperties;
import rampart.core.layout.Layer;
import rampart.core.material.StandardCatalogue;
import rampart.core.pack.Pack;
import rampart.core.pack.Packs;
import rampart.core.quantity.Axis;
import rampart.core.quantity.Point;
import rampart.core.quantity.Size;
import rampart.core.verdict.Status;

/** The ways an item can lie, against rotations found as matrices: signed permutations of the axes of determinant one. */
class OrientationTest {
    private static List<int[][]> rotations() {
        List<int[][]> all = new ArrayList<>();
        int[][] orders = {{0, 1, 2}, {0, 2, 1}, {1, 0, 2}, {1, 2, 0}, {2, 0, 1}, {2, 1, 0}};
        for (int[] order : orders) {
            for (int signs = 0; signs < 8; signs++) {
                int[][] m = new int[3][3];
                for (int row = 0; row < 3; row++) {
                    m[row][order[row]] = (signs >> row & 1) == 0 ? 1 : -1;
                }
                int det = m[0][0] * (m[1][1] * m[2][2] - m[1][2] * m[2][1])
                        - m[0][1] * (m[1][0] * m[2][2] - m[1][2] * m[2][0])
                        + m[0][2] * (m[1][0] * m[2][1] - m[1][1] * m[2][0]);
                if (det == 1) {
                    all.add(m);
                }
            }
        }
        return all;
    }

    private static double[] times(int[][] m, double... v) {
        double[] out = new double[3];
        for (int row = 0; row < 3; row++) {
            for (int k = 0; k < 3; k++) {
                out[row] += m[row][k] * v[k];
            }
        }
        return out;
    }

    private static Pack pack(Item item, Random random) {
        return new Pack(
                item,
                Packs.falls(600),
                List.of(Packs.pads("pe-28", 40 + random.nextInt(20), 120, 4), Layer.Box.made("c-44", 2)));
    }

    @Test
    void theBestOfTwentyFourIsTheBestOfAllRotations() {
        assertThat(rotations()).hasSize(24);
        Random random = new Random(24);
        for (int i = 0; i < 6; i++) {
            Item item = new Item(
                    "thing",
                    new Size(120 + random.nextInt(200), 120 + random.nextInt(200), 60 + random.nextInt(200)),
                    2 + 4 * random.nextDouble(),
                    new Point(random.nextInt(20) - 10, random.nextInt(20) - 10, random.nextInt(20) - 10),
                    Packs.bears(70),
                    ItemProperties.UNKNOWN);
            long seed = random.nextLong();
            List<Orientation> all =
                    Orientation.all(pack(item, new Random(seed)), StandardCatalogue.get(), Watcher.NONE);
            List<Double> margins = new ArrayList<>();
            Status best = Status.BREAKS;
            for (int[][] m : rotations()) {
                double[] size = times(
                        m,
                        item.size().lengthMm(),
                        item.size().widthMm(),
                        item.size().heightMm());
                double[] at = times(
                        m,
                        item.centreOfMass().xMm(),
                        item.centreOfMass().yMm(),
                        item.centreOfMass().zMm());
                Item turned = new Item(
                        "thing",
                        new Size(Math.abs(size[0]), Math.abs(size[1]), Math.abs(size[2])),
                        item.massKg(),
                        new Point(at[0], at[1], at[2]),
                        item.fragility(),
                        item.properties());
                Evaluation evaluation = Evaluator.simulate(pack(turned, new Random(seed)), StandardCatalogue.get());
                margins.add(Math.rint(evaluation.lowestMarginButFit() * 1e6));
                best = evaluation.verdict().compareTo(best) > 0 ? evaluation.verdict() : best;
            }
            assertThat(all).hasSize(24);
            assertThat(all.stream()
                            .map(o -> Math.rint(o.evaluation().lowestMarginButFit() * 1e6))
                            .toList())
                    .containsExactlyInAnyOrderElementsOf(margins);
            assertThat(all.get(0).evaluation().verdict()).isEqualTo(best);
            for (int k = 1; k < all.size(); k++) {
                assertThat(all.get(k).evaluation().verdict())
                        .isLessThanOrEqualTo(all.get(k - 1).evaluation().verdict());
            }
        }
    }

    /** Boards stay on the faces of the work: lying any way they are square to its thin edge. */
    @Test
    void rigidBoardsStayOnTheirFaces() {
        Pack pack = new Pack(
                Packs.item(600, 400, 12, 6, 80),
                Packs.falls(500),
                List.of(
                        new Layer.Boards("bc-48", 1, Axis.Z, 30, 1, 0),
                        Packs.full("pe-28", 50),
                        Layer.Box.made("c-44", 0)));
        List<Orientation> all = Orientation.all(pack, StandardCatalogue.get(), Watcher.NONE);
        assertThat(all).hasSize(24);
        for (Orientation orientation : all) {
            Optional<Pack> turned = pack.turned(orientation.turn());
            Layer.Boards boards = (Layer.Boards) turned.orElseThrow().layers().get(0);
            assertThat(turned.orElseThrow().item().size().along(boards.across()))
                    .isEqualTo(12);
            assertThat(orientation.evaluation().layout().boards().get(0).areaMm2())
                    .isCloseTo(2.0 * 660 * 460, within(1e-6));
        }
    }

    @Test
    void whatLiesInABedIsNotTurned() {
        Pack bedded = Packs.bedded(new Random(1));
        assertThatThrownBy(() -> Orientation.all(bedded, StandardCatalogue.get(), Watcher.NONE))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining("bed");
    }
}
