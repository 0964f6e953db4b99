package rampart.core.search;

import java.util.List;
import java.util.Map;
import rampart.core.drop.Drop;
import rampart.core.drop.DropId;
import rampart.core.layout.Layer;

/**
 * A wall that holds.
 *
 * @param stock id of the stock carton it goes into; empty for one made to size
 * @param nested true for a box in a box
 * @param worked what its drops came to where they had to be worked in time
 */
record Found(
        ParetoFront.Figures figures,
        List<Layer> layers,
        String stock,
        boolean nested,
        Map<DropId, Drop.InTime> worked) {}
