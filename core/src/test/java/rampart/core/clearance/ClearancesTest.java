package rampart.core.clearance;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Random;
import org.junit.jupiter.api.Test;
import rampart.core.box.CartonState;
import rampart.core.layout.Layer;
import rampart.core.layout.Layout;
import rampart.core.layout.LayoutWalk;
import rampart.core.material.StandardCatalogue;
import rampart.core.pack.Pack;
import rampart.core.pack.Packs;
import rampart.core.quantity.Axis;
import rampart.core.quantity.Face;
import rampart.core.words.Wording;

/** Gaps and tolerance stacks against sums by hand, and against a thousand packs made with things as far off as they may be. */
class ClearancesTest {
    private static List<Clearance> of(Pack pack) {
        Layout layout = LayoutWalk.layUndrawn(pack.item(), pack.layers(), StandardCatalogue.get());
        return Clearances.of(pack, layout, StandardCatalogue.get());
    }

    private static Pack pack(Layer... layers) {
        return new Pack(Packs.item(200, 150, 100, 4, 60), Packs.falls(600), List.of(layers));
    }

    private static String said(Clearance clearance) {
        return String.join(
                " ",
                clearance.remarks().stream()
                        .map(r -> Wording.all().get(0).say(r.words()))
                        .toList());
    }

    /** A box in a box: 30 mm of foam all round the inner box, 4 mm of play shared by two sides. */
    @Test
    void aGapIsWhatFillsItAndWhatIsOpen() {
        List<Clearance> all =
                of(pack(Packs.full("pe-28", 40), Packs.box("c-32", 0), Packs.full("pu-24", 30), Packs.box("bc-48", 4)));
        assertThat(all).extracting(Clearance::name).containsExactly("Inner box", "Outer carton");
        for (Clearance.FaceGap gap : all.get(1).faces()) {
            assertThat(gap.filled()).extracting(Clearance.Filling::mm).containsExactly(30.0);
            assertThat(gap.openMm()).isEqualTo(2);
            assertThat(gap.wholeMm()).isEqualTo(32);
        }
        ToleranceStack length = all.get(1).stacks().get(Axis.X.ordinal());
        // Scores of a double wall 5, of the inner box 3, its two walls of 4 mm 0.4, two pieces of foam of 2.
        assertThat(length.worstMm()).isCloseTo(5 + 3 + 0.4 + 2 + 2, within(1e-9));
        assertThat(length.likelyMm()).isCloseTo(Math.sqrt(25 + 9 + 0.16 + 4 + 4), within(1e-9));
        assertThat(length.leastMm()).isCloseTo(4 - 12.4, within(1e-9));
    }

    /** Thick foam is cut less well: a piece of 150 mm is out by 3 mm, one up to 100 mm by 2. */
    @Test
    void thickFoamIsOutByMore() {
        double thin = of(pack(Packs.full("pe-28", 100), Packs.box("c-32", 0)))
                .get(0)
                .stacks()
                .get(0)
                .worstMm();
        double thick = of(pack(Packs.full("pe-28", 150), Packs.box("c-32", 0)))
                .get(0)
                .stacks()
                .get(0)
                .worstMm();
        assertThat(thick - thin).isCloseTo(2 * (3 - 2), within(1e-9));
    }

    /** On every pack the fillings and the open part add up to the gap between envelope and inside. */
    @Test
    void gapsAddUp() {
        Random random = new Random(9);
        for (int i = 0; i < 300; i++) {
            Pack pack = Packs.random(random);
            Layout layout = LayoutWalk.layUndrawn(pack.item(), pack.layers(), StandardCatalogue.get());
            List<Clearance> all = Clearances.of(pack, layout, StandardCatalogue.get());
            double inner = pack.item().size().heightMm();
            for (int k = 0; k < all.size(); k++) {
                Clearance clearance = all.get(k);
                double gaps = clearance.faces().stream()
                        .filter(g -> g.face().axis() == Axis.Z)
                        .mapToDouble(Clearance.FaceGap::wholeMm)
                        .sum();
                assertThat(inner + gaps)
                        .isCloseTo(layout.boxes().get(k).carton().inside().heightMm(), within(1e-6));
                inner = layout.boxes().get(k).carton().outside().heightMm();
            }
        }
    }

    /** Every part drawn at random within its tolerance, ten thousand times: never worse than the worst, mostly within the likely. */
    @Test
    void theWorstIsNeverPassedAndTheLikelySeldom() {
        ToleranceStack stack = new ToleranceStack(
                Axis.X,
                510,
                500,
                List.of(
                        new ToleranceStack.Part("scores", 3),
                        new ToleranceStack.Part("foam", 2),
                        new ToleranceStack.Part("foam", 2),
                        new ToleranceStack.Part("item", 1)));
        Random random = new Random(3);
        int beyond = 0;
        int times = 10_000;
        for (int i = 0; i < times; i++) {
            double off = 0;
            for (ToleranceStack.Part part : stack.parts()) {
                off += part.mm() * (2 * random.nextDouble() - 1);
            }
            assertThat(stack.slackMm() - off).isGreaterThanOrEqualTo(stack.leastMm());
            beyond += stack.slackMm() - off < stack.likelyLeastMm() ? 1 : 0;
        }
        assertThat((double) beyond / times).isLessThan(0.05);
    }

    @Test
    void whatIsTightIsSaid() {
        assertThat(said(of(pack(Packs.box("c-32", 1))).get(0)))
                .contains("may not go in")
                .contains("3 mm larger");
        assertThat(said(of(pack(Packs.box("c-32", 20))).get(0)))
                .contains("goes in")
                .contains("16 mm");
        // Scores 3, item 1, two pieces of 2: the root of 18 is 4.2, and 2 of it is there.
        assertThat(said(of(pack(Packs.full("pe-28", 40), Packs.box("c-32", 2))).get(0)))
                .contains("foam gives way by 2.2 mm, 3 % of its thickness");
        assertThat(said(of(pack(Packs.full("pe-28", 40), Packs.box("c-32", -6))).get(0)))
                .contains("Closed over 6 mm more than it holds in length, width and height")
                .contains("pressed by 8 %");
        assertThat(said(of(pack(Packs.box("c-32", -6))).get(0))).contains("nothing inside gives way");
    }

    /** Pads leave room for fingers beside the box that they bear on; foam all round leaves none. */
    @Test
    void fingersNeedRoomBesideTheBox() {
        assertThat(said(of(pack(Packs.full("pe-28", 40), Packs.box("c-32", 2))).get(0)))
                .contains("leaves 1 mm for fingers")
                .contains("slide the last side down");
        assertThat(said(of(pack(Packs.box("c-32", 2))).get(0)))
                .contains("1 mm of room beside it, and fingers need 20 mm");
        assertThat(said(of(pack(Packs.corners("pe-28", 40, 50), Packs.box("c-32", 2)))
                        .get(0)))
                .contains("41 mm of room beside it for fingers: set it in by hand");
    }

    /** Rigid foam is not pressed in by hand: 4 mm that are likely to be missing are a reason to make the box larger. */
    @Test
    void rigidFoamDoesNotGive() {
        assertThat(said(of(pack(Packs.full("eps-20", 25), Packs.box("c-32", 0))).get(0)))
                .contains("may not go in");
        assertThat(said(of(pack(Packs.full("pu-24", 25), Packs.box("c-32", 0))).get(0)))
                .contains("foam gives way");
    }

    /** Foam at eight corners: 50 mm of gap and board 4 mm thick make twelve scraps, 48 mm. */
    @Test
    void foamInPlaceAtTheCornersHasSpacers() {
        Pack pack = pack(
                Packs.full("pe-28", 30), Packs.box("c-32", 0), Packs.corners("fip-8", 50, 80), Packs.box("c-32", 0));
        Clearance outer = of(pack).get(1);
        assertThat(said(outer))
                .contains("12 layers of scrap board, 48 mm thick")
                .contains("leave 2 mm");
        assertThat(outer.remarks()).anyMatch(Clearance.Remark::caution);
    }

    @Test
    void looseFillStandsProudAndCellsAreSlack() {
        assertThat(said(of(pack(Packs.full("chips-8", 100), Packs.box("c-32", 0)))
                        .get(0)))
                .contains("Fill it so much proud")
                .contains("16 mm");
        assertThat(said(of(pack(Packs.full("air-cells", 60), Packs.box("c-32", 0)))
                        .get(0)))
                .contains("leave them slack");
        assertThat(said(of(pack(Packs.full("eps-20", 40), Packs.box("c-32", 0))).get(0)))
                .contains("insulating box");
    }

    @Test
    void aMeasuredBulgePresses() {
        Pack pack = new Pack(
                Packs.item(200, 150, 100, 4, 60),
                Packs.falls(600),
                List.of(
                        Packs.full("pe-28", 40),
                        Layer.Box.of(
                                "c-32",
                                2,
                                new CartonState(Optional.empty(), CartonState.Condition.NEW, OptionalDouble.of(8)))));
        assertThat(said(of(pack).get(0))).contains("stand out by 8 mm");
        assertThat(of(pack).get(0).faces()).extracting(g -> g.face()).containsExactlyElementsOf(Face.ALL);
    }

    /** A wrap lies on both sides, and so do boards: a tenth of 2 x 10 mm, a twentieth of 2 x 3 plies of 3 mm. */
    @Test
    void whatLiesOnBothSidesCountsTwice() {
        Layer wrap = new Layer.Wrap("foam-sheet", 10, Layer.Wrap.Tape.NONE);
        Layer boards = new Layer.Boards("b-32", 3, Axis.Z, 20, 0, 0);
        ToleranceStack height =
                of(pack(wrap, boards, Packs.box("c-32", 10))).get(0).stacks().get(Axis.Z.ordinal());
        double caliper = StandardCatalogue.get().board("b-32").caliperMm();
        assertThat(height.parts())
                .extracting(ToleranceStack.Part::mm)
                .contains(2.0, 0.05 * 2 * 3 * caliper)
                .hasSize(4);
    }

    /** Rigid foam keeps warmth from 20 mm on (common practice, no source). */
    @Test
    void thinRigidFoamInsulatesNothing() {
        assertThat(said(of(pack(Packs.full("eps-20", 20), Packs.box("c-32", 3))).get(0)))
                .contains("an insulating box");
        assertThat(said(of(pack(Packs.full("eps-20", 19.9), Packs.box("c-32", 3)))
                        .get(0)))
                .doesNotContain("an insulating box");
    }

    /**
     * 500 N is what a person leans on a flap with (assumed). A cube whose root of squares is 2.24 mm over what is there: so much of 80 mm of foam
     * is 2.8 %, which presses with 0.28 of the stress of squeeze on the whole face.
     */
    @Test
    void foamIsPressedByHandOnlySoFar() {
        double kpa = StandardCatalogue.get().foam("pe-28").squeezeKpa();
        double share = (Math.sqrt(9 + 1 + 4 + 4) - 2) / 80;
        double side = Math.sqrt(500 / (kpa * 1e-3 * share / 0.1));
        assertThat(said(cube(0.99 * side))).contains("foam gives way by 2.2 mm");
        assertThat(said(cube(1.01 * side))).contains("may not go in");
    }

    private static Clearance cube(double side) {
        Pack pack = new Pack(
                Packs.item(side, side, side, 4, 60),
                Packs.falls(600),
                List.of(Packs.full("pe-28", 40), Packs.box("c-32", 2)));
        return of(pack).get(0);
    }
}
