package rampart.core.material;

import rampart.core.quantity.Require;

/**
 * One reading of a creep test (ASTM D2221, from memory): a load lies on a cushion and its loss of thickness is read.
 *
 * @param staticStressKpa load over area
 * @param hours since it was laid on
 * @param strain share of the thickness that is lost, 0 to 1
 */
public record CreepPoint(double staticStressKpa, double hours, double strain) {
    public CreepPoint {
        Require.within(staticStressKpa, 0.01, 1000, "static stress in kPa");
        Require.within(hours, 0.01, 1_000_000, "hours");
        Require.within(strain, 0, 0.95, "strain");
    }
}
