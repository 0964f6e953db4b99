package rampart.core.cushion;

/**
 * A damped single-degree system shaken at its base.
 *
 * @param hz natural frequency
 * @param q amplification at resonance
 */
public record Resonance(double hz, double q) {
    /** Squared transmissibility at this frequency: {@code (1+(r/Q)^2) / ((1-r^2)^2 + (r/Q)^2)}, r = f/fn (rule 23). */
    public double squaredGain(double frequencyHz) {
        double r = frequencyHz / hz;
        double damped = r / q * (r / q);
        double stiff = 1 - r * r;
        return (1 + damped) / (stiff * stiff + damped);
    }
}
