package rampart.core.pack;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Random;
import java.util.Set;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import rampart.core.item.Fragility;
import rampart.core.item.Item;
import rampart.core.item.ItemProperties;
import rampart.core.item.Surface;
import rampart.core.journey.Climate;
import rampart.core.journey.DropHeights;
import rampart.core.journey.DropPlan;
import rampart.core.journey.DropSequence;
import rampart.core.journey.Journey;
import rampart.core.journey.Stack;
import rampart.core.journey.Vibration;
import rampart.core.layout.CushionForm;
import rampart.core.layout.Layer;
import rampart.core.layout.Layout;
import rampart.core.layout.LayoutWalk;
import rampart.core.material.Board;
import rampart.core.material.Catalogue;
import rampart.core.material.Foam;
import rampart.core.material.StandardCatalogue;
import rampart.core.quantity.Face;
import rampart.core.quantity.Point;
import rampart.core.quantity.SixSided;
import rampart.core.quantity.Size;

/** The first wall against brute force: every wall of the space, evaluated whole, in no clever order. */
class FirstWallTest {
    private static final int SHARES = 5;
    private static final double SLACK_MM = 3;

    static IntStream someItems() {
        return IntStream.range(0, 12);
    }

    @ParameterizedTest
    @MethodSource("someItems")
    void equalsBruteForce(int seed) {
        Random random = new Random(seed);
        Item item = item(random);
        Journey journey = journey(random);
        Catalogue few = few(random);
        FirstWall.Answer answer = FirstWall.find(item, journey, few, Watcher.NONE);
        if (!answer.holds()) {
            // All foams of this store harm what it is made of: then as if it were made of nothing.
            item = Item.plain(item.name(), item.size(), item.massKg(), item.centreOfMass(), item.fragility());
            journey = Journey.plain(journey.drop(), journey.vibration(), journey.stack(), journey.climate());
            answer = FirstWall.find(item, journey, few, Watcher.NONE);
        }
        assertThat(answer.holds()).as("%s %s", item, journey).isTrue();
        Pack found = new Pack(item, journey, answer.layers());
        assertThat(Evaluator.evaluate(found, few).verdict()).isEqualTo(Status.HOLDS);
        Weighed ours = weigh(found, few);

        List<Weighed> smaller = everyWall(item, journey, few, ours).stream()
                .filter(other -> Weighed.ORDER.compare(other, ours) < 0)
                .toList();
        List<Weighed> better = smaller.parallelStream()
                .filter(other -> Evaluator.evaluate(other.pack, few).verdict() == Status.HOLDS)
                .toList();
        assertThat(better.stream().map(other -> other.pack.layers()).toList()).isEmpty();
        assertThat(smaller.size()).as("walls that were compared").isGreaterThan(10);
    }

    /** Where it says that no wall holds, none of all that there are does. */
    @Test
    void whereNothingHoldsNoWallDoes() {
        int none = 0;
        for (int seed = 100; seed < 104; seed++) {
            Random random = new Random(seed);
            Item sturdy = item(random);
            Item item = new Item(
                    sturdy.name(),
                    sturdy.size(),
                    sturdy.massKg(),
                    sturdy.centreOfMass(),
                    Packs.bears(Packs.between(random, 8, 20)),
                    sturdy.properties());
            Journey journey = journey(random);
            Catalogue all = StandardCatalogue.get();
            Catalogue one = new Catalogue(
                    List.of(all.foam("pu-32")), List.of(all.board("bc-48"), all.board("c-32")), all.wraps());
            if (FirstWall.find(item, journey, one, Watcher.NONE).holds()) {
                continue;
            }
            Pack beyond = new Pack(item, journey, List.of(Packs.full("pu-32", 260), Layer.Box.made("bc-48", SLACK_MM)));
            assertThat(everyWall(item, journey, one, weigh(beyond, one)).parallelStream()
                            .filter(wall -> Evaluator.evaluate(wall.pack, one).verdict() == Status.HOLDS)
                            .map(wall -> wall.pack.layers()))
                    .as("seed %d", seed)
                    .isEmpty();
            none++;
        }
        assertThat(none).isBetween(1, 4);
    }

    /** A pack with what it is judged by, rounded so that the order of additions plays no part. */
    private record Weighed(Pack pack, double volume, double mass) {
        static final Comparator<Weighed> ORDER =
                Comparator.comparingDouble(Weighed::volume).thenComparingDouble(Weighed::mass);
    }

    private static Weighed weigh(Pack pack, Catalogue catalogue) {
        Layout layout = LayoutWalk.layUndrawn(pack.item(), pack.layers(), catalogue);
        return new Weighed(
                pack, Math.rint(layout.outside().volumeMm3() * 1e3) / 1e3, Math.rint(layout.grossMassKg() * 1e9) / 1e9);
    }

    /** Every wall no thicker than the one that was found. */
    private static List<Weighed> everyWall(Item item, Journey journey, Catalogue catalogue, Weighed found) {
        List<Weighed> all = new ArrayList<>();
        double mostMm = (found.volume - item.size().volumeMm3())
                / (2 * item.size().faceAreaMm2(Face.TOP) + 2 * item.size().faceAreaMm2(Face.RIGHT));
        for (Board board : catalogue.boards()) {
            for (int t = 10; t <= Math.min(250, mostMm); t += 5) {
                for (Layer.Cushion one : cushions(catalogue, item.size(), t)) {
                    Layer.Box carton = Layer.Box.made(board.id(), SLACK_MM);
                    all.add(weigh(new Pack(item, journey, List.of(one, carton)), catalogue));
                }
                for (int inner = 10; inner <= t - 10; inner += 5) {
                    for (Layer.Cushion one : cushions(catalogue, item.size(), inner)) {
                        Layer.Box box = Layer.Box.made("c-32", SLACK_MM);
                        Size body = LayoutWalk.layUndrawn(item, List.of(one, box), catalogue)
                                .outside();
                        for (Layer.Cushion two : cushions(catalogue, body, t - inner)) {
                            Layer.Box carton = Layer.Box.made(board.id(), SLACK_MM);
                            all.add(weigh(new Pack(item, journey, List.of(one, box, two, carton)), catalogue));
                        }
                    }
                }
            }
        }
        return all;
    }

    private static List<Layer.Cushion> cushions(Catalogue catalogue, Size body, int mm) {
        List<Layer.Cushion> all = new ArrayList<>();
        for (Foam foam : catalogue.foams()) {
            all.add(Packs.full(foam.id(), mm));
            for (int i = 1; i < SHARES; i++) {
                double share = i / (double) SHARES;
                SixSided area = SixSided.of(face -> Math.max(1, Math.round(body.faceAreaMm2(face) * share / 100)));
                double least = Face.ALL.stream().mapToDouble(area::on).min().orElseThrow();
                double needs = Math.pow(1.33 * mm / 10, 2) / 0.9;
                int count = least / 4 >= needs ? 4 : least / 2 >= needs ? 2 : 1;
                all.add(new Layer.Cushion(
                        foam.id(), new CushionForm.Pads(area, SixSided.all(count)), SixSided.all(mm)));
            }
        }
        return all;
    }

    private static Item item(Random random) {
        Size size = new Size(
                Math.rint(Packs.between(random, 60, 220)),
                Math.rint(Packs.between(random, 60, 200)),
                Math.rint(Packs.between(random, 60, 180)));
        double kg = Math.max(0.6, size.volumeMm3() * 1e-9 * Packs.between(random, 500, 1500));
        ItemProperties properties = new ItemProperties(
                List.of(),
                random.nextBoolean() ? Set.of(Surface.values()[random.nextInt(Surface.values().length)]) : Set.of(),
                OptionalDouble.empty());
        return new Item("thing", size, kg, Point.ORIGIN, Packs.bears(Packs.between(random, 80, 140)), properties);
    }

    private static Journey journey(Random random) {
        DropSequence sequence = DropSequence.values()[random.nextInt(3)];
        boolean repeated = random.nextInt(4) == 0;
        DropPlan drop = random.nextBoolean()
                ? DropPlan.byTable(DropHeights.PARCEL_1A, sequence, repeated)
                : DropPlan.own(Packs.between(random, 300, 600), sequence, repeated);
        return new Journey(
                drop,
                Optional.of(Vibration.PARCEL_ROAD),
                Optional.of(new Stack(2400, 30, 0.7, Stack.Pattern.MISALIGNED)),
                new Climate(5, 30),
                OptionalDouble.of(72),
                random.nextInt(3) == 0 ? OptionalDouble.of(2000) : OptionalDouble.empty());
    }

    /** Foams that suit such items and one more, three boards: few enough to try everything. */
    private static Catalogue few(Random random) {
        Catalogue all = StandardCatalogue.get();
        List<Foam> foams = new ArrayList<>(all.foams());
        Collections.shuffle(foams, random);
        List<Foam> some = new ArrayList<>(List.of(all.foam("pe-28"), all.foam("pp-20")));
        foams.stream().filter(f -> !some.contains(f)).findFirst().ifPresent(some::add);
        return new Catalogue(some, List.of(all.board("c-32"), all.board("c-44"), all.board("bc-51")), all.wraps());
    }

    @Test
    void tellsWhatHasToGiveWhenNothingHolds() {
        Journey road = Journey.plain(
                DropPlan.byTable(DropHeights.PARCEL_1A, DropSequence.TEN, false),
                Optional.of(Vibration.PARCEL_ROAD),
                Optional.empty(),
                new Climate(5, 30));
        FirstWall.Answer heavy =
                FirstWall.find(Packs.item(300, 300, 250, 26, 80), road, StandardCatalogue.get(), Watcher.NONE);
        assertThat(heavy.relax().orElseThrow().check()).isEqualTo("lift");
        Evaluation relaxed = Evaluator.evaluate(
                new Pack(Packs.item(300, 300, 250, 26, 80), road, heavy.layers()), StandardCatalogue.get());
        assertThat(relaxed.checks())
                .filteredOn(c -> c.status() != Status.HOLDS)
                .extracting(Check::id)
                .containsExactly("lift");

        Item frail = Packs.item(180, 120, 90, 1.5, 8);
        FirstWall.Answer soft = FirstWall.find(frail, road, StandardCatalogue.get(), Watcher.NONE);
        FirstWall.Relaxed relax = soft.relax().orElseThrow();
        assertThat(relax.check()).isEqualTo("drop");
        double needed = relax.neededG().orElseThrow();
        Item stronger = Packs.item(180, 120, 90, 1.5, needed);
        assertThat(Evaluator.evaluate(new Pack(stronger, road, soft.layers()), StandardCatalogue.get())
                        .verdict())
                .isEqualTo(Status.HOLDS);
        assertThat(FirstWall.find(
                                Packs.item(180, 120, 90, 1.5, (needed - 1) * 0.95),
                                road,
                                StandardCatalogue.get(),
                                Watcher.NONE)
                        .holds())
                .as("hardly less would do")
                .isFalse();
    }

    @Test
    void needsToKnowWhatTheItemBears() {
        Fragility unknown = new Fragility(
                OptionalDouble.empty(),
                OptionalDouble.empty(),
                Fragility.FragilityBasis.ESTIMATE,
                Optional.empty(),
                Map.of());
        Item item = Item.plain("thing", new Size(100, 100, 100), 1, Point.ORIGIN, unknown);
        assertThatThrownBy(() -> FirstWall.find(item, Packs.falls(600), StandardCatalogue.get(), Watcher.NONE))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining("bears");
    }
}
