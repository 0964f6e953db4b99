package rampart.core.geometry;

import java.util.List;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.LinearRing;
import org.locationtech.jts.operation.distance.IndexedFacetDistance;

/** What is asked of closed rows of places as lines, not as areas. */
public final class Edges {
    private static final GeometryFactory FACTORY = new GeometryFactory();

    private Edges() {}

    private static LinearRing ring(List<PlanPoint> places) {
        Coordinate[] all = new Coordinate[places.size() + 1];
        for (int i = 0; i < all.length; i++) {
            PlanPoint place = places.get(i % places.size());
            all[i] = new Coordinate(place.xMm(), place.yMm());
        }
        return FACTORY.createLinearRing(all);
    }

    /** The least distance between two of them, mm; 0 where they touch or cross. */
    public static double distanceMm(List<PlanPoint> one, List<PlanPoint> other) {
        return IndexedFacetDistance.distance(ring(one), ring(other));
    }

    /** True where one crosses or touches itself other than from place to place. */
    public static boolean crossesItself(List<PlanPoint> places) {
        return !ring(places).isSimple();
    }
}
