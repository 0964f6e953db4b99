package rampart.formats.outline;

import java.awt.geom.AffineTransform;
import java.awt.geom.Path2D;
import java.awt.geom.Point2D;
import org.apache.batik.parser.DefaultPathHandler;
import org.apache.batik.parser.ParseException;
import org.apache.batik.parser.PathParser;

/**
 * The data of one SVG path, parsed by Batik. Arcs of ellipses become straight lines by their centre (W3C SVG 1.1, appendix F.6),
 * finer than the flatness asked for.
 */
final class SvgPath extends DefaultPathHandler {
    private static final int MOST_STEPS = 4096;

    private final Path2D.Double path = new Path2D.Double(Path2D.WIND_EVEN_ODD);
    private final double flatness;
    private double x;
    private double y;
    private double startX;
    private double startY;
    /** The last control point, mirrored by the smooth curves. */
    private double controlX;

    private double controlY;
    private char last = 'M';

    private SvgPath(double flatness) {
        this.flatness = flatness;
    }

    /**
     * @param flatness in units of the path
     * @throws ParseException if it is no path
     */
    static Path2D parse(String data, double flatness) {
        SvgPath handler = new SvgPath(flatness);
        PathParser parser = new PathParser();
        parser.setPathHandler(handler);
        parser.parse(data);
        return handler.path;
    }

    private void move(double toX, double toY) {
        path.moveTo(toX, toY);
        startX = toX;
        startY = toY;
        at(toX, toY, 'M');
    }

    private void line(double toX, double toY) {
        begin();
        path.lineTo(toX, toY);
        at(toX, toY, 'L');
    }

    private void cubic(double x1, double y1, double x2, double y2, double toX, double toY) {
        begin();
        path.curveTo(x1, y1, x2, y2, toX, toY);
        at(toX, toY, 'C');
        controlX = x2;
        controlY = y2;
    }

    private void quadratic(double x1, double y1, double toX, double toY) {
        begin();
        path.quadTo(x1, y1, toX, toY);
        at(toX, toY, 'Q');
        controlX = x1;
        controlY = y1;
    }

    /** After a path was closed the next piece begins where that one did. */
    private void begin() {
        if (last == 'Z') {
            path.moveTo(x, y);
        }
    }

    private void at(double toX, double toY, char what) {
        x = toX;
        y = toY;
        last = what;
    }

    private double mirroredX(char of) {
        return last == of ? 2 * x - controlX : x;
    }

    private double mirroredY(char of) {
        return last == of ? 2 * y - controlY : y;
    }

    private void arc(double rx, double ry, double degrees, boolean large, boolean sweep, double toX, double toY) {
        double a = Math.abs(rx);
        double b = Math.abs(ry);
        if (a == 0 || b == 0 || (toX == x && toY == y)) {
            line(toX, toY);
            return;
        }
        begin();
        AffineTransform turn = AffineTransform.getRotateInstance(Math.toRadians(degrees));
        Point2D half = turned(turn, (x - toX) / 2, (y - toY) / 2);
        double u = half.getX();
        double v = half.getY();
        double over = u * u / (a * a) + v * v / (b * b);
        if (over > 1) {
            // Too small to reach: as large as it has to be.
            a *= Math.sqrt(over);
            b *= Math.sqrt(over);
        }
        double rest = a * a * b * b - a * a * v * v - b * b * u * u;
        double factor = Math.sqrt(Math.max(0, rest) / (a * a * v * v + b * b * u * u)) * (large == sweep ? -1 : 1);
        double cu = factor * a * v / b;
        double cv = -factor * b * u / a;
        double from = Math.atan2((v - cv) / b, (u - cu) / a);
        double to = Math.atan2((-v - cv) / b, (-u - cu) / a);
        double sweepAngle = to - from;
        if (sweep && sweepAngle < 0) {
            sweepAngle += 2 * Math.PI;
        } else if (!sweep && sweepAngle > 0) {
            sweepAngle -= 2 * Math.PI;
        }
        double most = Math.max(a, b);
        double step = 2 * Math.acos(1 - Math.min(flatness, most) / most);
        int steps = (int) Math.min(MOST_STEPS, Math.max(4, Math.ceil(Math.abs(sweepAngle) / step)));
        double middleX = (x + toX) / 2;
        double middleY = (y + toY) / 2;
        for (int i = 1; i < steps; i++) {
            double angle = from + sweepAngle * i / steps;
            Point2D place =
                    turn.transform(new Point2D.Double(cu + a * Math.cos(angle), cv + b * Math.sin(angle)), null);
            path.lineTo(middleX + place.getX(), middleY + place.getY());
        }
        path.lineTo(toX, toY);
        at(toX, toY, 'A');
    }

    private static Point2D turned(AffineTransform turn, double u, double v) {
        return new Point2D.Double(
                turn.getScaleX() * u + turn.getShearY() * v, turn.getShearX() * u + turn.getScaleY() * v);
    }

    @Override
    public void movetoRel(float dx, float dy) {
        move(x + dx, y + dy);
    }

    @Override
    public void movetoAbs(float toX, float toY) {
        move(toX, toY);
    }

    @Override
    public void closePath() {
        path.closePath();
        at(startX, startY, 'Z');
    }

    @Override
    public void linetoRel(float dx, float dy) {
        line(x + dx, y + dy);
    }

    @Override
    public void linetoAbs(float toX, float toY) {
        line(toX, toY);
    }

    @Override
    public void linetoHorizontalRel(float dx) {
        line(x + dx, y);
    }

    @Override
    public void linetoHorizontalAbs(float toX) {
        line(toX, y);
    }

    @Override
    public void linetoVerticalRel(float dy) {
        line(x, y + dy);
    }

    @Override
    public void linetoVerticalAbs(float toY) {
        line(x, toY);
    }

    @Override
    public void curvetoCubicRel(float x1, float y1, float x2, float y2, float dx, float dy) {
        cubic(x + x1, y + y1, x + x2, y + y2, x + dx, y + dy);
    }

    @Override
    public void curvetoCubicAbs(float x1, float y1, float x2, float y2, float toX, float toY) {
        cubic(x1, y1, x2, y2, toX, toY);
    }

    @Override
    public void curvetoCubicSmoothRel(float x2, float y2, float dx, float dy) {
        cubic(mirroredX('C'), mirroredY('C'), x + x2, y + y2, x + dx, y + dy);
    }

    @Override
    public void curvetoCubicSmoothAbs(float x2, float y2, float toX, float toY) {
        cubic(mirroredX('C'), mirroredY('C'), x2, y2, toX, toY);
    }

    @Override
    public void curvetoQuadraticRel(float x1, float y1, float dx, float dy) {
        quadratic(x + x1, y + y1, x + dx, y + dy);
    }

    @Override
    public void curvetoQuadraticAbs(float x1, float y1, float toX, float toY) {
        quadratic(x1, y1, toX, toY);
    }

    @Override
    public void curvetoQuadraticSmoothRel(float dx, float dy) {
        quadratic(mirroredX('Q'), mirroredY('Q'), x + dx, y + dy);
    }

    @Override
    public void curvetoQuadraticSmoothAbs(float toX, float toY) {
        quadratic(mirroredX('Q'), mirroredY('Q'), toX, toY);
    }

    @Override
    public void arcRel(float rx, float ry, float degrees, boolean large, boolean sweep, float dx, float dy) {
        arc(rx, ry, degrees, large, sweep, x + dx, y + dy);
    }

    @Override
    public void arcAbs(float rx, float ry, float degrees, boolean large, boolean sweep, float toX, float toY) {
        arc(rx, ry, degrees, large, sweep, toX, toY);
    }
}
