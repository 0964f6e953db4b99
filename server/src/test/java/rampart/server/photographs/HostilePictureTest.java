package rampart.server.photographs;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.time.Duration;
import java.util.Arrays;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicInteger;
import javax.imageio.IIOImage;
import javax.imageio.ImageIO;
import javax.imageio.ImageReader;
import javax.imageio.ImageWriteParam;
import javax.imageio.ImageWriter;
import javax.imageio.stream.ImageInputStream;
import javax.imageio.stream.ImageOutputStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.Timeout;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.w3c.dom.Element;
import rampart.formats.photograph.JpegScans;

/** Pictures made to take long, or to say of themselves what is not so. */
class HostilePictureTest {
    private static final int SCAN = 0xDA;

    private static byte[] jpeg(int width, int height, boolean inScans) throws Exception {
        BufferedImage image = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
        Graphics2D graphics = image.createGraphics();
        for (int i = 0; i < 300; i++) {
            graphics.setColor(new Color(i * 7919 & 0xFFFFFF));
            graphics.fillRect(i * 31 % width, i * 53 % height, 40, 30);
        }
        graphics.dispose();
        ImageWriter writer = ImageIO.getImageWritersByFormatName("jpeg").next();
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try (ImageOutputStream out = ImageIO.createImageOutputStream(bytes)) {
            ImageWriteParam how = writer.getDefaultWriteParam();
            how.setProgressiveMode(inScans ? ImageWriteParam.MODE_DEFAULT : ImageWriteParam.MODE_DISABLED);
            writer.setOutput(out);
            writer.write(null, new IIOImage(image, null, null), how);
        } finally {
            writer.dispose();
        }
        return bytes.toByteArray();
    }

    /** The last scan so many times more. */
    private static byte[] withScans(byte[] file, int more) {
        int last = 0;
        for (int at = 0; at + 1 < file.length; at++) {
            if ((file[at] & 0xFF) == 0xFF && (file[at + 1] & 0xFF) == SCAN) {
                last = at;
            }
        }
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        out.write(file, 0, file.length - 2);
        for (int i = 0; i < more; i++) {
            out.write(file, last, file.length - 2 - last);
        }
        out.write(file, file.length - 2, 2);
        return out.toByteArray();
    }

    /** By the JDK's own reader of metadata. */
    private static int scansElsewhere(byte[] file) throws Exception {
        ImageReader reader = ImageIO.getImageReadersByFormatName("jpeg").next();
        try (ImageInputStream in = ImageIO.createImageInputStream(new ByteArrayInputStream(file))) {
            reader.setInput(in);
            Element tree = (Element) reader.getImageMetadata(0).getAsTree("javax_imageio_jpeg_image_1.0");
            return tree.getElementsByTagName("sos").getLength();
        } finally {
            reader.dispose();
        }
    }

    @ParameterizedTest
    @ValueSource(ints = {0, 1, 21, 22, 400})
    void scansAreCountedAsOthersCountThem(int more) throws Exception {
        byte[] file = withScans(jpeg(640, 480, true), more);
        assertThat(JpegScans.count(file)).isEqualTo(scansElsewhere(file)).isGreaterThan(more);
        assertThat(JpegScans.count(jpeg(640, 480, false))).isEqualTo(1);
    }

    /** A picture in ten scans, as programs write them, is read; 400 scans of it would be decoded for minutes. */
    @Test
    @Timeout(value = 60, unit = TimeUnit.SECONDS)
    void aPictureOfHundredsOfScansIsNotBegun() throws Exception {
        byte[] file = jpeg(4000, 3000, true);
        assertThat(read(file).getWidth()).isEqualTo(4000);
        assertThatThrownBy(() -> read(withScans(file, 400)))
                .isInstanceOf(RefusedPictureException.class)
                .hasMessageContaining("in 41");
        assertThatThrownBy(() -> read(jpeg(6000, 4001, true)))
                .isInstanceOf(RefusedPictureException.class)
                .hasMessageContaining("at most 24 million");
    }

    /** Decoding ends in the middle, also of a picture that gives no line until its last scan has been read. */
    @Test
    void decodingEndsWhenTimeIsUpOrNobodyWaits() throws Exception {
        byte[] file = withScans(jpeg(2000, 1500, true), 20);
        AtomicInteger asked = new AtomicInteger();
        assertThatThrownBy(() -> PictureFile.upright(file, (w, h) -> 1, () -> asked.incrementAndGet() > 20))
                .isInstanceOf(RefusedPictureException.class)
                .hasMessageContaining("nobody waits");
        assertThat(asked).hasValue(21);
        Reading late = new Reading(Duration.ZERO, () -> false);
        try (ImageInputStream in = late.watched(file)) {
            assertThatThrownBy(in::read)
                    .isInstanceOf(RefusedPictureException.class)
                    .hasMessageContaining("takes longer");
        }
    }

    /** A header that promises more lines than come would be kept as grey. */
    @Test
    void aHeaderThatLiesAboutItsSizeIsRefused() throws Exception {
        for (boolean inScans : new boolean[] {false, true}) {
            byte[] file = jpeg(640, 480, inScans);
            assertThat(read(file).getHeight()).isEqualTo(480);
            byte[] taller = file.clone();
            int header = header(taller);
            taller[header + 5] = (byte) (4800 >> 8);
            taller[header + 6] = (byte) (4800 & 0xFF);
            assertThatThrownBy(() -> read(taller)).isInstanceOf(RefusedPictureException.class);
            assertThatThrownBy(() -> read(Arrays.copyOf(file, file.length * 2 / 3)))
                    .isInstanceOf(RefusedPictureException.class)
                    .hasMessageContaining("ends before the picture");
        }
    }

    /** Start of frame, sequential or progressive. */
    private static int header(byte[] file) {
        int at = 0;
        while ((file[at] & 0xFF) != 0xFF || ((file[at + 1] & 0xFF) != 0xC0 && (file[at + 1] & 0xFF) != 0xC2)) {
            at++;
        }
        return at;
    }

    private static BufferedImage read(byte[] file) {
        return PictureFile.upright(file, (width, height) -> 1, () -> false);
    }
}
