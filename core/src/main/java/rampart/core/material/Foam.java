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
        return with(
                other,
                creepLimitKpa,
                new Measured(Optional.empty(), Optional.empty(), measured.creep(), measured.vibration()));
    }

    /** This foam with another creep limit, kPa. */
    public Foam withCreepLimit(double kpa) {
        return with(law, kpa, measured);
    }

    private Foam with(CushionLaw otherLaw, double otherCreepLimitKpa, Measured otherMeasured) {
        return new Foam(
                id,
                name,
                densityKgM3,
                otherLaw,
                otherCreepLimitKpa,
                repeatFactor,
                stiffnessPerC,
                dynamicModulusKpa,
                q,
                note,
                basis,
                source,
                substance,
                structure,
                squeezeKpa,
                otherMeasured);
    }

    /** True where pieces are cut from it. Fill of starch or loose paper that a house calls a foam is not (format 2). */
    public boolean cut() {
        boolean fill = substance == Substance.STARCH || substance == Substance.PAPER;
        return structure.cut() && !fill;
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
        return measured.repeated().map(CushionFit::law).orElseGet(() -> law.repeated(repeatFactor));
    }

    /** The drop tests that the law comes from; empty where it was not measured. */
    public Optional<CushionFit> fit(boolean repeated) {
        return repeated ? measured.repeated() : measured.first();
    }
}
