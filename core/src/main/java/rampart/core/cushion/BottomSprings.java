package rampart.core.cushion;

import java.util.List;
import java.util.Optional;
import rampart.core.material.Foam;
import rampart.core.quantity.Units;

/** The cushions the item stands on, one after another, as one spring for vibration (rule 23). */
public final class BottomSprings {
    private BottomSprings() {}

    /**
     * One bottom cushion.
     *
     * @param layer index in the pack's layers
     * @param areaOverThicknessM of the bottom, summed over what bears, above 0
     */
    public record Spring(int layer, Foam foam, double movingMassKg, double areaOverThicknessM) {
        /** How far it gives at rest, m. */
        public double deflectionM() {
            return movingMassKg * Units.STANDARD_GRAVITY / (foam.dynamicModulusKpa() * 1000 * areaOverThicknessM);
        }
    }

    /** The resonance of all springs together; empty where there are none. Innermost first. */
    public static Optional<Resonance> resonance(List<Spring> springs) {
        if (springs.isEmpty()) {
            return Optional.empty();
        }
        double deflection = 0;
        Spring softest = springs.get(0);
        for (Spring spring : springs) {
            deflection += spring.deflectionM();
            if (spring.deflectionM() > softest.deflectionM()) {
                softest = spring;
            }
        }
        double hz = Math.sqrt(Units.STANDARD_GRAVITY / deflection) / (2 * Math.PI);
        return Optional.of(new Resonance(hz, softest.foam().q()));
    }
}
