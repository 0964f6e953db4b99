package rampart.formats.material;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import rampart.core.material.Catalogue;
import rampart.core.material.CushionLaw;
import rampart.core.material.Foam;
import rampart.core.material.StandardCatalogue;
import rampart.core.pack.Pack;
import rampart.core.words.Wording;
import rampart.formats.difference.ComparedWords;
import rampart.formats.json.Json;
import rampart.formats.json.Sha256;
import rampart.formats.view.CatalogueView;
import tools.jackson.databind.JsonNode;

/**
 * A catalogue as a document, known by its content.
 *
 * @param hash SHA-256 of the document, lower-case hexadecimal
 * @param document JSON
 */
public record CatalogueFile(String hash, String document) {
    /**
     * The catalogue that a kept document stands for, without the materials of the house: a pack file brings those. What
     * older documents do not say is as it is today.
     */
    public static Catalogue read(String document) {
        JsonNode tree = Json.MAPPER.readTree(document);
        Catalogue today = StandardCatalogue.get();
        List<Foam> foams = new ArrayList<>();
        for (JsonNode node : tree.path("foams")) {
            today.foams().stream()
                    .filter(foam -> foam.id().equals(node.path("id").asString()))
                    .forEach(foam -> foams.add(foam(node, foam)));
        }
        return today.with(new Catalogue(foams, List.of(), List.of()));
    }

    private static Foam foam(JsonNode node, Foam today) {
        return new Foam(
                today.id(),
                today.name(),
                node.path("densityKgM3").asDouble(),
                CushionLaw.of(
                        node.path("aKpa").asDouble(),
                        node.path("bPerKpa").asDouble(),
                        today.law().ramp()),
                node.path("creepLimitKpa").asDouble(),
                node.path("repeatFactor").asDouble(),
                node.path("stiffnessPerC").asDouble(),
                node.path("dynamicModulusKpa").asDouble(),
                node.path("q").asDouble(),
                node.path("note").asString(),
                today.basis(),
                node.path("source").asString(),
                today.substance(),
                today.structure(),
                node.path("squeezeKpa").asDouble(today.squeezeKpa()),
                today.measured());
    }

    /** Foams of a pack that have other constants in one catalogue than in another. */
    public static List<MaterialChange> changes(Pack pack, Catalogue then, Catalogue now, Wording wording) {
        List<MaterialChange> changes = new ArrayList<>();
        pack.layers().stream()
                .flatMap(layer -> layer.match(
                        wrap -> Stream.<String>empty(),
                        cushion -> Stream.of(cushion.material()),
                        box -> Stream.<String>empty(),
                        boards -> Stream.<String>empty()))
                .filter(id -> !id.startsWith(MaterialFile.OWN))
                .distinct()
                .forEach(id -> {
                    JsonNode from = Json.MAPPER.valueToTree(CatalogueView.FoamView.of(then.foam(id)));
                    JsonNode to = Json.MAPPER.valueToTree(CatalogueView.FoamView.of(now.foam(id)));
                    List<String> words = ComparedWords.of("material", from, to, wording);
                    if (!words.isEmpty()) {
                        changes.add(new MaterialChange(id, now.foam(id).name(), words, false));
                    }
                });
        return changes;
    }

    public static CatalogueFile of(Catalogue catalogue) {
        String document = Json.MAPPER.writeValueAsString(CatalogueView.of(catalogue));
        return new CatalogueFile(Sha256.hex(document), document);
    }
}
