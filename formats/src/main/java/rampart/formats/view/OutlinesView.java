package rampart.formats.view;

import java.util.List;
import rampart.formats.outline.ImportedOutlines;

/**
 * Closed outlines out of a drawing file.
 *
 * @param unit what a unit of the file was taken for
 * @param unitStated false where the file does not say, so that a person has to
 * @param remarks what was joined, left open or left out
 */
public record OutlinesView(String unit, boolean unitStated, List<OutlineView> outlines, List<String> remarks) {
    /**
     * One outline, in mm from the middle of all.
     *
     * @param gapMm the widest gap that was closed in it
     */
    public record OutlineView(
            String layer, List<List<Double>> placesMm, double areaCm2, double widthMm, double depthMm, double gapMm) {
        static OutlineView of(ImportedOutlines.Imported outline) {
            List<List<Double>> places = outline.places().stream()
                    .map(p -> List.of(Math.round(p.xMm() * 100) / 100.0, Math.round(p.yMm() * 100) / 100.0))
                    .toList();
            return new OutlineView(
                    outline.layer(),
                    places,
                    outline.areaMm2() / 100,
                    extent(places, 0),
                    extent(places, 1),
                    outline.gapMm());
        }

        private static double extent(List<List<Double>> places, int axis) {
            double low = places.stream().mapToDouble(p -> p.get(axis)).min().orElse(0);
            double high = places.stream().mapToDouble(p -> p.get(axis)).max().orElse(0);
            return high - low;
        }
    }

    public static OutlinesView of(ImportedOutlines imported) {
        return new OutlinesView(
                imported.unit().sign(),
                imported.unitStated(),
                imported.outlines().stream().map(OutlineView::of).toList(),
                imported.remarks());
    }
}
