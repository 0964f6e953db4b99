package rampart.core.prove;

/**
 * What a simulation takes in beyond the closed form.
 *
 * @param gravity gravity goes on pulling while the cushions are pressed
 * @param ramp stress rises from nothing over the first strain instead of starting at a (assumed shape)
 * @param relativeTolerance of the integrator
 */
public record Assumptions(boolean gravity, boolean ramp, double relativeTolerance) {
    /** Those of the closed form: no gravity while pressing, no ramp. */
    public static final Assumptions CLOSED_FORM = new Assumptions(false, false, 1e-8);

    /** Those of rule 34: gravity on, ramp off. */
    public static final Assumptions RULE_34 = new Assumptions(true, false, 1e-8);
}
