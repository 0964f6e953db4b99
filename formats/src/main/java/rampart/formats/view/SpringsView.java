package rampart.formats.view;

import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import rampart.core.layout.ContactPatch;
import rampart.core.layout.LaidCushion;
import rampart.core.quantity.Face;
import rampart.core.quantity.Units;

/** What a bed bears with on each face (rules 46 to 48): areas of equal thickness together, the thinnest first. */
public record SpringsView(
        List<SpringView> top,
        List<SpringView> right,
        List<SpringView> bottom,
        List<SpringView> left,
        List<SpringView> front,
        List<SpringView> back) {
    /** Foam of one thickness. */
    public record SpringView(double areaCm2, double thicknessMm) {}

    static SpringsView of(LaidCushion bed) {
        return new SpringsView(
                on(bed, Face.TOP),
                on(bed, Face.RIGHT),
                on(bed, Face.BOTTOM),
                on(bed, Face.LEFT),
                on(bed, Face.FRONT),
                on(bed, Face.BACK));
    }

    private static List<SpringView> on(LaidCushion bed, Face face) {
        Map<Double, Double> areas = new TreeMap<>();
        for (ContactPatch patch : bed.patches()) {
            if (patch.face() == face) {
                areas.merge(Units.roundTo9Decimals(patch.thicknessMm()), patch.areaMm2(), Double::sum);
            }
        }
        return areas.entrySet().stream()
                .map(entry -> new SpringView(entry.getValue() / 100, entry.getKey()))
                .toList();
    }
}
