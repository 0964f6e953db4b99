package rampart.formats.photograph;

import java.awt.Color;
import java.awt.image.BufferedImage;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import rampart.core.geometry.PlanPoint;
import rampart.core.geometry.Region;

/**
 * A photograph that nobody took: marks on papers on a table, upright prisms of known outline on them, seen by a pinhole camera of
 * known place, unevenly lit and with noise. Each pixel follows its own rays, so that nothing in it is shared with the reader.
 */
final class MadeUpPhotograph {
    private static final int RAYS = 2;
    private static final int SLICES = 12;

    private final List<Laid> papers = new ArrayList<>();
    private final List<Standing> items = new ArrayList<>();
    private Color table = new Color(150, 120, 90);
    private double uneven;
    private double noise;
    private double distortion;

    /** A paper turned about its lower left corner and put there. */
    private record Laid(MarkSheet sheet, double x, double y, double angle, double printed) {}

    /** An upright prism; what it holds is told by counting crossings, not by the library that reads the outline back. */
    private record Standing(double[] xs, double[] ys, double heightMm, Color colour, double[] box) {
        static Standing of(Region outline, double heightMm, Color colour) {
            List<PlanPoint> corners = outline.outlines().get(0).corners();
            double[] xs = corners.stream().mapToDouble(PlanPoint::xMm).toArray();
            double[] ys = corners.stream().mapToDouble(PlanPoint::yMm).toArray();
            return new Standing(xs, ys, heightMm, colour, new double[] {
                Arrays.stream(xs).min().orElseThrow(), Arrays.stream(xs).max().orElseThrow(),
                Arrays.stream(ys).min().orElseThrow(), Arrays.stream(ys).max().orElseThrow()
            });
        }

        boolean holds(double x, double y) {
            if (x < box[0] || x > box[1] || y < box[2] || y > box[3]) {
                return false;
            }
            boolean odd = false;
            for (int i = 0, j = xs.length - 1; i < xs.length; j = i++) {
                if ((ys[i] > y) != (ys[j] > y) && x < (xs[j] - xs[i]) * (y - ys[i]) / (ys[j] - ys[i]) + xs[i]) {
                    odd = !odd;
                }
            }
            return odd;
        }
    }

    /**
     * Where the camera is and looks.
     *
     * @param focal in long sides of the picture
     * @param tilt from straight down, degrees
     * @param toward the direction in the plane to which it leans, degrees
     * @param distance to the place it looks at, mm
     */
    record View(
            int width,
            int height,
            double focal,
            double tilt,
            double toward,
            double roll,
            double distance,
            PlanPoint at) {}

    MadeUpPhotograph paper(MarkSheet sheet, double x, double y, double degrees) {
        return paper(sheet, x, y, degrees, 1);
    }

    MadeUpPhotograph paper(MarkSheet sheet, double x, double y, double degrees, double printed) {
        papers.add(new Laid(sheet, x, y, Math.toRadians(degrees), printed));
        return this;
    }

    MadeUpPhotograph item(Region outline, double heightMm, Color colour) {
        items.add(Standing.of(outline, heightMm, colour));
        return this;
    }

    MadeUpPhotograph table(Color colour) {
        table = colour;
        return this;
    }

    MadeUpPhotograph lit(double uneven, double noise) {
        this.uneven = uneven;
        this.noise = noise;
        return this;
    }

    MadeUpPhotograph bent(double distortion) {
        this.distortion = distortion;
        return this;
    }

    BufferedImage seen(View view, long seed) {
        double[] eye = eye(view);
        double[][] axes = axes(view, eye);
        BufferedImage image = new BufferedImage(view.width, view.height, BufferedImage.TYPE_INT_RGB);
        IntStream.range(0, view.height).parallel().forEach(j -> {
            Random random = new Random(seed * 100_003 + j);
            int[] row = new int[view.width];
            for (int i = 0; i < view.width; i++) {
                double[] sum = new double[3];
                for (int s = 0; s < RAYS * RAYS; s++) {
                    add(sum, view, eye, axes, i + (s % RAYS + 0.5) / RAYS, j + (Math.floorDiv(s, RAYS) + 0.5) / RAYS);
                }
                for (double channel : sum) {
                    double value = channel / (RAYS * RAYS) + noise * random.nextGaussian();
                    row[i] = row[i] << 8 | (int) Math.max(0, Math.min(255, Math.round(value)));
                }
            }
            image.getRaster().setDataElements(0, j, view.width, 1, row);
        });
        return image;
    }

    private void add(double[] sum, View view, double[] eye, double[][] axes, double px, double py) {
        double longest = Math.max(view.width, view.height);
        double u = (px - view.width / 2.0) / (longest * view.focal);
        double v = (py - view.height / 2.0) / (longest * view.focal);
        // The lens moves a place outward by 1 + k r2; the ray that ends here left at the inverse.
        double r2 = u * u + v * v;
        for (int k = 0; k < 5 && distortion != 0; k++) {
            double scale = 1 + distortion * r2;
            r2 = (u * u + v * v) / (scale * scale);
        }
        u /= 1 + distortion * r2;
        v /= 1 + distortion * r2;
        double[] ray = new double[3];
        for (int c = 0; c < 3; c++) {
            ray[c] = axes[0][c] * u + axes[1][c] * v + axes[2][c];
        }
        Color colour = hit(eye, ray);
        double x = eye[0] - ray[0] * eye[2] / ray[2];
        double light = 1 - uneven * (0.5 + 0.5 * Math.tanh((x - view.at.xMm()) / 200));
        sum[0] += colour.getRed() * light;
        sum[1] += colour.getGreen() * light;
        sum[2] += colour.getBlue() * light;
    }

    /** Items are told by thin slices from their top down: the first that the ray meets. */
    private Color hit(double[] eye, double[] ray) {
        for (Standing item : items) {
            int slices = item.heightMm == 0 ? 0 : SLICES;
            for (int s = 0; s <= slices; s++) {
                double z = slices == 0 ? 0 : item.heightMm * (slices - s) / slices;
                double t = (z - eye[2]) / ray[2];
                if (item.holds(eye[0] + ray[0] * t, eye[1] + ray[1] * t)) {
                    return item.colour;
                }
            }
        }
        double t = -eye[2] / ray[2];
        return ground(eye[0] + ray[0] * t, eye[1] + ray[1] * t);
    }

    private Color ground(double x, double y) {
        for (Laid paper : papers) {
            double dx = x - paper.x;
            double dy = y - paper.y;
            double px = (Math.cos(paper.angle) * dx + Math.sin(paper.angle) * dy) / paper.printed;
            double py = (-Math.sin(paper.angle) * dx + Math.cos(paper.angle) * dy) / paper.printed;
            if (px < 0 || py < 0 || px > paper.sheet.widthMm() || py > paper.sheet.heightMm()) {
                continue;
            }
            for (MarkSheet.Mark mark : paper.sheet.marks()) {
                double u = (px - mark.left()) / mark.sideMm() * MarkPattern.CELLS;
                double v = (py - mark.low()) / mark.sideMm() * MarkPattern.CELLS;
                if (u >= 0 && v >= 0 && u < MarkPattern.CELLS && v < MarkPattern.CELLS) {
                    boolean black = MarkPattern.black(mark.number(), MarkPattern.CELLS - 1 - (int) v, (int) u);
                    return black ? new Color(30, 30, 30) : Color.WHITE;
                }
            }
            return new Color(250, 250, 250);
        }
        return table;
    }

    private static double[] eye(View view) {
        double tilt = Math.toRadians(view.tilt);
        double toward = Math.toRadians(view.toward);
        return new double[] {
            view.at.xMm() + view.distance * Math.sin(tilt) * Math.cos(toward),
            view.at.yMm() + view.distance * Math.sin(tilt) * Math.sin(toward),
            view.distance * Math.cos(tilt)
        };
    }

    /** Right, down and forward of the camera. */
    private static double[][] axes(View view, double[] eye) {
        double[] forward = unit(new double[] {view.at.xMm() - eye[0], view.at.yMm() - eye[1], -eye[2]});
        double roll = Math.toRadians(view.roll);
        double[] up = {-Math.sin(roll), Math.cos(roll), 0};
        double[] right = unit(cross(forward, up));
        double[] down = cross(forward, right);
        return new double[][] {right, down, forward};
    }

    private static double[] cross(double[] a, double[] b) {
        return new double[] {a[1] * b[2] - a[2] * b[1], a[2] * b[0] - a[0] * b[2], a[0] * b[1] - a[1] * b[0]};
    }

    private static double[] unit(double[] a) {
        double length = Math.sqrt(a[0] * a[0] + a[1] * a[1] + a[2] * a[2]);
        return new double[] {a[0] / length, a[1] / length, a[2] / length};
    }
}
