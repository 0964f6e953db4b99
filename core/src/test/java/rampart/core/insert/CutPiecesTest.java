package rampart.core.insert;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;
import static rampart.core.insert.BedCutTest.SIZE;
import static rampart.core.insert.BedCutTest.laid;
import static rampart.core.insert.BedCutTest.rectangle;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import rampart.core.bed.BedPart;
import rampart.core.bed.BedShape;
import rampart.core.bed.BedWell;
import rampart.core.bed.Nature;
import rampart.core.bed.Prism;
import rampart.core.bed.Tie;
import rampart.core.geometry.Bounds;
import rampart.core.geometry.CutWork;
import rampart.core.geometry.Outline;
import rampart.core.geometry.PlanPoint;
import rampart.core.geometry.Region;
import rampart.core.layout.LaidCushion;
import rampart.core.pack.Packs;
import rampart.core.quantity.Axis;
import rampart.core.quantity.Size;

/** A bed in pieces: out of sheets, out of the solid, with kerf and relief, the lid turned over. */
class CutPiecesTest {
    private static final BedPart BODY =
            new BedPart("body", new Prism(rectangle(-100, -60, 100, 60), -40, 40), Nature.STRONG, 0);

    private static BedCut cut(List<BedPart> parts, BedWell... wells) {
        return BedCut.of(laid(new BedShape(SIZE, parts, List.of(wells), 0, 0, List.of())));
    }

    @Test
    void sheetsAreCountedFromTheFaceOutward() {
        BedWell across = new BedWell("across", new Prism(rectangle(-141, -10, 141, 10), -40, 81));
        SheetStack stack = SheetStack.of(cut(List.of(BODY), across), 20, TurnEdge.SIDE, CutTool.KNIFE);
        assertThat(stack.pieces()).hasSize(8);
        // The block is 81 mm to each side of the parting plane, with the tissue: four sheets and one millimetre.
        assertThat(stack.baseRestMm()).isEqualTo(1);
        assertThat(stack.lidRestMm()).isEqualTo(1);
        assertThat(stack.depthErrorMm()).isZero();
        List<CutPiece> base = stack.pieces().subList(0, 4);
        assertThat(base).extracting(CutPiece::number).containsExactly(1, 2, 3, 4);
        assertThat(base).extracting(CutPiece::loose).containsExactly(2, 2, 1, 1);
        assertThat(base.get(3).lines()).hasSize(1);
        assertThat(stack.cutAwayMm3()).isGreaterThan(20 * 4 * 200 * 120);
        // In sheets of 50 mm: two to a half would be 100 mm, 19 too many; of one, 31 are missing. An opening of 40 mm
        // ends at 50.
        SheetStack thick = SheetStack.of(cut(List.of(BODY)), 50, TurnEdge.SIDE, CutTool.KNIFE);
        assertThat(thick.baseRestMm()).isEqualTo(31);
        assertThat(thick.depthErrorMm()).isEqualTo(10);
    }

    /** 80 mm of item in a block of 81 mm to each side: by hand, where sheets end. */
    @Test
    void sheetsThatCannotHoldTheItemAreNotOffered() {
        BedCut cut = cut(List.of(BODY));
        assertThat(SheetStack.holds(cut, 20)).isTrue();
        assertThat(SheetStack.holds(cut, 25)).isTrue();
        assertThat(SheetStack.holds(cut, 100))
                .as("the middle of a sheet lies below the item: no opening")
                .isFalse();
        assertThat(SheetStack.holds(cut, 60))
                .as("the only sheet is open: no floor")
                .isFalse();
        assertThat(SheetStack.holds(cut, 50))
                .as("one to a half is all opening, two are 38 mm too many")
                .isFalse();
        List<WayToMake> ways = WayToMake.all(
                cut, List.of(20.0, 50.0, 60.0, 100.0), java.util.OptionalDouble.empty(), TurnEdge.SIDE, CutTool.KNIFE);
        assertThat(ways)
                .extracting(WayToMake::kind)
                .containsExactly(WayToMake.Kind.BLOCK, WayToMake.Kind.SHEETS, WayToMake.Kind.PICK_OUT);
        assertThat(ways).extracting(WayToMake::heightMm).containsExactly(162.0, 160.0, 160.0);
        assertThat(ways).extracting(WayToMake::blockMm).containsOnly(162.0);
    }

    /** Each half is glued by itself; a bed of one half has one glued stack. */
    @Test
    void onlySheetsOfOneHalfAreGlued() {
        SheetStack both = SheetStack.of(cut(List.of(BODY)), 20, TurnEdge.SIDE, CutTool.KNIFE);
        assertThat(both.glueMm2()).isCloseTo(6 * 282.0 * 202, within(1e-6));
        BedCut base = BedCut.of(laid(new BedShape(SIZE, List.of(BODY), List.of(), 900, 0, List.of())));
        SheetStack one = SheetStack.of(base, 20, TurnEdge.SIDE, CutTool.KNIFE);
        assertThat(one.pieces()).hasSize(8);
        assertThat(one.glueMm2()).isCloseTo(7 * 282.0 * 202, within(1e-6));
    }

    /** What stands to the right of the item lies to the left in a lid that is turned over its side. */
    @Test
    void theLidLiesTurnedOver() {
        BedPart knob = new BedPart("knob", new Prism(rectangle(50, 20, 90, 50), 40, 60), Nature.STRONG, 0);
        BedShape shape = new BedShape(new Size(200, 120, 120), List.of(BODY, knob), List.of(), 45, 0, List.of());
        BedCut cut = BedCut.of(laid(shape));
        for (TurnEdge edge : TurnEdge.values()) {
            CutPiece lid = BlockCut.of(cut, edge, CutTool.KNIFE).pieces().get(1);
            assertThat(lid.half()).isEqualTo(BedCut.Half.LID);
            CutLine pocket = lid.lines().get(0);
            assertThat(pocket.work()).isEqualTo(CutWork.POCKET);
            assertThat(pocket.depthMm()).isEqualTo(15);
            Bounds at = pocket.outline().bounds();
            double x = edge == TurnEdge.SIDE ? lid.widthMm() / 2 - 90 : lid.widthMm() / 2 + 50;
            double y = edge == TurnEdge.SIDE ? lid.depthMm() / 2 + 20 : lid.depthMm() / 2 - 50;
            assertThat(at.minXMm()).isCloseTo(x, within(1e-9));
            assertThat(at.minYMm()).isCloseTo(y, within(1e-9));
            assertThat(edge.turned(edge.turned(pocket.outline()))).isEqualTo(pocket.outline());
        }
    }

    @Test
    void aBlockIsCutFromItsFaceLevelByLevel() {
        BedPart foot = new BedPart("foot", new Prism(rectangle(-80, -40, -40, 0), -60, -40), Nature.STRONG, 0);
        BedCut cut =
                BedCut.of(laid(new BedShape(new Size(200, 120, 120), List.of(BODY, foot), List.of(), 0, 0, List.of())));
        BlockCut block = BlockCut.of(cut, TurnEdge.SIDE, CutTool.KNIFE);
        assertThat(block.glueMm2()).isZero();
        List<BlockCut.Step> base = block.steps().stream()
                .filter(step -> step.half() == BedCut.Half.BASE)
                .toList();
        assertThat(base).extracting(BlockCut.Step::toMm).containsExactly(40.0, 60.0);
        assertThat(base).extracting(BlockCut.Step::knifeMm).containsExactly(40.0, 20.0);
        assertThat(base).noneMatch(BlockCut.Step::through);
        CutPiece piece = block.pieces().get(0);
        assertThat(piece.lines()).extracting(CutLine::depthMm).containsExactly(60.0, 40.0, piece.thicknessMm());
        assertThat(piece.pathMm()).isCloseTo(2 * (40 + 40) + 2 * (200 + 120) + 2 * (282 + 202), within(1e-9));
    }

    /** A well that is wider below than above cannot be reached from the face: the block is split there and glued. */
    @Test
    void whatTheKnifeDoesNotReachIsSplitAndGlued() {
        BedWell wide = new BedWell("wide", new Prism(rectangle(-120, -80, 120, 80), -60, -50));
        BlockCut block = BlockCut.of(cut(List.of(BODY), wide), TurnEdge.SIDE, CutTool.KNIFE);
        List<CutPiece> base = block.pieces().stream()
                .filter(piece -> piece.half() == BedCut.Half.BASE)
                .toList();
        assertThat(base).extracting(CutPiece::thicknessMm).containsExactly(50.0, 31.0);
        assertThat(block.glueMm2()).isCloseTo(282.0 * 202 - 240 * 160, within(1e-6));
        // The upper slab has the body's opening 40 mm deep and foam under it; the lower one the well from its own face.
        assertThat(block.steps().get(1).toMm()).isEqualTo(10);
    }

    /** Openings right through make a frame, and what stands free in one falls out as a piece of its own. */
    @Test
    void throughCutsAndIslands() {
        BedWell round = new BedWell("round", new Prism(rectangle(-120, -80, 120, -70), -81, 81));
        BlockCut block = BlockCut.of(cut(List.of(BODY), round), TurnEdge.SIDE, CutTool.KNIFE);
        assertThat(block.steps()).anyMatch(BlockCut.Step::through);
        assertThat(block.pieces().get(0).lines())
                .filteredOn(l -> l.work() == CutWork.CUT)
                .hasSize(2);
    }

    @Test
    void halfTheKerfLiesOnEitherSide() {
        CutTool saw = new CutTool(2, 0);
        Region opening = Region.within(Outline.polygon(rectangle(0, 0, 100, 60)), 0.1);
        assertThat(saw.pathWithin(opening).areaMm2()).isCloseTo(98 * 58, within(1e-6));
        double corners = (4 - Math.PI) * 1;
        assertThat(saw.pathRound(opening).areaMm2()).isCloseTo(102 * 62 - corners, within(0.1));
        assertThat(saw.pathWithin(Region.within(Outline.polygon(rectangle(0, 0, 1.5, 60)), 0.1))
                        .isEmpty())
                .isTrue();
        assertThatThrownBy(() -> new CutTool(11, 0)).hasMessageContaining("11").hasMessageContaining("10");
    }

    /** A cutter of that radius, led along inside the relieved opening, takes out all that was to be open. */
    @Test
    void aRoundCutterTakesOutEveryCorner() {
        Random random = new Random(5);
        CutTool router = new CutTool(0, 3);
        for (int i = 0; i < 40; i++) {
            for (BedCut.Level level : BedCut.of(laidRandom(random)).levels()) {
                Region open = level.open();
                Region cut = router.relieved(open).offset(-3, 0.02).offset(3.02, 0.02);
                assertThat(open.minus(router.relieved(open)).areaMm2()).isLessThan(1e-6);
                Region left = open.minus(cut);
                // What is narrower than the cutter stays; of the rest no more than slivers in blunt corners.
                Region reachable = open.offset(-3, 0.02).offset(9, 0.02);
                assertThat(left.common(reachable).areaMm2()).isLessThan(1 + open.areaMm2() * 2e-3);
            }
        }
        Region square = Region.within(Outline.polygon(rectangle(0, 0, 50, 50)), 0.1);
        assertThat(square.minus(square.offset(-3, 0.02).offset(3, 0.02)).areaMm2())
                .as("full corners without a relief")
                .isGreaterThan(7);
        assertThat(square.minus(router.relieved(square).offset(-3, 0.02).offset(3.02, 0.02))
                        .areaMm2())
                .isLessThan(0.1);
    }

    /** Corners rounded more narrowly than the cutter is, and tips of a star, are reached as sharp corners are. */
    @Test
    void roundedCornersAndTipsAreRelievedToo() {
        CutTool router = new CutTool(0, 6);
        Region rounded = Region.within(Outline.polygon(rectangle(0, 0, 80, 50)), 0.01)
                .offset(-2, 0.005)
                .offset(2, 0.005);
        List<PlanPoint> points = new ArrayList<>();
        for (int i = 0; i < 10; i++) {
            double r = i % 2 == 0 ? 80 : 50;
            points.add(new PlanPoint(r * Math.cos(i * Math.PI / 5), r * Math.sin(i * Math.PI / 5)));
        }
        for (Region open : List.of(rounded, Region.within(Outline.polygon(points), 0.01))) {
            Region without = open.minus(open.offset(-6, 0.005).offset(6.02, 0.005));
            Region with = open.minus(router.relieved(open).offset(-6, 0.005).offset(6.02, 0.005));
            assertThat(without.areaMm2()).isGreaterThan(20);
            assertThat(with.areaMm2()).isLessThan(0.04 * without.areaMm2());
            assertThat(router.missed(open)).isEmpty();
        }
    }

    /** What is narrower than the cut is told where it is, and nothing else is. */
    @Test
    void whatIsNarrowerThanTheCutIsTold() {
        Region arm = Region.within(
                Outline.polygon(List.of(
                        new PlanPoint(0, 0),
                        new PlanPoint(60, 0),
                        new PlanPoint(60, 20),
                        new PlanPoint(100, 20),
                        new PlanPoint(100, 24),
                        new PlanPoint(60, 24),
                        new PlanPoint(60, 60),
                        new PlanPoint(0, 60))),
                0.01);
        for (CutTool tool : List.of(new CutTool(5, 0), new CutTool(0, 2.5), new CutTool(5, 2.5))) {
            assertThat(tool.missed(arm)).hasSize(1).allSatisfy(outline -> {
                assertThat(outline.bounds().minXMm()).isBetween(59.0, 64.0);
                assertThat(outline.bounds().maxXMm()).isCloseTo(100, within(1e-6));
            });
        }
        assertThat(new CutTool(3.9, 0).missed(arm)).isEmpty();
        assertThat(new CutTool(0, 1.9).missed(arm)).isEmpty();
        assertThat(CutTool.KNIFE.missed(arm)).isEmpty();
        assertThat(new CutTool(5, 0).missed(Region.within(Outline.polygon(rectangle(0, 0, 4, 60)), 0.01)))
                .as("all of it")
                .hasSize(1);
    }

    /** The slot is as wide as it is drawn once the kerf is gone; where it is narrower than the kerf, it is told at its piece. */
    @Test
    void slotsOfTiesKnowTheKerf() {
        BedShape bed = new BedShape(
                SIZE, List.of(BODY), List.of(), SIZE.heightMm() / 2, 0, List.of(new Tie(Axis.X, 0, 20, 5)));
        BedCut cut = BedCut.of(laid(bed));
        assertThat(cut.slotsInFoam()).hasSize(1);
        CutPiece knife = BlockCut.of(cut, TurnEdge.SIDE, CutTool.KNIFE).pieces().get(0);
        CutPiece saw =
                BlockCut.of(cut, TurnEdge.SIDE, new CutTool(1, 0)).pieces().get(0);
        // 4 x 24 for a band of 20; a kerf of 1 leaves a path of 3 x 23.
        assertThat(slots(knife)).allMatch(size -> size.equals("4.0 x 24.0")).hasSize(2);
        assertThat(slots(saw)).allMatch(size -> size.equals("3.0 x 23.0")).hasSize(2);
        CutPiece wide =
                BlockCut.of(cut, TurnEdge.SIDE, new CutTool(5, 0)).pieces().get(0);
        assertThat(slots(wide)).isEmpty();
        assertThat(wide.missed())
                .hasSize(2)
                .allMatch(missed -> missed.what() == CutPiece.What.SLOT && missed.depthMm() == wide.thicknessMm());
    }

    private static List<String> slots(CutPiece piece) {
        return piece.lines().stream()
                .filter(line -> line.work() == CutWork.CUT)
                .map(line -> line.outline().bounds())
                .filter(b -> b.widthMm() < 10)
                .map(b -> Math.round(b.widthMm() * 10) / 10.0 + " x " + Math.round(b.heightMm() * 10) / 10.0)
                .toList();
    }

    private static LaidCushion laidRandom(Random random) {
        return BedCutTest.laid(Packs.bedded(random));
    }

    /** Every piece of a random bed lies within its sheet, in sheets and out of the solid. */
    @Test
    void everyLineLiesOnItsPiece() {
        Random random = new Random(6);
        for (int i = 0; i < 30; i++) {
            BedCut cut = BedCut.of(laidRandom(random));
            List<CutPiece> pieces = new ArrayList<>(
                    BlockCut.of(cut, TurnEdge.FRONT, CutTool.KNIFE).pieces());
            pieces.addAll(SheetStack.of(cut, 25, TurnEdge.SIDE, CutTool.KNIFE).pieces());
            for (CutPiece piece : pieces) {
                assertThat(piece.widthMm()).isPositive();
                assertThat(piece.lines()
                                .get(piece.lines().size() - 1)
                                .outline()
                                .bounds()
                                .minXMm())
                        .isCloseTo(0, within(1e-9));
                for (CutLine line : piece.lines()) {
                    if (line.work() == CutWork.MARK) {
                        assertThat(line.depthMm()).isZero();
                    } else {
                        assertThat(line.depthMm()).isGreaterThan(0).isLessThanOrEqualTo(piece.thicknessMm() + 1e-9);
                    }
                    Bounds bounds = line.outline().bounds();
                    assertThat(bounds.minXMm()).isGreaterThan(-0.01);
                    assertThat(bounds.minYMm()).isGreaterThan(-0.01);
                    assertThat(bounds.maxXMm()).isLessThan(piece.widthMm() + 0.01);
                    assertThat(bounds.maxYMm()).isLessThan(piece.depthMm() + 0.01);
                }
            }
            double height = BlockCut.of(cut, TurnEdge.FRONT, CutTool.KNIFE).pieces().stream()
                    .mapToDouble(CutPiece::thicknessMm)
                    .sum();
            assertThat(height)
                    .isCloseTo(cut.block().max().zMm() - cut.block().min().zMm(), within(1e-6));
        }
    }

    /** The lower left corner of a piece is where its drawing begins. */
    @Test
    void aPieceBeginsAtItsCorner() {
        CutPiece piece = BlockCut.of(cut(List.of(BODY)), TurnEdge.SIDE, CutTool.KNIFE)
                .pieces()
                .get(0);
        Outline edge = piece.lines().get(piece.lines().size() - 1).outline();
        assertThat(edge.corners()).contains(new PlanPoint(0, 0));
    }
}
