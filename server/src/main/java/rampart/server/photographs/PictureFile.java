package rampart.server.photographs;

import com.drew.imaging.jpeg.JpegMetadataReader;
import com.drew.imaging.jpeg.JpegProcessingException;
import com.drew.metadata.Metadata;
import com.drew.metadata.MetadataException;
import com.drew.metadata.exif.ExifIFD0Directory;
import com.drew.metadata.exif.ExifReader;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.geom.AffineTransform;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.time.Duration;
import java.util.Iterator;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.function.BooleanSupplier;
import javax.imageio.ImageIO;
import javax.imageio.ImageReadParam;
import javax.imageio.ImageReader;
import javax.imageio.stream.ImageInputStream;
import rampart.formats.photograph.JpegScans;
import rampart.formats.photograph.PngPixels;

/** Pixels out of a file that somebody brought, the right way up, whatever the file asks for. */
final class PictureFile {
    static final int MOST_EDGE = 20_000;
    static final long MOST_PIXELS = 60_000_000;

    /** How long one may take to read. */
    static final Duration LONGEST_TIME = Duration.ofSeconds(8);

    /** Cameras write one, programs that refine a picture by and by about ten. */
    private static final int MOST_SCANS = 32;

    /**
     * Of a picture in several scans: all its coefficients are held while it is read, six bytes a pixel outside the heap, so this is
     * 144 MB; the cameras that make more pixels write one scan.
     */
    private static final long MOST_PIXELS_IN_SCANS = 24_000_000;

    private static final Set<String> FORMATS = Set.of("jpeg", "png");

    static {
        ImageIO.setUseCache(false);
    }

    private PictureFile() {}

    /** How many pixels along an edge become one while reading, from the picture's width and height. */
    interface Step {
        int of(int width, int height);
    }

    /**
     * Reads it.
     *
     * @param gone true once nobody waits for it
     * @throws RefusedPictureException if this is not a photograph that can be taken, with the reason
     */
    static BufferedImage upright(byte[] file, Step step, BooleanSupplier gone) {
        boolean png = PngPixels.isPng(file);
        return upright(decode(png ? PngPixels.of(file) : file, step, gone), png ? 1 : orientation(file));
    }

    private static BufferedImage decode(byte[] file, Step step, BooleanSupplier gone) {
        Reading reading = new Reading(LONGEST_TIME, gone);
        int scans = JpegScans.isJpeg(file) ? JpegScans.count(file) : 1;
        if (scans > MOST_SCANS) {
            throw new RefusedPictureException("the picture is in " + scans + " scans; at most " + MOST_SCANS
                    + " are read: save it anew as a plain JPEG");
        }
        try (ImageInputStream in = reading.watched(file)) {
            Iterator<ImageReader> readers = ImageIO.getImageReaders(in);
            if (!readers.hasNext()) {
                throw new RefusedPictureException("this is not a JPEG or PNG picture");
            }
            ImageReader reader = readers.next();
            try {
                String format = reader.getFormatName().toLowerCase(Locale.ROOT);
                if (!FORMATS.contains(format)) {
                    throw new RefusedPictureException("this is a picture in " + format + "; JPEG and PNG are taken");
                }
                reader.setInput(in, true, true);
                int width = reader.getWidth(0);
                int height = reader.getHeight(0);
                if (width > MOST_EDGE || height > MOST_EDGE || (long) width * height > MOST_PIXELS) {
                    throw new RefusedPictureException("the picture is " + width + " × " + height
                            + " pixels; at most " + MOST_EDGE + " along an edge and "
                            + MOST_PIXELS / 1_000_000 + " million in all are taken");
                }
                if (scans > 1 && (long) width * height > MOST_PIXELS_IN_SCANS) {
                    throw new RefusedPictureException("the picture is " + width + " × " + height + " pixels in " + scans
                            + " scans; at most " + MOST_PIXELS_IN_SCANS / 1_000_000
                            + " million are read in several: save it anew as a plain JPEG");
                }
                ImageReadParam every = reader.getDefaultReadParam();
                int each = Math.max(1, step.of(width, height));
                every.setSourceSubsampling(each, each, 0, 0);
                return reading.read(reader, every);
            } finally {
                reader.dispose();
            }
        } catch (IOException | RuntimeException e) {
            if (e instanceof RefusedPictureException refused) {
                throw refused;
            }
            // The decoder's own exceptions on broken files are of many kinds, none of them ours.
            throw new RefusedPictureException("the picture is damaged and cannot be read to its end");
        }
    }

    /** How the camera was held, 1 to 8 as EXIF counts; 1 where the file does not say. */
    private static int orientation(byte[] file) {
        try {
            Metadata metadata =
                    JpegMetadataReader.readMetadata(new ByteArrayInputStream(file), List.of(new ExifReader()));
            ExifIFD0Directory directory = metadata.getFirstDirectoryOfType(ExifIFD0Directory.class);
            return directory != null && directory.containsTag(ExifIFD0Directory.TAG_ORIENTATION)
                    ? directory.getInt(ExifIFD0Directory.TAG_ORIENTATION)
                    : 1;
        } catch (JpegProcessingException | IOException | MetadataException e) {
            return 1;
        }
    }

    private static BufferedImage upright(BufferedImage image, int orientation) {
        int w = image.getWidth();
        int h = image.getHeight();
        AffineTransform turn = switch (orientation) {
            case 2 -> new AffineTransform(-1, 0, 0, 1, w, 0);
            case 3 -> new AffineTransform(-1, 0, 0, -1, w, h);
            case 4 -> new AffineTransform(1, 0, 0, -1, 0, h);
            case 5 -> new AffineTransform(0, 1, 1, 0, 0, 0);
            case 6 -> new AffineTransform(0, 1, -1, 0, h, 0);
            case 7 -> new AffineTransform(0, -1, -1, 0, h, w);
            case 8 -> new AffineTransform(0, -1, 1, 0, 0, w);
            default -> new AffineTransform();
        };
        boolean lying = orientation >= 5 && orientation <= 8;
        return drawn(image, lying ? h : w, lying ? w : h, turn);
    }

    /** On white, without transparency, as JPEG needs it. */
    static BufferedImage drawn(BufferedImage image, int width, int height, AffineTransform transform) {
        BufferedImage result = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
        Graphics2D graphics = result.createGraphics();
        graphics.setColor(Color.WHITE);
        graphics.fillRect(0, 0, width, height);
        graphics.setRenderingHint(RenderingHints.KEY_INTERPOLATION, RenderingHints.VALUE_INTERPOLATION_BILINEAR);
        graphics.drawImage(image, transform, null);
        graphics.dispose();
        return result;
    }
}
