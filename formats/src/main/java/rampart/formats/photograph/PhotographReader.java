package rampart.formats.photograph;

import java.awt.image.BufferedImage;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.stream.Collectors;
import rampart.core.geometry.Outline;
import rampart.core.geometry.PlanPoint;
import rampart.core.geometry.Region;
import rampart.core.quantity.Require;

/** From a photograph with marks in it to the table seen from straight above. */
public final class PhotographReader {
    /** Fewer say too little of where the camera was. */
    private static final int LEAST_MARKS = 4;

    /** Papers that lie flat are not further off than this, mm. */
    private static final double WORST_MARKS_MM = 0.6;

    /** More of the sheet than this must lie between the marks that are seen. */
    private static final double LEAST_ROUND = 0.75;

    private static final double MOST_TILT = 45;

    private PhotographReader() {}

    /**
     * Finds the marks, the camera and what the table looks like.
     *
     * @param image upright
     * @param measuredMm from the outer edge of the first mark to that of the last of a row, where somebody measured the print
     * @param cameraHeightMm over the table, where somebody measured it
     * @throws RefusedPhotographException if no outline can be taken from it, with the reason
     * @throws IllegalArgumentException if a length is out of its range
     */
    public static LaidFlat read(BufferedImage image, OptionalDouble measuredMm, OptionalDouble cameraHeightMm) {
        cameraHeightMm.ifPresent(mm -> Require.within(mm, 100, 10_000, "height of the camera in mm"));
        Pixels pixels = Pixels.of(image);
        List<FoundMark> marks = usable(MarkFinder.in(pixels));
        MarkSheet main = marks.get(0).sheet();
        double printed = 1;
        if (measuredMm.isPresent()) {
            printed = Require.within(
                            measuredMm.getAsDouble(), 0.8 * main.spanMm(), 1.2 * main.spanMm(), "measured length in mm")
                    / main.spanMm();
        }
        double scale = printed;
        Camera camera = Camera.of(
                pixels,
                marks,
                cameraHeightMm.isPresent()
                        ? OptionalDouble.of(cameraHeightMm.getAsDouble() / scale)
                        : OptionalDouble.empty());
        if (camera.marksErrorMm() * scale > WORST_MARKS_MM) {
            throw new RefusedPhotographException("the marks are up to "
                    + Math.round(camera.marksErrorMm() * scale * 20) / 10.0
                    + " mm from where a flat paper has them: is it curled, or was it copied?");
        }
        if (camera.tiltDegrees() > MOST_TILT) {
            throw new RefusedPhotographException("the camera leans by " + Math.round(camera.tiltDegrees())
                    + " degrees; up to " + Math.round(MOST_TILT) + " can be taken out: hold it more from above");
        }
        Region within = within(camera, marks);
        double angle = angle(camera, within, main.within().isPresent());
        Region turned = Region.none();
        for (Outline outline : within.outlines()) {
            turned = turned.plus(Region.within(outline.turned(-angle), 0.01));
        }
        Camera.Looking looking = camera.looking();
        FlatPicture flat = FlatPicture.of(pixels, turned, place -> looking.at(turnedBy(place, angle)));
        PlanPoint foot = turnedBy(camera.footMm(), -angle);
        return new LaidFlat(
                flat.picture(),
                flat.difference(),
                flat.mmPerPixel() * scale,
                flat.left() * scale,
                flat.back() * scale,
                camera.sheets().stream().map(MarkSheet::name).toList(),
                marks.size(),
                new LaidFlat.CameraPlace(
                        foot.xMm() * scale,
                        foot.yMm() * scale,
                        camera.heightMm() * scale,
                        camera.heightErrorMm() * scale,
                        camera.tiltDegrees()),
                camera.marksErrorMm() * scale);
    }

    /** Those of one whole sheet, or those of strips. */
    private static List<FoundMark> usable(List<FoundMark> found) {
        if (found.isEmpty()) {
            throw new RefusedPhotographException(
                    "no marks are seen in the photograph: lay the item on a printed sheet of"
                            + " marks, or strips round it, and take all of them into the picture, sharp and without glare");
        }
        List<FoundMark> onSheet =
                found.stream().filter(mark -> mark.sheet().within().isPresent()).toList();
        List<FoundMark> chosen = found;
        if (onSheet.size() * 2 >= found.size()) {
            MarkSheet sheet = onSheet.stream()
                    .collect(Collectors.groupingBy(FoundMark::sheet, Collectors.counting()))
                    .entrySet()
                    .stream()
                    .max(Comparator.comparingLong(e -> e.getValue()))
                    .orElseThrow()
                    .getKey();
            chosen = onSheet.stream().filter(mark -> mark.sheet().equals(sheet)).toList();
        } else {
            chosen = found.stream()
                    .filter(mark -> mark.sheet().within().isEmpty())
                    .toList();
        }
        if (chosen.size() < LEAST_MARKS) {
            throw new RefusedPhotographException(
                    "only " + chosen.size() + " of the marks " + (chosen.size() == 1 ? "is" : "are")
                            + " seen whole; at least " + LEAST_MARKS + " are needed, and all are better");
        }
        return chosen;
    }

    /** Where the item may lie, in the plane. */
    private static Region within(Camera camera, List<FoundMark> marks) {
        MarkSheet main = marks.get(0).sheet();
        Region seen = Region.none();
        Region papers = Region.none();
        Set<MarkSheet> done = new HashSet<>();
        for (FoundMark mark : marks) {
            seen = seen.plus(Region.within(
                    Outline.polygon(mark.mark().corners().stream()
                            .map(corner -> camera.onPlane(mark.sheet(), corner))
                            .toList()),
                    0.01));
            if (done.add(mark.sheet())) {
                papers = papers.plus(Region.within(
                        Outline.polygon(mark.sheet().paper().outlines().get(0).corners().stream()
                                .map(corner -> camera.onPlane(mark.sheet(), corner))
                                .toList()),
                        0.01));
            }
        }
        if (main.within().isPresent()) {
            Region all = main.within().get();
            if (seen.hull().common(all).areaMm2() < LEAST_ROUND * all.areaMm2()) {
                throw new RefusedPhotographException(
                        "marks are seen on one side of the sheet only; all round the item they are needed");
            }
            return all;
        }
        Region between = seen.hull().minus(papers.offset(3, 0.5)).largest();
        if (between.isEmpty() || between.areaMm2() < 2500) {
            throw new RefusedPhotographException("the strips leave no room between them: lay them round the item");
        }
        return between;
    }

    /** How far the plane is turned so that right in the photograph is right in the plan; by quarters for a whole sheet. */
    private static double angle(Camera camera, Region within, boolean quarters) {
        Outline round = within.outlines().get(0);
        double x = (round.bounds().minXMm() + round.bounds().maxXMm()) / 2;
        double y = (round.bounds().minYMm() + round.bounds().maxYMm()) / 2;
        FoundMark.Pixel middle = camera.looking().at(new PlanPoint(x, y));
        FoundMark.Pixel right = camera.looking().at(new PlanPoint(x + 1, y));
        FoundMark.Pixel back = camera.looking().at(new PlanPoint(x, y + 1));
        // The direction whose picture goes right and neither up nor down.
        double angle = Math.atan2(-(right.y() - middle.y()), back.y() - middle.y());
        double across = (right.x() - middle.x()) * Math.cos(angle) + (back.x() - middle.x()) * Math.sin(angle);
        double whole = across < 0 ? angle + Math.PI : angle;
        return quarters ? Math.round(whole / (Math.PI / 2)) * Math.PI / 2 : whole;
    }

    private static PlanPoint turnedBy(PlanPoint place, double angle) {
        double cos = Math.cos(angle);
        double sin = Math.sin(angle);
        return new PlanPoint(cos * place.xMm() - sin * place.yMm(), sin * place.xMm() + cos * place.yMm());
    }
}
