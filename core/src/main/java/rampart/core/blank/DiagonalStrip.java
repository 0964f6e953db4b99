package rampart.core.blank;

/**
 * The longest strip of board that stands from corner to corner of a rectangle: its middle at an angle f to the length, so long that
 * {@code l cos f + c sin f = L} and {@code l sin f + c cos f = W}.
 *
 * @param lengthMm of the strip
 * @param radians between the strip and the longer side
 */
public record DiagonalStrip(double lengthMm, double radians) {
    private static final int BISECTIONS = 200;

    /**
     * In an inside of this size.
     *
     * @throws IllegalArgumentException if the board is as thick as the shorter side, or thicker
     */
    public static DiagonalStrip in(double longerMm, double shorterMm, double caliperMm) {
        if (!(caliperMm < shorterMm)) {
            throw new IllegalArgumentException("a strip " + caliperMm + " mm thick does not stand across " + shorterMm
                    + " mm; it must be thinner");
        }
        // Steeper is longer by the length's bound and shorter by the width's; they meet once.
        double flat = 0;
        double steep = Math.PI / 2;
        for (int i = 0; i < BISECTIONS; i++) {
            double middle = (flat + steep) / 2;
            if (byLength(longerMm, caliperMm, middle) < byWidth(shorterMm, caliperMm, middle)) {
                flat = middle;
            } else {
                steep = middle;
            }
        }
        return new DiagonalStrip(byLength(longerMm, caliperMm, flat), flat);
    }

    private static double byLength(double length, double c, double angle) {
        return (length - c * Math.sin(angle)) / Math.cos(angle);
    }

    private static double byWidth(double width, double c, double angle) {
        return (width - c * Math.cos(angle)) / Math.sin(angle);
    }
}
