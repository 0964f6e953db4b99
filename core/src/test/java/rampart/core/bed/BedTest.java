package rampart.core.bed;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;
import rampart.core.evaluation.Evaluation;
import rampart.core.evaluation.Evaluator;
import rampart.core.geometry.PlanPoint;
import rampart.core.item.Item;
import rampart.core.layout.CushionForm;
import rampart.core.layout.Layer;
import rampart.core.material.StandardCatalogue;
import rampart.core.pack.Pack;
import rampart.core.pack.Packs;
import rampart.core.quantity.Axis;
import rampart.core.quantity.Face;
import rampart.core.quantity.Point;
import rampart.core.quantity.SixSided;
import rampart.core.quantity.Size;
import rampart.core.verdict.Check;
import rampart.core.verdict.Status;

/** A bed against closed forms, and against itself mirrored; the figures of whole packs stand in the golden files. */
class BedTest {
    private static final Size SIZE = new Size(200, 120, 80);

    private static List<PlanPoint> rectangle(double x1, double y1, double x2, double y2) {
        return List.of(new PlanPoint(x1, y1), new PlanPoint(x2, y1), new PlanPoint(x2, y2), new PlanPoint(x1, y2));
    }

    private static List<PlanPoint> circle(double x, double y, double radius, int corners) {
        List<PlanPoint> places = new ArrayList<>();
        for (int i = 0; i < corners; i++) {
            double angle = 2 * Math.PI * i / corners;
            places.add(new PlanPoint(x + radius * Math.cos(angle), y + radius * Math.sin(angle)));
        }
        return places;
    }

    private static BedPart strong(List<PlanPoint> outline, double bottom, double top) {
        return new BedPart("part", new Prism(outline, bottom, top), Nature.STRONG, 0);
    }

    private static BedShape bed(Size size, double split, BedPart... parts) {
        return new BedShape(size, List.of(parts), List.of(), split, 0, List.of());
    }

    private static BedShape snug() {
        return bed(SIZE, 0, strong(rectangle(-100, -60, 100, 60), -40, 40));
    }

    private static Pack pack(Size size, CushionForm form, Point centre) {
        return new Pack(
                Item.plain("it", size, 2, centre, Packs.bears(80)),
                Packs.falls(600),
                List.of(new Layer.Cushion("pe-28", form, SixSided.all(40)), Layer.Box.made("c-32", 2)));
    }

    /** What is cut snugly round a block is foam all round. */
    @Test
    void aSnugBedOfABlockIsFoamAllRound() {
        Evaluation bed =
                Evaluator.evaluate(pack(SIZE, new CushionForm.Bed(snug()), Point.ORIGIN), StandardCatalogue.get());
        Evaluation full = Evaluator.evaluate(pack(SIZE, new CushionForm.Full(), Point.ORIGIN), StandardCatalogue.get());
        assertThat(bed.layout().grossMassKg()).isCloseTo(full.layout().grossMassKg(), within(1e-12));
        for (int i = 0; i < full.drops().size(); i++) {
            assertThat(bed.drops().get(i).g())
                    .as(full.drops().get(i).id().title())
                    .isCloseTo(full.drops().get(i).g(), within(1e-9));
        }
        assertThat(bed.naturalFrequencyHz().getAsDouble())
                .isCloseTo(full.naturalFrequencyHz().getAsDouble(), within(1e-9));
    }

    /** Area of a circle, and the mean depth beside a cylinder: r (1 - pi/4). */
    @Test
    void aCylinderBearsOnItsCircleAndDeeperBesideIt() {
        BedShape bed = bed(new Size(160, 160, 100), 0, strong(circle(0, 0, 80, 720), -50, 50));
        double area = Math.PI * 80 * 80;
        assertThat(bed.contact().bearingMm2(Face.BOTTOM)).isCloseTo(area, within(area * 0.005));
        assertThat(bed.contact().cutOutMm3()).isCloseTo(area * 100, within(area * 0.5));
        double depth = 0;
        int cells = 0;
        for (BedContact.Run run : bed.contact().runs(Face.LEFT)) {
            depth += run.depthMm() * run.cells();
            cells += run.cells();
        }
        assertThat(depth / cells).isCloseTo(80 * (1 - Math.PI / 4), within(0.3));
    }

    /** Below the parting plane what is wider deeper down has gone past: no foam can be there. */
    @Test
    void foamIsNotWhereTheItemHasPassed() {
        BedShape foot = bed(
                SIZE,
                40,
                strong(rectangle(-100, -60, 100, 60), -40, -20),
                strong(rectangle(-50, -60, 50, 60), -20, 40));
        assertThat(foot.contact().runs(Face.LEFT)).allMatch(run -> run.depthMm() == 0);
        BedShape head = bed(
                SIZE, 40, strong(rectangle(-50, -60, 50, 60), -40, 20), strong(rectangle(-100, -60, 100, 60), 20, 40));
        assertThat(head.contact().runs(Face.LEFT)).anyMatch(run -> run.depthMm() == 50);
    }

    @Test
    void awayFromFoamNothingBears() {
        BedShape groove = new BedShape(
                SIZE,
                snug().parts(),
                List.of(new BedWell("groove", new Prism(rectangle(-50, -60, 50, 60), -60, -40))),
                0,
                0,
                List.of());
        assertThat(groove.contact().bearingMm2(Face.BOTTOM)).isCloseTo(100.0 * 120, within(1e-6));
        assertThat(groove.contact().bearingMm2(Face.TOP)).isCloseTo(200.0 * 120, within(1e-6));
        assertThat(groove.contact().cutOutMm3()).isCloseTo(SIZE.volumeMm3() + 100.0 * 120 * 20, within(1e-3));
    }

    /** Mirrored from left to right it is the same bed the other way round, whatever its shape. */
    @Test
    void aMirroredBedBearsMirrored() {
        Random random = new Random(57);
        for (int i = 0; i < 60; i++) {
            List<BedPart> parts = new ArrayList<>();
            List<BedPart> mirrored = new ArrayList<>();
            int count = 1 + random.nextInt(5);
            for (int k = 0; k < count; k++) {
                List<PlanPoint> outline = circle(
                        random.nextDouble() * 80 - 40,
                        random.nextDouble() * 40 - 20,
                        10 + random.nextDouble() * 30,
                        3 + random.nextInt(9));
                double bottom = random.nextDouble() * 60 - 40;
                double top = bottom + 5 + random.nextDouble() * (35 - bottom);
                Nature nature = random.nextInt(3) == 0 ? Nature.FRAGILE : Nature.STRONG;
                double clearance = nature == Nature.STRONG ? random.nextDouble() * 3 : 5;
                parts.add(new BedPart("p" + k, new Prism(outline, bottom, top), nature, clearance));
                mirrored.add(new BedPart(
                        "p" + k,
                        new Prism(
                                outline.stream()
                                        .map(p -> new PlanPoint(-p.xMm(), p.yMm()))
                                        .toList(),
                                bottom,
                                top),
                        nature,
                        clearance));
            }
            double split = random.nextDouble() * 60 - 30;
            BedContact one = bed(SIZE, split, parts.toArray(BedPart[]::new)).contact();
            BedContact other =
                    bed(SIZE, split, mirrored.toArray(BedPart[]::new)).contact();
            assertThat(one.bearingMm2(Face.LEFT)).isEqualTo(other.bearingMm2(Face.RIGHT));
            assertThat(one.bearingMm2(Face.RIGHT)).isEqualTo(other.bearingMm2(Face.LEFT));
            for (Face face : List.of(Face.TOP, Face.BOTTOM, Face.FRONT, Face.BACK)) {
                assertThat(one.bearingMm2(face)).as(face.word()).isEqualTo(other.bearingMm2(face));
            }
            assertThat(one.cutOutMm3()).isCloseTo(other.cutOutMm3(), within(1e-6));
            assertThat(one.web().map(Web::mm).orElse(-1.0))
                    .isCloseTo(other.web().map(Web::mm).orElse(-1.0), within(1e-9));
        }
    }

    /** A tenth of the rays may stand out; of the rest the deepest tenth bears no sooner. */
    @Test
    void pointedPlacesSinkIn() {
        BedShape pin = bed(
                SIZE,
                40,
                strong(rectangle(-100, -60, 100, 60), -20, 40),
                strong(rectangle(-10, -10, 10, 10), -40, -20));
        assertThat(pin.contact().runs(Face.BOTTOM)).allMatch(run -> run.depthMm() == 20);
        BedShape foot = bed(
                SIZE,
                40,
                strong(rectangle(-100, -60, 100, 60), -20, 40),
                strong(rectangle(-50, -50, 50, 50), -40, -20));
        assertThat(foot.contact().runs(Face.BOTTOM)).anyMatch(run -> run.depthMm() == 0);
    }

    @Test
    void aFaceThatHardlyBearsIsBare() {
        BedShape pin = bed(
                SIZE,
                40,
                new BedPart("shell", new Prism(rectangle(-100, -60, 100, 60), -20, 40), Nature.FRAGILE, 5),
                strong(rectangle(-5, -5, 5, 5), -40, -20));
        assertThat(pin.contact().bearingMm2(Face.BOTTOM)).isZero();
        assertThat(pin.contact().runs(Face.BOTTOM)).isEmpty();
    }

    @Test
    void theWebIsWhatStandsBetweenTwoPockets() {
        BedShape two = new BedShape(
                SIZE,
                List.of(
                        strong(rectangle(-100, -60, -20, 60), -40, 40),
                        new BedPart("lens", new Prism(rectangle(0, -60, 100, 60), -40, 40), Nature.FRAGILE, 4)),
                List.of(new BedWell("key", new Prism(rectangle(-100, 70, -50, 90), -40, 40))),
                0,
                0,
                List.of());
        assertThat(two.contact().web()).contains(new Web(10, "part", "key"));
    }

    /** Twelve millimetres drawn where the subtraction of the places leaves a little less. */
    @Test
    void aWebOfJustWhatIsAskedIsJustThat() {
        assertThat(16.4 - 4.4).isLessThan(12);
        BedShape two = new BedShape(
                SIZE,
                List.of(strong(rectangle(-100, -60, 4.4, 60), -40, 40), strong(rectangle(16.4, -60, 100, 60), -40, 40)),
                List.of(),
                0,
                0,
                List.of());
        assertThat(two.contact().web()).contains(new Web(12, "part", "part"));
    }

    @Test
    void aTieIsJudgedByWhatItRestsOn() {
        BedPart body = strong(rectangle(-100, -60, 100, 60), -40, 20);
        BedPart glass = new BedPart("glass", new Prism(rectangle(0, -20, 40, 20), 20, 40), Nature.FRAGILE, 5);
        BedWell hollow = new BedWell("hollow", new Prism(rectangle(-100, -60, -60, 60), -60, -40));
        BedShape bed = new BedShape(
                SIZE,
                List.of(body, glass),
                List.of(hollow),
                0,
                0,
                List.of(
                        new Tie(Axis.Y, -40, 20, 10),
                        new Tie(Axis.Y, 20, 20, 10),
                        new Tie(Axis.Y, -80, 20, 10),
                        new Tie(Axis.X, 50, 20, 10)));
        assertThat(bed.contact().tieSeats())
                .containsExactly(TieSeat.SITS, TieSeat.PRESSES, TieSeat.HOLLOW, TieSeat.HOLLOW);
        assertThat(bed.tiesN()).isEqualTo(80);
    }

    /** A mass that lies outside what bears it topples, however far the limit. */
    @Test
    void whatLiesOutsideItsBearingTopples() {
        BedShape legs = bed(
                SIZE,
                40,
                strong(rectangle(-100, -60, -60, 60), -40, 40),
                new BedPart("beam", new Prism(rectangle(-60, -60, 100, 60), 0, 40), Nature.FRAGILE, 5));
        Evaluation evaluation =
                Evaluator.evaluate(pack(SIZE, new CushionForm.Bed(legs), new Point(0, 0, 0)), StandardCatalogue.get());
        Optional<Check> bottom = evaluation.checks().stream()
                .filter(check -> check.id().text().equals("drop.face.3"))
                .findFirst();
        assertThat(bottom.orElseThrow().status()).isEqualTo(Status.BREAKS);
        assertThat(Packs.because(bottom.get())).contains("topples");
    }
}
