package rampart.formats.paper;

import java.util.List;
import rampart.core.geometry.PlanPoint;
import rampart.formats.view.Hatching;

/**
 * A drawing to scale, in mm on paper from its upper left corner.
 *
 * @param id names the view
 * @param caption the view in words
 * @param shapes over the areas, in their order
 * @param labels over all
 */
public record Drawing(
        String id,
        String caption,
        double widthMm,
        double heightMm,
        List<Area> areas,
        List<Shape> shapes,
        List<Label> labels) {
    public Drawing {
        areas = List.copyOf(areas);
        shapes = List.copyOf(shapes);
        labels = List.copyOf(labels);
    }

    /**
     * A closed outline; of two places a line.
     *
     * @param tone how dark it is, 0 paper to 1 ink
     * @param dashed where it is a line to follow, not an edge
     * @param lineMm width of its edge; 0 where it has none
     */
    public record Shape(List<PlanPoint> places, double tone, boolean dashed, double lineMm) {
        public Shape {
            places = List.copyOf(places);
        }
    }

    /**
     * A few words at a place.
     *
     * @param size of the letters, points
     * @param middle true where the place is their middle, false where it is their left end
     */
    public record Label(double xMm, double yMm, String words, double size, boolean bold, boolean middle) {
        private static final double SMALL = 8;

        /** Small, its middle there. */
        public Label(double xMm, double yMm, String words) {
            this(xMm, yMm, words, SMALL, false, true);
        }
    }

    /**
     * A hatched rectangle.
     *
     * @param lineMm width of its edge; 0 where it has none
     */
    public record Area(
            double leftMm, double topMm, double widthMm, double heightMm, Hatching hatching, double lineMm) {}
}
