package rampart.formats.json;

import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.HexFormat;

/** SHA-256, by which things are named after their content; 64 hexadecimal digits. */
public final class Sha256 {
    private Sha256() {}

    /** For content that comes piece by piece. */
    public static MessageDigest digest() {
        try {
            return MessageDigest.getInstance("SHA-256");
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException("every Java platform has SHA-256", e);
        }
    }

    public static String hex(byte[] content) {
        return HexFormat.of().formatHex(digest().digest(content));
    }

    /** Of the text as UTF-8. */
    public static String hex(String text) {
        return hex(text.getBytes(StandardCharsets.UTF_8));
    }
}
