package rampart.formats.view;

import java.util.Locale;
import java.util.Map;
import java.util.OptionalDouble;
import rampart.core.insert.WayToMake;
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
 * @param pieces to make it of: base and lid, or strips
 * @param minutes by hand, assumed
 * @param cost of the foam; null where it has no price
 */
public record BedBeginningView(
        String kind,
        double widthMm,
        Map<String, Object> bed,
        StatusView verdict,
        double marginPercent,
        double bearsBelowCm2,
        int pieces,
        int cuts,
        double minutes,
        double foamLitres,
        @Nullable Double cost) {
    private static final double MM3_PER_LITRE = 1e6;

    /** With what a litre of its foam costs, where that is known. */
    public static BedBeginningView of(BedBeginnings.Beginning beginning, OptionalDouble costPerLitre) {
        WayToMake made = beginning.made(costPerLitre);
        return new BedBeginningView(
                beginning.kind().name().toLowerCase(Locale.ROOT),
                beginning.widthMm(),
                LayerWriter.bed(beginning.shape()),
                StatusView.of(beginning.evaluation().verdict()),
                100 * beginning.evaluation().lowestMarginButFit(),
                beginning.shape().contact().bearingMm2(Face.BOTTOM) / 100,
                made.pieces(),
                made.cuts(),
                made.minutes(),
                made.foamMm3() / MM3_PER_LITRE,
                made.cost().isPresent() ? made.cost().getAsDouble() : null);
    }
}
