package rampart.core.bed;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import rampart.core.Thorough;
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

/** Beds that nobody drew against the rules read aloud. */
class RandomBedsTest {
    private static final int BEDS = 40 * Thorough.TIMES;

    private final Random random = new Random(46);

    private double between(double low, double high) {
        return low + random.nextDouble() * (high - low);
    }

    /** A star round a place: never crosses itself, now and then on the rays' own coordinates. */
    private List<PlanPoint> outline(Size size) {
        double x = between(-0.35, 0.35) * size.lengthMm();
        double y = between(-0.35, 0.35) * size.widthMm();
        double most = Math.min(Math.min(size.lengthMm() / 2 - Math.abs(x), size.widthMm() / 2 - Math.abs(y)), 60);
        int corners = 3 + random.nextInt(9);
        boolean whole = random.nextInt(3) == 0;
        List<PlanPoint> places = new ArrayList<>();
        for (int i = 0; i < corners; i++) {
            double angle = 2 * Math.PI * (i + between(0, 0.8)) / corners;
            double radius = between(0.3, 1) * most;
            double px = x + radius * Math.cos(angle);
            double py = y + radius * Math.sin(angle);
            places.add(whole ? new PlanPoint(Math.rint(px * 2) / 2, Math.rint(py * 2) / 2) : new PlanPoint(px, py));
        }
        return places;
    }

    private Prism prism(Size size, double low, double high) {
        double bottom = between(low, high - 2);
        double top = between(bottom + 1, high);
        return new Prism(
                outline(size),
                random.nextBoolean() ? Math.rint(bottom) : bottom,
                random.nextBoolean() ? top : Math.ceil(top));
    }

    private BedShape bed(SixSided thickness) {
        Size size = new Size(Math.rint(between(40, 260)), between(40, 200), Math.rint(between(20, 140)));
        double half = Math.floor(size.heightMm() / 2);
        List<BedPart> parts = new ArrayList<>();
        int count = 1 + random.nextInt(6);
        for (int i = 0; i < count; i++) {
            Nature nature = Nature.values()[random.nextInt(3)];
            double clearance = nature == Nature.STRONG ? between(-2, 3) : between(1, 12);
            Prism prism = i == 0
                    ? new Prism(
                            List.of(
                                    new PlanPoint(-size.lengthMm() / 2, -size.widthMm() / 4),
                                    new PlanPoint(size.lengthMm() / 2, -size.widthMm() / 3),
                                    new PlanPoint(size.lengthMm() / 3, size.widthMm() / 2),
                                    new PlanPoint(-size.lengthMm() / 3, size.widthMm() / 2)),
                            -half,
                            half)
                    : prism(size, -half, half);
            parts.add(new BedPart("p" + i, prism, nature, clearance));
        }
        List<BedWell> wells = new ArrayList<>();
        for (int i = random.nextInt(4); i > 0; i--) {
            wells.add(new BedWell("w" + i, prism(size, -half - thickness.bottom() + 1, half + thickness.top() - 1)));
        }
        List<Tie> ties = new ArrayList<>();
        for (int i = random.nextInt(3); i > 0; i--) {
            Axis axis = random.nextBoolean() ? Axis.X : Axis.Y;
            ties.add(new Tie(
                    axis,
                    between(-0.5, 0.5) * (axis == Axis.X ? size.widthMm() : size.lengthMm()),
                    20,
                    between(5, 80)));
        }
        return new BedShape(size, parts, wells, between(-half, half), random.nextBoolean() ? 0 : between(1, 8), ties);
    }

    private static double demand(Evaluation evaluation, String id) {
        return evaluation.checks().stream()
                .filter(check -> check.id().text().equals(id))
                .findFirst()
                .orElseThrow(() -> new AssertionError("no check " + id))
                .demand();
    }

    private static double limit(Evaluation evaluation, String id) {
        return evaluation.checks().stream()
                .filter(check -> check.id().text().equals(id))
                .findFirst()
                .orElseThrow(() -> new AssertionError("no check " + id))
                .limit()
                .orElseThrow();
    }

    @Test
    void theyAreWhatTheRulesSay() {
        int bare = 0;
        int webs = 0;
        for (int i = 0; i < BEDS; i++) {
            SixSided thickness = new SixSided(
                    between(10, 60),
                    between(10, 60),
                    between(10, 60),
                    between(10, 60),
                    between(10, 60),
                    between(10, 60));
            BedShape bed = bed(thickness);
            BedRulesReadAloud read = new BedRulesReadAloud(bed);
            BedContact contact = bed.contact();
            double[] byNumber = new double[7];
            for (Face face : Face.ALL) {
                byNumber[face.number()] = thickness.on(face);
                double[] depths = read.depths(face.number());
                bare += depths.length == 0 ? 1 : 0;
                double[] runs = contact.runs(face).stream()
                        .flatMapToDouble(run -> java.util.stream.DoubleStream.generate(run::depthMm)
                                .limit(run.cells()))
                        .sorted()
                        .toArray();
                assertThat(runs).as("bed %d, %s", i, face).containsExactly(depths, within(1e-9));
                assertThat(contact.bearingMm2(face))
                        .as("bed %d, %s", i, face)
                        .isCloseTo(depths.length * read.cellMm2(face.number()), within(1e-6));
            }
            assertThat(contact.cutOutMm3()).isCloseTo(read.cutOutMm3(), within(1e-3));
            Evaluation evaluation = Evaluator.evaluate(
                    new Pack(
                            Item.plain("it", bed.size(), 2, Point.ORIGIN, Packs.bears(80)),
                            Packs.falls(600),
                            List.of(
                                    new Layer.Cushion("pe-28", new CushionForm.Bed(bed), thickness),
                                    Layer.Box.made("c-32", 2))),
                    StandardCatalogue.get());
            assertThat(demand(evaluation, "bed.floor")).isEqualTo(10);
            assertThat(limit(evaluation, "bed.floor")).isCloseTo(read.floorMm(byNumber), within(1e-9));
            double web = read.webMm();
            if (web > 0) {
                webs++;
                assertThat(limit(evaluation, "bed.web")).isCloseTo(web, within(1e-9));
            } else {
                assertThat(evaluation.checks())
                        .noneMatch(check -> check.id().text().equals("bed.web"));
            }
            if (!bed.ties().isEmpty()) {
                assertThat(demand(evaluation, "bed.ties")).as("bed %d", i).isEqualTo(read.tieDemand());
            }
            if (bed.holdDownMm() > 0 || !bed.ties().isEmpty()) {
                double squeeze = StandardCatalogue.get().foam("pe-28").squeezeKpa();
                double pressed = squeeze
                        * 1e3
                        * Math.min(1, bed.holdDownMm() / thickness.top() / 0.10)
                        * read.depths(1).length
                        * read.cellMm2(1)
                        / 1e6;
                double tied = bed.ties().stream()
                        .mapToDouble(tie -> 2 * tie.tensionN())
                        .sum();
                assertThat(limit(evaluation, "bed.hold")).isCloseTo(Math.max(0.001, pressed + tied), within(1e-6));
                assertThat(demand(evaluation, "bed.hold")).isCloseTo(2 * 2 * 9.80665, within(1e-9));
            }
        }
        assertThat(bare).as("some faces are bare").isGreaterThan(10);
        assertThat(webs).as("some webs stand").isGreaterThan(20);
    }
}
