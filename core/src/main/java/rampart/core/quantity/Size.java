package rampart.core.quantity;

/** Edge lengths along the package axes, mm. */
public record Size(double lengthMm, double widthMm, double heightMm) {
    public double along(Axis axis) {
        return switch (axis) {
            case X -> lengthMm;
            case Y -> widthMm;
            case Z -> heightMm;
        };
    }

    /** Area of the face, mm2. */
    public double faceAreaMm2(Face face) {
        return switch (face.axis()) {
            case X -> widthMm * heightMm;
            case Y -> lengthMm * heightMm;
            case Z -> lengthMm * widthMm;
        };
    }

    /** The longest edge, mm. */
    public double longestMm() {
        return Math.max(lengthMm, Math.max(widthMm, heightMm));
    }

    /** The longest edge and the girth round it, twice the sum of the others, mm: how carriers measure what is long and thick. */
    public double lengthAndGirthMm() {
        double longest = longestMm();
        return longest + 2 * (lengthMm + widthMm + heightMm - longest);
    }

    /** Volume, mm3. */
    public double volumeMm3() {
        return lengthMm * widthMm * heightMm;
    }

    /** This size with the same amount added to each edge, mm. */
    public Size plus(double lengthMm, double widthMm, double heightMm) {
        return new Size(this.lengthMm + lengthMm, this.widthMm + widthMm, this.heightMm + heightMm);
    }
}
