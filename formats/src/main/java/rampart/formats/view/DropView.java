package rampart.formats.view;

import java.util.List;
import rampart.core.cushion.Impact;
import rampart.core.drop.Drop;
import rampart.core.quantity.Face;
import rampart.core.verdict.Check;
import rampart.core.words.Wording;

/**
 * One of the 26 drops.
 *
 * @param faces struck, in rising number
 * @param direction its components along the struck faces, in their order, each 0 to 1
 * @param blow how it is judged, counted or not
 * @param simulatedG peak of the time simulation; null where there was none
 * @param travelMm how far the item moves along the direction
 */
public record DropView(
        String id,
        List<String> faces,
        double g,
        @Nullable Double simulatedG,
        boolean counted,
        List<Double> direction,
        double temperatureC,
        String impacts,
        double loadFactor,
        boolean capped,
        double lockUp,
        double travelMm,
        BlowView blow,
        List<Peak> layers) {

    static DropView of(Drop drop, Check blow, Wording wording) {
        List<Face> faces = drop.id().faces();
        double energy = drop.worst().layers().stream()
                .mapToDouble(Impact.LayerPeak::energyJ)
                .sum();
        return new DropView(
                drop.id().id().text(),
                faces.stream().map(Face::word).toList(),
                drop.g(),
                drop.simulatedG().isPresent() ? drop.simulatedG().getAsDouble() : null,
                drop.counted(),
                drop.cosine(),
                drop.worst().temperatureC(),
                drop.worst().repeated() ? "repeated" : "first",
                drop.worst().loadFactor(),
                drop.worst().capped(),
                drop.lockUpFraction(),
                drop.travelMm(),
                BlowView.of(blow, wording),
                drop.worst().layers().stream()
                        .map(peak -> Peak.of(peak, faces, energy))
                        .toList());
    }

    /** How a drop is judged; the working of a counted one stands with its check. */
    public record BlowView(
            String title,
            double demand,
            @Nullable Double limit,
            String unit,
            @Nullable Double margin,
            StatusView status,
            SaidView said,
            String because) {
        static BlowView of(Check check, Wording wording) {
            return new BlowView(
                    check.title(),
                    check.demand(),
                    check.limit().isPresent() ? check.limit().getAsDouble() : null,
                    check.unit(),
                    check.margin().isPresent() ? check.margin().getAsDouble() : null,
                    StatusView.of(check.status()),
                    SaidView.of(check, wording),
                    wording.say(check.because()));
        }
    }

    /**
     * What one cushion layer takes at the peak.
     *
     * @param acts false where a bare face makes it rigid
     * @param share of the energy that all layers absorb
     */
    public record Peak(
            int layer,
            boolean acts,
            double forceN,
            SidesView stressKpa,
            SidesView strain,
            SidesView squeezeMm,
            SidesView lockUp,
            double energyJ,
            double share) {
        static Peak of(Impact.LayerPeak peak, List<Face> faces, double totalJ) {
            return new Peak(
                    peak.layer(),
                    peak.acts(),
                    peak.forceN(),
                    SidesView.of(faces, i -> peak.stressKpa()[i]),
                    SidesView.of(faces, i -> peak.strain()[i]),
                    SidesView.of(faces, i -> peak.squeezeMm()[i]),
                    SidesView.of(faces, i -> peak.lockUpFraction()[i]),
                    peak.energyJ(),
                    totalJ > 0 ? peak.energyJ() / totalJ : 0);
        }
    }
}
