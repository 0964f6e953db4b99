package rampart.formats.material;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import rampart.core.material.Catalogue;

/** The materials of a house at one moment: those that Rampart ships with, and its own. */
public final class HouseMaterials {
    private final Catalogue catalogue;
    private final Map<String, MaterialFile> own = new LinkedHashMap<>();

    /** @param standard the materials that every house has */
    public HouseMaterials(Catalogue standard, List<MaterialFile> own) {
        own.forEach(material -> this.own.put(material.id(), material));
        catalogue = standard.with(new Catalogue(
                own.stream()
                        .filter(m -> m.kind() == MaterialFile.Kind.FOAM)
                        .map(MaterialFile::foam)
                        .toList(),
                own.stream()
                        .filter(m -> m.kind() == MaterialFile.Kind.BOARD)
                        .map(MaterialFile::board)
                        .toList(),
                own.stream()
                        .filter(m -> m.kind() == MaterialFile.Kind.WRAP)
                        .map(MaterialFile::wrap)
                        .toList()));
    }

    /** All of them. */
    public Catalogue catalogue() {
        return catalogue;
    }

    /** One of the house's own. */
    public Optional<MaterialFile> own(String id) {
        return Optional.ofNullable(own.get(id));
    }
}
