package rampart.core.material;

/**
 * The stress-energy law of a cushion material (Burgess; Daum 2006, from memory): dynamic stress
 * {@code y = a exp(b x)} over energy density {@code x = s h / t}, read as a state law with
 * {@code stress = a / (1 - a b strain)} and {@code energy density = -ln(1 - a b strain) / b}.
 *
 * @param aKpa stress at which the cushion begins to give, kPa
 * @param bPerKpa how fast stress grows with absorbed energy density, 1/kPa
 */
public record CushionLaw(double aKpa, double bPerKpa) {
    /** Strain at which the cushion is pressed solid. */
    public double lockUpStrain() {
        return 1 / (aKpa * bPerKpa);
    }

    /** Stress at this strain, kPa; infinite at and beyond lock-up. */
    public double stressKpa(double strain) {
        double left = 1 - aKpa * bPerKpa * strain;
        return left > 0 ? aKpa / left : Double.POSITIVE_INFINITY;
    }

    /** Energy absorbed per volume at this strain, kPa; infinite at and beyond lock-up. */
    public double energyDensityKpa(double strain) {
        double left = 1 - aKpa * bPerKpa * strain;
        return left > 0 ? -Math.log(left) / bPerKpa : Double.POSITIVE_INFINITY;
    }

    /** This law at a stiffness factor that leaves lock-up where it is: {@code a' = f a, b' = b / f} (rule 16). */
    public CushionLaw stiffened(double factor) {
        return new CushionLaw(aKpa * factor, bPerKpa / factor);
    }

    /** This law for the second to fifth impact: b times the factor (rule 30). */
    public CushionLaw repeated(double factor) {
        return new CushionLaw(aKpa, bPerKpa * factor);
    }
}
