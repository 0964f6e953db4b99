package rampart.core.quantity;

/** A box along the package axes from its least to its greatest corner, mm from the middle of the item. */
public record Cuboid(Point min, Point max) {
    /** A cuboid of this size with its middle at the origin. */
    public static Cuboid centred(Size size) {
        double x = size.lengthMm() / 2;
        double y = size.widthMm() / 2;
        double z = size.heightMm() / 2;
        return new Cuboid(new Point(-x, -y, -z), new Point(x, y, z));
    }

    /** This cuboid moved outward on each face by the thickness there, mm; negative moves inward. */
    public Cuboid grown(SixSided byMm) {
        return new Cuboid(
                new Point(min.xMm() - byMm.left(), min.yMm() - byMm.front(), min.zMm() - byMm.bottom()),
                new Point(max.xMm() + byMm.right(), max.yMm() + byMm.back(), max.zMm() + byMm.top()));
    }

    /** Edge lengths, mm. */
    public Size size() {
        return new Size(max.xMm() - min.xMm(), max.yMm() - min.yMm(), max.zMm() - min.zMm());
    }

    /** Where the face lies along its axis, mm. */
    public double planeMm(Face face) {
        return (face.sign() > 0 ? max : min).along(face.axis());
    }
}
