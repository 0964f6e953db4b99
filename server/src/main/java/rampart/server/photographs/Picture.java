package rampart.server.photographs;

import java.awt.geom.AffineTransform;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.function.BooleanSupplier;
import javax.imageio.IIOImage;
import javax.imageio.ImageIO;
import javax.imageio.ImageWriteParam;
import javax.imageio.ImageWriter;
import javax.imageio.stream.ImageOutputStream;
import rampart.formats.json.Sha256;

/**
 * A photograph made anew from its pixels: turned upright, no larger than it needs to be, and free of everything else the
 * file carried, place and camera among it.
 *
 * @param hash SHA-256 of the picture, as 64 hexadecimal digits
 * @param width of the picture, pixels
 * @param height of the picture, pixels
 * @param picture JPEG
 * @param thumbnail JPEG, at most 320 pixels long
 */
record Picture(String hash, int width, int height, byte[] picture, byte[] thumbnail) {
    static final int LONGEST = 1600;
    static final int LONGEST_THUMBNAIL = 320;
    /** What is read at most, so that a small file cannot ask for all the memory. */
    private static final int LONGEST_READ = 3200;

    private static final float QUALITY = 0.85f;

    /**
     * Reads and makes it anew.
     *
     * @param gone true once nobody waits for it
     * @throws RefusedPictureException if this is not a photograph that can be taken, with the reason
     */
    static Picture read(byte[] file, BooleanSupplier gone) {
        BufferedImage picture = scaled(
                PictureFile.upright(
                        file, (width, height) -> (Math.max(width, height) + LONGEST_READ - 1) / LONGEST_READ, gone),
                LONGEST);
        byte[] bytes = jpeg(picture);
        return new Picture(
                Sha256.hex(bytes),
                picture.getWidth(),
                picture.getHeight(),
                bytes,
                jpeg(scaled(picture, LONGEST_THUMBNAIL)));
    }

    private static BufferedImage scaled(BufferedImage image, int longest) {
        int edge = Math.max(image.getWidth(), image.getHeight());
        if (edge <= longest) {
            return PictureFile.drawn(image, image.getWidth(), image.getHeight(), new AffineTransform());
        }
        double scale = (double) longest / edge;
        return PictureFile.drawn(
                image,
                Math.max(1, (int) Math.round(image.getWidth() * scale)),
                Math.max(1, (int) Math.round(image.getHeight() * scale)),
                AffineTransform.getScaleInstance(scale, scale));
    }

    private static byte[] jpeg(BufferedImage image) {
        ImageWriter writer = ImageIO.getImageWritersByFormatName("jpeg").next();
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try (ImageOutputStream out = ImageIO.createImageOutputStream(bytes)) {
            ImageWriteParam how = writer.getDefaultWriteParam();
            how.setCompressionMode(ImageWriteParam.MODE_EXPLICIT);
            how.setCompressionQuality(QUALITY);
            writer.setOutput(out);
            writer.write(null, new IIOImage(image, null, null), how);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        } finally {
            writer.dispose();
        }
        return bytes.toByteArray();
    }
}
