package rampart.core.bed;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import rampart.core.geometry.Bounds;
import rampart.core.geometry.Edges;
import rampart.core.quantity.Units;

/**
 * The foam left standing between two pockets (rule 53).
 *
 * @param mm thickness
 * @param one name of a part or well
 * @param other name of the other
 */
public record Web(double mm, String one, String other) {
    /** Pockets nearer than this, or that overlap in height by no more, are one or none, mm. */
    static final double HAIR_MM = 0.01;

    private record Pocket(String name, Prism prism, double gapMm, Bounds bounds) {
        static Pocket of(String name, Prism prism, double gapMm) {
            return new Pocket(name, prism, gapMm, Bounds.of(prism.outline()));
        }

        /** What their distance is at least, less the clearances; quickly known. */
        double atLeastMm(Pocket other) {
            return bounds.distanceMm(other.bounds) - gapMm - other.gapMm;
        }

        double webMm(Pocket other) {
            // 12 mm from 4.4 to 16.4 is 12 mm, and not 11.999 999 999 999 998.
            return Units.roundTo9Decimals(
                    Edges.distanceMm(prism.outline(), other.prism.outline()) - gapMm - other.gapMm);
        }
    }

    /** The thinnest; empty where no two pockets stand side by side. */
    static Optional<Web> thinnest(BedShape bed) {
        List<Pocket> pockets = new ArrayList<>();
        bed.parts().forEach(part -> pockets.add(Pocket.of(part.name(), part.prism(), part.gapMm())));
        bed.wells().forEach(well -> pockets.add(Pocket.of(well.name(), well.prism(), 0)));
        Web thinnest = null;
        for (int i = 0; i < pockets.size(); i++) {
            for (int k = i + 1; k < pockets.size(); k++) {
                Pocket one = pockets.get(i);
                Pocket other = pockets.get(k);
                if ((thinnest == null || one.atLeastMm(other) < thinnest.mm())
                        && sideBySide(one.prism(), other.prism())) {
                    double mm = one.webMm(other);
                    if (mm > HAIR_MM && (thinnest == null || mm < thinnest.mm())) {
                        thinnest = new Web(mm, one.name(), other.name());
                    }
                }
            }
        }
        return Optional.ofNullable(thinnest);
    }

    private static boolean sideBySide(Prism one, Prism other) {
        double overlap = Math.min(one.topMm(), other.topMm()) - Math.max(one.bottomMm(), other.bottomMm());
        return overlap > HAIR_MM
                && !one.holds(other.outline().get(0))
                && !other.holds(one.outline().get(0));
    }
}
