package rampart.core.material;

import rampart.core.journey.Climate;
import rampart.core.quantity.Basis;

/**
 * A cushion material. All catalogue figures are nominal: typical class values, good to about 20 %, never a supplier's.
 *
 * @param densityKgM3 density, kg/m3
 * @param law first-impact law at 23 degC
 * @param creepLimitKpa static stress above which it thins in time, kPa
 * @param repeatFactor multiplies b for impacts 2 to 5
 * @param stiffnessPerC change of stiffness per degC, 1/degC
 * @param dynamicModulusKpa small-signal modulus for vibration, kPa
 * @param q amplification at resonance
 * @param note what a packer should know of it
 */
public record Foam(
        String id,
        String name,
        double densityKgM3,
        CushionLaw law,
        double creepLimitKpa,
        double repeatFactor,
        double stiffnessPerC,
        double dynamicModulusKpa,
        double q,
        String note,
        Basis basis,
        String source) {

    /** This foam with another law. */
    public Foam withLaw(CushionLaw other) {
        return new Foam(
                id,
                name,
                densityKgM3,
                other,
                creepLimitKpa,
                repeatFactor,
                stiffnessPerC,
                dynamicModulusKpa,
                q,
                note,
                basis,
                source);
    }

    /** This foam with another creep limit, kPa. */
    public Foam withCreepLimit(double kpa) {
        return new Foam(
                id,
                name,
                densityKgM3,
                law,
                kpa,
                repeatFactor,
                stiffnessPerC,
                dynamicModulusKpa,
                q,
                note,
                basis,
                source);
    }

    /** Stiffness relative to 23 degC, kept within 0.5 to 2 (rule 16). */
    public double stiffnessAt(double temperatureC) {
        double factor = 1 + stiffnessPerC * (temperatureC - Climate.ROOM_C);
        return Math.max(0.5, Math.min(2, factor));
    }

    /** The law at this temperature, for the first or for repeated impacts. */
    public CushionLaw lawAt(double temperatureC, boolean repeated) {
        CushionLaw warm = law.stiffened(stiffnessAt(temperatureC));
        return repeated ? warm.repeated(repeatFactor) : warm;
    }
}
