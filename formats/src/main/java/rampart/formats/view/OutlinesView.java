package rampart.formats.view;

import java.util.ArrayList;
import java.util.List;
import rampart.core.geometry.Outline;
import rampart.core.geometry.PlanPoint;
import rampart.core.geometry.Region;
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
            return of(outline.layer(), outline.places(), outline.areaMm2(), outline.gapMm());
        }

        /** One that no file says more of. */
        static OutlineView traced(Outline outline, double areaMm2) {
            return of("", outline.corners(), areaMm2, 0);
        }

        private static OutlineView of(String layer, List<PlanPoint> exact, double areaMm2, double gapMm) {
            List<List<Double>> places = exact.stream()
                    .map(p -> List.of(Math.round(p.xMm() * 100) / 100.0, Math.round(p.yMm() * 100) / 100.0))
                    .toList();
            return new OutlineView(layer, places, areaMm2 / 100, extent(places, 0), extent(places, 1), gapMm);
        }

        private static double extent(List<List<Double>> places, int axis) {
            double low = places.stream().mapToDouble(p -> p.get(axis)).min().orElse(0);
            double high = places.stream().mapToDouble(p -> p.get(axis)).max().orElse(0);
            return high - low;
        }
    }

    /** What was measured by hand, piece by piece; a hole is told, for a part has none. */
    public static OutlinesView measured(List<Region> pieces) {
        List<OutlineView> outlines = new ArrayList<>();
        int holes = 0;
        for (Region piece : pieces) {
            outlines.add(OutlineView.traced(piece.outlines().get(0), piece.areaMm2()));
            holes += piece.holes().size();
        }
        return new OutlinesView(
                "mm",
                true,
                outlines,
                holes == 0
                        ? List.of()
                        : List.of(
                                "a hole inside is not kept: foam that stands up in it is no part of the item's outline"));
    }

    public static OutlinesView of(ImportedOutlines imported) {
        return new OutlinesView(
                imported.unit().sign(),
                imported.unitStated(),
                imported.outlines().stream().map(OutlineView::of).toList(),
                imported.remarks());
    }
}
