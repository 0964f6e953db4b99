package rampart.formats.paper;

import java.util.ArrayList;
import java.util.List;
import rampart.core.geometry.PlanPoint;

/**
 * Marks for handling, drawn for Rampart after the meanings of ISO 780 (from memory). No strength is ever credited to a mark.
 */
enum HandlingMark {
    THIS_WAY_UP("This way up", 2, "on two sides that meet at an upper corner", HandlingMark::up),
    FRAGILE("Fragile, handle with care", 4, "on all four sides, upper left", HandlingMark::glass),
    KEEP_DRY("Keep away from rain", 2, "on two opposite sides", HandlingMark::umbrella),
    STACKING_LIMIT("Stacking limit by mass", 2, "on two opposite sides", HandlingMark::pile),
    DO_NOT_STACK("Do not stack", 3, "on the top and on two opposite sides", HandlingMark::noPile),
    CENTRE_OF_GRAVITY("Centre of gravity", 2, "where it lies, on two sides that meet", HandlingMark::centre);

    /** Marks are drawn in a square of this side. */
    private static final double SQUARE = 100;

    /** What is drawn: outlines in the square, from its upper left corner. */
    private interface Drawn {
        void on(Canvas canvas);
    }

    private static final class Canvas {
        private final List<double[]> outlines = new ArrayList<>();
        private final List<Double> tones = new ArrayList<>();

        void ink(double... xy) {
            outlines.add(xy);
            tones.add(1.0);
        }

        void paper(double... xy) {
            outlines.add(xy);
            tones.add(0.0);
        }

        void box(double x, double y, double width, double height) {
            ink(x, y, x + width, y, x + width, y + height, x, y + height);
        }

        void frame(double x, double y, double width, double height, double line) {
            box(x, y, width, line);
            box(x, y + height - line, width, line);
            box(x, y, line, height);
            box(x + width - line, y, line, height);
        }
    }

    private final String words;
    private final int copies;
    private final String place;
    private final Drawn drawn;

    HandlingMark(String words, int copies, String place, Drawn drawn) {
        this.words = words;
        this.copies = copies;
        this.place = place;
        this.drawn = drawn;
    }

    String words() {
        return words;
    }

    /** How many there are to put on. */
    int copies() {
        return copies;
    }

    /** Where it goes. */
    String place() {
        return place;
    }

    /** The mark in a square of that side with its upper left corner there, mm. */
    List<Drawing.Shape> shapes(double leftMm, double topMm, double sideMm) {
        Canvas canvas = new Canvas();
        drawn.on(canvas);
        List<Drawing.Shape> shapes = new ArrayList<>();
        for (int i = 0; i < canvas.outlines.size(); i++) {
            double[] xy = canvas.outlines.get(i);
            List<PlanPoint> places = new ArrayList<>();
            for (int k = 0; k < xy.length; k += 2) {
                places.add(new PlanPoint(leftMm + xy[k] * sideMm / SQUARE, topMm + xy[k + 1] * sideMm / SQUARE));
            }
            shapes.add(new Drawing.Shape(places, canvas.tones.get(i), false, 0));
        }
        return shapes;
    }

    private static void up(Canvas c) {
        for (double x : new double[] {0, 46}) {
            c.ink(x + 27, 4, x + 46, 36, x + 34, 36, x + 34, 80, x + 20, 80, x + 20, 36, x + 8, 36);
        }
        c.box(6, 88, 88, 8);
    }

    private static void glass(Canvas c) {
        c.ink(
                24, 4, 76, 4, 73, 30, 66, 44, 54, 52, 54, 82, 72, 90, 72, 96, 28, 96, 28, 90, 46, 82, 46, 52, 34, 44,
                27, 30);
        c.paper(52, 4, 58, 4, 52, 16, 58, 22, 49, 36, 52, 23, 46, 17);
    }

    private static void umbrella(Canvas c) {
        List<Double> canopy = new ArrayList<>();
        for (int i = 0; i <= 24; i++) {
            double a = Math.PI * i / 24;
            canopy.add(50 - 44 * Math.cos(a));
            canopy.add(58 - 36 * Math.sin(a));
        }
        for (int k = 3; k >= 0; k--) {
            double from = 6 + 22 * (k + 1);
            for (int i = 1; i <= 6; i++) {
                double a = Math.PI * i / 6;
                canopy.add(from - 11 + 11 * Math.cos(a));
                canopy.add(58 - 6 * Math.sin(a));
            }
        }
        c.ink(canopy.stream().mapToDouble(Double::doubleValue).toArray());
        c.box(47.5, 52, 5, 36);
        c.ink(47.5, 84, 52.5, 84, 52.5, 90, 57, 93, 61, 90, 61, 86, 66, 86, 66, 92, 58, 98, 51, 96, 47.5, 91);
        for (double x : new double[] {16, 34, 52, 70}) {
            c.ink(x + 6, 2, x + 9, 2, x + 3, 14, x, 14);
        }
    }

    private static void pile(Canvas c) {
        c.box(10, 50, 80, 7);
        c.frame(18, 60, 64, 34, 5);
        c.ink(44, 6, 56, 6, 56, 30, 66, 30, 50, 46, 34, 30, 44, 30);
    }

    private static void noPile(Canvas c) {
        c.frame(24, 8, 52, 34, 5);
        c.frame(14, 50, 72, 42, 5);
        c.ink(4, 8, 9, 3, 96, 92, 91, 97);
        c.ink(91, 3, 96, 8, 9, 97, 4, 92);
    }

    private static void centre(Canvas c) {
        List<Double> ring = new ArrayList<>();
        for (int i = 0; i < 36; i++) {
            double a = 2 * Math.PI * i / 36;
            ring.add(50 + 30 * Math.cos(a));
            ring.add(50 + 30 * Math.sin(a));
        }
        c.ink(ring.stream().mapToDouble(Double::doubleValue).toArray());
        for (int quarter : new int[] {1, 3}) {
            List<Double> sector = new ArrayList<>(List.of(50.0, 50.0));
            for (int i = 0; i <= 9; i++) {
                double a = Math.PI / 2 * (quarter + i / 9.0);
                sector.add(50 + 26 * Math.cos(a));
                sector.add(50 + 26 * Math.sin(a));
            }
            c.paper(sector.stream().mapToDouble(Double::doubleValue).toArray());
        }
        c.box(48, 2, 4, 20);
        c.box(48, 78, 4, 20);
        c.box(2, 48, 20, 4);
        c.box(78, 48, 20, 4);
    }
}
