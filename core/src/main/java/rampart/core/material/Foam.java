package rampart.core.material;

import java.util.Optional;
import rampart.core.journey.Climate;
import rampart.core.quantity.Basis;

/**
 * A cushion material. Those of the catalogue are nominal: typical class values, good to about 20 %, never a supplier's.
 *
 * @param densityKgM3 density, kg/m3
 * @param law first-impact law at 23 degC
 * @param creepLimitKpa static stress above which it thins in time, kPa
 * @param repeatFactor multiplies b for impacts 2 to 5 where these were not measured
 * @param stiffnessPerC change of stiffness per degC, 1/degC
 * @param dynamicModulusKpa small-signal modulus for vibration, kPa
 * @param q amplification at resonance
 * @param note what a packer should know of it
 * @param basis what the constants rest on that were not measured
 * @param source where those come from
 * @param substance what it is made of
 * @param structure how it is built
 * @param squeezeKpa stress when it is squeezed by a tenth or more, at rest, kPa
 * @param measured what test data say; none for a foam of the catalogue
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
        String source,
        Substance substance,
        Structure structure,
        double squeezeKpa,
        Measured measured) {

    /** This foam with another law, as if nobody had measured it. */
    public Foam withLaw(CushionLaw other) {
        Measured others = new Measured(Optional.empty(), Optional.empty(), measured.creep(), measured.vibration());
        return with(id, name, densityKgM3, other, creepLimitKpa, basis, others);
    }

    /** This foam with another creep limit, kPa. */
    public Foam withCreepLimit(double kpa) {
        return with(id, name, densityKgM3, law, kpa, basis, measured);
    }

    /** This foam with another density, kg/m3. */
    public Foam withDensity(double kgM3) {
        return with(id, name, kgM3, law, creepLimitKpa, basis, measured);
    }

    /** This foam with what test data say of it; its law stays. */
    public Foam with(Measured tests) {
        return with(id, name, densityKgM3, law, creepLimitKpa, basis, tests);
    }

    /** This foam resting on something else. */
    public Foam with(Basis other) {
        return with(id, name, densityKgM3, law, creepLimitKpa, other, measured);
    }

    /** The same foam under another id and name. */
    public Foam called(String otherId, String otherName) {
        return with(otherId, otherName, densityKgM3, law, creepLimitKpa, basis, measured);
    }

    private Foam with(
            String newId,
            String newName,
            double newDensityKgM3,
            CushionLaw newLaw,
            double newCreepLimitKpa,
            Basis newBasis,
            Measured newMeasured) {
        return new Foam(
                newId,
                newName,
                newDensityKgM3,
                newLaw,
                newCreepLimitKpa,
                repeatFactor,
                stiffnessPerC,
                dynamicModulusKpa,
                q,
                note,
                newBasis,
                source,
                substance,
                structure,
                squeezeKpa,
                newMeasured);
    }

    /** Squeezed by so much of its thickness it presses with all that it will: straight to here, level beyond (rule 41, assumed). */
    public static final double LEVEL_FROM = 0.10;

    /** What it presses back with, held squeezed by this share of its thickness, kPa (rule 41). */
    public double pressKpa(double share) {
        return squeezeKpa * Math.min(1, share / LEVEL_FROM);
    }

    /** Stiffness relative to 23 degC, kept within 0.5 to 2 (rule 16). */
    public double stiffnessAt(double temperatureC) {
        return stiffness(stiffnessPerC, temperatureC);
    }

    /** The same of any material with this change per degC. */
    public static double stiffness(double perC, double temperatureC) {
        double factor = 1 + perC * (temperatureC - Climate.ROOM_C);
        return Math.max(0.5, Math.min(2, factor));
    }

    /** The law at this temperature, for the first or for repeated impacts. */
    public CushionLaw lawAt(double temperatureC, boolean repeated) {
        return law(repeated).stiffened(stiffnessAt(temperatureC));
    }

    /** The law at 23 degC: for repeated impacts as it was measured, else b times the repeat factor. */
    public CushionLaw law(boolean repeated) {
        if (!repeated) {
            return law;
        }
        return measured.repeated()
                .map(fit -> new CushionLaw(fit.line(), law.ramp()))
                .orElseGet(() -> law.repeated(repeatFactor));
    }

    /** The drop tests that the law comes from; empty where it was not measured. */
    public Optional<CushionFit> fit(boolean repeated) {
        return repeated ? measured.repeated() : measured.first();
    }

    /** True where it may lie round something for years in storage (rule 45). */
    public boolean keeps() {
        return !structure.sinks() && !substance.ages();
    }
}
