package rampart.core.bed;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.Test;
import rampart.core.cost.Prices;
import rampart.core.evaluation.Evaluation;
import rampart.core.evaluation.Evaluator;
import rampart.core.geometry.PlanPoint;
import rampart.core.item.Item;
import rampart.core.layout.CushionForm;
import rampart.core.layout.Layer;
import rampart.core.material.StandardCatalogue;
import rampart.core.pack.Pack;
import rampart.core.pack.Packs;
import rampart.core.quantity.Face;
import rampart.core.quantity.Point;
import rampart.core.quantity.SixSided;
import rampart.core.quantity.Size;
import rampart.core.search.Remedies;
import rampart.core.search.Remedy;
import rampart.core.search.Stock;
import rampart.core.search.Watcher;
import rampart.core.verdict.CheckId;
import rampart.core.verdict.CheckKind;
import rampart.core.verdict.Status;
import rampart.core.words.Wording;

/** Grooves of a bed: the area they leave, and that they are proposed where a light item lies too hard. */
class ReliefTest {
    private static final Set<Face> ALL = EnumSet.allOf(Face.class);

    private static BedShape snug(Size size) {
        double x = size.lengthMm() / 2;
        double y = size.widthMm() / 2;
        double z = size.heightMm() / 2;
        BedPart body = new BedPart(
                "body",
                new Prism(
                        List.of(new PlanPoint(-x, -y), new PlanPoint(x, -y), new PlanPoint(x, y), new PlanPoint(-x, y)),
                        -z,
                        z),
                Nature.STRONG,
                0);
        return new BedShape(size, List.of(body), List.of(), 0, 0, List.of());
    }

    private static SixSided mm(double all) {
        return SixSided.all(all);
    }

    /** Ribs of a third of the length bear on a third of the face; rays are five millimetres apart. */
    @Test
    void ribsBearAsMuchAsWasAskedFor() {
        Size size = new Size(300, 200, 100);
        BedShape bed = snug(size);
        BedShape relieved = Relief.of(bed, mm(50), 0, ALL, 100.0 * 200).orElseThrow();
        assertThat(relieved.contact().bearingMm2(Face.BOTTOM)).isCloseTo(20_000, within(2_000.0));
        assertThat(relieved.contact().bearingMm2(Face.TOP)).isCloseTo(20_000, within(2_000.0));
        // The short sides bear 20,000 mm2 whole: no groove there.
        assertThat(relieved.contact().bearingMm2(Face.LEFT))
                .isEqualTo(bed.contact().bearingMm2(Face.LEFT));
        assertThat(relieved.contact().bearingMm2(Face.FRONT)).isCloseTo(20_000, within(2_000.0));
    }

    @Test
    void nothingIsGroovedThatBearsNoMoreOrHasNoRoom() {
        BedShape bed = snug(new Size(300, 200, 100));
        assertThat(Relief.of(bed, mm(50), 0, ALL, 60_000)).isEmpty();
        assertThat(Relief.of(bed, mm(15), 0, ALL, 10_000))
                .as("too thin for a groove")
                .isEmpty();
        assertThat(Relief.of(snug(new Size(30, 30, 30)), mm(50), 0, ALL, 800))
                .as("no room for two ribs")
                .isEmpty();
    }

    /** Three quarters of 60 mm, where 13 mm would be left of it; of 50 mm all but 13; and none that is less than 8 deep. */
    @Test
    void aGrooveIsAsDeepAsTheFoamAllows() {
        assertThat(groovedMm(60)).isCloseTo(45, within(0.2));
        assertThat(groovedMm(50)).isCloseTo(37, within(0.2));
        assertThat(groovedMm(21.1)).isCloseTo(8.1, within(0.2));
        assertThat(Relief.of(snug(new Size(300, 200, 100)), mm(20.9), 0, ALL, 20_000))
                .isEmpty();
    }

    private static double groovedMm(double thickMm) {
        BedShape bed = snug(new Size(300, 200, 100));
        return -50
                - first(Relief.of(bed, mm(thickMm), 0, EnumSet.of(Face.BOTTOM), 20_000))
                        .bottomMm();
    }

    private static Prism first(Optional<BedShape> relieved) {
        return relieved.orElseThrow().wells().get(0).prism();
    }

    /** A body with a step of 20 mm below: grooves go 5 mm up into the hollow and no farther, for the rest is bridged. */
    @Test
    void aHollowBelowTheItemIsBridged() {
        assertThat(first(stepped(20)).topMm() + 50).isCloseTo(5, within(0.1));
        assertThat(first(stepped(3)).topMm() + 50).isCloseTo(3, within(0.1));
    }

    private static Optional<BedShape> stepped(double mm) {
        BedPart left = new BedPart("left", new Prism(rectangle(-150, -100, 0, 100), -50, 50), Nature.STRONG, 0);
        BedPart right = new BedPart("right", new Prism(rectangle(0, -100, 150, 100), -50 + mm, 50), Nature.STRONG, 0);
        BedShape bed = new BedShape(new Size(300, 200, 100), List.of(left, right), List.of(), 0, 0, List.of());
        return Relief.of(bed, mm(60), 0, EnumSet.of(Face.BOTTOM), 20_000);
    }

    /** No bed has more than sixty places that are left empty: nobody would cut it. */
    @Test
    void aBedWithManyWellsIsNotGroovedFurther() {
        assertThat(grooved(57)).isPresent();
        assertThat(grooved(58)).isEmpty();
    }

    private static Optional<BedShape> grooved(int wells) {
        BedShape bed = snug(new Size(300, 200, 100));
        List<BedWell> there = new ArrayList<>();
        for (int i = 0; i < wells; i++) {
            there.add(new BedWell("well " + i, new Prism(rectangle(-140 + 4 * i, 101, -139 + 4 * i, 110), 0, 10)));
        }
        return Relief.of(
                new BedShape(bed.size(), bed.parts(), there, 0, 0, List.of()),
                mm(50),
                0,
                EnumSet.of(Face.BOTTOM),
                20_000);
    }

    /** Grooves of random beds stay inside the block, apart from each other by a rib that stands, and never bear more. */
    @Test
    void groovesStayInTheBlockAndApart() {
        Random random = new Random(7);
        int grooved = 0;
        for (int i = 0; i < 100; i++) {
            BedShape bed = snug(new Size(
                    Packs.between(random, 60, 400), Packs.between(random, 60, 400), Packs.between(random, 40, 200)));
            SixSided thickness = SixSided.of(face -> Packs.between(random, 20, 90));
            double wraps = random.nextInt(3);
            Optional<BedShape> relieved = Relief.of(bed, thickness, wraps, ALL, Packs.between(random, 500, 40_000));
            if (relieved.isEmpty()) {
                continue;
            }
            grooved++;
            assertThat(relieved.get().liesWithin(thickness, wraps)).isTrue();
            for (Face face : Face.ALL) {
                assertThat(relieved.get().contact().bearingMm2(face))
                        .isLessThanOrEqualTo(bed.contact().bearingMm2(face))
                        .isPositive();
            }
            relieved.get()
                    .contact()
                    .web()
                    .ifPresent(web -> assertThat(web.mm()).as("%s", web).isGreaterThan(14));
        }
        assertThat(grooved).isGreaterThan(50);
    }

    /** A light telephone in a snug bed of stiff foam lies far too hard; grooves are among what mends it. */
    @Test
    void aLightItemInASnugBedIsMendedByGrooves() {
        Size size = new Size(200, 120, 60);
        Pack pack = new Pack(
                Item.plain("telephone", size, 0.6, Point.ORIGIN, Packs.bears(70)),
                Packs.falls(760),
                List.of(
                        new Layer.Cushion("pe-28", new CushionForm.Bed(snug(size)), mm(50)),
                        Layer.Box.made("c-32", 2)));
        Evaluation now = Evaluator.evaluate(pack, StandardCatalogue.get());
        assertThat(now.verdict()).isEqualTo(Status.BREAKS);
        List<Remedy> remedies =
                Remedies.of(pack, StandardCatalogue.get(), Prices.NONE, Stock.NONE, Optional.empty(), Watcher.NONE);
        assertThat(remedies)
                .anyMatch(remedy -> remedy.changes().stream()
                        .anyMatch(change ->
                                change.what().match(thickness -> false, form -> true, foam -> false, board -> false)));
    }

    /** The same without them is tied down, and told so in a packer's words. */
    @Test
    void whatIsNotHeldIsTiedDown() {
        Size size = new Size(200, 150, 100);
        BedShape loose = new BedShape(size, snug(size).parts(), List.of(), 0, 0.1, List.of());
        Pack pack = new Pack(
                Item.plain("instrument", size, 12, Point.ORIGIN, Packs.bears(90)),
                Packs.falls(300),
                List.of(new Layer.Cushion("pe-28", new CushionForm.Bed(loose), mm(60)), Layer.Box.made("bc-48", 2)));
        assertThat(Remedies.of(
                        pack,
                        StandardCatalogue.get(),
                        Prices.NONE,
                        Stock.NONE,
                        Optional.of(CheckId.of(CheckKind.BED_HOLD)),
                        Watcher.NONE))
                .extracting(remedy -> Wording.METRIC.say(remedy.title()))
                .contains("Tie the item down with 2 bands, each pulled to 75 N at both ends");
    }

    /** What nothing holds down is held by a lid that presses it a little more, where grooves leave no place for a tie. */
    @Test
    void whatIsNotHeldIsMendedByALidThatPresses() {
        Size size = new Size(200, 150, 100);
        List<BedWell> cross = List.of(
                new BedWell("along", new Prism(rectangle(-100, -5, 100, 5), -70, -50)),
                new BedWell("across", new Prism(rectangle(-5, -75, 5, 75), -70, -50)));
        BedShape loose = new BedShape(size, snug(size).parts(), cross, 0, 0.1, List.of());
        Pack pack = new Pack(
                Item.plain("instrument", size, 12, Point.ORIGIN, Packs.bears(90)),
                Packs.falls(300),
                List.of(new Layer.Cushion("pe-28", new CushionForm.Bed(loose), mm(60)), Layer.Box.made("bc-48", 2)));
        List<Remedy> remedies = Remedies.of(
                pack,
                StandardCatalogue.get(),
                Prices.NONE,
                Stock.NONE,
                Optional.of(CheckId.of(CheckKind.BED_HOLD)),
                Watcher.NONE);
        assertThat(remedies)
                .anyMatch(remedy -> remedy.pack()
                        .layers()
                        .get(0)
                        .match(
                                wrap -> false,
                                cushion -> cushion.form()
                                        .match(
                                                full -> false,
                                                pads -> false,
                                                corners -> false,
                                                bed -> bed.shape().holdDownMm() > 0.1),
                                box -> false,
                                boards -> false));
    }

    private static List<PlanPoint> rectangle(double x1, double y1, double x2, double y2) {
        return List.of(new PlanPoint(x1, y1), new PlanPoint(x2, y1), new PlanPoint(x2, y2), new PlanPoint(x1, y2));
    }
}
