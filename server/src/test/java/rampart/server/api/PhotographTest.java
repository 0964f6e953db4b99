package rampart.server.api;

import static org.assertj.core.api.Assertions.assertThat;

import com.drew.imaging.ImageMetadataReader;
import com.drew.metadata.Metadata;
import com.drew.metadata.exif.ExifIFD0Directory;
import com.drew.metadata.exif.GpsDirectory;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.zip.CRC32;
import java.util.zip.DeflaterOutputStream;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import rampart.server.support.Http;
import rampart.server.support.Http.Answer;
import rampart.server.support.RunningRampart;

/** Photographs: stored once, upright, without place; hostile files are refused. Read back by the JDK and metadata-extractor. */
@ExtendWith(RunningRampart.class)
class PhotographTest {
    private final Http designer = Http.signedIn();
    private String pack;

    @BeforeEach
    void aPack() {
        pack = "api/packs/"
                + designer.post("api/packs", Http.demoPack("10-hygrometer"))
                        .json()
                        .path("id")
                        .asString();
    }

    private Answer add(byte[] file, String type) {
        return designer.send("POST", pack + "/photographs", file, "Content-Type", type);
    }

    /** Left half red, right half blue. */
    private static byte[] picture(String format, int width, int height) throws Exception {
        BufferedImage image = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
        Graphics2D g = image.createGraphics();
        g.setColor(Color.RED);
        g.fillRect(0, 0, width / 2, height);
        g.setColor(Color.BLUE);
        g.fillRect(width / 2, 0, width - width / 2, height);
        g.dispose();
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        ImageIO.write(image, format, out);
        return out.toByteArray();
    }

    /** The picture with an EXIF segment: held by its right side (orientation 6), and a latitude of 54 degrees north. */
    private static byte[] withPlace(byte[] jpeg) throws Exception {
        ByteArrayOutputStream tiff = new ByteArrayOutputStream();
        // Big-endian TIFF: IFD0 at 8 with orientation and a pointer to the GPS IFD at 38, which holds N and 54/1 0/1
        // 0/1.
        tiff.write(new byte[] {'M', 'M', 0, 42, 0, 0, 0, 8});
        tiff.write(new byte[] {0, 2});
        tiff.write(new byte[] {0x01, 0x12, 0, 3, 0, 0, 0, 1, 0, 6, 0, 0});
        tiff.write(new byte[] {(byte) 0x88, 0x25, 0, 4, 0, 0, 0, 1, 0, 0, 0, 38});
        tiff.write(new byte[] {0, 0, 0, 0});
        tiff.write(new byte[] {0, 2});
        tiff.write(new byte[] {0, 1, 0, 2, 0, 0, 0, 2, 'N', 0, 0, 0});
        tiff.write(new byte[] {0, 2, 0, 5, 0, 0, 0, 3, 0, 0, 0, 68});
        tiff.write(new byte[] {0, 0, 0, 0});
        tiff.write(new byte[] {0, 0, 0, 54, 0, 0, 0, 1, 0, 0, 0, 0, 0, 0, 0, 1, 0, 0, 0, 0, 0, 0, 0, 1});
        byte[] body = tiff.toByteArray();
        int length = body.length + 8;
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        out.write(jpeg, 0, 2);
        out.write(new byte[] {(byte) 0xff, (byte) 0xe1, (byte) (length >> 8), (byte) length, 'E', 'x', 'i', 'f', 0, 0});
        out.write(body);
        out.write(jpeg, 2, jpeg.length - 2);
        return out.toByteArray();
    }

    private byte[] stored(String hash) {
        Answer answer = designer.get("api/photographs/" + hash);
        assertThat(answer.type()).isEqualTo("image/jpeg");
        return answer.raw().body();
    }

    @Test
    void placeAndCameraAreTakenOutAndThePictureStandsUpright() throws Exception {
        byte[] held = withPlace(picture("jpeg", 640, 480));
        Metadata before = ImageMetadataReader.readMetadata(new ByteArrayInputStream(held));
        assertThat(before.getFirstDirectoryOfType(GpsDirectory.class).containsTag(GpsDirectory.TAG_LATITUDE))
                .as("the test's own picture has a place")
                .isTrue();
        Answer added = add(held, "image/jpeg");
        assertThat(added.status()).as(added.body()).isEqualTo(201);
        assertThat(added.json().path("width").asInt()).isEqualTo(480);
        assertThat(added.json().path("height").asInt()).isEqualTo(640);

        byte[] kept = stored(added.json().path("hash").asString());
        Metadata after = ImageMetadataReader.readMetadata(new ByteArrayInputStream(kept));
        assertThat(after.getFirstDirectoryOfType(GpsDirectory.class)).isNull();
        assertThat(after.getFirstDirectoryOfType(ExifIFD0Directory.class)).isNull();
        assertThat(new String(kept, StandardCharsets.ISO_8859_1)).doesNotContain("Exif");
        BufferedImage image = ImageIO.read(new ByteArrayInputStream(kept));
        // Turned right by a quarter, what was left is up.
        assertThat(new Color(image.getRGB(240, 40)).getRed()).isGreaterThan(200);
        assertThat(new Color(image.getRGB(240, 600)).getBlue()).isGreaterThan(200);
    }

    @Test
    void theSamePictureIsStoredOnceAndGoesWithItsLastPack() throws Exception {
        byte[] picture = picture("png", 800, 600);
        String hash = add(picture, "image/png").json().path("hash").asString();
        assertThat(add(picture, "image/png").json().path("hash").asString()).isEqualTo(hash);
        String first = pack;
        aPack();
        assertThat(add(picture, "image/png").json().path("hash").asString()).isEqualTo(hash);
        assertThat(designer.get(first + "/photographs").json()).hasSize(1);

        assertThat(designer.delete(first + "/photographs/" + hash).status()).isEqualTo(204);
        assertThat(stored(hash)).isNotEmpty();
        assertThat(designer.delete(pack + "/photographs/" + hash).status()).isEqualTo(204);
        assertThat(designer.get("api/photographs/" + hash).status()).isEqualTo(404);
        assertThat(designer.delete(pack + "/photographs/" + hash).status()).isEqualTo(404);
    }

    @Test
    void aLargePictureIsMadeSmallerAndHasAThumbnail() throws Exception {
        Answer added = add(picture("jpeg", 4000, 1000), "image/jpeg");
        assertThat(added.json().path("width").asInt()).isEqualTo(1600);
        assertThat(added.json().path("height").asInt()).isEqualTo(400);
        Answer thumbnail =
                designer.get("api/photographs/" + added.json().path("hash").asString() + "/thumbnail");
        BufferedImage small =
                ImageIO.read(new ByteArrayInputStream(thumbnail.raw().body()));
        assertThat(small.getWidth()).isEqualTo(320);
        assertThat(thumbnail.raw().headers().firstValue("Cache-Control").orElse(""))
                .contains("immutable");
    }

    /** A PNG that says it is so large, with nothing behind it. */
    private static byte[] bomb(int width, int height) throws Exception {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        out.write(new byte[] {(byte) 0x89, 'P', 'N', 'G', '\r', '\n', 0x1a, '\n'});
        byte[] head = new byte[13];
        for (int i = 0; i < 4; i++) {
            head[i] = (byte) (width >> (24 - 8 * i));
            head[4 + i] = (byte) (height >> (24 - 8 * i));
        }
        head[8] = 8;
        head[9] = 2;
        chunk(out, "IHDR", head);
        ByteArrayOutputStream data = new ByteArrayOutputStream();
        try (DeflaterOutputStream deflate = new DeflaterOutputStream(data)) {
            deflate.write(new byte[100_000]);
        }
        chunk(out, "IDAT", data.toByteArray());
        chunk(out, "IEND", new byte[0]);
        return out.toByteArray();
    }

    private static void chunk(ByteArrayOutputStream out, String type, byte[] data) throws Exception {
        byte[] body = new byte[4 + data.length];
        System.arraycopy(type.getBytes(StandardCharsets.US_ASCII), 0, body, 0, 4);
        System.arraycopy(data, 0, body, 4, data.length);
        CRC32 crc = new CRC32();
        crc.update(body);
        out.write(new byte[] {
            (byte) (data.length >> 24), (byte) (data.length >> 16), (byte) (data.length >> 8), (byte) data.length
        });
        out.write(body);
        long sum = crc.getValue();
        out.write(new byte[] {(byte) (sum >> 24), (byte) (sum >> 16), (byte) (sum >> 8), (byte) sum});
    }

    @Test
    void hostileFilesAreRefusedWithTheirReasonAndLeaveNothing() throws Exception {
        byte[] jpeg = picture("jpeg", 640, 480);
        refused(new byte[0], "not a JPEG or PNG");
        refused(
                "<svg xmlns='http://www.w3.org/2000/svg' onload='alert(1)'/>".getBytes(StandardCharsets.UTF_8),
                "not a JPEG or PNG");
        refused("GIF89a".getBytes(StandardCharsets.US_ASCII), "taken");
        refused(picture("gif", 20, 20), "gif");
        refused(picture("bmp", 20, 20), "bmp");
        refused(bomb(50_000, 50_000), "50000 × 50000");
        refused(bomb(19_000, 19_000), "million");
        refused(bomb(Integer.MAX_VALUE, 2), "at most");
        refused(bomb(3000, 3000), "damaged");
        refused(Arrays.copyOf(picture("png", 640, 480), 200), "damaged");
        refused(Arrays.copyOf(jpeg, 100), "taken");
        byte[] flipped = jpeg.clone();
        Arrays.fill(flipped, 20, 400, (byte) 0xff);
        refused(flipped, "taken");
        assertThat(designer.get(pack + "/photographs").json()).isEmpty();
    }

    private void refused(byte[] file, String word) {
        Answer answer = add(file, "image/jpeg");
        assertThat(answer.status()).as(word + ": " + answer.body()).isEqualTo(400);
        assertThat(answer.json().path("detail").asString()).contains(word);
    }

    @Test
    void tooManyBytesWrongTypesAndStrangersAreRefused() throws Exception {
        assertThat(add(new byte[16 * 1024 * 1024 + 1], "image/jpeg").status()).isEqualTo(413);
        assertThat(add(picture("jpeg", 10, 10), "text/html").status()).isEqualTo(415);
        assertThat(Http.browser(RunningRampart.url()).get("api/photographs/abc").status())
                .isEqualTo(401);
        assertThat(Http.signedIn(RunningRampart.packer())
                        .send("POST", pack + "/photographs", picture("jpeg", 10, 10), "Content-Type", "image/jpeg")
                        .status())
                .isEqualTo(403);
        assertThat(designer.send(
                                "POST",
                                "api/packs/none/photographs",
                                picture("jpeg", 10, 10),
                                "Content-Type",
                                "image/jpeg")
                        .status())
                .isEqualTo(404);
    }

    @Test
    void aPackHasSoManyPhotographsAndNoMore() throws Exception {
        for (int i = 0; i < 40; i++) {
            assertThat(add(picture("png", 30 + 8 * i, 20), "image/png").status())
                    .isEqualTo(201);
        }
        Answer one = add(picture("png", 20, 100), "image/png");
        assertThat(one.status()).isEqualTo(400);
        assertThat(one.json().path("detail").asString()).contains("40 photographs");
    }

    /** Text that a few hundred kilobytes of the file would grow to four hundred megabytes of. */
    @Test
    void packedTextInAPictureIsNeverUnpacked() throws Exception {
        byte[] png = picture("png", 60, 40);
        ByteArrayOutputStream packed = new ByteArrayOutputStream();
        try (DeflaterOutputStream deflater = new DeflaterOutputStream(packed)) {
            byte[] block = new byte[1024 * 1024];
            for (int i = 0; i < 400; i++) {
                deflater.write(block);
            }
        }
        ByteArrayOutputStream data = new ByteArrayOutputStream();
        data.write("note\0\0".getBytes(StandardCharsets.ISO_8859_1));
        data.write(packed.toByteArray());
        for (String name : new String[] {"zTXt", "iCCP"}) {
            ByteArrayOutputStream file = new ByteArrayOutputStream();
            int afterHeader = 8 + 25;
            file.write(png, 0, afterHeader);
            file.write(chunk(name, data.toByteArray()));
            file.write(png, afterHeader, png.length - afterHeader);
            Answer answer = add(file.toByteArray(), "image/png");
            assertThat(answer.status()).as(answer.body()).isEqualTo(201);
            assertThat(answer.json().path("width").asInt()).isEqualTo(60);
        }
    }

    private static byte[] chunk(String name, byte[] data) throws Exception {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        byte[] word = name.getBytes(StandardCharsets.ISO_8859_1);
        CRC32 sum = new CRC32();
        sum.update(word);
        sum.update(data);
        out.write(java.nio.ByteBuffer.allocate(4).putInt(data.length).array());
        out.write(word);
        out.write(data);
        out.write(java.nio.ByteBuffer.allocate(4).putInt((int) sum.getValue()).array());
        return out.toByteArray();
    }

    @Test
    void aDeletedPacksPhotographIsGoneAndComesBackWithIt() throws Exception {
        String hash =
                add(picture("jpeg", 91, 47), "image/jpeg").json().path("hash").asString();
        assertThat(designer.get("api/photographs/" + hash).status()).isEqualTo(200);
        designer.delete(pack);
        assertThat(designer.get("api/photographs/" + hash).status()).isEqualTo(404);
        assertThat(designer.get("api/photographs/" + hash + "/thumbnail").status())
                .isEqualTo(404);
        designer.post(pack + "/restoration", "");
        assertThat(designer.get("api/photographs/" + hash).status()).isEqualTo(200);
    }
}
