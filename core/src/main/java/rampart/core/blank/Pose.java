package rampart.core.blank;

import rampart.core.quantity.Point;

/**
 * How the plane of a blank stands in the carton, whose inside has its middle at the origin.
 *
 * @param origin where the blank's 0, 0 is, mm
 * @param right direction of the blank's x, of length 1
 * @param away direction of the blank's y, of length 1 and square to it
 */
public record Pose(Point origin, Point right, Point away) {
    /** Toward the inside of the carton, of length 1. */
    public Point inward() {
        return cross(right, away);
    }

    /** A place of the blank, this high above it toward the inside. */
    public Point at(double xMm, double yMm, double upMm) {
        Point in = inward();
        return new Point(
                origin.xMm() + xMm * right.xMm() + yMm * away.xMm() + upMm * in.xMm(),
                origin.yMm() + xMm * right.yMm() + yMm * away.yMm() + upMm * in.yMm(),
                origin.zMm() + xMm * right.zMm() + yMm * away.zMm() + upMm * in.zMm());
    }

    /** Turned by a quarter about the upright, counter-clockwise from above. */
    Pose turned() {
        return new Pose(quarter(origin), quarter(right), quarter(away));
    }

    private static Point quarter(Point p) {
        return new Point(-p.yMm(), p.xMm(), p.zMm());
    }

    /** Moved in the carton. */
    Pose moved(Point by) {
        return new Pose(plus(origin, by, 1), right, away);
    }

    /**
     * Turned about a line of its own plane.
     *
     * @param through a place on it, in the carton
     * @param along its direction, of length 1
     */
    Pose turnedAbout(Point through, Point along, double radians) {
        Point arm = plus(origin, through, -1);
        return new Pose(
                plus(through, turned(arm, along, radians), 1),
                turned(right, along, radians),
                turned(away, along, radians));
    }

    /** Rodrigues' formula. */
    private static Point turned(Point p, Point along, double radians) {
        double cos = Math.cos(radians);
        double sin = Math.sin(radians);
        Point across = cross(along, p);
        double dot = along.xMm() * p.xMm() + along.yMm() * p.yMm() + along.zMm() * p.zMm();
        return new Point(
                p.xMm() * cos + across.xMm() * sin + along.xMm() * dot * (1 - cos),
                p.yMm() * cos + across.yMm() * sin + along.yMm() * dot * (1 - cos),
                p.zMm() * cos + across.zMm() * sin + along.zMm() * dot * (1 - cos));
    }

    static Point plus(Point a, Point b, double times) {
        return new Point(a.xMm() + times * b.xMm(), a.yMm() + times * b.yMm(), a.zMm() + times * b.zMm());
    }

    private static Point cross(Point a, Point b) {
        return new Point(
                a.yMm() * b.zMm() - a.zMm() * b.yMm(),
                a.zMm() * b.xMm() - a.xMm() * b.zMm(),
                a.xMm() * b.yMm() - a.yMm() * b.xMm());
    }
}
