package rampart.core.material;

/**
 * The law of a cushion material: stress rises from nothing over a first ramp and then follows the stress-energy line,
 * {@code stress = a exp(b E)}, as a law of state: the same at each strain, however it was reached.
 *
 * @param line constants a and b
 * @param ramp how stress rises before the line holds
 */
public record CushionLaw(StressEnergyLine line, FirstRamp ramp) {
    /** The law of these constants. */
    public static CushionLaw of(double aKpa, double bPerKpa, FirstRamp ramp) {
        return new CushionLaw(new StressEnergyLine(aKpa, bPerKpa), ramp);
    }

    /** This law on another line: the ramp stands. */
    public CushionLaw with(StressEnergyLine other) {
        return new CushionLaw(other, ramp);
    }

    /** Constant a of the line, kPa. */
    public double aKpa() {
        return line.aKpa();
    }

    /** Constant b of the line, 1/kPa. */
    public double bPerKpa() {
        return line.bPerKpa();
    }

    /** e_r, where the ramp ends. */
    public double rampStrain() {
        return ramp.share() / (aKpa() * bPerKpa());
    }

    /** s_r, stress at the end of the ramp, kPa. */
    public double rampStressKpa() {
        return ramp.rise() * aKpa();
    }

    /** Energy density at the end of the ramp, kPa: {@code ln(k)/b}. */
    public double rampEnergyKpa() {
        return Math.log(ramp.rise()) / bPerKpa();
    }

    /** e_L, strain at which the cushion is pressed solid. */
    public double lockUpStrain() {
        return (ramp.share() + 1 / ramp.rise()) / (aKpa() * bPerKpa());
    }

    /** Stress at this strain, kPa; infinite at and beyond lock-up. */
    public double stressKpa(double strain) {
        double end = rampStrain();
        if (strain <= end) {
            return rampStressKpa() * power(strain / end);
        }
        double left = lockUpStrain() - strain;
        return left > 0 ? 1 / (bPerKpa() * left) : Double.POSITIVE_INFINITY;
    }

    /** Energy absorbed per volume at this strain, kPa; infinite at and beyond lock-up. */
    public double energyDensityKpa(double strain) {
        double end = rampStrain();
        if (strain <= end) {
            double part = strain / end;
            return rampStressKpa() * end / (ramp.exponent() + 1) * part * power(part);
        }
        double left = lockUpStrain() - strain;
        return left > 0 ? -Math.log(left * bPerKpa() * aKpa()) / bPerKpa() : Double.POSITIVE_INFINITY;
    }

    /**
     * G of a flat drop on one cushion.
     *
     * @param staticStressKpa s
     * @param energyKpa x = s h/t
     */
    public double flatG(double staticStressKpa, double energyKpa) {
        double end = rampEnergyKpa();
        if (energyKpa >= end) {
            return line.stressKpa(energyKpa) / staticStressKpa;
        }
        int w = ramp.exponent();
        return rampStressKpa() / staticStressKpa * Math.pow(energyKpa / end, w / (w + 1.0));
    }

    /** Energy density absorbed when this stress is reached, kPa. */
    public double energyAtStressKpa(double stressKpa) {
        if (stressKpa >= rampStressKpa()) {
            return Math.log(stressKpa / aKpa()) / bPerKpa();
        }
        int w = ramp.exponent();
        return rampEnergyKpa() * Math.pow(stressKpa / rampStressKpa(), (w + 1.0) / w);
    }

    private double power(double part) {
        return ramp.exponent() == 1 ? part : part * part;
    }

    /** This law at a stiffness factor (rule 16): the ramp stands. */
    public CushionLaw stiffened(double factor) {
        return new CushionLaw(line.stiffened(factor), ramp);
    }

    /** This law for the second to fifth impact, where only b was said to change (rule 30): the ramp stands. */
    public CushionLaw repeated(double factor) {
        return new CushionLaw(line.repeated(factor), ramp);
    }
}
