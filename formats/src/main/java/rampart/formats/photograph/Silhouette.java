package rampart.formats.photograph;

import boofcv.alg.filter.binary.BinaryImageOps;
import boofcv.alg.filter.binary.Contour;
import boofcv.alg.filter.binary.GThresholdImageOps;
import boofcv.struct.ConnectRule;
import boofcv.struct.image.GrayU8;
import georegression.struct.point.Point2D_I32;
import java.awt.image.BufferedImage;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.OptionalInt;
import rampart.core.geometry.Outline;
import rampart.core.geometry.PlanPoint;
import rampart.core.geometry.Region;
import rampart.core.quantity.Require;
import rampart.core.search.Watcher;

/**
 * What stands out in a picture that was laid flat, as closed outlines; taken back by what its height shifts them.
 *
 * @param threshold from which a place belongs to the item, of 255
 * @param outlines mm in the plane, the largest first
 * @param errorMm how far they may be off where they are worst: twice the root of the squares of all that is uncertain, and what inner
 *     corners of a tall item hide of it
 * @param innerCornersMm how much of that is in its inner corners alone; 0 where none is hidden
 * @param holes how many openings in what stands out were left out
 * @param parallaxMm how far the edge was moved at most for the item's height
 * @param perMmOfHeight how far the farthest edge moves for each mm of that height
 * @param cameraKnown false where the camera's height over the table could not be found well enough to say what the height of the
 *     item shifts
 */
public record Silhouette(
        int threshold,
        List<Region> outlines,
        double errorMm,
        double innerCornersMm,
        int holes,
        double parallaxMm,
        double perMmOfHeight,
        boolean cameraKnown) {
    /** How far an outline is simplified, mm. */
    public static final double SIMPLIFIED_MM = 0.15;

    /** Most places of one outline in a pack. */
    private static final int MOST_PLACES = 2000;

    /** An item of a metre has some 12,000 pixels of edge, on a ground that is rough ten times as many; each costs time and memory. */
    private static final int MOST_EDGES = 200_000;

    /** Smaller spots are dirt, mm2. */
    private static final double LEAST_MM2 = 50;

    /** Spots smaller than this share of the largest are dirt. */
    private static final double LEAST_SHARE = 0.02;

    /** Worst of what is spread evenly or as the errors of measurements are, in root mean squares (common practice). */
    private static final double WORST = 2;

    /** Beyond this share the camera's height is not known. */
    private static final double WORST_HEIGHT = 0.05;

    /** What is taken without asking differs by more than this. */
    private static final int LEAST_CONTRAST = 16;

    public Silhouette {
        outlines = List.copyOf(outlines);
    }

    /** What was asked about a picture that was laid flat. */
    public record Asked(OptionalInt threshold, double heightMm) {}

    /**
     * Traces what stands out.
     *
     * @throws RefusedPhotographException if nothing does, or it reaches the edge of where an item may lie
     * @param watcher looks on, thing by thing
     * @throws IllegalArgumentException if the threshold is not 8 to 255 or the height not below the camera's
     */
    public static Silhouette of(LaidFlat flat, Asked asked, Watcher watcher) {
        LaidFlat.CameraPlace camera = flat.camera();
        double height = Require.within(asked.heightMm(), 0, camera.heightMm() / 2, "height of the edge in mm");
        GrayU8 difference = grey(flat.difference());
        int threshold = asked.threshold().isPresent()
                ? (int) Require.within(asked.threshold().getAsInt(), FlatPicture.NOISE, 255, "threshold")
                : automatic(difference);
        double keep = 1 - height / camera.heightMm();
        PlanPoint foot = new PlanPoint(camera.xMm(), camera.yMm());
        List<Region> outlines = new ArrayList<>();
        double farthest = 0;
        double hidden = 0;
        int holes = 0;
        InnerCorners corners = new InnerCorners(foot, height / (camera.heightMm() - height));
        for (Spot spot : seen(flat, difference, threshold, watcher)) {
            watcher.look();
            Region seen = spot.region;
            holes += spot.holes;
            // A wall's foot is seen toward the camera, its top away from it: the item is within both.
            Region item =
                    height == 0 ? seen : seen.common(seen.scaled(foot, keep)).largest();
            if (item.outlines().isEmpty()) {
                throw new RefusedPhotographException("at a height of " + Math.round(height)
                        + " mm nothing would be left of what stands out so far from the"
                        + " middle: give the height of the item's widest outline, or lay it under the camera");
            }
            for (Outline outline : item.outlines()) {
                for (PlanPoint place : outline.corners()) {
                    farthest = Math.max(farthest, foot.to(place));
                }
            }
            Region simple = simplified(item);
            hidden = Math.max(hidden, corners.worstMm(simple));
            outlines.add(simple);
        }
        double parallax = farthest * height / camera.heightMm();
        double share = camera.heightErrorMm() / camera.heightMm();
        double error = WORST
                * Math.sqrt(square(flat.marksErrorMm())
                        + square(flat.mmPerPixel() / 2)
                        + square(SIMPLIFIED_MM)
                        + square(parallax * share));
        return new Silhouette(
                threshold,
                outlines,
                error + hidden,
                hidden,
                holes,
                parallax,
                farthest / camera.heightMm(),
                share <= WORST_HEIGHT);
    }

    private static double square(double value) {
        return value * value;
    }

    private static GrayU8 grey(BufferedImage image) {
        GrayU8 grey = new GrayU8(image.getWidth(), image.getHeight());
        int[] row = new int[image.getWidth()];
        for (int y = 0; y < image.getHeight(); y++) {
            image.getRaster().getSamples(0, y, image.getWidth(), 1, 0, row);
            for (int x = 0; x < row.length; x++) {
                grey.data[y * row.length + x] = (byte) row[x];
            }
        }
        return grey;
    }

    /** Otsu's threshold (A threshold selection method from gray-level histograms, 1979) over where an item may lie. */
    private static int automatic(GrayU8 difference) {
        int[] histogram = new int[256];
        for (byte value : difference.data) {
            histogram[value & 255]++;
        }
        int all = 0;
        histogram[0] = 0;
        for (int count : histogram) {
            all += count;
        }
        return Math.max(LEAST_CONTRAST, GThresholdImageOps.computeOtsu(histogram, histogram.length, all));
    }

    private static List<Spot> seen(LaidFlat flat, GrayU8 difference, int threshold, Watcher watcher) {
        GrayU8 binary = new GrayU8(difference.width, difference.height);
        for (int at = 0; at < binary.data.length; at++) {
            binary.data[at] = (byte) ((difference.data[at] & 255) >= threshold ? 1 : 0);
        }
        // Single pixels go; no more, for what takes hairs away takes corners too.
        GrayU8 clean = BinaryImageOps.removePointNoise(binary, null);
        if (edges(clean) > MOST_EDGES) {
            throw new RefusedPhotographException(
                    "what stands out is torn into too many edges: take the photograph on an even ground"
                            + " without pattern, or raise the threshold");
        }
        List<Spot> spots = new ArrayList<>();
        for (Contour contour : BinaryImageOps.contour(clean, ConnectRule.FOUR, null)) {
            watcher.look();
            if (contour.external.size() >= 8) {
                Spot spot = Spot.of(contour, difference, threshold, flat);
                if (spot.region.areaMm2() >= LEAST_MM2) {
                    spots.add(spot);
                }
            }
        }
        spots.sort(Comparator.comparingDouble(spot -> -spot.region.areaMm2()));
        if (spots.isEmpty()) {
            throw new RefusedPhotographException(
                    "nothing stands out from the ground: lay the item on something darker or"
                            + " lighter than itself, or lower the threshold");
        }
        double least = LEAST_SHARE * spots.get(0).region.areaMm2();
        List<Spot> seen = new ArrayList<>();
        for (Spot spot : spots) {
            if (spot.region.areaMm2() < least) {
                break;
            }
            if (!spot.reaches.isEmpty()) {
                throw new RefusedPhotographException("what stands out reaches the edge of the free ground "
                        + spot.reaches + ", so that part of the item may be cut off: move it to the middle, use strips"
                        + " farther apart, or raise the threshold where it is a shadow");
            }
            seen.add(spot);
        }
        return seen;
    }

    /** Pixels that stand out beside one that does not: so many places their outlines will have. */
    private static int edges(GrayU8 binary) {
        int edges = 0;
        for (int y = 1; y + 1 < binary.height; y++) {
            for (int at = y * binary.width + 1; at + 1 < (y + 1) * binary.width; at++) {
                int around = binary.data[at - 1]
                        + binary.data[at + 1]
                        + binary.data[at - binary.width]
                        + binary.data[at + binary.width];
                edges += binary.data[at] == 1 && around < 4 ? 1 : 0;
            }
        }
        return edges;
    }

    /** Fewer places, never too many. */
    private static Region simplified(Region region) {
        double tolerance = SIMPLIFIED_MM;
        Region simple = region.simplified(tolerance);
        while (simple.outlines().get(0).corners().size() > MOST_PLACES) {
            tolerance *= 2;
            simple = region.simplified(tolerance);
        }
        return simple;
    }

    /**
     * One thing that stands out.
     *
     * @param reaches the side on which it reaches the edge of where an item may lie; empty where it does not
     * @param holes openings in it
     */
    private record Spot(Region region, String reaches, int holes) {
        static Spot of(Contour of, GrayU8 difference, int threshold, LaidFlat flat) {
            List<PlanPoint> places = new ArrayList<>();
            String reaches = "";
            for (Point2D_I32 pixel : of.external) {
                double x = 0;
                double y = 0;
                int crossings = 0;
                for (int side = 0; side < 4; side++) {
                    int dx = side == 0 ? 1 : side == 1 ? -1 : 0;
                    int dy = side == 2 ? 1 : side == 3 ? -1 : 0;
                    if (at(difference, pixel.x + 2 * dx, pixel.y + 2 * dy) == 0) {
                        reaches = side == 0
                                ? "at the right"
                                : side == 1 ? "at the left" : side == 2 ? "in front" : "behind";
                    }
                    double share = outward(difference, pixel, dx, dy, threshold);
                    if (share >= 0) {
                        x += pixel.x + dx * share;
                        y += pixel.y + dy * share;
                        crossings++;
                    }
                }
                if (crossings > 0) {
                    places.add(new PlanPoint(
                            flat.left() + (x / crossings + 0.5) * flat.mmPerPixel(),
                            flat.back() - (y / crossings + 0.5) * flat.mmPerPixel()));
                }
            }
            try {
                return new Spot(Region.largestWithin(Outline.polygon(places)), reaches, holes(of, flat));
            } catch (IllegalArgumentException e) {
                // A hair whose edge holds no area.
                return new Spot(Region.none(), reaches, 0);
            }
        }

        /** Openings that are no dirt. */
        private static int holes(Contour of, LaidFlat flat) {
            double mm2 = flat.mmPerPixel() * flat.mmPerPixel();
            return (int) of.internal.stream()
                    .filter(hole -> Math.abs(pixels(hole)) * mm2 >= LEAST_MM2)
                    .count();
        }

        private static double pixels(List<Point2D_I32> round) {
            double sum = 0;
            for (int i = 0; i < round.size(); i++) {
                Point2D_I32 a = round.get(i);
                Point2D_I32 b = round.get((i + 1) % round.size());
                sum += (double) a.x * b.y - (double) b.x * a.y;
            }
            return sum / 2;
        }

        /** How far from the pixel's middle the threshold is crossed, in pixels; negative where it is not within two. */
        private static double outward(GrayU8 difference, Point2D_I32 pixel, int dx, int dy, int threshold) {
            int here = at(difference, pixel.x, pixel.y);
            for (int step = 1; step <= 2; step++) {
                int next = at(difference, pixel.x + dx * step, pixel.y + dy * step);
                if (here >= threshold && next < threshold) {
                    return step - 1 + (here - threshold + 0.5) / (here - next);
                }
                here = next;
            }
            return -1;
        }

        private static int at(GrayU8 image, int x, int y) {
            return x < 0 || y < 0 || x >= image.width || y >= image.height ? 0 : image.data[y * image.width + x] & 255;
        }
    }
}
