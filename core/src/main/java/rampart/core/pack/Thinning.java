package rampart.core.pack;

import java.util.Map;
import java.util.OptionalDouble;
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
 * What is left of the bottom cushions of a pack that has carried its load: thickness over a factor, in every drop that
 * strikes the bottom (rules 21 and 37).
 */
final class Thinning {
    /** Of a cushion over its creep limit (rule 21, nominal). */
    static final double OVER_LIMIT = 1.10;

    private Thinning() {}

    /** By layer; layers that keep their thickness are left out. */
    static Map<Integer, Double> of(Layout layout, Journey journey) {
        Map<Integer, Double> factors = Map.of();
        for (LaidCushion cushion : layout.cushions()) {
            if (cushion.cushions(Face.BOTTOM)) {
                double factor = Math.max(overLimit(cushion) ? OVER_LIMIT : 1, 1 + creep(cushion, journey));
                if (factor > 1) {
                    factors = factors.isEmpty() ? new TreeMap<>() : factors;
                    factors.put(cushion.layer(), factor);
                }
            }
        }
        return factors;
    }

    static boolean overLimit(LaidCushion cushion) {
        return cushion.staticStressKpa(Face.BOTTOM) > cushion.foam().creepLimitKpa();
    }

    /** Share of the thickness lost in the time that the journey gives; 0 where it gives none. */
    static double creep(LaidCushion cushion, Journey journey) {
        Foam foam = cushion.foam();
        OptionalDouble hours = foam.measured().creep().isPresent() ? journey.underLoadHours() : journey.storageHours();
        if (hours.isEmpty()) {
            return 0;
        }
        return law(foam).strain(cushion.staticStressKpa(Face.BOTTOM), hours.getAsDouble());
    }

    /** What the thinning of this foam rests on: its own tests, as far as they reach, or nominal figures. */
    static Basis basis(Foam foam, Journey journey) {
        if (foam.measured().creep().isEmpty()) {
            return Basis.NOMINAL;
        }
        return beyondTests(foam, journey) ? Basis.EXTRAPOLATED : Basis.MEASURED;
    }

    /** True where the load lies longer than the longest of the foam's creep tests. */
    static boolean beyondTests(Foam foam, Journey journey) {
        OptionalDouble hours = journey.underLoadHours();
        return hours.isPresent()
                && foam.measured()
                        .creep()
                        .map(fit -> hours.getAsDouble() > fit.toHours())
                        .orElse(false);
    }

    /** As it was measured, or nominal. */
    static CreepLaw law(Foam foam) {
        return foam.measured().creep().map(CreepFit::law).orElseGet(() -> CreepLaw.nominal(foam.creepLimitKpa()));
    }
}
