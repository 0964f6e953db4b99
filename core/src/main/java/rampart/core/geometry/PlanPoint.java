package rampart.core.geometry;

/** A place in a plane, mm: x to the right, y away from whoever looks at it. */
public record PlanPoint(double xMm, double yMm) {
    /** @throws IllegalArgumentException if a coordinate is not finite */
    public PlanPoint {
        if (!Double.isFinite(xMm) || !Double.isFinite(yMm)) {
            throw new IllegalArgumentException("a place must have finite coordinates, not " + xMm + ", " + yMm);
        }
    }

    public PlanPoint plus(double dxMm, double dyMm) {
        return new PlanPoint(xMm + dxMm, yMm + dyMm);
    }

    /** Distance to another place, mm. */
    public double to(PlanPoint other) {
        return Math.hypot(other.xMm - xMm, other.yMm - yMm);
    }
}
