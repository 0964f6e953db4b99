package rampart.formats.view;

import java.util.ArrayList;
import java.util.List;
import rampart.core.geometry.Bounds;
import rampart.core.geometry.Outline;
import rampart.formats.photograph.Silhouette;

/**
 * Outlines traced in a photograph, the largest first.
 *
 * @param threshold from which a place belongs to the item, of 255
 * @param middleMm of all of them, in the plane of the picture; the outlines are about it
 * @param turnedDegrees by which they were turned about it, counter-clockwise, to lie straight
 * @param errorMm how far they may be off where they are worst
 * @param innerCornersMm how much of that is in inner corners alone, which a tall item hides; 0 where none is
 * @param holes openings in what stands out that were left out
 * @param parallaxMm how far the farthest edge was moved for the item's height
 * @param perMmOfHeight how far it moves for each mm of that height
 * @param cameraKnown false where the camera's height has to be measured before the item's can be allowed for
 */
public record SilhouetteView(
        int threshold,
        List<Double> middleMm,
        double turnedDegrees,
        List<OutlinesView.OutlineView> outlines,
        double errorMm,
        double innerCornersMm,
        int holes,
        double parallaxMm,
        double perMmOfHeight,
        double simplifiedMm,
        boolean cameraKnown) {
    /** @param straight to be turned so that the largest lies straight */
    public static SilhouetteView of(Silhouette silhouette, boolean straight) {
        double turn = straight ? -silhouette.outlines().get(0).leaning() : 0;
        List<Outline> turned = silhouette.outlines().stream()
                .map(region -> region.outlines().get(0).turned(turn))
                .toList();
        double left = Double.POSITIVE_INFINITY;
        double right = Double.NEGATIVE_INFINITY;
        double front = Double.POSITIVE_INFINITY;
        double back = Double.NEGATIVE_INFINITY;
        for (Outline outline : turned) {
            Bounds bounds = outline.bounds();
            left = Math.min(left, bounds.minXMm());
            right = Math.max(right, bounds.maxXMm());
            front = Math.min(front, bounds.minYMm());
            back = Math.max(back, bounds.maxYMm());
        }
        double x = (left + right) / 2;
        double y = (front + back) / 2;
        List<OutlinesView.OutlineView> outlines = new ArrayList<>();
        for (int i = 0; i < turned.size(); i++) {
            outlines.add(OutlinesView.OutlineView.traced(
                    turned.get(i).moved(-x, -y), silhouette.outlines().get(i).areaMm2()));
        }
        return new SilhouetteView(
                silhouette.threshold(),
                List.of(x * Math.cos(turn) + y * Math.sin(turn), y * Math.cos(turn) - x * Math.sin(turn)),
                Math.toDegrees(turn),
                outlines,
                silhouette.errorMm(),
                silhouette.innerCornersMm(),
                silhouette.holes(),
                silhouette.parallaxMm(),
                silhouette.perMmOfHeight(),
                Silhouette.SIMPLIFIED_MM,
                silhouette.cameraKnown());
    }
}
