package rampart.server.api;

import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;
import rampart.core.material.Catalogue;
import rampart.formats.PackSchema;
import rampart.formats.view.CatalogueView;

/** What packs may name, and the schema of their file. */
@RestController
class CatalogueController {
    private final Catalogue catalogue;

    CatalogueController(Catalogue catalogue) {
        this.catalogue = catalogue;
    }

    @GetMapping(path = "/api/catalogue", produces = MediaType.APPLICATION_JSON_VALUE)
    CatalogueView catalogue() {
        return CatalogueView.of(catalogue);
    }

    @GetMapping(path = "/api/schemas/pack", produces = "application/schema+json")
    byte[] schema() {
        return PackSchema.document();
    }
}
