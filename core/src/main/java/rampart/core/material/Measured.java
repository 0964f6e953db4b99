package rampart.core.material;

import java.util.Optional;

/**
 * What test data say of a foam.
 *
 * @param first fit of first impacts; the foam's law is its law
 * @param repeated fit of impacts 2 to 5 together; where it is missing the repeat factor stands in
 * @param creep fit of creep tests
 * @param vibration fit of transmissibility tests; the foam's modulus and Q are its own
 */
public record Measured(
        Optional<CushionFit> first,
        Optional<CushionFit> repeated,
        Optional<CreepFit> creep,
        Optional<ResonanceFit> vibration) {
    /** Nothing was measured. */
    public static final Measured NOTHING =
            new Measured(Optional.empty(), Optional.empty(), Optional.empty(), Optional.empty());
}
