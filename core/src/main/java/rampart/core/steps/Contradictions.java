package rampart.core.steps;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import rampart.core.clearance.Clearance;
import rampart.core.clearance.Clearances;
import rampart.core.clearance.FittedBox;
import rampart.core.layout.Layout;
import rampart.core.material.Catalogue;
import rampart.core.pack.Pack;
import rampart.core.words.ClearanceWords;
import rampart.core.words.Say;
import rampart.core.words.Sentence;

/**
 * What a step says to do and hands cannot: something that does not go into its box, straps that crush the edge they go round. The
 * packer would find it with the box half shut, so that it is asked before a pack is released.
 */
public final class Contradictions {
    private static final Set<Say> CANNOT = Set.of(ClearanceWords.TOO_SMALL, ClearanceWords.NO_GIVE);

    private Contradictions() {}

    /** From the item outward; none where every step can be done. */
    public static List<Sentence> of(Pack pack, Layout layout, Catalogue catalogue) {
        List<Sentence> found = new ArrayList<>();
        for (Clearance clearance : Clearances.of(pack, layout, catalogue)) {
            clearance.remarks().stream()
                    .map(Clearance.Remark::words)
                    .filter(words -> CANNOT.contains(words.key()))
                    .forEach(found::add);
        }
        for (FittedBox box : FittedBox.all(layout)) {
            if (box.lackingMm() > 0) {
                found.add(box.room().orElseThrow());
            }
            if (box.strapped() && !box.strapping().holds()) {
                found.add(box.tension().orElseThrow());
            }
        }
        return List.copyOf(found);
    }
}
