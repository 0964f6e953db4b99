package rampart.core.search;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import rampart.core.check.EvaluationContext;
import rampart.core.check.StrainCheck;
import rampart.core.item.Fragility;
import rampart.core.journey.Journey;
import rampart.core.layout.ContactPatch;
import rampart.core.layout.Layer;
import rampart.core.material.CushionLaw;
import rampart.core.material.Foam;
import rampart.core.quantity.Face;
import rampart.core.quantity.SixSided;
import rampart.core.quantity.Size;
import rampart.core.quantity.Units;

/**
 * What a cushion absorbs at most in a flat drop at the very force that the item may feel with a margin: the energy that a
 * wall must find in its cushions together (rule 14, read at the limit instead of solved for G). A search rules out most
 * walls by an addition.
 */
final class FlatCapacity {
    /** A rounding's width, so that a quick look does not rule out what holds by a hair. */
    static final double HAIR = 1e-9;

    /** The faces that are looked at, temperature by temperature. */
    private static final List<Face> ONE_OF_EACH_PAIR = List.of(Face.BOTTOM, Face.RIGHT, Face.FRONT);

    private static final double N_PER_KN = 1000;
    private static final double BEYOND_ANY_KG = 1e6;

    private final double[] limitG;
    private final double[] temperaturesC;
    private final boolean repeated;
    /** Share of lock-up up to which strain still holds: more would press it too far (rule 20). */
    private final double mostOfLockUp;

    /**
     * For an item that is to feel what it bears with this margin.
     *
     * @param margin 0 to 1
     */
    FlatCapacity(Fragility fragility, Journey journey, double margin) {
        // With a velocity below which no G does harm, a low fall may hold at any G; the heaviest pack falls least far.
        double leastMps = EvaluationContext.velocityChangeMps(journey.drop().heightMm(BEYOND_ANY_KG));
        boolean savedByVelocity = fragility.criticalVelocityChangeMps().isPresent()
                && 1 - leastMps / fragility.criticalVelocityChangeMps().getAsDouble() >= margin - HAIR;
        limitG = new double[ONE_OF_EACH_PAIR.size()];
        for (int i = 0; i < limitG.length; i++) {
            double least = Double.POSITIVE_INFINITY;
            for (Face face : Face.ALL) {
                if (face.axis() == ONE_OF_EACH_PAIR.get(i).axis()) {
                    least = Math.min(least, fragility.limitG(List.of(face)).orElse(Double.POSITIVE_INFINITY));
                }
            }
            limitG[i] = savedByVelocity ? Double.POSITIVE_INFINITY : least * (1 - margin) * (1 + HAIR);
        }
        double min = journey.climate().minC();
        double max = journey.climate().maxC();
        temperaturesC = min == max ? new double[] {min} : new double[] {min, max};
        repeated = journey.drop().repeated();
        mostOfLockUp = StrainCheck.LIMIT * (1 - margin) * (1 + HAIR);
    }

    /**
     * The most that this cushion absorbs, J, for each pair of faces and temperature.
     *
     * @param movingMassKg at most so much moves on it: more force is more energy
     */
    double[] joules(Foam foam, Layer.Cushion cushion, Size body, double movingMassKg) {
        double[] energy = new double[limitG.length * temperaturesC.length];
        SixSided foamM3 = cushion.form()
                .match(
                        full -> SixSided.ZERO,
                        pads -> SixSided.ZERO,
                        corners -> SixSided.ZERO,
                        bed -> foamM3(cushion, body));
        for (int t = 0; t < temperaturesC.length; t++) {
            CushionLaw law = foam.lawAt(temperaturesC[t], repeated);
            double mostKpa = law.energyDensityKpa(Math.min(1 - HAIR, mostOfLockUp) * law.lockUpStrain());
            for (int i = 0; i < limitG.length; i++) {
                Face face = ONE_OF_EACH_PAIR.get(i);
                double areaM2 = cushion.form().bearingMm2(body, face) * 1e-6;
                double thicknessM = Math.max(
                                cushion.thicknessMm().on(face),
                                cushion.thicknessMm().on(face.opposite()))
                        * 1e-3;
                double atLimit = limitG[i] * movingMassKg * Units.STANDARD_GRAVITY / (N_PER_KN * areaM2);
                double density = Math.min(mostKpa, law.energyAtStressKpa(atLimit));
                energy[t * limitG.length + i] = N_PER_KN
                        * cushion.form()
                                .match(
                                        full -> areaM2 * thicknessM * density,
                                        pads -> areaM2 * thicknessM * density,
                                        corners -> areaM2 * thicknessM * density,
                                        // Its places are of different depths and do not share the force alike.
                                        bed -> foamM3.on(face) * mostKpa);
            }
        }
        return energy;
    }

    /** Foam that bears on each face or the one across, whichever is more. */
    private static SixSided foamM3(Layer.Cushion cushion, Size body) {
        Map<Face, Double> mm3 = new EnumMap<>(Face.class);
        for (ContactPatch patch : cushion.form().patches(body, cushion.thicknessMm())) {
            mm3.merge(patch.face(), patch.areaMm2() * patch.thicknessMm(), Double::sum);
        }
        return SixSided.of(
                face -> Math.max(mm3.getOrDefault(face, 0.0), mm3.getOrDefault(face.opposite(), 0.0)) * 1e-9);
    }

    /** Energy of a fall that the cushions must find between them, J. */
    static double fallJ(double massKg, double heightMm) {
        return massKg * Units.STANDARD_GRAVITY * heightMm / 1000 * (1 - HAIR);
    }

    /** True where these two, or the first alone, cannot take a fall on some face. */
    static boolean tooLittle(double[] one, double[] other, double fallJ) {
        for (int i = 0; i < one.length; i++) {
            if (one[i] + (other == null ? 0 : other[i]) < fallJ) {
                return true;
            }
        }
        return false;
    }
}
