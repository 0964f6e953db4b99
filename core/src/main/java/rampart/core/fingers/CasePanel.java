package rampart.core.fingers;

import java.util.List;
import rampart.core.geometry.Outline;
import rampart.core.quantity.Point;

/**
 * One piece of a case, from its lower left corner as it is cut.
 *
 * @param outline where the cutter goes, the allowance in it
 * @param openings cut out of it
 * @param at where its lower left corner stands in the case, whose lower left front corner is the origin, mm
 * @param right direction of its x there
 * @param up direction of its y there
 */
public record CasePanel(
        String name,
        double widthMm,
        double heightMm,
        Outline outline,
        List<Outline> openings,
        Point at,
        Point right,
        Point up) {
    public CasePanel {
        openings = List.copyOf(openings);
    }
}
