package rampart.core.blank;

import java.util.List;
import java.util.Optional;
import rampart.core.geometry.Outline;
import rampart.core.geometry.PlanPoint;

/**
 * A flat piece of board between creases and cuts.
 *
 * @param name what a packer calls it
 * @param corners in the plane of the blank seen from the inside of the carton, in order round it, mm
 * @param fold what joins it to another; empty for the one that stays where it is
 */
public record Panel(String name, List<PlanPoint> corners, Optional<Fold> fold) {
    public Panel {
        corners = List.copyOf(corners);
    }

    public Outline outline() {
        return Outline.polygon(corners);
    }
}
