package rampart.core.simulation;

/**
 * What a simulation takes in beyond the closed form.
 *
 * @param gravity gravity goes on pulling while the cushions are pressed
 * @param relativeTolerance of the integrator
 */
public record Assumptions(boolean gravity, double relativeTolerance) {
    /** Those of the closed form: no gravity while pressing. */
    public static final Assumptions CLOSED_FORM = new Assumptions(false, 1e-8);

    /** Those of rule 34: gravity on. */
    public static final Assumptions RULE_34 = new Assumptions(true, 1e-8);
}
