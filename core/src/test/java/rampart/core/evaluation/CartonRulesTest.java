package rampart.core.evaluation;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import rampart.core.box.CartonBuild;
import rampart.core.box.CartonState;
import rampart.core.box.CartonStyle;
import rampart.core.item.Item;
import rampart.core.item.ItemProperties;
import rampart.core.item.Pieces;
import rampart.core.journey.Journey;
import rampart.core.journey.Stack;
import rampart.core.layout.Layer;
import rampart.core.layout.Layout;
import rampart.core.layout.LayoutWalk;
import rampart.core.layout.Room;
import rampart.core.material.Board;
import rampart.core.material.Catalogue;
import rampart.core.material.Flute;
import rampart.core.material.StandardCatalogue;
import rampart.core.pack.Pack;
import rampart.core.pack.Packs;
import rampart.core.quantity.Axis;
import rampart.core.quantity.Basis;
import rampart.core.quantity.Face;
import rampart.core.quantity.Point;
import rampart.core.quantity.SixSided;
import rampart.core.quantity.Size;
import rampart.core.verdict.Check;
import rampart.core.verdict.Status;

/** Rules 58 to 63 of docs/rules.md against sums worked by hand. */
class CartonRulesTest {
    private static final double G = 9.80665;

    private static Board sixMillimetres(OptionalDouble bendingNm, OptionalDouble punctureJ) {
        return new Board(
                "own.six",
                "Six",
                Flute.SOLID,
                6,
                60,
                2000,
                100,
                100,
                Basis.INPUT,
                "",
                new Board.Panel(bendingNm, punctureJ));
    }

    private static Catalogue with(Board board) {
        return StandardCatalogue.get().with(new Catalogue(List.of(), List.of(board), List.of()));
    }

    private static Check check(Evaluation evaluation, String id) {
        return evaluation.checks().stream()
                .filter(c -> c.id().text().equals(id))
                .findFirst()
                .orElseThrow();
    }

    private static Item slate() {
        return Packs.item(600, 600, 12, 11.88, 40);
    }

    private static List<Layer> betweenBoards(double workStiffnessNm) {
        return List.of(
                new Layer.Boards("own.six", 1, Axis.Z, 30, 1, workStiffnessNm),
                Packs.full("pu-24", 50),
                Layer.Box.made("c-32", 0));
    }

    /** Worked by hand: boards 660 x 660, sandwich 25 thick, inside 760 x 760 x 125, outside 768 x 768 x 141. */
    @Test
    void aSlateBetweenBoards() {
        Catalogue catalogue = with(sixMillimetres(OptionalDouble.empty(), OptionalDouble.empty()));
        Layout layout = LayoutWalk.lay(slate(), betweenBoards(0), catalogue);
        assertThat(layout.boards().get(0).size()).isEqualTo(new Size(660, 660, 25));
        assertThat(layout.outer().carton().inside()).isEqualTo(new Size(760, 760, 125));
        assertThat(layout.outside()).isEqualTo(new Size(768, 768, 141));
        double boards = 2 * .66 * .66 * 2.0;
        assertThat(layout.layerMassKg().get(0)).isCloseTo(boards, within(1e-9));
        // The cushion bears on the boards, and they move with the slate.
        assertThat(layout.cushions().get(0).movingMassKg()).isCloseTo(11.88 + boards, within(1e-9));
        assertThat(layout.cushions().get(0).bearingMm2().bottom()).isCloseTo(660.0 * 660, within(1e-6));
        // One board above, one and the interleaf: the middle of the slate is half a millimetre off.
        assertThat(layout.distanceMm().top() - layout.distanceMm().bottom()).isCloseTo(1, within(1e-9));
    }

    @Test
    void boardsOfUnknownStiffnessAreUnknownNotGood() {
        Evaluation evaluation = Evaluator.evaluate(
                new Pack(slate(), Packs.falls(300), betweenBoards(0)),
                with(sixMillimetres(OptionalDouble.empty(), OptionalDouble.empty())));
        assertThat(check(evaluation, "boards.bend").status()).isEqualTo(Status.UNKNOWN);
        assertThat(check(evaluation, "boards.puncture").status()).isEqualTo(Status.UNKNOWN);
    }

    /** The beam on two supports by hand: 5 q a^4 / (384 D b), q = 2 m g / a, no more than a / 200. */
    @Test
    void boardsBendAsABeamDoes() {
        Evaluation evaluation = Evaluator.evaluate(
                new Pack(slate(), Packs.falls(300), betweenBoards(0)),
                with(sixMillimetres(OptionalDouble.of(300), OptionalDouble.of(5))));
        double kg = 11.88 + 2 * .66 * .66 * 2;
        double a = .66;
        double b = .66;
        double needed = check(evaluation, "boards.bend").demand();
        double sag = 5 * (2 * kg * G / a) * Math.pow(a, 4) / (384 * needed * b);
        assertThat(sag).isCloseTo(a / 200, within(1e-12));
        assertThat(check(evaluation, "boards.bend").limit()).hasValue(600);
        assertThat(check(evaluation, "boards.puncture").limit()).hasValue(5);
        assertThat(check(evaluation, "boards.puncture").demand()).isEqualTo(4);
    }

    /** A slate of 12 mm, 60 GPa, is itself stiff enough: E t^3 / 12. */
    @Test
    void stiffWorkCarriesItself() {
        double slateNm = 60e9 * Math.pow(.012, 3) / 12;
        Evaluation evaluation = Evaluator.evaluate(
                new Pack(slate(), Packs.falls(300), betweenBoards(slateNm)),
                with(sixMillimetres(OptionalDouble.empty(), OptionalDouble.empty())));
        assertThat(check(evaluation, "boards.bend").status()).isEqualTo(Status.HOLDS);
    }

    private static Pieces funnels(Pieces.Arrangement arrangement, int columns, int rows) {
        return new Pieces(
                new Size(110, 110, 150),
                .42,
                6,
                true,
                OptionalDouble.of(60),
                27,
                columns,
                rows,
                1,
                arrangement,
                Optional.of("b-32"));
    }

    /** Worked by hand: six funnels, 110 x 150, 3 mm foam and 24 mm bubble, 2 x 3, strips 3.2 mm. */
    @Test
    void sixFunnelsInADividedCarton() {
        Pieces six = funnels(Pieces.Arrangement.GRID, 3, 2);
        assertThat(six.wrapped()).isEqualTo(new Size(164, 164, 204));
        Size needed = six.needed(3.2);
        assertThat(needed.lengthMm()).isCloseTo(498.4, within(1e-9));
        assertThat(needed.widthMm()).isCloseTo(331.2, within(1e-9));
        assertThat(needed.heightMm()).isEqualTo(204);
    }

    /** Worked by hand: an X in a square of 300 with a board of 4 mm takes a round piece of 121.9 mm. */
    @Test
    void aDiagonalCross() {
        Pieces four = new Pieces(
                new Size(121.9, 121.9, 150),
                .4,
                4,
                true,
                OptionalDouble.empty(),
                0,
                2,
                2,
                1,
                Pieces.Arrangement.DIAGONAL,
                Optional.of("c-32"));
        assertThat(four.needed(4).lengthMm()).isCloseTo(300, within(.1));
        assertThat(four.needed(4).widthMm()).isCloseTo(300, within(.1));
    }

    /** Cones up and down in turn: at every height the half widths of two neighbours add up to the pitch. */
    @Test
    void tapersNest() {
        Pieces row = funnels(Pieces.Arrangement.ALTERNATE, 6, 1);
        double wide = 164;
        double narrow = 60 + 54;
        for (double share = 0; share <= 1; share += .125) {
            double up = wide + (narrow - wide) * share;
            double down = narrow + (wide - narrow) * share;
            assertThat(row.pitchMm()).isCloseTo((up + down) / 2, within(1e-9));
        }
        assertThat(row.needed(0).lengthMm()).isCloseTo(164 + 5 * 139, within(1e-9));
    }

    private static Item set(Size size, Pieces pieces) {
        return new Item(
                "six",
                size,
                3,
                Point.ORIGIN,
                Packs.bears(60),
                new ItemProperties(List.of(), java.util.Set.of(), OptionalDouble.empty(), Optional.of(pieces)));
    }

    @Test
    void piecesThatDoNotGoInBreakAndPlayIsSharedByCells() {
        Pieces six = funnels(Pieces.Arrangement.GRID, 3, 2);
        Evaluation tight = Packs.evaluate(
                set(new Size(498, 340, 204), six),
                Packs.falls(300),
                Packs.full("pu-24", 50),
                Layer.Box.made("c-32", 0));
        assertThat(check(tight, "pieces.fit").status()).isEqualTo(Status.BREAKS);
        Evaluation loose = Packs.evaluate(
                set(new Size(498.4 + 45, 331.2 + 24, 204), six),
                Packs.falls(300),
                Packs.full("pu-24", 50),
                Layer.Box.made("c-32", 0));
        assertThat(check(loose, "pieces.fit").status()).isEqualTo(Status.HOLDS);
        assertThat(check(loose, "movement").demand()).isCloseTo(15, within(1e-9));
    }

    private static Journey pile() {
        return Journey.plain(
                Packs.falls(300).drop(),
                Optional.empty(),
                Optional.of(new Stack(2400, 10, .5, Stack.Pattern.ALIGNED)),
                Packs.falls(300).climate());
    }

    /** The divider by hand: two strips across 331.2 mm in two cells each, one along 498.4 mm in three, each counted half. */
    @Test
    void aDividerUnderTheTopCarriesWithTheWalls() {
        Pieces six = funnels(Pieces.Arrangement.GRID, 3, 2);
        Item item = set(new Size(498.4, 331.2, 204), six);
        Evaluation divided = Packs.evaluate(item, pile(), Layer.Box.made("b-32", 0));
        double ect = 32 * 0.45359237 * G / 25.4;
        double walls = 5.87 * ect * Math.sqrt(3.2 * 2 * (498.4 + 331.2));
        double strips =
                .5 * 5.87 / 2 * ect * (2 * 331.2 * Math.sqrt(3.2 * 2 / 331.2) + 498.4 * Math.sqrt(3.2 * 3 / 498.4));
        assertThat(check(divided, "stack").limit()).isPresent();
        assertThat(check(divided, "stack").limit().getAsDouble()).isCloseTo(.63 * (walls + strips), within(1e-6));
        Evaluation padded = Packs.evaluate(item, pile(), Packs.full("pu-24", 12), Layer.Box.made("b-32", 0));
        double larger = 5.87 * ect * Math.sqrt(3.2 * 2 * (498.4 + 24 + 331.2 + 24));
        assertThat(check(padded, "stack").limit().getAsDouble()).isCloseTo(.63 * larger, within(1e-6));
    }

    @Test
    void aMailersPileIsUnknownUntilItIsTested() {
        Layer.Box mailer =
                new Layer.Box("b-32", CartonBuild.of(CartonStyle.MAILER), new Room.Slack(0), CartonState.NEW);
        Evaluation untested = Packs.evaluate(Packs.item(200, 150, 60, 1, 60), pile(), Packs.full("pu-24", 40), mailer);
        assertThat(check(untested, "stack").status()).isEqualTo(Status.UNKNOWN);
        Layer.Box tested = new Layer.Box(
                "b-32",
                new CartonBuild(CartonStyle.MAILER, OptionalDouble.empty(), OptionalDouble.of(1500), Set.of()),
                new Room.Slack(0),
                CartonState.NEW);
        Evaluation known = Packs.evaluate(Packs.item(200, 150, 60, 1, 60), pile(), Packs.full("pu-24", 40), tested);
        assertThat(check(known, "stack").limit()).hasValue(1500 * .63);
    }

    @Test
    void unequalGapsMoveTheItem() {
        SixSided gaps = SixSided.all(5).with(Face.BOTTOM, 20);
        Layer.Box box = new Layer.Box("c-32", CartonBuild.REGULAR, new Room.Gaps(gaps), CartonState.NEW);
        Layout layout = LayoutWalk.lay(Packs.item(200, 150, 60, 1, 60), List.of(box), StandardCatalogue.get());
        assertThat(layout.outer().carton().inside()).isEqualTo(new Size(210, 160, 85));
        assertThat(layout.distanceMm().bottom()).isCloseTo(30 + 20 + 8, within(1e-9));
        assertThat(layout.distanceMm().top()).isCloseTo(30 + 5 + 8, within(1e-9));
        assertThat(layout.outer().largestSlackMm()).isEqualTo(25);
    }

    /** Whatever the style, the layout's outside is inside and walls, and the mass the area of its blanks. */
    @ParameterizedTest
    @CsvSource({
        "0200",
        "0201",
        "0203",
        "0301",
        "0320",
        "0401",
        "0406",
        "0410",
        "0426",
        "0501",
        "caps",
        "two-sheet",
        "case"
    })
    void everyStyleTakesItsPlaceInAPack(String code) {
        Random random = new Random(58);
        CartonStyle style = CartonStyle.of(code).orElseThrow();
        for (int i = 0; i < 50; i++) {
            Item item = Packs.item(
                    Packs.between(random, 60, 500),
                    Packs.between(random, 60, 500),
                    Packs.between(random, 30, 300),
                    2,
                    60);
            Layer.Box inner = new Layer.Box("b-32", CartonBuild.of(style), new Room.Slack(2), CartonState.NEW);
            Layout layout = LayoutWalk.lay(item, List.of(inner, Layer.Box.made("c-44", 0)), StandardCatalogue.get());
            assertThat(layout.outer().carton().inside())
                    .isEqualTo(layout.boxes().get(0).carton().outside());
            assertThat(layout.layerMassKg().get(0))
                    .isCloseTo(layout.boxes().get(0).carton().blankAreaMm2() * 1e-9 * 520, within(1e-9));
        }
    }
}
