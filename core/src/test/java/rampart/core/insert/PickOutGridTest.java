package rampart.core.insert;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import rampart.core.bed.BedPart;
import rampart.core.bed.BedShape;
import rampart.core.bed.Nature;
import rampart.core.bed.Prism;
import rampart.core.geometry.PlanPoint;

/** Columns that are picked out, by hand and against a geometry library column by column. */
class PickOutGridTest {
    private static final GeometryFactory FACTORY = new GeometryFactory();

    private static BedCut cut(BedPart... parts) {
        return BedCut.of(BedCutTest.laid(new BedShape(BedCutTest.SIZE, List.of(parts), List.of(), 0, 0, List.of())));
    }

    /** The block is 282 by 202 mm: 23 by 17 columns of 12.5; the pocket of 200 by 120 lies 41 mm from either edge. */
    @Test
    void aPlainPocketByHand() {
        BedPart body =
                new BedPart("body", new Prism(BedCutTest.rectangle(-100, -60, 100, 60), -40, 40), Nature.STRONG, 0);
        PickOutGrid grid = PickOutGrid.of(cut(body), 12.5, 50);
        assertThat(grid.across()).isEqualTo(23);
        assertThat(grid.along()).isEqualTo(17);
        // Base and lid are 81 mm each, two sheets of 50; the second would begin below the item.
        assertThat(grid.layers()).extracting(PickOutGrid.Layer::number).containsExactly(1, 1);
        PickOutGrid.Layer base = grid.layers().get(0);
        // 41 mm is 3.28 columns: the fourth gives way, and so on to 241 mm, 19.28: the twentieth too; 161 mm is 12.88.
        assertThat(base.runs()).hasSize(10).allMatch(run -> run.firstFromLeft() == 4 && run.lastFromLeft() == 20);
        assertThat(base.runs().get(0).fromFront()).isEqualTo(4);
        assertThat(base.columns()).hasSize(17 * 10);
        double holeMm2 = 170 * 12.5 * 12.5;
        assertThat(base.looseMm()).isCloseTo((holeMm2 - 200 * 120) / 640, within(0.01));
        assertThat(grid.pickedOut()).isEqualTo(2 * 170);
    }

    private static Geometry polygon(List<PlanPoint> places) {
        Coordinate[] ring = new Coordinate[places.size() + 1];
        for (int i = 0; i < ring.length; i++) {
            PlanPoint place = places.get(i % places.size());
            ring[i] = new Coordinate(place.xMm(), place.yMm());
        }
        return FACTORY.createPolygon(ring);
    }

    /** A part with no clearance is open as it is drawn: a column goes where the library finds over 5 % of it under the part. */
    @Test
    void columnByColumnAgainstAGeometryLibrary() {
        Random random = new Random(21);
        for (int n = 0; n < 15; n++) {
            List<PlanPoint> places = new ArrayList<>();
            int corners = 5 + random.nextInt(20);
            for (int i = 0; i < corners; i++) {
                double angle = 2 * Math.PI * i / corners;
                double radius = 20 + 35 * random.nextDouble();
                places.add(new PlanPoint(radius * Math.cos(angle), radius * Math.sin(angle)));
            }
            BedCut cut = cut(new BedPart("star", new Prism(places, -40, 40), Nature.STRONG, 0));
            double pitch = 8 + random.nextInt(12);
            PickOutGrid grid = PickOutGrid.of(cut, pitch, 60);
            Set<PickOutGrid.Column> picked = new HashSet<>(grid.layers().get(0).columns());
            Geometry star = polygon(places);
            for (int i = 0; i < grid.across(); i++) {
                for (int j = 0; j < grid.along(); j++) {
                    double x = cut.block().min().xMm() + i * pitch;
                    double y = cut.block().min().yMm() + j * pitch;
                    double share = FACTORY.toGeometry(new Envelope(x, x + pitch, y, y + pitch))
                                    .intersection(star)
                                    .getArea()
                            / (pitch * pitch);
                    if (Math.abs(share - 0.05) > 0.005) {
                        assertThat(picked.contains(new PickOutGrid.Column(i + 1, j + 1)))
                                .as("column %d, %d, %.3f of it", i, j, share)
                                .isEqualTo(share > 0.05);
                    }
                }
            }
            int inRuns = grid.layers().get(0).runs().stream()
                    .mapToInt(run -> run.lastFromLeft() - run.firstFromLeft() + 1)
                    .sum();
            assertThat(inRuns).isEqualTo(picked.size());
        }
    }

    @Test
    void badFiguresAreNamed() {
        BedPart body =
                new BedPart("body", new Prism(BedCutTest.rectangle(-100, -60, 100, 60), -40, 40), Nature.STRONG, 0);
        assertThatThrownBy(() -> PickOutGrid.of(cut(body), 0, 50)).hasMessageContaining("pitch of the columns in mm");
        assertThatThrownBy(() -> PickOutGrid.of(cut(body), 12, -1))
                .hasMessageContaining("thickness of the sheet in mm");
    }
}
