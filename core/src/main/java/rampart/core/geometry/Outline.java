package rampart.core.geometry;

import java.util.ArrayList;
import java.util.List;
import java.util.function.UnaryOperator;

/**
 * A closed curve of straight lines and arcs, counter-clockwise, its last segment ending where the first begins. It is not
 * asked here whether it crosses itself: {@link Region} finds that out.
 */
public final class Outline {
    private static final double FULL = 2 * Math.PI;

    private final List<Segment> segments;

    private Outline(List<Segment> segments) {
        this.segments = List.copyOf(segments);
    }

    /**
     * A curve of these segments, turned to run counter-clockwise.
     *
     * @throws IllegalArgumentException if they do not follow one another and close, or hold no area
     */
    public static Outline of(List<Segment> segments) {
        for (int i = 0; i < segments.size(); i++) {
            Segment next = segments.get((i + 1) % segments.size());
            if (!segments.get(i).to().equals(next.from())) {
                throw new IllegalArgumentException(
                        "segment " + i + " ends at " + segments.get(i).to() + " and the next begins at " + next.from()
                                + "; a closed curve has no gaps");
            }
        }
        double area = twiceArea(segments);
        if (!(Math.abs(area) > 0)) {
            throw new IllegalArgumentException("a closed curve must hold some area; this one holds none");
        }
        return new Outline(area > 0 ? segments : reversed(segments));
    }

    /** @throws IllegalArgumentException if there are under three places, or they hold no area */
    public static Outline polygon(List<PlanPoint> places) {
        if (places.size() < 3) {
            throw new IllegalArgumentException("a polygon has at least 3 places, not " + places.size());
        }
        List<Segment> segments = new ArrayList<>(places.size());
        for (int i = 0; i < places.size(); i++) {
            segments.add(new Segment(places.get(i), places.get((i + 1) % places.size()), 0));
        }
        return of(segments);
    }

    public static Outline circle(PlanPoint centre, double radiusMm) {
        positive(radiusMm, "radius");
        PlanPoint right = centre.plus(radiusMm, 0);
        PlanPoint left = centre.plus(-radiusMm, 0);
        return of(List.of(new Segment(right, left, 1), new Segment(left, right, 1)));
    }

    /**
     * An upright rectangle with rounded corners.
     *
     * @param radiusMm at most half of the shorter side; 0 for sharp corners
     */
    public static Outline rectangle(PlanPoint centre, double widthMm, double heightMm, double radiusMm) {
        positive(widthMm, "width");
        positive(heightMm, "height");
        double most = Math.min(widthMm, heightMm) / 2;
        if (!(radiusMm >= 0 && radiusMm <= most)) {
            throw new IllegalArgumentException("the corners' radius must be 0 to " + most + " mm, not " + radiusMm);
        }
        double x = widthMm / 2;
        double y = heightMm / 2;
        double r = radiusMm;
        double quarter = Math.tan(Math.PI / 8);
        double[][] corners = {{x, -y, 0, 1}, {x, y, -1, 0}, {-x, y, 0, -1}, {-x, -y, 1, 0}};
        List<PlanPoint> ends = new ArrayList<>();
        for (double[] c : corners) {
            // Into the corner along the side before it, out of it along the next.
            ends.add(centre.plus(c[0] - r * c[3], c[1] + r * c[2]));
            ends.add(centre.plus(c[0] + r * c[2], c[1] + r * c[3]));
        }
        List<Segment> segments = new ArrayList<>();
        for (int i = 0; i < ends.size(); i++) {
            PlanPoint from = ends.get(i);
            PlanPoint to = ends.get((i + 1) % ends.size());
            if (!from.equals(to)) {
                segments.add(new Segment(from, to, i % 2 == 0 ? quarter : 0));
            }
        }
        return of(segments);
    }

    /** A slot: a rectangle whose ends are half circles; its length from end to end. */
    public static Outline slot(PlanPoint centre, double lengthMm, double widthMm) {
        return rectangle(centre, lengthMm, widthMm, Math.min(lengthMm, widthMm) / 2);
    }

    /** An upright ellipse as straight lines that stay within the tolerance of it. */
    public static Outline ellipse(PlanPoint centre, double halfWidthMm, double halfHeightMm, double toleranceMm) {
        positive(halfWidthMm, "half width");
        positive(halfHeightMm, "half height");
        positive(toleranceMm, "tolerance");
        double most = Math.max(halfWidthMm, halfHeightMm);
        double step = 2 * Math.acos(1 - Math.min(toleranceMm, most) / most);
        int steps = (int) Math.max(8, Math.ceil(FULL / step));
        List<PlanPoint> places = new ArrayList<>(steps);
        for (int i = 0; i < steps; i++) {
            double angle = FULL * i / steps;
            places.add(centre.plus(halfWidthMm * Math.cos(angle), halfHeightMm * Math.sin(angle)));
        }
        return polygon(places);
    }

    public List<Segment> segments() {
        return segments;
    }

    /** Where its segments begin. */
    public List<PlanPoint> corners() {
        return segments.stream().map(Segment::from).toList();
    }

    /** Area within it, mm2, its arcs exact. */
    public double areaMm2() {
        return twiceArea(segments) / 2;
    }

    /** Once round it, mm. */
    public double lengthMm() {
        return segments.stream().mapToDouble(Segment::lengthMm).sum();
    }

    public Bounds bounds() {
        double[] b = {
            Double.POSITIVE_INFINITY, Double.POSITIVE_INFINITY, Double.NEGATIVE_INFINITY, Double.NEGATIVE_INFINITY
        };
        for (Segment segment : segments) {
            for (PlanPoint place : segment.extremes()) {
                b[0] = Math.min(b[0], place.xMm());
                b[1] = Math.min(b[1], place.yMm());
                b[2] = Math.max(b[2], place.xMm());
                b[3] = Math.max(b[3], place.yMm());
            }
        }
        return new Bounds(b[0], b[1], b[2], b[3]);
    }

    /**
     * The same of straight lines alone.
     *
     * @param toleranceMm how far they may stray from an arc
     */
    public Outline flattened(double toleranceMm) {
        positive(toleranceMm, "tolerance");
        return segments.stream().allMatch(Segment::straight)
                ? this
                : polygon(segments.stream()
                        .flatMap(segment -> segment.flattened(toleranceMm))
                        .toList());
    }

    public Outline moved(double dxMm, double dyMm) {
        return mapped(place -> place.plus(dxMm, dyMm), false);
    }

    /** Turned counter-clockwise round the origin, radians. */
    public Outline turned(double angle) {
        double cos = Math.cos(angle);
        double sin = Math.sin(angle);
        return mapped(
                place -> new PlanPoint(cos * place.xMm() - sin * place.yMm(), sin * place.xMm() + cos * place.yMm()),
                false);
    }

    /** Turned over about a line from front to back at this x. */
    public Outline mirroredAboutX(double xMm) {
        return mapped(place -> new PlanPoint(2 * xMm - place.xMm(), place.yMm()), true);
    }

    /** Turned over about a line from left to right at this y. */
    public Outline mirroredAboutY(double yMm) {
        return mapped(place -> new PlanPoint(place.xMm(), 2 * yMm - place.yMm()), true);
    }

    private Outline mapped(UnaryOperator<PlanPoint> to, boolean turnsOver) {
        List<Segment> mapped = segments.stream()
                .map(s -> new Segment(to.apply(s.from()), to.apply(s.to()), turnsOver ? -s.bulge() : s.bulge()))
                .toList();
        return new Outline(turnsOver ? reversed(mapped) : mapped);
    }

    private static List<Segment> reversed(List<Segment> segments) {
        List<Segment> reversed = new ArrayList<>(segments.size());
        for (int i = segments.size() - 1; i >= 0; i--) {
            reversed.add(segments.get(i).reversed());
        }
        return reversed;
    }

    private static double twiceArea(List<Segment> segments) {
        // Measured from its own first place, so that a curve far from the origin keeps its digits.
        if (segments.isEmpty()) {
            return 0;
        }
        PlanPoint origin = segments.get(0).from();
        double sum = 0;
        for (Segment s : segments) {
            sum += new Segment(
                            s.from().plus(-origin.xMm(), -origin.yMm()),
                            s.to().plus(-origin.xMm(), -origin.yMm()),
                            s.bulge())
                    .twiceAreaMm2();
        }
        return sum;
    }

    private static void positive(double mm, String name) {
        if (!(mm > 0 && mm <= Double.MAX_VALUE)) {
            throw new IllegalArgumentException("the " + name + " must be above 0 mm, not " + mm);
        }
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof Outline that && segments.equals(that.segments);
    }

    @Override
    public int hashCode() {
        return segments.hashCode();
    }

    @Override
    public String toString() {
        return "outline of " + segments.size() + " segments, " + areaMm2() + " mm2";
    }
}
