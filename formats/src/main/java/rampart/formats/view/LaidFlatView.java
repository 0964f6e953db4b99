package rampart.formats.view;

import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.Base64;
import java.util.List;
import java.util.Objects;
import javax.imageio.ImageIO;
import javax.imageio.ImageReader;
import javax.imageio.stream.ImageInputStream;
import javax.imageio.stream.MemoryCacheImageInputStream;
import rampart.formats.photograph.LaidFlat;
import rampart.formats.photograph.PngPixels;
import rampart.formats.photograph.RefusedPhotographException;

/**
 * A photograph laid flat. What a person sees and what the outline is traced in go to whoever asked and come back with the next
 * question, so that nothing of a photograph is kept.
 *
 * @param picture JPEG in base 64
 * @param difference PNG in base 64: grey, 0 where no item can be, else how much it differs from the ground
 * @param leftMm of both pictures' left edge
 * @param backMm of both pictures' upper edge
 * @param sheets the papers that were seen
 */
public record LaidFlatView(
        String picture,
        String difference,
        int widthPixels,
        int heightPixels,
        double mmPerPixel,
        double leftMm,
        double backMm,
        List<String> sheets,
        int marks,
        CameraView camera,
        double marksErrorMm) {
    private static final int LONGEST = 4000;
    private static final String NOT_WHOLE = "what was laid flat did not come back whole";

    /** Where the camera was over the table, and the standard error of its height. */
    public record CameraView(double xMm, double yMm, double heightMm, double heightErrorMm, double tiltDegrees) {}

    public static LaidFlatView of(LaidFlat flat) {
        LaidFlat.CameraPlace camera = flat.camera();
        return new LaidFlatView(
                coded(flat.picture(), "jpeg"),
                coded(flat.difference(), "png"),
                flat.picture().getWidth(),
                flat.picture().getHeight(),
                flat.mmPerPixel(),
                flat.left(),
                flat.back(),
                flat.sheets(),
                flat.marks(),
                new CameraView(
                        camera.xMm(), camera.yMm(), camera.heightMm(), camera.heightErrorMm(), camera.tiltDegrees()),
                flat.marksErrorMm());
    }

    /**
     * What was laid flat, come back.
     *
     * @throws RefusedPhotographException if the difference is no picture of ours
     */
    public LaidFlat flat() {
        boolean whole =
                difference != null && sheets != null && sheets.stream().noneMatch(Objects::isNull) && camera != null;
        if (!whole || !(mmPerPixel > 0 && camera.heightMm() > 0)) {
            throw new RefusedPhotographException(NOT_WHOLE);
        }
        BufferedImage read = decoded();
        return new LaidFlat(
                read,
                read,
                mmPerPixel,
                leftMm,
                backMm,
                sheets,
                marks,
                new LaidFlat.CameraPlace(
                        camera.xMm(), camera.yMm(), camera.heightMm(), camera.heightErrorMm(), camera.tiltDegrees()),
                marksErrorMm);
    }

    /** Its size is looked at before its pixels are unpacked. */
    private BufferedImage decoded() {
        try {
            byte[] file = Base64.getDecoder().decode(difference);
            if (!PngPixels.isPng(file)) {
                throw new RefusedPhotographException(NOT_WHOLE);
            }
            ImageReader reader = ImageIO.getImageReadersByFormatName("png").next();
            try (ImageInputStream in = new MemoryCacheImageInputStream(new ByteArrayInputStream(PngPixels.of(file)))) {
                reader.setInput(in, true, true);
                if (reader.getWidth(0) > LONGEST || reader.getHeight(0) > LONGEST) {
                    throw new RefusedPhotographException(NOT_WHOLE);
                }
                BufferedImage read = reader.read(0);
                if (read.getRaster().getNumBands() != 1) {
                    throw new RefusedPhotographException(NOT_WHOLE);
                }
                return read;
            } finally {
                reader.dispose();
            }
        } catch (RefusedPhotographException e) {
            throw e;
        } catch (IOException | RuntimeException e) {
            // The decoder's own exceptions on broken files are of many kinds.
            throw new RefusedPhotographException(NOT_WHOLE);
        }
    }

    private static String coded(BufferedImage image, String kind) {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try {
            ImageIO.write(image, kind, bytes);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return Base64.getEncoder().encodeToString(bytes.toByteArray());
    }
}
