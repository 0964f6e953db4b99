package rampart.formats.paper;

import java.util.List;
import rampart.formats.view.Hatching;

/**
 * A drawing to scale, in mm on paper from its upper left corner.
 *
 * @param id names the view
 * @param caption the view in words
 */
public record Drawing(String id, String caption, double widthMm, double heightMm, List<Area> areas) {
    public Drawing {
        areas = List.copyOf(areas);
    }

    /**
     * A hatched rectangle.
     *
     * @param lineMm width of its edge; 0 where it has none
     */
    public record Area(
            double leftMm, double topMm, double widthMm, double heightMm, Hatching hatching, double lineMm) {}
}
