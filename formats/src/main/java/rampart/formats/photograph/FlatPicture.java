package rampart.formats.photograph;

import boofcv.alg.filter.blur.GBlurImageOps;
import boofcv.struct.image.GrayF32;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.geom.AffineTransform;
import java.awt.geom.Path2D;
import java.awt.image.BufferedImage;
import java.util.Arrays;
import java.util.List;
import org.hipparchus.linear.MatrixUtils;
import org.hipparchus.linear.QRDecomposition;
import org.hipparchus.linear.RealMatrix;
import org.hipparchus.linear.RealVector;
import rampart.core.geometry.Bounds;
import rampart.core.geometry.Outline;
import rampart.core.geometry.PlanPoint;
import rampart.core.geometry.Region;

/**
 * The table as if seen from straight above: perspective and lens taken out, one pixel a fixed length.
 *
 * @param picture what it looks like
 * @param difference how much each place differs from the ground round it: 1 not at all, 255 wholly; 0 outside where the item may
 *     lie
 * @param mmPerPixel of both
 * @param left of the first column, mm in the plane
 * @param back of the first row, mm in the plane
 */
record FlatPicture(BufferedImage picture, BufferedImage difference, double mmPerPixel, double left, double back) {
    private static final int LONGEST = 2000;
    private static final double FINEST_MM = 0.25;

    /** Differences under this are noise and shade, no item. */
    static final int NOISE = 8;

    /** Width of the edge along which the ground is looked at, mm. */
    private static final double RING_MM = 6;

    private static final int TERMS = 6;

    /**
     * Lays a photograph flat.
     *
     * @param within where the item may lie, mm in the plane
     * @param looking from the plane to the picture
     */
    static FlatPicture of(Pixels pixels, Region within, Camera.Looking looking) {
        Bounds bounds = Outline.polygon(within.outlines().get(0).corners()).bounds();
        double wide = bounds.widthMm();
        double deep = bounds.heightMm();
        double scale = Math.max(FINEST_MM, Math.max(wide, deep) / LONGEST);
        int width = (int) Math.ceil(wide / scale);
        int height = (int) Math.ceil(deep / scale);
        double left = bounds.minXMm();
        double back = bounds.maxYMm();
        boolean[] inside = inside(within, width, height, scale, left, back);
        boolean[] middle = inside(within.offset(-RING_MM, 0.1), width, height, scale, left, back);
        GrayF32[] channels = new GrayF32[3];
        Arrays.setAll(channels, c -> new GrayF32(width, height));
        for (int j = 0; j < height; j++) {
            for (int i = 0; i < width; i++) {
                int at = j * width + i;
                if (!inside[at]) {
                    continue;
                }
                FoundMark.Pixel seen = looking.at(new PlanPoint(left + (i + 0.5) * scale, back - (j + 0.5) * scale));
                for (int c = 0; c < 3; c++) {
                    channels[c].data[at] = pixels.between(c, seen.x(), seen.y());
                }
                if (Float.isNaN(channels[0].data[at])) {
                    throw new RefusedPhotographException(
                            "part of the ground between the marks is outside the photograph: step back a little");
                }
            }
        }
        BufferedImage picture = picture(channels, inside, width, height);
        BufferedImage difference = new BufferedImage(width, height, BufferedImage.TYPE_BYTE_GRAY);
        double[] sums = new double[width * height];
        for (GrayF32 channel : channels) {
            GrayF32 soft = GBlurImageOps.gaussian(channel, null, 0.8, 2, null);
            double[] ground = ground(soft, inside, middle, width, height);
            for (int at = 0; at < sums.length; at++) {
                if (inside[at]) {
                    double share =
                            soft.data[at] / Math.max(8, value(ground, at % width, at / width, width, height)) - 1;
                    sums[at] += share * share / 3;
                }
            }
        }
        for (int at = 0; at < sums.length; at++) {
            int grey = (int) Math.min(255, Math.round(255 * Math.sqrt(sums[at])));
            int kept = grey < NOISE ? 1 : grey;
            difference.getRaster().setSample(at % width, at / width, 0, inside[at] ? kept : 0);
        }
        return new FlatPicture(picture, difference, scale, left, back);
    }

    private static BufferedImage picture(GrayF32[] channels, boolean[] inside, int width, int height) {
        BufferedImage picture = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
        for (int at = 0; at < inside.length; at++) {
            int rgb = inside[at]
                    ? Math.round(channels[0].data[at]) << 16
                            | Math.round(channels[1].data[at]) << 8
                            | Math.round(channels[2].data[at])
                    : 0xffffff;
            picture.setRGB(at % width, at / width, rgb);
        }
        return picture;
    }

    /** Which pixels lie within a region. */
    static boolean[] inside(Region region, int width, int height, double scale, double left, double back) {
        BufferedImage mask = new BufferedImage(width, height, BufferedImage.TYPE_BYTE_GRAY);
        Graphics2D graphics = mask.createGraphics();
        graphics.setTransform(new AffineTransform(1 / scale, 0, 0, -1 / scale, -left / scale, back / scale));
        graphics.setColor(Color.WHITE);
        for (Outline outline : region.outlines()) {
            Path2D path = new Path2D.Double();
            List<PlanPoint> corners = outline.corners();
            path.moveTo(corners.get(0).xMm(), corners.get(0).yMm());
            corners.forEach(corner -> path.lineTo(corner.xMm(), corner.yMm()));
            path.closePath();
            graphics.fill(path);
        }
        graphics.dispose();
        boolean[] inside = new boolean[width * height];
        for (int at = 0; at < inside.length; at++) {
            inside[at] = mask.getRaster().getSample(at % width, at / width, 0) > 0;
        }
        return inside;
    }

    /**
     * Brightness of the ground as a polynomial of the second degree, from the ring round where the item lies; what lies on the
     * ring all the same is left out the second time.
     */
    private static double[] ground(GrayF32 channel, boolean[] inside, boolean[] middle, int width, int height) {
        double[] ground = {};
        for (int pass = 0; pass < 3; pass++) {
            RealMatrix normal = MatrixUtils.createRealMatrix(TERMS, TERMS);
            RealVector right = MatrixUtils.createRealVector(new double[TERMS]);
            for (int at = 0; at < inside.length; at += 3) {
                if (!inside[at] || middle[at]) {
                    continue;
                }
                double[] terms = terms(at % width, at / width, width, height);
                double value = channel.data[at];
                if (pass > 0) {
                    double usual = value(ground, at % width, at / width, width, height);
                    if (Math.abs(value - usual) > (pass == 1 ? 0.3 : 0.12) * Math.max(8, usual)) {
                        continue;
                    }
                }
                for (int i = 0; i < TERMS; i++) {
                    right.addToEntry(i, terms[i] * value);
                    for (int j = 0; j < TERMS; j++) {
                        normal.addToEntry(i, j, terms[i] * terms[j]);
                    }
                }
            }
            for (int i = 0; i < TERMS; i++) {
                normal.addToEntry(i, i, 1e-6);
            }
            ground = new QRDecomposition(normal).getSolver().solve(right).toArray();
        }
        return ground;
    }

    private static double[] terms(int i, int j, int width, int height) {
        double x = 2.0 * i / width - 1;
        double y = 2.0 * j / height - 1;
        return new double[] {1, x, y, x * x, x * y, y * y};
    }

    private static double value(double[] ground, int i, int j, int width, int height) {
        double[] terms = terms(i, j, width, height);
        double sum = 0;
        for (int k = 0; k < TERMS; k++) {
            sum += ground[k] * terms[k];
        }
        return sum;
    }
}
