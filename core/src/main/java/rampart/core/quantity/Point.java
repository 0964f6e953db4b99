package rampart.core.quantity;

/** A place in package axes, mm, measured from the middle of the item. */
public record Point(double xMm, double yMm, double zMm) {
    public static final Point ORIGIN = new Point(0, 0, 0);

    public double along(Axis axis) {
        return switch (axis) {
            case X -> xMm;
            case Y -> yMm;
            case Z -> zMm;
        };
    }
}
