package rampart.formats.view;

import java.util.List;
import rampart.core.bed.Prism;
import rampart.core.search.LooseWell;

/**
 * A well for something loose, as it stands in a pack file but for its name.
 *
 * @param foamMm the least foam between it and the item
 * @param marginPercent the least of the pack's checks with it, at first look
 */
public record LooseWellView(
        List<List<Double>> outlineMm, double bottomMm, double topMm, double foamMm, double marginPercent) {
    public static LooseWellView of(LooseWell well) {
        Prism prism = well.well().prism();
        return new LooseWellView(
                prism.outline().stream()
                        .map(place -> List.of(tenth(place.xMm()), tenth(place.yMm())))
                        .toList(),
                tenth(prism.bottomMm()),
                tenth(prism.topMm()),
                well.foamMm(),
                100 * well.evaluation().lowestMarginButFit());
    }

    private static double tenth(double mm) {
        return Math.rint(mm * 10) / 10;
    }
}
