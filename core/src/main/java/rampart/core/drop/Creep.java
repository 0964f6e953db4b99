package rampart.core.drop;

import java.util.Map;
import java.util.TreeMap;
import rampart.core.journey.Journey;
import rampart.core.layout.LaidCushion;
import rampart.core.layout.Layout;
import rampart.core.material.CreepFit;
import rampart.core.material.CreepLaw;
import rampart.core.material.Foam;
import rampart.core.quantity.Basis;
import rampart.core.quantity.Face;

/**
 * How much of their thickness the bottom cushions of a pack lose while they carry their load (rule 21): what is left counts
 * in every drop that strikes the bottom.
 */
public final class Creep {
    private Creep() {}

    /** Share of the thickness lost, by layer; layers that bear nothing at the bottom are left out. */
    public static Map<Integer, Double> of(Layout layout, Journey journey) {
        Map<Integer, Double> lost = new TreeMap<>();
        for (LaidCushion cushion : layout.cushions()) {
            if (cushion.cushions(Face.BOTTOM)) {
                lost.put(cushion.layer(), lost(cushion.foam(), cushion.restingKpa(), journey));
            }
        }
        return lost;
    }

    /** Share of its thickness that a material loses under this load at rest in the time of the journey. */
    public static double lost(Foam foam, double staticStressKpa, Journey journey) {
        return law(foam).strain(staticStressKpa, journey.underLoadHours());
    }

    /** What the creep of this foam rests on: its own tests, as far as they reach, or nominal figures. */
    public static Basis basis(Foam foam, Journey journey) {
        if (foam.measured().creep().isEmpty()) {
            return Basis.NOMINAL;
        }
        return beyondTests(foam, journey) ? Basis.EXTRAPOLATED : Basis.MEASURED;
    }

    /** True where the load lies longer than the longest of the foam's creep tests. */
    public static boolean beyondTests(Foam foam, Journey journey) {
        return foam.measured()
                .creep()
                .map(fit -> journey.underLoadHours() > fit.toHours())
                .orElse(false);
    }

    /** As it was measured, or nominal. */
    public static CreepLaw law(Foam foam) {
        return foam.measured().creep().map(CreepFit::law).orElseGet(() -> CreepLaw.nominal(foam.creepLimitKpa()));
    }
}
