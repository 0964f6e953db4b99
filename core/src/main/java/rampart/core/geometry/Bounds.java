package rampart.core.geometry;

import java.util.List;

/** The smallest upright rectangle round something, mm. */
public record Bounds(double minXMm, double minYMm, double maxXMm, double maxYMm) {
    /** Round all of these places. */
    public static Bounds of(List<PlanPoint> places) {
        double minX = Double.POSITIVE_INFINITY;
        double minY = Double.POSITIVE_INFINITY;
        double maxX = Double.NEGATIVE_INFINITY;
        double maxY = Double.NEGATIVE_INFINITY;
        for (PlanPoint place : places) {
            minX = Math.min(minX, place.xMm());
            minY = Math.min(minY, place.yMm());
            maxX = Math.max(maxX, place.xMm());
            maxY = Math.max(maxY, place.yMm());
        }
        return new Bounds(minX, minY, maxX, maxY);
    }

    public double widthMm() {
        return maxXMm - minXMm;
    }

    public double heightMm() {
        return maxYMm - minYMm;
    }

    /** Between the nearest places of two, mm; 0 where they overlap. */
    public double distanceMm(Bounds other) {
        double x = Math.max(0, Math.max(minXMm - other.maxXMm, other.minXMm - maxXMm));
        double y = Math.max(0, Math.max(minYMm - other.maxYMm, other.minYMm - maxYMm));
        return Math.hypot(x, y);
    }
}
