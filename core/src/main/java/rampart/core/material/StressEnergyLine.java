package rampart.core.material;

/**
 * The straight line on which all drop tests of one cushion material fall (stress-energy method, Burgess; Daum 2006, from
 * memory): {@code ln(G s) = ln a + b x} over energy density {@code x = s h/t}.
 *
 * @param aKpa dynamic stress at no energy, kPa
 * @param bPerKpa how fast it grows with energy density, 1/kPa
 */
public record StressEnergyLine(double aKpa, double bPerKpa) {
    /** Dynamic stress at this energy density, kPa. */
    public double stressKpa(double energyKpa) {
        return aKpa * Math.exp(bPerKpa * energyKpa);
    }

    /** This line at a stiffness factor that leaves all strains where they are: {@code a' = f a, b' = b/f} (rule 16). */
    public StressEnergyLine stiffened(double factor) {
        return new StressEnergyLine(aKpa * factor, bPerKpa / factor);
    }

    /** This line for the second to fifth impact: b times the factor (rule 30). */
    public StressEnergyLine repeated(double factor) {
        return new StressEnergyLine(aKpa, bPerKpa * factor);
    }
}
