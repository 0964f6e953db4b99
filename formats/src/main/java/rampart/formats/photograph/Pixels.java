package rampart.formats.photograph;

import java.awt.image.BufferedImage;

/** A picture as plain red, green and blue, each 0 to 255, small enough to be worked on: several pixels of a large one are one. */
final class Pixels {
    /** More than a knife needs: ten to the millimetre over half a metre. */
    private static final int MOST = 7_000_000;

    private final int width;
    private final int height;
    private final byte[][] channels;

    private Pixels(int width, int height) {
        this.width = width;
        this.height = height;
        channels = new byte[3][width * height];
    }

    static Pixels of(BufferedImage image) {
        int step = 1;
        while ((long) (image.getWidth() / step) * (image.getHeight() / step) > MOST) {
            step++;
        }
        Pixels pixels = new Pixels(image.getWidth() / step, image.getHeight() / step);
        int[] rows = new int[image.getWidth() * step];
        for (int y = 0; y < pixels.height; y++) {
            image.getRGB(0, y * step, image.getWidth(), step, rows, 0, image.getWidth());
            for (int x = 0; x < pixels.width; x++) {
                pixels.put(x, y, rows, image.getWidth(), step);
            }
        }
        return pixels;
    }

    private void put(int x, int y, int[] rows, int stride, int step) {
        int red = 0;
        int green = 0;
        int blue = 0;
        for (int j = 0; j < step; j++) {
            for (int i = 0; i < step; i++) {
                int rgb = rows[j * stride + x * step + i];
                red += rgb >> 16 & 255;
                green += rgb >> 8 & 255;
                blue += rgb & 255;
            }
        }
        int at = y * width + x;
        channels[0][at] = (byte) (red / (step * step));
        channels[1][at] = (byte) (green / (step * step));
        channels[2][at] = (byte) (blue / (step * step));
    }

    int width() {
        return width;
    }

    int height() {
        return height;
    }

    /** Brightness, 0 to 255. */
    float grey(int at) {
        return ((channels[0][at] & 255) * 0.299f + (channels[1][at] & 255) * 0.587f + (channels[2][at] & 255) * 0.114f);
    }

    /** A channel between pixels; the places of their middles are at halves. Not a number outside the picture. */
    float between(int channel, double x, double y) {
        double left = x - 0.5;
        double top = y - 0.5;
        int i = (int) Math.floor(left);
        int j = (int) Math.floor(top);
        if (i < 0 || j < 0 || i + 1 >= width || j + 1 >= height) {
            return Float.NaN;
        }
        byte[] values = channels[channel];
        double u = left - i;
        double v = top - j;
        int at = j * width + i;
        return (float) (((values[at] & 255) * (1 - u) + (values[at + 1] & 255) * u) * (1 - v)
                + ((values[at + width] & 255) * (1 - u) + (values[at + width + 1] & 255) * u) * v);
    }
}
