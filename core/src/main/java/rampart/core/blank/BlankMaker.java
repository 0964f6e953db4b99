package rampart.core.blank;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import rampart.core.geometry.CutWork;
import rampart.core.geometry.Outline;
import rampart.core.geometry.PlanPoint;

/** Puts a blank together, panel by panel. */
final class BlankMaker {
    private final List<Panel> panels = new ArrayList<>();
    private final List<Blank.Line> cuts = new ArrayList<>();
    private final List<Outline> glue = new ArrayList<>();
    private final List<Outline> openings = new ArrayList<>();

    /** How a panel is folded, without its crease. */
    record Bend(int step, double degrees, double raise, CutWork work) {
        static Bend square(int step, double raise) {
            return new Bend(step, 90, raise, CutWork.SCORE);
        }
    }

    /** The panel that stays where it is. */
    int first(String name, double x0, double y0, double x1, double y1) {
        panels.add(new Panel(name, rectangle(x0, y0, x1, y1), Optional.empty()));
        return panels.size() - 1;
    }

    /** A panel above another: its crease is its lower edge. */
    int above(int onto, String name, Bend bend, double x0, double x1, double y, double height) {
        return hung(onto, name, bend, rectangle(x0, y, x1, y + height), at(x0, y), at(x1, y));
    }

    /** A panel below another: its crease is its upper edge. */
    int below(int onto, String name, Bend bend, double x0, double x1, double y, double height) {
        return hung(onto, name, bend, rectangle(x0, y - height, x1, y), at(x0, y), at(x1, y));
    }

    /** A panel to the right of another: its crease is its left edge. */
    int right(int onto, String name, Bend bend, double y0, double y1, double x, double width) {
        return hung(onto, name, bend, rectangle(x, y0, x + width, y1), at(x, y0), at(x, y1));
    }

    /** A panel to the left of another: its crease is its right edge. */
    int left(int onto, String name, Bend bend, double y0, double y1, double x, double width) {
        return hung(onto, name, bend, rectangle(x - width, y0, x, y1), at(x, y0), at(x, y1));
    }

    /** A panel of any form. */
    int hung(int onto, String name, Bend bend, List<PlanPoint> corners, PlanPoint from, PlanPoint to) {
        panels.add(new Panel(
                name,
                corners,
                Optional.of(new Fold(onto, from, to, bend.degrees(), bend.raise(), bend.step(), bend.work()))));
        return panels.size() - 1;
    }

    void cut(double x0, double y0, double x1, double y1) {
        cuts.add(new Blank.Line(at(x0, y0), at(x1, y1)));
    }

    /** A hole in a panel. */
    void opening(double x0, double y0, double x1, double y1) {
        openings.add(Outline.polygon(rectangle(x0, y0, x1, y1)));
    }

    /** Glue, or tape, on all of a panel. */
    void glued(int panel) {
        glue.add(panels.get(panel).outline());
    }

    Blank made(String name, double caliperMm, List<String> steps, Pose pose) {
        return new Blank(name, caliperMm, panels, cuts, glue, steps, pose, openings);
    }

    static PlanPoint at(double x, double y) {
        return new PlanPoint(x, y);
    }

    private static List<PlanPoint> rectangle(double x0, double y0, double x1, double y1) {
        return List.of(at(x0, y0), at(x1, y0), at(x1, y1), at(x0, y1));
    }
}
