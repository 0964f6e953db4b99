package rampart.core.material;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import rampart.core.quantity.Units;

/**
 * Modulus and amplification read off the resonance of each cushion tested: {@code E = (2 pi f)^2 s t / g} and
 * {@code Q = sqrt(T^2 - 1)}, T the highest transmissibility, f where it lies; the mean over all cushions.
 *
 * @param dynamicModulusKpa small-signal modulus, kPa
 * @param q amplification at resonance
 * @param cushions how many cushions were tested
 * @param points how many readings there were
 */
public record ResonanceFit(double dynamicModulusKpa, double q, int cushions, int points) {
    private record Cushion(double staticStressKpa, double thicknessMm) {}

    /** @throws IllegalArgumentException if some cushion shows no resonance: fewer than three readings, or none over 1.1 within them */
    public static ResonanceFit of(List<TransmissibilityPoint> points) {
        Map<Cushion, List<TransmissibilityPoint>> byCushion = new LinkedHashMap<>();
        points.forEach(p -> byCushion
                .computeIfAbsent(new Cushion(p.staticStressKpa(), p.thicknessMm()), c -> new ArrayList<>())
                .add(p));
        if (byCushion.isEmpty()) {
            throw new IllegalArgumentException("there are no readings of vibration");
        }
        double modulus = 0;
        double q = 0;
        for (Map.Entry<Cushion, List<TransmissibilityPoint>> entry : byCushion.entrySet()) {
            Cushion cushion = entry.getKey();
            TransmissibilityPoint peak = peak(cushion, entry.getValue());
            double omega = 2 * Math.PI * peak.frequencyHz();
            modulus += omega * omega * cushion.staticStressKpa * cushion.thicknessMm / 1000 / Units.STANDARD_GRAVITY;
            q += Math.sqrt(peak.transmissibility() * peak.transmissibility() - 1);
        }
        int n = byCushion.size();
        return new ResonanceFit(modulus / n, q / n, n, points.size());
    }

    private static TransmissibilityPoint peak(Cushion cushion, List<TransmissibilityPoint> points) {
        TransmissibilityPoint peak = points.get(0);
        double lowest = Double.POSITIVE_INFINITY;
        double highest = 0;
        for (TransmissibilityPoint point : points) {
            peak = point.transmissibility() > peak.transmissibility() ? point : peak;
            lowest = Math.min(lowest, point.frequencyHz());
            highest = Math.max(highest, point.frequencyHz());
        }
        boolean within = peak.frequencyHz() > lowest && peak.frequencyHz() < highest;
        if (points.size() < 3 || !within || peak.transmissibility() < 1.1) {
            throw new IllegalArgumentException("the cushion of " + cushion.thicknessMm + " mm under "
                    + cushion.staticStressKpa + " kPa shows no resonance: it needs three readings or more, the highest"
                    + " over 1.1 and neither the first nor the last");
        }
        return peak;
    }
}
