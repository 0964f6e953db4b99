package rampart.server.stores;

import java.nio.charset.StandardCharsets;
import java.text.Normalizer;
import java.time.Clock;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import rampart.core.material.Catalogue;
import rampart.formats.HouseMaterials;
import rampart.formats.MaterialFile;
import rampart.server.house.Trail;
import rampart.server.house.Trail.Deed;
import rampart.server.store.MaterialRepository;
import rampart.server.store.MaterialRepository.StoredMaterial;

/** The house's own foams, boards, wraps and consumables; each change is kept. */
@Service
public class Materials {
    private static final int LONGEST_SLUG = 30;

    private final MaterialRepository materials;
    private final Catalogue standard;
    private final Trail trail;
    private final Clock clock;

    Materials(MaterialRepository materials, Catalogue standard, Trail trail, Clock clock) {
        this.materials = materials;
        this.standard = standard;
        this.trail = trail;
        this.clock = clock;
    }

    /** Those that are there, by name. */
    public List<StoredMaterial> all() {
        return materials.newest().stream().filter(m -> m.document().isPresent()).toList();
    }

    /** All of one id, newest first. */
    public List<StoredMaterial> history(String id) {
        return materials.history(id);
    }

    /** One that is there. */
    public Optional<StoredMaterial> byId(String id) {
        return materials.history(id).stream()
                .findFirst()
                .filter(m -> m.document().isPresent());
    }

    /** What packs may be made of at this moment. */
    public HouseMaterials house() {
        return new HouseMaterials(
                standard,
                all().stream()
                        .filter(stored -> !stored.kind().equals(CONSUMABLE))
                        .map(Materials::file)
                        .toList());
    }

    /** Kind of what is used up at the packing table and is part of no computation. */
    public static final String CONSUMABLE = "consumable";

    /** The material as it stands in a pack file, with its version. */
    public static MaterialFile file(StoredMaterial stored) {
        return MaterialFile.read(
                        MaterialFile.Kind.valueOf(stored.kind().toUpperCase(Locale.ROOT)),
                        stored.document().orElseThrow().getBytes(StandardCharsets.UTF_8))
                .at(stored.version());
    }

    /** An id for a new material that no other ever had. */
    public String newId(String name) {
        String slug = Normalizer.normalize(name, Normalizer.Form.NFD)
                .replaceAll("\\p{M}", "")
                .toLowerCase(Locale.ROOT)
                .replaceAll("[^a-z0-9]+", "-")
                .replaceAll("^-+|-+$", "");
        String base = MaterialFile.OWN
                + (slug.isEmpty() ? "material" : slug.substring(0, Math.min(LONGEST_SLUG, slug.length())));
        String id = base;
        for (int i = 2; !materials.history(id).isEmpty(); i++) {
            id = base + "-" + i;
        }
        return id;
    }

    /**
     * Writes a material.
     *
     * @param seen the version that the person saw, 0 for a new one
     * @param document JSON
     * @param tests tables of test data as JSON, where there are some
     * @return what is stored; empty if somebody changed it in between
     */
    @Transactional
    public Optional<StoredMaterial> set(
            String id, String kind, String name, String document, Optional<String> tests, long seen, String by) {
        return add(id, kind, name, Optional.of(document), tests, seen, by, seen == 0 ? "added" : "changed");
    }

    /** Takes a material away; its history stays. False if somebody changed it in between. */
    @Transactional
    public boolean remove(StoredMaterial material, long seen, String by) {
        return add(
                        material.id(),
                        material.kind(),
                        material.name(),
                        Optional.empty(),
                        Optional.empty(),
                        seen,
                        by,
                        "removed")
                .isPresent();
    }

    private Optional<StoredMaterial> add(
            String id,
            String kind,
            String name,
            Optional<String> document,
            Optional<String> tests,
            long seen,
            String by,
            String deed) {
        long now = materials.history(id).stream()
                .findFirst()
                .map(StoredMaterial::version)
                .orElse(0L);
        StoredMaterial stored = new StoredMaterial(id, seen + 1, kind, name, document, tests, clock.instant(), by);
        if (now != seen || !materials.add(stored)) {
            return Optional.empty();
        }
        trail.add(by, Deed.STORES_CHANGED, kind + " " + name, deed);
        return Optional.of(stored);
    }
}
