package rampart.core.geometry;

import java.util.List;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/**
 * From one place to another, straight or along an arc.
 *
 * @param bulge tangent of a quarter of the angle that the arc turns through, positive to the left; 0 where it is straight
 */
public record Segment(PlanPoint from, PlanPoint to, double bulge) {
    private static final int MOST_STEPS = 100_000;

    /** @throws IllegalArgumentException if the bulge is not finite */
    public Segment {
        if (!Double.isFinite(bulge)) {
            throw new IllegalArgumentException("the bulge of an arc must be finite, not " + bulge);
        }
    }

    public boolean straight() {
        return bulge == 0;
    }

    /** Straight from end to end, mm. */
    public double chordMm() {
        return from.to(to);
    }

    /** The angle that it turns through, radians; negative to the right. */
    public double turn() {
        return 4 * Math.atan(bulge);
    }

    /** Radius of the arc, mm; infinite where it is straight. */
    public double radiusMm() {
        return straight() ? Double.POSITIVE_INFINITY : chordMm() * (1 + bulge * bulge) / (4 * Math.abs(bulge));
    }

    /** Along it, mm. */
    public double lengthMm() {
        return straight() ? chordMm() : radiusMm() * Math.abs(turn());
    }

    /** Middle of the arc's circle. */
    PlanPoint centre() {
        // From the middle of the chord to the left by so much of it: (1 - bulge^2)/(4 bulge).
        double aside = (1 - bulge * bulge) / (4 * bulge);
        double dx = to.xMm() - from.xMm();
        double dy = to.yMm() - from.yMm();
        return new PlanPoint((from.xMm() + to.xMm()) / 2 - dy * aside, (from.yMm() + to.yMm()) / 2 + dx * aside);
    }

    /** Twice the signed area between the segment and the origin: summed round a curve, twice its area. */
    double twiceAreaMm2() {
        double straight = from.xMm() * to.yMm() - to.xMm() * from.yMm();
        if (straight()) {
            return straight;
        }
        double r = radiusMm();
        double turn = turn();
        return straight + r * r * (turn - Math.sin(turn));
    }

    /** The same way back. */
    Segment reversed() {
        return new Segment(to, from, -bulge);
    }

    /** How many places {@link #flattened} gives, so that who takes arcs from others can count before it makes them. */
    public int steps(double toleranceMm) {
        if (straight()) {
            return 1;
        }
        double r = radiusMm();
        double step = 2 * Math.acos(Math.max(-1, 1 - Math.min(toleranceMm, r) / r));
        return (int) Math.max(1, Math.min(MOST_STEPS, Math.ceil(Math.abs(turn()) / step - 1e-9)));
    }

    /** Places along it, its end left out, so near that straight lines between them stay within the tolerance. */
    public Stream<PlanPoint> flattened(double toleranceMm) {
        if (straight()) {
            return Stream.of(from);
        }
        PlanPoint centre = centre();
        double r = radiusMm();
        int steps = steps(toleranceMm);
        double start = Math.atan2(from.yMm() - centre.yMm(), from.xMm() - centre.xMm());
        return IntStream.range(0, steps)
                .mapToObj(i -> i == 0 ? from : centre.plus(r * cos(start, i, steps), r * sin(start, i, steps)));
    }

    private double cos(double start, int i, int steps) {
        return Math.cos(start + turn() * i / steps);
    }

    private double sin(double start, int i, int steps) {
        return Math.sin(start + turn() * i / steps);
    }

    /** How far it reaches to the left, bottom, right and top, its arc's extremes included. */
    List<PlanPoint> extremes() {
        if (straight()) {
            return List.of(from, to);
        }
        PlanPoint centre = centre();
        double r = radiusMm();
        double start = Math.atan2(from.yMm() - centre.yMm(), from.xMm() - centre.xMm());
        Stream<PlanPoint> quarters = IntStream.range(0, 4)
                .filter(quarter -> passes(start, quarter * Math.PI / 2))
                .mapToObj(quarter -> switch (quarter) {
                    case 0 -> centre.plus(r, 0);
                    case 1 -> centre.plus(0, r);
                    case 2 -> centre.plus(-r, 0);
                    default -> centre.plus(0, -r);
                });
        return Stream.concat(Stream.of(from, to), quarters).toList();
    }

    private boolean passes(double start, double angle) {
        double full = 2 * Math.PI;
        double along = turn() > 0 ? angle - start : start - angle;
        return ((along % full) + full) % full <= Math.abs(turn());
    }
}
