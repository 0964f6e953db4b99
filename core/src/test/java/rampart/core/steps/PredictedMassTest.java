package rampart.core.steps;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.Test;
import rampart.core.box.CartonBuild;
import rampart.core.box.CartonState;
import rampart.core.box.CartonStyle;
import rampart.core.box.Fitting;
import rampart.core.item.Item;
import rampart.core.item.ItemProperties;
import rampart.core.item.Pieces;
import rampart.core.journey.Journey;
import rampart.core.layout.Layer;
import rampart.core.layout.Layout;
import rampart.core.layout.LayoutWalk;
import rampart.core.layout.Room;
import rampart.core.material.StandardCatalogue;
import rampart.core.pack.Pack;
import rampart.core.pack.Packs;
import rampart.core.quantity.Point;
import rampart.core.quantity.Size;

class PredictedMassTest {
    private static Pack pack(Layer... layers) {
        Journey journey = Packs.falls(500);
        return new Pack(Packs.item(200, 150, 100, 3, 60), journey, List.of(layers));
    }

    /** By hand: 3 kg, foam of 28 kg/m3 in 300 x 250 x 200 less 200 x 150 x 100 mm, board, 4 g a metre of tape, 20 g of labels. */
    @Test
    void aPackIsAddedUpByHand() {
        Pack pack = pack(Packs.full("pe-28", 50), Packs.box("c-32", 0));
        Layout layout = LayoutWalk.lay(pack.item(), pack.layers(), StandardCatalogue.get());
        double foam = 28 * (0.3 * 0.25 * 0.2 - 0.2 * 0.15 * 0.1);
        double board = layout.outer().carton().massKg();
        // One seam is 308 mm and 70 down both ends, to the next 50: 450 mm; two of them.
        double tape = 0.9 * 0.004;
        PredictedMass mass = PredictedMass.of(pack, layout);
        assertThat(mass.kg()).isCloseTo(3 + foam + board + tape + 0.02, within(1e-9));
        double off =
                Math.sqrt(0.03 * 0.03 + square(0.15 * foam) + square(0.08 * board) + square(tape / 2) + square(0.02));
        assertThat(mass.toleranceKg()).isCloseTo(off, within(1e-9));
    }

    private static double square(double x) {
        return x * x;
    }

    /** Packs whose parts are off at random as assumed lie within the tolerance mostly, as a root of squares promises. */
    @Test
    void mostPacksLieWithinTheTolerance() {
        Random random = new Random(4);
        Pack pack = pack(Packs.full("pe-28", 80), Packs.box("bc-48", 0));
        Layout layout = LayoutWalk.lay(pack.item(), pack.layers(), StandardCatalogue.get());
        PredictedMass mass = PredictedMass.of(pack, layout);
        double foam = layout.cushions().get(0).massKg();
        double board = layout.outer().carton().massKg();
        int within = 0;
        for (int i = 0; i < 10_000; i++) {
            double kg = mass.kg()
                    + off(random, 0.01 * 3)
                    + off(random, 0.15 * foam)
                    + off(random, 0.08 * board)
                    + off(random, 0.02);
            within += Math.abs(kg - mass.kg()) <= mass.toleranceKg() ? 1 : 0;
        }
        assertThat(within).isBetween(8_500, 9_999);
    }

    private static double off(Random random, double by) {
        return by * (2 * random.nextDouble() - 1);
    }

    @Test
    void partsOfAPackThatComesBackAreAllThere() {
        Pack pack = pack(
                Layer.Wrap.plain("tissue", 1),
                Packs.full("pe-28", 50),
                Packs.box("c-32", 0),
                Packs.corners("pu-24", 50, 60),
                Packs.box("bc-48", 2));
        Layout layout = LayoutWalk.lay(pack.item(), pack.layers(), StandardCatalogue.get());
        List<PackParts.Part> parts = PackParts.of(pack, layout, StandardCatalogue.get(), StepIds.byPlace(pack));
        assertThat(parts).extracting(PackParts.Part::id).doesNotHaveDuplicates();
        assertThat(parts.stream()
                        .filter(part -> part.id().startsWith("piece:2"))
                        .mapToInt(PackParts.Part::count)
                        .sum())
                .as("slabs round the item")
                .isEqualTo(6);
        assertThat(parts.stream()
                        .filter(part -> part.id().startsWith("piece:4"))
                        .mapToInt(PackParts.Part::count)
                        .sum())
                .as("slabs of eight corner blocks")
                .isEqualTo(24);
        assertThat(parts.stream().filter(part -> part.id().startsWith("box:"))).hasSize(2);
    }

    /** Twelve glasses in a divider of three strips one way and two the other, by hand; edge protectors as many as are cut. */
    @Test
    void everyPieceOfASetAndOfBoardIsCounted() {
        Pieces twelve = new Pieces(
                new Size(70, 70, 110),
                0.2,
                12,
                true,
                OptionalDouble.empty(),
                5,
                4,
                3,
                1,
                Pieces.Arrangement.GRID,
                Optional.of("b-32"));
        Size size = twelve.needed(3.2);
        Item item = new Item(
                "glasses",
                size,
                3,
                Point.ORIGIN,
                Packs.bears(60),
                new ItemProperties(List.of(), Set.of(), OptionalDouble.empty(), Optional.of(twelve)));
        Layer.Box carton = new Layer.Box(
                "c-44",
                new CartonBuild(
                        CartonStyle.REGULAR_SLOTTED,
                        OptionalDouble.empty(),
                        OptionalDouble.empty(),
                        EnumSet.of(Fitting.EDGE_PROTECTORS, Fitting.STRAPS)),
                new Room.Slack(2),
                CartonState.NEW);
        Pack pack = new Pack(item, Packs.falls(500), List.of(carton));
        Layout layout = LayoutWalk.lay(pack.item(), pack.layers(), StandardCatalogue.get());
        List<PackParts.Part> parts = PackParts.of(pack, layout, StandardCatalogue.get(), StepIds.byPlace(pack));
        assertThat(parts.get(0).count()).isEqualTo(12);
        assertThat(parts.stream()
                        .filter(part -> part.id().startsWith("divider"))
                        .mapToInt(PackParts.Part::count)
                        .sum())
                .isEqualTo(5);
        // Four upright, and four under each of the two straps.
        assertThat(parts.stream()
                        .filter(part -> part.name().startsWith("edge protector"))
                        .mapToInt(PackParts.Part::count)
                        .sum())
                .isEqualTo(12);
    }
}
