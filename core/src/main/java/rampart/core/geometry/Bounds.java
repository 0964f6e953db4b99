package rampart.core.geometry;

/** The smallest upright rectangle round something, mm. */
public record Bounds(double minXMm, double minYMm, double maxXMm, double maxYMm) {
    public double widthMm() {
        return maxXMm - minXMm;
    }

    public double heightMm() {
        return maxYMm - minYMm;
    }
}
