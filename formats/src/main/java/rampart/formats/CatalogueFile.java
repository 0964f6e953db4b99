package rampart.formats;

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
        return new CatalogueFile(Sha256.hex(document), document);
    }
}
