package rampart.core.measure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import rampart.core.geometry.Bounds;
import rampart.core.geometry.PlanPoint;
import rampart.core.geometry.Region;
import rampart.core.measure.Assembly.Placed;
import rampart.core.measure.Assembly.Twin;
import rampart.core.measure.Assembly.Use;
import rampart.core.measure.Shape.Stations.Station;
import rampart.core.search.SearchStoppedException;
import rampart.core.search.Watcher;

/** Areas against their closed forms. */
class AssemblyTest {
    private static List<Region> of(List<Placed> shapes) {
        return Assembly.of(shapes, Watcher.NONE);
    }

    private static Placed at(Shape shape, double right, double back) {
        return new Placed(shape, right, back, 0, Use.ADDED, Twin.NONE);
    }

    private static double area(Placed... shapes) {
        return of(List.of(shapes)).stream().mapToDouble(Region::areaMm2).sum();
    }

    @Test
    void eachShapeHasTheAreaOfItsClosedForm() {
        assertThat(area(at(new Shape.Rectangle(80, 50, 10), 3, 4))).isCloseTo(4000 - (4 - Math.PI) * 100, within(1.0));
        assertThat(area(at(new Shape.Circle(60), 0, 0))).isCloseTo(Math.PI * 900, within(3.0));
        assertThat(area(at(new Shape.Ellipse(60, 30), 0, 0))).isCloseTo(Math.PI * 450, within(4.0));
        assertThat(area(at(new Shape.Slot(90, 30), 0, 0))).isCloseTo(60 * 30 + Math.PI * 225, within(2.0));
        assertThat(area(at(new Shape.Slot(30, 30), 0, 0))).isCloseTo(Math.PI * 225, within(2.0));
        assertThat(area(at(
                        new Shape.Polygon(List.of(new PlanPoint(0, 0), new PlanPoint(30, 0), new PlanPoint(0, 40))),
                        0,
                        0)))
                .isCloseTo(600, within(1e-9));
    }

    /** The trapezoidal rule over the whole widths is the area exactly, for the outline is straight between stations. */
    @Test
    void stationsMakeTheTrapezoidsBetweenThem() {
        Shape.Stations stations = new Shape.Stations(List.of(
                new Station(0, 0, 0), new Station(50, 20, 10), new Station(120, 25, 15), new Station(200, 5, 5)));
        assertThat(area(at(stations, 0, 0)))
                .isCloseTo(50 * (0 + 30) / 2.0 + 70 * (30 + 40) / 2.0 + 80 * (40 + 10) / 2.0, within(1e-9));
        Bounds bounds = stations.outline().bounds();
        assertThat(bounds.minXMm()).isEqualTo(-100);
        assertThat(bounds.maxXMm()).isEqualTo(100);
        assertThat(bounds.maxYMm()).isEqualTo(25);
        assertThat(bounds.minYMm()).isEqualTo(-15);
        // The pointed end is one place, the blunt one two.
        assertThat(stations.outline().corners()).hasSize(7);
    }

    @Test
    void whatIsCutAwayIsMissingAndWhatOverlapsCountsOnce() {
        Placed plate = at(new Shape.Rectangle(100, 60, 0), 0, 0);
        Placed notch = new Placed(new Shape.Rectangle(20, 20, 0), 50, 0, 0, Use.CUT_AWAY, Twin.NONE);
        assertThat(area(plate, notch)).isCloseTo(6000 - 200, within(1e-6));
        assertThat(area(plate, at(new Shape.Rectangle(100, 60, 0), 50, 0))).isCloseTo(9000, within(1e-6));
        // A hole stays a hole.
        List<Region> ring = of(List.of(plate, new Placed(new Shape.Circle(20), 0, 0, 0, Use.CUT_AWAY, Twin.NONE)));
        assertThat(ring).hasSize(1);
        assertThat(ring.get(0).holes()).hasSize(1);
    }

    @Test
    void aTwinLiesOnTheOtherSideMirrored() {
        Shape wedge = new Shape.Polygon(List.of(new PlanPoint(0, 0), new PlanPoint(30, 0), new PlanPoint(0, 40)));
        List<Region> both = of(List.of(new Placed(wedge, 20, 5, 0, Use.ADDED, Twin.LEFT_AND_RIGHT)));
        assertThat(both).hasSize(2);
        assertThat(both.get(0).areaMm2()).isCloseTo(both.get(1).areaMm2(), within(1e-9));
        assertThat(both.stream()
                        .flatMap(r -> r.outlines().stream())
                        .mapToDouble(o -> o.bounds().minXMm())
                        .min())
                .hasValue(-50);
        List<Region> across = of(List.of(new Placed(wedge, 20, 5, 0, Use.ADDED, Twin.FRONT_AND_BACK)));
        assertThat(across.stream()
                        .flatMap(r -> r.outlines().stream())
                        .mapToDouble(o -> o.bounds().minYMm())
                        .min())
                .hasValue(-45);
    }

    @Test
    void aQuarterTurnSwapsLengthAndWidth() {
        Region turned = of(List.of(new Placed(new Shape.Rectangle(80, 20, 0), 0, 0, 90, Use.ADDED, Twin.NONE)))
                .get(0);
        assertThat(turned.outlines().get(0).bounds().widthMm()).isCloseTo(20, within(1e-9));
        assertThat(turned.outlines().get(0).bounds().heightMm()).isCloseTo(80, within(1e-9));
    }

    @Test
    void whatLeansIsFoundByHowMuch() {
        for (double degrees : new double[] {-40, -12, 0, 7, 44}) {
            Region leaning = of(List.of(
                            new Placed(new Shape.Rectangle(80, 20, 0), 5, 9, degrees, Use.ADDED, Twin.NONE)))
                    .get(0);
            assertThat(Math.toDegrees(leaning.leaning())).isCloseTo(degrees, within(1e-6));
        }
    }

    @Test
    void whatMakesNoOutlineSaysWhichShapeAndWhy() {
        Placed plate = at(new Shape.Rectangle(100, 60, 0), 0, 0);
        assertThatThrownBy(() -> area(new Placed(new Shape.Rectangle(200, 200, 0), 0, 0, 0, Use.CUT_AWAY, Twin.NONE)))
                .hasMessageContaining("nothing is left");
        Shape bowTie = new Shape.Polygon(
                List.of(new PlanPoint(0, 0), new PlanPoint(40, 30), new PlanPoint(40, 0), new PlanPoint(0, 20)));
        assertThatThrownBy(() -> area(plate, at(bowTie, 0, 0)))
                .hasMessageStartingWith("shape 2: ")
                .hasMessageContaining("crosses");
        assertThatThrownBy(() -> new Shape.Rectangle(80, 50, 26))
                .hasMessageContaining("radius of the corners in mm is 26.0; it must be from 0.0 to 25.0");
        assertThatThrownBy(() -> new Shape.Stations(List.of(new Station(10, 1, 1), new Station(10, 2, 2))))
                .hasMessageContaining("station 2 is at 10.0 mm, not beyond station 1");
        assertThatThrownBy(() -> new Station(5, -10, 4)).hasMessageContaining("nothing lies between");
        assertThatThrownBy(() -> new Shape.Circle(Double.NaN)).hasMessageContaining("diameter in mm is NaN");
    }

    @Test
    void itEndsBetweenTwoShapesWhenNobodyWaits() {
        Placed plate = new Placed(new Shape.Rectangle(80, 20, 0), 0, 0, 0, Use.ADDED, Twin.NONE);
        int[] looked = {0};
        assertThatThrownBy(() -> Assembly.of(List.of(plate, plate, plate), () -> ++looked[0] < 3))
                .isInstanceOf(SearchStoppedException.class);
        assertThat(looked[0]).isEqualTo(3);
    }
}
