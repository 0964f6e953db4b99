package rampart.formats;

import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.HexFormat;
import rampart.core.material.Catalogue;
import rampart.formats.view.CatalogueView;

/**
 * A catalogue as a document, known by its content.
 *
 * @param hash SHA-256 of the document, lower-case hexadecimal
 * @param document JSON
 */
public record CatalogueFile(String hash, String document) {
    public static CatalogueFile of(Catalogue catalogue) {
        String document = Json.MAPPER.writeValueAsString(CatalogueView.of(catalogue));
        return new CatalogueFile(sha256(document), document);
    }

    private static String sha256(String text) {
        try {
            byte[] digest = MessageDigest.getInstance("SHA-256").digest(text.getBytes(StandardCharsets.UTF_8));
            return HexFormat.of().formatHex(digest);
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException("every Java has SHA-256", e);
        }
    }
}
