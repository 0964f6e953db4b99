package rampart.formats.photograph;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.awt.Color;
import java.awt.image.BufferedImage;
import java.util.List;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import rampart.core.geometry.Outline;
import rampart.core.geometry.PlanPoint;
import rampart.core.geometry.Region;
import rampart.core.search.Watcher;
import rampart.formats.photograph.MadeUpPhotograph.View;

/** Photographs that are worked out ray by ray from known shapes, read back. */
class PhotographTest {
    private static final Color DARK = new Color(40, 60, 70);
    private static final Color PALE = new Color(205, 200, 190);

    private static final OptionalDouble NOT_MEASURED = OptionalDouble.empty();

    /** 300 mm long, with a step. */
    private static final Region STEPPED = polygon(-150, -60, 150, -60, 150, 20, 40, 20, 40, 60, -150, 60);

    private static Region polygon(double... xy) {
        List<PlanPoint> places = new java.util.ArrayList<>();
        for (int i = 0; i < xy.length; i += 2) {
            places.add(new PlanPoint(xy[i], xy[i + 1]));
        }
        return Region.within(Outline.polygon(places), 0.01);
    }

    private static MadeUpPhotograph strips() {
        return new MadeUpPhotograph()
                .table(PALE)
                .paper(MarkSheet.STRIPS.get(0), -255, -140, 1.5)
                .paper(MarkSheet.STRIPS.get(1), 200, -130, -2)
                .paper(MarkSheet.STRIPS.get(2), 135, 95, 91)
                .paper(MarkSheet.STRIPS.get(3), 140, -165, 89);
    }

    private static Silhouette traced(LaidFlat flat, double height) {
        return Silhouette.of(flat, new Silhouette.Asked(OptionalInt.empty(), height), Watcher.NONE);
    }

    /** The read outline may be turned and moved as a whole; laid over the true one as well as it can be, neither strays. */
    private static void assertSame(Region read, Region truth, double mm) {
        PlanPoint from = middle(read);
        PlanPoint to = middle(truth);
        Region best = read;
        double worst = Double.POSITIVE_INFINITY;
        double about = 0;
        for (double step : new double[] {30, 5, 1, 0.2, 0.05}) {
            double start = about;
            for (int k = -6; k <= 6; k++) {
                double angle = start + k * step;
                Region laid = Region.within(
                        read.outlines()
                                .get(0)
                                .moved(-from.xMm(), -from.yMm())
                                .turned(Math.toRadians(angle))
                                .moved(to.xMm(), to.yMm()),
                        0.01);
                double off = laid.minus(truth).areaMm2() + truth.minus(laid).areaMm2();
                if (off < worst) {
                    worst = off;
                    best = laid;
                    about = angle;
                }
            }
        }
        assertThat(truth.offset(mm, 0.02).covers(best)).as("nothing sticks out").isTrue();
        assertThat(best.offset(mm, 0.02).covers(truth)).as("nothing is missing").isTrue();
    }

    /** Centre of area, by its triangles. */
    private static PlanPoint middle(Region region) {
        List<PlanPoint> corners = region.outlines().get(0).corners();
        double x = 0;
        double y = 0;
        double area = 0;
        for (int i = 0; i < corners.size(); i++) {
            PlanPoint a = corners.get(i);
            PlanPoint b = corners.get((i + 1) % corners.size());
            double cross = a.xMm() * b.yMm() - b.xMm() * a.yMm();
            area += cross / 2;
            x += (a.xMm() + b.xMm()) * cross / 6;
            y += (a.yMm() + b.yMm()) * cross / 6;
        }
        return new PlanPoint(x / area, y / area);
    }

    /** Tall ones are seen from the side of the step: what a wall hides no photograph shows. */
    @ParameterizedTest(name = "tilted {0} toward {1}, {2} mm high, lens {3}")
    @CsvSource({"0, 0, 0, 0", "0, 0, 40, 0", "12, 40, 40, 0.02", "25, -100, 0, -0.04", "25, 60, 25, 0.03"})
    void aShapeOf300MmIsReadWithinHalfAMillimetre(double tilt, double toward, double height, double lens) {
        BufferedImage image = strips().item(STEPPED, height, DARK)
                .lit(0.35, 4)
                .bent(lens)
                .seen(new View(2000, 1500, 0.75, tilt, toward, 10, 680, new PlanPoint(0, 0)), 1);
        double above = 680 * Math.cos(Math.toRadians(tilt));
        // From straight above nothing tells a long lens far away from a short one close by: there it is measured.
        LaidFlat flat = PhotographReader.read(image, NOT_MEASURED, tilt < 10 ? OptionalDouble.of(above) : NOT_MEASURED);
        assertThat(flat.marks()).isEqualTo(16);
        assertThat(flat.camera().heightMm()).isCloseTo(above, within(0.02 * above));
        assertThat(flat.camera().tiltDegrees()).isCloseTo(tilt, within(0.3));
        Silhouette silhouette = traced(flat, height);
        assertThat(silhouette.outlines()).hasSize(1);
        assertThat(silhouette.cameraKnown()).isTrue();
        assertThat(silhouette.errorMm()).isBetween(0.1, 0.9);
        assertThat(silhouette.innerCornersMm()).isZero();
        assertSame(silhouette.outlines().get(0), STEPPED, 0.5);
    }

    @Test
    void fromStraightAboveTheCameraIsSaidToBeUnknown() {
        BufferedImage image =
                strips().item(STEPPED, 40, DARK).seen(new View(1200, 900, 0.75, 0, 0, 0, 680, new PlanPoint(0, 0)), 1);
        Silhouette silhouette = traced(PhotographReader.read(image, NOT_MEASURED, NOT_MEASURED), 40);
        assertThat(silhouette.cameraKnown()).isFalse();
        assertThat(silhouette.errorMm()).isGreaterThan(0.5);
    }

    @Test
    void aRoundThingOnASheetIsWhereItLies() {
        Region disc = Region.within(Outline.circle(new PlanPoint(98, 150), 45), 0.01);
        BufferedImage image = new MadeUpPhotograph()
                .paper(MarkSheet.A4, 0, 0, 0)
                .item(disc, 0, new Color(190, 60, 50))
                .lit(0.3, 4)
                .seen(new View(1350, 1800, 0.75, 15, 70, 5, 420, new PlanPoint(105, 148)), 2);
        Silhouette silhouette = traced(PhotographReader.read(image, NOT_MEASURED, NOT_MEASURED), 0);
        Region read = silhouette.outlines().get(0);
        assertThat(read.minus(disc.offset(0.5, 0.02)).isEmpty()).isTrue();
        assertThat(disc.minus(read.offset(0.5, 0.02)).isEmpty()).isTrue();
        assertThat(read.areaMm2()).isCloseTo(Math.PI * 45 * 45, within(0.01 * Math.PI * 45 * 45));
    }

    /** Where the camera looks along one wall of an inner corner over the other, what is said holds where it is worst, and is not far more. */
    @ParameterizedTest(name = "camera toward {0}, {1} mm high")
    @CsvSource({"135, 40", "170, 25", "135, 10", "-135, 40"})
    void innerCornersOfATallThing(double toward, double height) {
        Region angle = polygon(45, 90, 150, 90, 150, 130, 85, 130, 85, 195, 45, 195);
        BufferedImage image = new MadeUpPhotograph()
                .paper(MarkSheet.A4, 0, 0, 0)
                .item(angle, height, DARK)
                .lit(0.3, 4)
                .seen(new View(1350, 1800, 0.75, 20, toward, 5, 420, new PlanPoint(105, 148)), 2);
        Silhouette silhouette = traced(PhotographReader.read(image, NOT_MEASURED, NOT_MEASURED), height);
        Region read = silhouette.outlines().get(0);
        double off = 0;
        for (double mm = 0.05; off == 0; mm += 0.05) {
            if (angle.offset(mm, 0.01).covers(read) && read.offset(mm, 0.01).covers(angle)) {
                off = mm;
            }
        }
        assertThat(silhouette.errorMm()).isBetween(off, Math.max(0.6, 3.5 * off));
    }

    @Test
    void holesThatAreLeftOutAreTold() {
        BufferedImage image = new MadeUpPhotograph()
                .paper(MarkSheet.A4, 0, 0, 0)
                .item(polygon(80, 120, 110, 120, 110, 160, 80, 160), 0, Color.WHITE)
                .item(polygon(45, 90, 150, 90, 150, 195, 45, 195), 0, DARK)
                .seen(ABOVE, 4);
        Silhouette silhouette = traced(PhotographReader.read(image, NOT_MEASURED, NOT_MEASURED), 0);
        assertThat(silhouette.outlines()).hasSize(1);
        assertThat(silhouette.holes()).isEqualTo(1);
    }

    @Test
    void aPrintThatCameOutSmallerIsMeasured() {
        Region square = polygon(60, 100, 140, 100, 140, 180, 60, 180);
        BufferedImage image = new MadeUpPhotograph()
                .paper(MarkSheet.LETTER, 0, 0, 0, 0.95)
                .item(square, 0, DARK)
                .seen(new View(900, 1200, 0.75, 12, 20, 3, 420, new PlanPoint(105, 140)), 3);
        double span = MarkSheet.LETTER.spanMm();
        Region read = traced(PhotographReader.read(image, OptionalDouble.of(0.95 * span), NOT_MEASURED), 0)
                .outlines()
                .get(0);
        assertThat(read.areaMm2()).isCloseTo(6400, within(50.0));
        assertThatThrownBy(() -> PhotographReader.read(image, OptionalDouble.of(100), NOT_MEASURED))
                .hasMessageContaining("measured length in mm is 100.0");
    }

    @Test
    void aPhotographHeldSidewaysIsReadAsItWasHeld() {
        Region wide = polygon(40, 130, 160, 130, 160, 170, 40, 170);
        BufferedImage image = new MadeUpPhotograph()
                .paper(MarkSheet.A4, 0, 0, 0)
                .item(wide, 0, DARK)
                .seen(new View(1200, 900, 0.75, 10, 20, 90, 420, new PlanPoint(105, 148)), 3);
        Region read = traced(PhotographReader.read(image, NOT_MEASURED, NOT_MEASURED), 0)
                .outlines()
                .get(0);
        assertThat(read.outlines().get(0).bounds().widthMm()).isCloseTo(40, within(0.6));
        assertThat(read.outlines().get(0).bounds().heightMm()).isCloseTo(120, within(0.6));
    }

    private static final View ABOVE = new View(900, 1200, 0.75, 5, 20, 3, 420, new PlanPoint(105, 148));

    @Test
    void withoutMarksItIsRefused() {
        BufferedImage image = new MadeUpPhotograph()
                .item(polygon(60, 100, 140, 100, 140, 180, 60, 180), 0, DARK)
                .seen(ABOVE, 4);
        assertThatThrownBy(() -> PhotographReader.read(image, NOT_MEASURED, NOT_MEASURED))
                .isInstanceOf(RefusedPhotographException.class)
                .hasMessageStartingWith("no marks are seen");
    }

    @Test
    void withTheMarksOfOneSideOnlyItIsRefused() {
        BufferedImage image = new MadeUpPhotograph()
                .paper(MarkSheet.A4, 0, 0, 0)
                .item(polygon(60, 70, 205, 70, 205, 290, 5, 290, 5, 120, 60, 120), 0, DARK)
                .seen(ABOVE, 4);
        assertThatThrownBy(() -> PhotographReader.read(image, NOT_MEASURED, NOT_MEASURED))
                .isInstanceOf(RefusedPhotographException.class)
                .hasMessageContainingAll("mark");
    }

    @Test
    void anItemThatReachesTheMarksIsRefusedWithTheSide() {
        BufferedImage image = new MadeUpPhotograph()
                .paper(MarkSheet.A4, 0, 0, 0)
                .item(polygon(100, 50, 176, 50, 176, 62, 100, 62), 0, DARK)
                .seen(ABOVE, 4);
        LaidFlat flat = PhotographReader.read(image, NOT_MEASURED, NOT_MEASURED);
        assertThatThrownBy(() -> traced(flat, 0))
                .isInstanceOf(RefusedPhotographException.class)
                .hasMessageContaining("at the right");
    }

    @Test
    void anEmptySheetIsRefused() {
        BufferedImage image =
                new MadeUpPhotograph().paper(MarkSheet.A4, 0, 0, 0).lit(0.3, 4).seen(ABOVE, 4);
        LaidFlat flat = PhotographReader.read(image, NOT_MEASURED, NOT_MEASURED);
        assertThatThrownBy(() -> traced(flat, 0))
                .isInstanceOf(RefusedPhotographException.class)
                .hasMessageContaining("nothing stands out");
    }

    @Test
    void theThresholdDecidesWhatBelongsToTheItem() {
        // A pale label beside a dark body: both at a low threshold, the body alone at a high one.
        BufferedImage image = new MadeUpPhotograph()
                .paper(MarkSheet.A4, 0, 0, 0)
                .item(polygon(60, 100, 100, 100, 100, 180, 60, 180), 0, DARK)
                .item(polygon(100, 100, 140, 100, 140, 180, 100, 180), 0, new Color(190, 190, 190))
                .seen(ABOVE, 4);
        LaidFlat flat = PhotographReader.read(image, NOT_MEASURED, NOT_MEASURED);
        double low = Silhouette.of(flat, new Silhouette.Asked(OptionalInt.of(30), 0), Watcher.NONE)
                .outlines()
                .get(0)
                .areaMm2();
        double high = Silhouette.of(flat, new Silhouette.Asked(OptionalInt.of(130), 0), Watcher.NONE)
                .outlines()
                .get(0)
                .areaMm2();
        assertThat(low).isCloseTo(6400, within(80.0));
        assertThat(high).isCloseTo(3200, within(60.0));
        assertThatThrownBy(() -> Silhouette.of(flat, new Silhouette.Asked(OptionalInt.of(300), 0), Watcher.NONE))
                .hasMessageContaining("threshold is 300.0; it must be from 8.0 to 255.0");
    }
}
