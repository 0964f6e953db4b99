package rampart.core.pack;

import java.util.List;
import rampart.core.item.Fragility;
import rampart.core.journey.Journey;
import rampart.core.layout.Layer;
import rampart.core.material.CushionLaw;
import rampart.core.material.Foam;
import rampart.core.quantity.Face;
import rampart.core.quantity.Size;
import rampart.core.quantity.Units;

/**
 * What a cushion absorbs in a flat drop at the very force the item may feel with a margin: the energy that a wall must
 * find in its cushions together (rule 14, read at the limit instead of solved for G). Linear in thickness, so a search
 * rules out most walls by an addition.
 */
final class BlowCapacity {
    /** The faces that are looked at, temperature by temperature. */
    static final List<Face> ONE_OF_EACH_PAIR = List.of(Face.BOTTOM, Face.RIGHT, Face.FRONT);

    private static final double N_PER_KN = 1000;
    private static final double BEYOND_ANY_KG = 1e6;

    private final double[] limitG;
    private final double[] temperaturesC;
    private final boolean repeated;
    /** Stress over the stress at which it begins to give, where strain still holds: more would press it too far (rule 20). */
    private final double mostOver;

    /** Limits with the margin that holds asks for; infinite where no G is too much. */
    private BlowCapacity(double[] limitG, double[] temperaturesC, boolean repeated, double margin) {
        this.limitG = limitG;
        this.temperaturesC = temperaturesC;
        this.repeated = repeated;
        this.mostOver = 1 / (1 - StrainCheck.LIMIT * (1 - margin)) * (1 + WallSpace.HAIR);
    }

    /** With the margin that holds asks for. */
    static BlowCapacity of(Fragility fragility, Journey journey) {
        return of(fragility, journey, Status.THIN_BELOW);
    }

    static BlowCapacity of(Fragility fragility, Journey journey, double margin) {
        // With a velocity below which no G does harm, a low fall may hold at any G; the heaviest pack falls least far.
        boolean savedByVelocity = fragility.criticalVelocityChangeMps().isPresent()
                && 1
                                - EvaluationContext.velocityChangeMps(
                                                journey.drop().heightMm(BEYOND_ANY_KG))
                                        / fragility.criticalVelocityChangeMps().getAsDouble()
                        >= margin - WallSpace.HAIR;
        double[] limits = new double[ONE_OF_EACH_PAIR.size()];
        for (int i = 0; i < limits.length; i++) {
            Face face = ONE_OF_EACH_PAIR.get(i);
            double least = Double.POSITIVE_INFINITY;
            for (Face one : Face.ALL) {
                if (one.axis() == face.axis()) {
                    least = Math.min(least, fragility.limitG(List.of(one)).orElse(Double.POSITIVE_INFINITY));
                }
            }
            limits[i] = savedByVelocity ? Double.POSITIVE_INFINITY : least * (1 - margin);
        }
        double min = journey.climate().minC();
        double max = journey.climate().maxC();
        return new BlowCapacity(
                limits,
                min == max ? new double[] {min} : new double[] {min, max},
                journey.drop().repeated(),
                margin);
    }

    /** Energy per thickness of this cushion, J/mm, for each pair of faces and temperature. */
    double[] perMm(Foam foam, Layer.Cushion cushion, Size body, double movingMassKg) {
        double[] energy = new double[limitG.length * temperaturesC.length];
        for (int t = 0; t < temperaturesC.length; t++) {
            CushionLaw law = foam.lawAt(temperaturesC[t], repeated);
            for (int i = 0; i < limitG.length; i++) {
                double areaM2 = cushion.form().bearingMm2(body, ONE_OF_EACH_PAIR.get(i)) * 1e-6;
                double atLimit = limitG[i] * movingMassKg * Units.STANDARD_GRAVITY / (N_PER_KN * law.aKpa() * areaM2);
                double over = Math.min(atLimit, mostOver);
                energy[t * limitG.length + i] =
                        over > 1 ? N_PER_KN * areaM2 * 1e-3 * Math.log(over) / law.bPerKpa() : 0;
            }
        }
        return energy;
    }

    /** True where these cushions cannot take a fall of this mass from this height on some face. */
    static boolean tooLittle(double[] perMm, int mm, double[] otherPerMm, int otherMm, double massKg, double heightMm) {
        double fall = massKg * Units.STANDARD_GRAVITY * heightMm / 1000 * (1 - WallSpace.HAIR);
        for (int i = 0; i < perMm.length; i++) {
            double absorbed = perMm[i] * mm + (otherMm > 0 ? otherPerMm[i] * otherMm : 0);
            if (absorbed < fall) {
                return true;
            }
        }
        return false;
    }
}
