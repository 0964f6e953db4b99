package rampart.formats.view;

import java.util.ArrayList;
import java.util.List;
import rampart.core.geometry.Bounds;
import rampart.core.geometry.Region;
import rampart.formats.photograph.Silhouette;

/**
 * Outlines traced in a photograph, the largest first.
 *
 * @param threshold from which a place belongs to the item, of 255
 * @param middleMm of all of them, in the plane of the picture; the outlines are about it
 * @param turnedDegrees by which they were turned about it, counter-clockwise, to lie straight
 * @param errorMm about how far they may be off
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
        double parallaxMm,
        double perMmOfHeight,
        double simplifiedMm,
        boolean cameraKnown) {
    /** @param straight to be turned so that the largest lies straight */
    public static SilhouetteView of(Silhouette silhouette, boolean straight) {
        double turn = straight ? -silhouette.outlines().get(0).leaning() : 0;
        Region all = Region.none();
        for (Region outline : silhouette.outlines()) {
            all = all.plus(outline);
        }
        Bounds bounds = all.hull().outlines().get(0).bounds();
        double x = (bounds.minXMm() + bounds.maxXMm()) / 2;
        double y = (bounds.minYMm() + bounds.maxYMm()) / 2;
        List<OutlinesView.OutlineView> outlines = new ArrayList<>();
        for (Region outline : silhouette.outlines()) {
            outlines.add(OutlinesView.OutlineView.traced(
                    outline.outlines().get(0).moved(-x, -y).turned(turn), outline.areaMm2()));
        }
        return new SilhouetteView(
                silhouette.threshold(),
                List.of(x, y),
                Math.toDegrees(turn),
                outlines,
                silhouette.errorMm(),
                silhouette.parallaxMm(),
                silhouette.perMmOfHeight(),
                Silhouette.SIMPLIFIED_MM,
                silhouette.cameraKnown());
    }
}
