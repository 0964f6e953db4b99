package rampart.core.material;

import rampart.core.quantity.Require;

/**
 * One result of a cushion drop test (ASTM D1596, from memory): a weight falls on a cushion and its peak G is read.
 *
 * @param heightMm drop height
 * @param thicknessMm thickness of the cushion
 * @param staticStressKpa weight over bearing area
 * @param peakG peak acceleration, G
 * @param impact 1 for the first on this sample, 2 for the next
 * @param temperatureC temperature of the sample, degC
 */
public record DropPoint(
        double heightMm, double thicknessMm, double staticStressKpa, double peakG, int impact, double temperatureC) {
    public DropPoint {
        Require.within(heightMm, 10, 10_000, "drop height in mm");
        Require.within(thicknessMm, 1, 1000, "thickness in mm");
        Require.within(staticStressKpa, 0.01, 1000, "static stress in kPa");
        Require.within(peakG, 1, 10_000, "peak G");
        Require.within(impact, 1, 100, "impact number");
        Require.within(temperatureC, -80, 120, "temperature in degC");
    }

    /** Dynamic energy density {@code x = s h / t}, kPa. */
    public double energyDensityKpa() {
        return staticStressKpa * heightMm / thicknessMm;
    }

    /** Dynamic stress {@code y = G s}, kPa. */
    public double dynamicStressKpa() {
        return peakG * staticStressKpa;
    }
}
