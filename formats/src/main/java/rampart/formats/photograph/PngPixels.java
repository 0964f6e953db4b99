package rampart.formats.photograph;

import java.io.ByteArrayOutputStream;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.Set;

/**
 * A PNG file with nothing left in it but its pixels. Text and colour profiles may be packed so that a few bytes grow to
 * hundreds of megabytes, and decoders unpack them unasked (W3C PNG, third edition, section 5: chunk layout and names).
 */
public final class PngPixels {
    private static final byte[] SIGNATURE = {(byte) 0x89, 'P', 'N', 'G', '\r', '\n', 0x1A, '\n'};
    private static final Set<String> PIXELS = Set.of("IHDR", "PLTE", "tRNS", "IDAT", "IEND");

    /** Length and name before a chunk's data, check sum after. */
    private static final int AROUND = 12;

    private PngPixels() {}

    public static boolean isPng(byte[] file) {
        return file.length >= SIGNATURE.length
                && Arrays.equals(file, 0, SIGNATURE.length, SIGNATURE, 0, SIGNATURE.length);
    }

    /** What is cut off in the middle of a chunk is left out; the decoder then finds the end missing. */
    public static byte[] of(byte[] file) {
        ByteArrayOutputStream kept = new ByteArrayOutputStream(file.length);
        kept.write(file, 0, SIGNATURE.length);
        int at = SIGNATURE.length;
        while (file.length - at >= AROUND) {
            int data = ByteBuffer.wrap(file, at, Integer.BYTES).getInt();
            if (data < 0 || data > file.length - at - AROUND) {
                break;
            }
            String name = new String(file, at + Integer.BYTES, Integer.BYTES, StandardCharsets.ISO_8859_1);
            if (PIXELS.contains(name)) {
                kept.write(file, at, data + AROUND);
            }
            at += data + AROUND;
        }
        return kept.toByteArray();
    }
}
