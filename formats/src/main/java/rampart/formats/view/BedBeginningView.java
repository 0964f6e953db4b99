package rampart.formats.view;

import java.util.Locale;
import java.util.Map;
import rampart.core.quantity.Face;
import rampart.core.search.BedBeginnings;
import rampart.formats.pack.LayerWriter;

/**
 * A bed to begin with.
 *
 * @param kind snug, end_caps, rails or corner_blocks
 * @param widthMm of caps, rails or blocks; 0 for a snug one
 * @param bed as it stands in a pack file
 * @param marginPercent the least of its checks at first look
 */
public record BedBeginningView(
        String kind,
        double widthMm,
        Map<String, Object> bed,
        StatusView verdict,
        double marginPercent,
        double bearsBelowCm2) {
    public static BedBeginningView of(BedBeginnings.Beginning beginning) {
        return new BedBeginningView(
                beginning.kind().name().toLowerCase(Locale.ROOT),
                beginning.widthMm(),
                LayerWriter.bed(beginning.shape()),
                StatusView.of(beginning.evaluation().verdict()),
                100 * beginning.evaluation().lowestMarginButFit(),
                beginning.shape().contact().bearingMm2(Face.BOTTOM) / 100);
    }
}
