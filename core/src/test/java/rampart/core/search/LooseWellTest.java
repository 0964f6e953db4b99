package rampart.core.search;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;
import rampart.core.bed.BedPart;
import rampart.core.bed.BedShape;
import rampart.core.bed.BedWell;
import rampart.core.bed.Nature;
import rampart.core.bed.Prism;
import rampart.core.geometry.Bounds;
import rampart.core.geometry.PlanPoint;
import rampart.core.insert.BedBlock;
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

/** Wells for loose things: enough foam all round by plain measure, in the corner where there is most, or none at all. */
class LooseWellTest {
    private static final Size SIZE = new Size(200, 120, 80);

    private static List<PlanPoint> rectangle(double x1, double y1, double x2, double y2) {
        return List.of(new PlanPoint(x1, y1), new PlanPoint(x2, y1), new PlanPoint(x2, y2), new PlanPoint(x1, y2));
    }

    private static Pack pack(double wallMm, BedPart... parts) {
        BedShape shape = new BedShape(SIZE, List.of(parts), List.of(), 20, 0, List.of());
        return new Pack(
                Item.plain("it", SIZE, 2, Point.ORIGIN, Packs.bears(80)),
                Packs.falls(600),
                List.of(
                        new Layer.Cushion("pe-28", new CushionForm.Bed(shape), SixSided.all(wallMm)),
                        Layer.Box.made("c-32", 2)));
    }

    private static final BedPart WHOLE =
            new BedPart("whole", new Prism(rectangle(-100, -60, 100, 60), -40, 40), Nature.STRONG, 0);

    private static Optional<LooseWell> well(Pack pack, Size thing) {
        return LooseWell.of(pack, StandardCatalogue.get(), thing, Watcher.NONE);
    }

    /** 60 mm of foam: a key of 30 by 20 goes into a corner of the block, 15 mm from its outside. */
    @Test
    void aKeyLiesInACornerOfTheBlock() {
        LooseWell found = well(pack(60, WHOLE), new Size(30, 20, 15)).orElseThrow();
        Bounds bounds = Bounds.of(found.well().prism().outline());
        double x = Math.max(Math.abs(bounds.minXMm()), bounds.maxXMm());
        double y = Math.max(Math.abs(bounds.minYMm()), bounds.maxYMm());
        assertThat(x).isCloseTo(160 - 15, within(1e-9));
        assertThat(y).isCloseTo(120 - 15, within(1e-9));
        // Its inner corner to that of the item: 15 or 25 along, the other across.
        assertThat(found.foamMm()).isCloseTo(Math.hypot(15, 25), within(1e-9));
        assertThat(found.well().prism().topMm()).isEqualTo(20);
        assertThat(found.well().prism().bottomMm()).isEqualTo(5);
    }

    /** 50 mm: 20 mm and twice 15 go in just so; at 49 there is no room. */
    @Test
    void thereIsRoomOrThereIsNone() {
        assertThat(well(pack(50, WHOLE), new Size(180, 20, 15))).isPresent();
        assertThat(well(pack(49, WHOLE), new Size(180, 20, 15))).isEmpty();
        // Higher than the block, less 15 mm below and above it.
        assertThat(well(pack(60, WHOLE), new Size(30, 20, 171))).isEmpty();
        assertThat(well(pack(60, WHOLE), new Size(30, 20, 170))).isPresent();
    }

    /** Where an arm leaves the corner of its own size free, that is the thickest place for the heavy thing. */
    @Test
    void itLiesInTheRoomThatTheItemLeaves() {
        BedPart body = new BedPart("body", new Prism(rectangle(-100, -60, 0, 60), -40, 40), Nature.STRONG, 0);
        BedPart arm = new BedPart("arm", new Prism(rectangle(0, -60, 100, -40), -40, 0), Nature.FRAGILE, 10);
        LooseWell found = well(pack(40, body, arm), new Size(60, 60, 50)).orElseThrow();
        Bounds bounds = Bounds.of(found.well().prism().outline());
        assertThat(bounds.minXMm()).isGreaterThan(15);
        assertThat(bounds.minYMm()).isGreaterThan(-40 + 10 + 15);
    }

    @Test
    void randomWellsKeepTheirFoam() {
        Random random = new Random(15);
        int found = 0;
        for (int i = 0; i < 25; i++) {
            Pack pack = Packs.bedded(random);
            LaidCushion laid = LayoutWalk.layUndrawn(pack.item(), pack.layers(), StandardCatalogue.get())
                    .bed()
                    .orElseThrow();
            Size thing = new Size(10 + random.nextInt(30), 5 + random.nextInt(20), 5 + random.nextInt(20));
            Optional<LooseWell> well = well(pack, thing);
            if (well.isPresent()) {
                found++;
                BedWell in = well.get().well();
                BedBlock block = BedBlock.of(laid);
                Bounds bounds = Bounds.of(in.prism().outline());
                assertThat(bounds.minXMm() - block.at().min().xMm()).isGreaterThan(15 - 1e-9);
                assertThat(block.at().max().yMm() - bounds.maxYMm()).isGreaterThan(15 - 1e-9);
                List<BedWell> wells = new ArrayList<>(laid.bed().orElseThrow().wells());
                for (BedPart part : laid.bed().orElseThrow().parts()) {
                    boolean beside = part.prism().bottomMm() < in.prism().topMm()
                            && part.prism().topMm() > in.prism().bottomMm();
                    for (PlanPoint place : part.prism().outline()) {
                        assertThat(!beside || !in.prism().holds(place)).isTrue();
                    }
                }
                wells.add(in);
                assertThat(new BedShape(
                                        pack.item().size(),
                                        laid.bed().orElseThrow().parts(),
                                        wells,
                                        0,
                                        0,
                                        List.of())
                                .liesWithin(laid.thicknessMm(), 0))
                        .isTrue();
            }
        }
        assertThat(found).isGreaterThan(5);
    }

    @Test
    void badSizesAreNamed() {
        assertThatThrownBy(() -> well(pack(60, WHOLE), new Size(1, 20, 20)))
                .hasMessageContaining("length of the thing in mm is 1.0; it must be from 3.0 to 3000.0");
    }
}
