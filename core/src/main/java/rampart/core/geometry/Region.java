package rampart.core.geometry;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import org.locationtech.jts.algorithm.MinimumDiameter;
import org.locationtech.jts.coverage.CoverageSimplifier;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.LinearRing;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.geom.Polygonal;
import org.locationtech.jts.geom.util.AffineTransformation;
import org.locationtech.jts.geom.util.GeometryFixer;
import org.locationtech.jts.geom.util.PolygonExtracter;
import org.locationtech.jts.operation.buffer.BufferOp;
import org.locationtech.jts.operation.buffer.BufferParameters;
import org.locationtech.jts.operation.distance.DistanceOp;
import org.locationtech.jts.operation.overlayng.OverlayNG;
import org.locationtech.jts.operation.overlayng.OverlayNGRobust;
import org.locationtech.jts.operation.valid.IsValidOp;
import org.locationtech.jts.operation.valid.TopologyValidationError;
import org.locationtech.jts.simplify.TopologyPreservingSimplifier;

/** A part of the plane within flattened outlines: one piece, several or none, with holes or without. */
public final class Region {
    private static final GeometryFactory FACTORY = new GeometryFactory();

    /**
     * The finer way to simplify calls itself once for each place of a comb: 10,000 of them fill the stack of a thread (1 MB), 4,000 are well under
     * it. More are thinned by area first, which calls nothing.
     */
    private static final int MOST_AT_ONCE = 4000;

    private final Geometry geometry;

    private Region(Geometry geometry) {
        this.geometry = geometry;
    }

    public static Region none() {
        return new Region(FACTORY.createPolygon());
    }

    /**
     * What lies within an outline.
     *
     * @param toleranceMm how far the straight lines that stand for its arcs may stray from them
     * @throws IllegalArgumentException if it crosses itself, with the place
     */
    public static Region within(Outline outline, double toleranceMm) {
        Polygon polygon = FACTORY.createPolygon(ring(outline.flattened(toleranceMm)));
        TopologyValidationError error = new IsValidOp(polygon).getValidationError();
        if (error != null) {
            Coordinate at = error.getCoordinate();
            throw new IllegalArgumentException("the outline crosses or touches itself near "
                    + Math.round(at.x * 10) / 10.0 + ", " + Math.round(at.y * 10) / 10.0 + " mm");
        }
        return new Region(polygon);
    }

    /** What lies within an outline that may cross or touch itself: its largest piece, crossings resolved. */
    public static Region largestWithin(Outline outline) {
        Geometry fixed = GeometryFixer.fix(FACTORY.createPolygon(ring(outline)));
        return new Region(fixed).largest();
    }

    private static LinearRing ring(Outline outline) {
        List<Coordinate> places = new ArrayList<>();
        outline.corners().forEach(c -> places.add(new Coordinate(c.xMm(), c.yMm())));
        places.add(places.get(0).copy());
        return FACTORY.createLinearRing(places.toArray(Coordinate[]::new));
    }

    public Region plus(Region other) {
        return new Region(OverlayNGRobust.overlay(geometry, other.geometry, OverlayNG.UNION));
    }

    /** What lies in any of them; united together, which costs a small part of one after another. */
    public static Region any(List<Region> regions) {
        return new Region(OverlayNGRobust.union(
                regions.stream().map(region -> region.geometry).toList(), FACTORY));
    }

    public Region minus(Region other) {
        return new Region(OverlayNGRobust.overlay(geometry, other.geometry, OverlayNG.DIFFERENCE));
    }

    /** What lies in both; where they only touch, along a line or in a place, there is nothing. */
    public Region common(Region other) {
        Geometry both = OverlayNGRobust.overlay(geometry, other.geometry, OverlayNG.INTERSECTION);
        if (both instanceof Polygonal) {
            return new Region(both);
        }
        List<Polygon> areas = new ArrayList<>();
        PolygonExtracter.getPolygons(both, areas);
        return new Region(FACTORY.createMultiPolygon(areas.toArray(Polygon[]::new)));
    }

    /**
     * All within this distance of it, corners rounded; with a negative one, what lies at least so far inside.
     *
     * @param toleranceMm how far a rounded corner may stray inward of its arc
     */
    public Region offset(double distanceMm, double toleranceMm) {
        double r = Math.abs(distanceMm);
        if (r == 0) {
            return this;
        }
        double step = 2 * Math.acos(1 - Math.min(toleranceMm, r) / r);
        int perQuarter = (int) Math.max(2, Math.ceil(Math.PI / 2 / step));
        return new Region(BufferOp.bufferOp(
                geometry,
                distanceMm,
                new BufferParameters(
                        perQuarter,
                        BufferParameters.CAP_ROUND,
                        BufferParameters.JOIN_ROUND,
                        BufferParameters.DEFAULT_MITRE_LIMIT)));
    }

    /**
     * The same with fewer places: none strays farther than this from where it was, pieces and holes stay apart.
     *
     * @param toleranceMm Douglas and Peucker's distance
     */
    public Region simplified(double toleranceMm) {
        Geometry thinned = geometry.getNumPoints() > MOST_AT_ONCE
                ? CoverageSimplifier.simplify(new Geometry[] {geometry}, toleranceMm)[0]
                : geometry;
        return new Region(
                thinned.getNumPoints() > MOST_AT_ONCE
                        ? thinned
                        : TopologyPreservingSimplifier.simplify(thinned, toleranceMm));
    }

    /** The smallest region without hollows that holds all of it, as a band drawn round it. */
    public Region hull() {
        return new Region(geometry.convexHull());
    }

    /** The same larger or smaller, this place kept. */
    public Region scaled(PlanPoint about, double factor) {
        return new Region(AffineTransformation.scaleInstance(factor, factor, about.xMm(), about.yMm())
                .transform(geometry));
    }

    /**
     * By how much it leans against upright, counter-clockwise, radians from -pi/4 to pi/4: the angle of the narrowest rectangle
     * round it. Anything at all for what is round.
     */
    public double leaning() {
        Coordinate[] corners = MinimumDiameter.getMinimumRectangle(geometry).getCoordinates();
        int longest = corners.length < 3 || corners[0].distance(corners[1]) >= corners[1].distance(corners[2]) ? 0 : 1;
        double angle = corners.length < 2
                ? 0
                : Math.atan2(corners[longest + 1].y - corners[longest].y, corners[longest + 1].x - corners[longest].x);
        double quarter = Math.PI / 2;
        return angle - Math.rint(angle / quarter) * quarter;
    }

    /** The largest of its pieces that hang together. */
    public Region largest() {
        return polygons().stream()
                .max(Comparator.comparingDouble(Polygon::getArea))
                .map(Region::new)
                .orElse(this);
    }

    public double areaMm2() {
        return geometry.getArea();
    }

    public boolean isEmpty() {
        return geometry.isEmpty();
    }

    /** Number of pieces that hang together. */
    public int pieces() {
        return isEmpty() ? 0 : geometry.getNumGeometries();
    }

    /** True where all of the other lies within this or on its edge. */
    public boolean covers(Region other) {
        return geometry.covers(other.geometry);
    }

    /** The least distance to another, mm; 0 where they touch or overlap. */
    public double distanceMm(Region other) {
        return geometry.distance(other.geometry);
    }

    /** The least distance to a place, mm; 0 where it lies within. */
    public double distanceMm(PlanPoint place) {
        return geometry.distance(point(place));
    }

    /** Its place that is nearest to this one. */
    public PlanPoint nearest(PlanPoint place) {
        Coordinate at = DistanceOp.nearestPoints(geometry, point(place))[0];
        return new PlanPoint(at.x, at.y);
    }

    private static Geometry point(PlanPoint place) {
        return FACTORY.createPoint(new Coordinate(place.xMm(), place.yMm()));
    }

    /** True where the place lies within it or on its edge. */
    public boolean holds(PlanPoint place) {
        return geometry.covers(point(place));
    }

    /** The outer edges of its pieces. */
    public List<Outline> outlines() {
        List<Outline> outlines = new ArrayList<>();
        polygons().forEach(p -> outlines.add(outline(p.getExteriorRing())));
        return List.copyOf(outlines);
    }

    /** The edges of its holes. */
    public List<Outline> holes() {
        List<Outline> holes = new ArrayList<>();
        for (Polygon polygon : polygons()) {
            for (int i = 0; i < polygon.getNumInteriorRing(); i++) {
                holes.add(outline(polygon.getInteriorRingN(i)));
            }
        }
        return List.copyOf(holes);
    }

    private List<Polygon> polygons() {
        List<Polygon> polygons = new ArrayList<>();
        for (int i = 0; i < geometry.getNumGeometries(); i++) {
            if (geometry.getGeometryN(i) instanceof Polygon polygon && !polygon.isEmpty()) {
                polygons.add(polygon);
            }
        }
        return polygons;
    }

    private static Outline outline(LinearRing ring) {
        Coordinate[] places = ring.getCoordinates();
        List<PlanPoint> corners = new ArrayList<>(places.length - 1);
        for (int i = 0; i < places.length - 1; i++) {
            corners.add(new PlanPoint(places[i].x, places[i].y));
        }
        return Outline.polygon(corners);
    }
}
