package rampart.server.api;

import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;
import rampart.formats.schema.PackSchema;
import rampart.formats.view.CatalogueView;
import rampart.formats.view.ListsView;
import rampart.server.stores.Materials;

/** What packs may name, and the schema of their file. */
@RestController
class CatalogueController {
    private final Materials materials;

    CatalogueController(Materials materials) {
        this.materials = materials;
    }

    @GetMapping(path = "/api/catalogue", produces = MediaType.APPLICATION_JSON_VALUE)
    CatalogueView catalogue() {
        return CatalogueView.of(materials.house().catalogue());
    }

    @GetMapping(path = "/api/lists", produces = MediaType.APPLICATION_JSON_VALUE)
    ListsView lists() {
        return ListsView.get();
    }

    @GetMapping(path = "/api/schemas/pack", produces = "application/schema+json")
    byte[] schema() {
        return PackSchema.document();
    }
}
