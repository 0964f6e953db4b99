package rampart.core.insert;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.Test;
import rampart.core.bed.BedPart;
import rampart.core.bed.BedShape;
import rampart.core.bed.BedWell;
import rampart.core.bed.Nature;
import rampart.core.bed.Prism;
import rampart.core.geometry.Outline;
import rampart.core.geometry.PlanPoint;
import rampart.core.geometry.Region;
import rampart.core.item.Item;
import rampart.core.layout.CushionForm;
import rampart.core.layout.LaidCushion;
import rampart.core.layout.Layer;
import rampart.core.layout.LayoutWalk;
import rampart.core.material.StandardCatalogue;
import rampart.core.pack.Pack;
import rampart.core.pack.Packs;
import rampart.core.quantity.Point;
import rampart.core.quantity.SixSided;
import rampart.core.quantity.Size;
import rampart.core.words.BedWords;
import rampart.core.words.Say;

/** The openings of a bed against plain volumes, and that the item goes in. */
class BedCutTest {
    static final Size SIZE = new Size(200, 120, 80);

    static List<PlanPoint> rectangle(double x1, double y1, double x2, double y2) {
        return List.of(new PlanPoint(x1, y1), new PlanPoint(x2, y1), new PlanPoint(x2, y2), new PlanPoint(x1, y2));
    }

    static LaidCushion laid(Pack pack) {
        return LayoutWalk.lay(pack.item(), pack.layers(), StandardCatalogue.get())
                .cushions()
                .get(0);
    }

    static LaidCushion laid(BedShape shape) {
        return laid(new Pack(
                Item.plain("it", SIZE, 2, Point.ORIGIN, Packs.bears(80)),
                Packs.falls(600),
                List.of(
                        Layer.Wrap.plain("tissue", 1),
                        new Layer.Cushion("pe-28", new CushionForm.Bed(shape), SixSided.all(40)),
                        Layer.Box.made("c-32", 2))));
    }

    @Test
    void aBlockIsOpenAsHighAsTheItem() {
        BedPart body = new BedPart("body", new Prism(rectangle(-100, -60, 100, 60), -40, 40), Nature.STRONG, 0);
        BedCut cut = BedCut.of(laid(new BedShape(SIZE, List.of(body), List.of(), 0, 0, List.of())));
        assertThat(cut.block().min()).isEqualTo(new Point(-141, -101, -81));
        assertThat(cut.block().max()).isEqualTo(new Point(141, 101, 81));
        assertThat(cut.openMm3()).isCloseTo(SIZE.volumeMm3(), within(1e-6));
        assertThat(cut.levels()).hasSize(4);
        assertThat(cut.levels().get(1).open().areaMm2()).isEqualTo(200.0 * 120);
        assertThat(cut.levels().get(0).open().isEmpty()).isTrue();
    }

    /** A clearance widens the opening all round and below: the corners round off. */
    @Test
    void clearanceIsCutAllRound() {
        BedPart body = new BedPart("body", new Prism(rectangle(-100, -60, 100, 60), -40, 20), Nature.STRONG, 0);
        BedPart lens = new BedPart("lens", new Prism(rectangle(-30, -20, 30, 20), 20, 40), Nature.FRAGILE, 10);
        BedCut cut = BedCut.of(laid(new BedShape(SIZE, List.of(body, lens), List.of(), 20, 0, List.of())));
        BedCut.Level lid = cut.levels().stream()
                .filter(level -> level.half() == BedCut.Half.LID)
                .findFirst()
                .orElseThrow();
        assertThat(lid.topMm()).isEqualTo(50);
        double rounded = 60 * 40 + 2 * 10 * (60 + 40) + Math.PI * 100;
        assertThat(lid.open().areaMm2()).isCloseTo(rounded, within(rounded * 0.005));
    }

    /** What stands at a height has passed every height above it in the base, and below it in the lid. */
    @Test
    void theItemGoesIn() {
        Random random = new Random(11);
        for (int i = 0; i < 40; i++) {
            Pack pack = Packs.bedded(random);
            LaidCushion cushion = laid(pack);
            BedShape bed = cushion.bed().orElseThrow();
            for (BedCut.Level level : BedCut.of(cushion).levels()) {
                for (BedPart part : bed.parts()) {
                    boolean passes = level.half() == BedCut.Half.BASE
                            ? part.prism().bottomMm() < level.topMm() - 0.02
                            : part.prism().topMm() > level.bottomMm() + 0.02;
                    if (passes && part.clearanceMm() >= 0) {
                        Region region =
                                Region.within(Outline.polygon(part.prism().outline()), 0.1);
                        assertThat(level.open().plus(region).areaMm2())
                                .isCloseTo(level.open().areaMm2(), within(1e-6));
                    }
                }
            }
        }
    }

    /** Never less than what the rays say is not foam: closing may open more, never less. */
    @Test
    void theOpeningsHoldTheItemAndItsWells() {
        Random random = new Random(12);
        for (int i = 0; i < 40; i++) {
            LaidCushion cushion = laid(Packs.bedded(random));
            BedShape bed = cushion.bed().orElseThrow();
            double grip = bed.parts().stream().anyMatch(part -> part.clearanceMm() < 0) ? 0.9 : 0.98;
            assertThat(BedCut.of(cushion).openMm3()).isGreaterThan(bed.contact().cutOutMm3() * grip);
        }
    }

    /** A parting plane above the block leaves no lid to cut, and none on the list of pieces. */
    @Test
    void aPlaneOutsideTheBlockMakesOneHalfOfIt() {
        BedPart body = new BedPart("body", new Prism(rectangle(-100, -60, 100, 60), -40, 40), Nature.STRONG, 0);
        LaidCushion cushion = laid(new BedShape(SIZE, List.of(body), List.of(), 900, 0, List.of()));
        assertThat(BedBlock.of(cushion).splitMm()).isEqualTo(81);
        assertThat(BedBlock.of(cushion).baseMm()).isEqualTo(162);
        assertThat(BedBlock.of(cushion).lidMm()).isZero();
        assertThat(BedCut.of(cushion).levels()).noneMatch(level -> level.half() == BedCut.Half.LID);
    }

    /** What hangs in the air and what would tear off is told, with its place; what stands as it should is not. */
    @Test
    void whatCannotBeIsTold() {
        BedPart body = new BedPart("body", new Prism(rectangle(-100, -60, 60, 60), -40, 40), Nature.STRONG, 0);
        BedPart knob = new BedPart("knob", new Prism(rectangle(60, -10, 100, 10), 0, 20), Nature.FRAGILE, 5);
        BedPart lost = new BedPart("lost", new Prism(rectangle(70, 30, 90, 50), 0, 20), Nature.FRAGILE, 5);
        assertThat(remarks(new BedShape(SIZE, List.of(body, knob), List.of(), 0, 0, List.of())))
                .isEmpty();
        List<BedRemark> hangs = remarks(new BedShape(SIZE, List.of(body, knob, lost), List.of(), 0, 0, List.of()));
        assertThat(hangs).hasSize(1);
        assertThat(hangs.get(0).at()).isEqualTo(new PlanPoint(80, 40));
        // A ring of wells round a square of 15 mm.
        List<BedWell> moat = List.of(
                new BedWell("a", new Prism(rectangle(65, 30, 100, 35), -81, 0)),
                new BedWell("b", new Prism(rectangle(65, 50, 100, 55), -81, 0)),
                new BedWell("c", new Prism(rectangle(65, 30, 70, 55), -81, 0)),
                new BedWell("d", new Prism(rectangle(85, 30, 100, 55), -81, 0)));
        List<BedRemark> sliver = remarks(new BedShape(SIZE, List.of(body, knob), moat, 0, 0, List.of()));
        assertThat(sliver).isNotEmpty();
        assertThat(sliver).allMatch(remark -> remark.at().equals(new PlanPoint(77.5, 42.5)));
    }

    /** A stem under a wide head: with the parting plane below the head the lid would have to come in under it. */
    @Test
    void foamThatCannotBeClosedIsSaidWhereItWouldBear() {
        BedPart head = new BedPart("head", new Prism(rectangle(-100, -60, 100, 60), 20, 40), Nature.STRONG, 0);
        BedPart stem = new BedPart("stem", new Prism(rectangle(-20, -20, 20, 20), -40, 20), Nature.STRONG, 0);
        assertThat(shutOut(head, stem, 20)).isEmpty();
        // The stem from all round, and the wings of the head, to which the base does not come up.
        assertThat(shutOut(head, stem, -10))
                .extracting(remark -> remark.says().key())
                .containsExactly(BedWords.BED_SHUT_BOTTOM, BedWords.BED_SHUT_SIDE);
        assertThat(shutOut(head, stem, 45))
                .extracting(remark -> remark.says().key())
                .containsExactly(BedWords.BED_SHUT_TOP);
    }

    private static final Set<Say> SHUT_OUT =
            Set.of(BedWords.BED_SHUT_TOP, BedWords.BED_SHUT_BOTTOM, BedWords.BED_SHUT_SIDE);

    private static List<BedRemark> shutOut(BedPart one, BedPart other, double splitMm) {
        return remarks(new BedShape(SIZE, List.of(one, other), List.of(), splitMm, 0, List.of())).stream()
                .filter(remark -> SHUT_OUT.contains(remark.says().key()))
                .toList();
    }

    /** Cloth over floor and walls of a plain pocket: a b + 2 (a + b) h. */
    @Test
    void theFacingOfAPocketIsItsFloorAndWalls() {
        BedPart body = new BedPart("body", new Prism(rectangle(-100, -60, 100, 60), -40, 40), Nature.STRONG, 0);
        BedCut cut = BedCut.of(laid(new BedShape(SIZE, List.of(body), List.of(), 10, 0, List.of())));
        assertThat(cut.facedMm2(BedCut.Half.BASE)).isCloseTo(200 * 120 + 2 * (200 + 120) * 50, within(1.0));
        assertThat(cut.facedMm2(BedCut.Half.LID)).isCloseTo(200 * 120 + 2 * (200 + 120) * 30, within(1.0));
    }

    /** Below a floor that no part passes the base is a tray on a tray: the upper is not cut through for what lies lower. */
    @Test
    void thingsOverEachOtherLieInTrays() {
        BedPart low = new BedPart("low", new Prism(rectangle(-100, -60, 100, 60), -40, -10), Nature.STRONG, 0);
        BedPart high = new BedPart("high", new Prism(rectangle(-30, -20, 30, 20), 5, 40), Nature.STRONG, 0);
        LaidCushion laid = laid(new BedShape(SIZE, List.of(low, high), List.of(), 40, 0, List.of()));
        BedCut cut = BedCut.of(laid);
        assertThat(cut.traysMm()).containsExactly(-10.0);
        assertThat(cut.openMm3()).isCloseTo(200 * 120 * 30 + 60 * 40 * 35, within(1.0));
        BlockCut block = BlockCut.of(cut, TurnEdge.SIDE, CutTool.KNIFE);
        assertThat(block.pieces()).hasSize(3);
        assertThat(block.glueMm2()).isZero();
        assertThat(block.pieces().get(0).thicknessMm()).isCloseTo(50, within(1e-9));
        // Touching, they are one thing, and its lower part is reached from above.
        BedPart neck = new BedPart("neck", new Prism(rectangle(-30, -20, 30, 20), -10, 40), Nature.STRONG, 0);
        assertThat(BedCut.of(laid(new BedShape(SIZE, List.of(low, neck), List.of(), 40, 0, List.of())))
                        .traysMm())
                .isEmpty();
    }

    @Test
    void aMassOffItsFoamIsSaidWhereItLies() {
        BedShape snug = new BedShape(
                SIZE,
                List.of(new BedPart("it", new Prism(rectangle(-100, -60, 100, 60), -40, 40), Nature.STRONG, 0)),
                List.of(),
                0,
                0,
                List.of());
        assertThat(remarks(snug, new Point(33, 0, 0))).isEmpty();
        assertThat(remarks(snug, new Point(34, 0, 0)))
                .extracting(BedRemark::at)
                .contains(new PlanPoint(34, 0), new PlanPoint(34, 60));
    }

    private static List<BedRemark> remarks(BedShape shape) {
        return remarks(shape, Point.ORIGIN);
    }

    private static List<BedRemark> remarks(BedShape shape, Point balance) {
        LaidCushion laid = laid(shape);
        return BedRemark.of(Item.plain("it", SIZE, 2, balance, Packs.bears(80)), laid, BedCut.of(laid));
    }
}
