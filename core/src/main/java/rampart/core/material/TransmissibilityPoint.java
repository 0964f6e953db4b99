package rampart.core.material;

import rampart.core.quantity.Require;

/**
 * One reading of a vibration test of a cushion (ASTM D4728, from memory): what of the table's acceleration reaches the
 * weight.
 *
 * @param staticStressKpa weight over bearing area
 * @param thicknessMm thickness of the cushion
 * @param frequencyHz frequency of the table
 * @param transmissibility acceleration of the weight over the table's
 */
public record TransmissibilityPoint(
        double staticStressKpa, double thicknessMm, double frequencyHz, double transmissibility) {
    public TransmissibilityPoint {
        Require.within(staticStressKpa, 0.01, 1000, "static stress in kPa");
        Require.within(thicknessMm, 1, 1000, "thickness in mm");
        Require.within(frequencyHz, 0.1, 10_000, "frequency in Hz");
        Require.within(transmissibility, 0.001, 1000, "transmissibility");
    }
}
