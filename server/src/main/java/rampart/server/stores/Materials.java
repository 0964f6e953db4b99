package rampart.server.stores;

import java.nio.charset.StandardCharsets;
import java.text.Normalizer;
import java.time.Clock;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Supplier;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import rampart.core.material.Catalogue;
import rampart.formats.FitBasis;
import rampart.formats.HouseMaterials;
import rampart.formats.MaterialFile;
import rampart.formats.Problem;
import rampart.formats.UnreadableFileException;
import rampart.server.house.Trail;
import rampart.server.house.Trail.EventType;
import rampart.server.persistence.MaterialRepository;
import rampart.server.persistence.MaterialRepository.StoredMaterial;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** The house's own foams, boards, wraps and consumables; each change is kept. */
@Service
public class Materials {
    /** Kind of what is used up at the packing table and is part of no computation. */
    public static final String CONSUMABLE = "consumable";

    private static final String FOAM = "foam";
    private static final int LONGEST_SLUG = 30;

    private final MaterialRepository materials;
    private final Catalogue standard;
    private final Trail trail;
    private final Clock clock;
    private final JsonMapper mapper;

    Materials(MaterialRepository materials, Catalogue standard, Trail trail, Clock clock, JsonMapper mapper) {
        this.mapper = mapper;
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
     * @param figures as they stand in a pack file, without what test data give
     * @param tables test data of a foam
     * @return what is stored; empty if somebody changed it in between
     * @throws UnreadableFileException if figures or tables are not valid, with every reason
     */
    @Transactional
    public Optional<StoredMaterial> set(
            String id, String kind, ObjectNode figures, Optional<TestTables> tables, long seen, String by) {
        ObjectNode document = figures.deepCopy();
        document.remove("version");
        document.put("id", id);
        Optional<TestTables> tests = tables.filter(table -> kind.equals(FOAM) && !table.none());
        if (kind.equals(FOAM)) {
            document.remove("tests");
            tests.ifPresent(table -> table.fitted(under("/document", () -> FitBasis.of(document)))
                    .into(document));
        }
        String text = under("/document", () -> text(kind, document));
        return add(
                id,
                kind,
                document.path("name").asString(""),
                Optional.of(text),
                tests.map(mapper::writeValueAsString),
                seen,
                by,
                seen == 0 ? "added" : "changed");
    }

    private static String text(String kind, ObjectNode document) {
        byte[] bytes = document.toString().getBytes(StandardCharsets.UTF_8);
        return kind.equals(CONSUMABLE)
                ? Consumables.read(document)
                : MaterialFile.read(MaterialFile.Kind.valueOf(kind.toUpperCase(Locale.ROOT)), bytes)
                        .write();
    }

    /** With every problem's path under another. */
    public static <T> T under(String path, Supplier<T> reading) {
        try {
            return reading.get();
        } catch (UnreadableFileException e) {
            throw new UnreadableFileException(e.problems().stream()
                    .map(p -> new Problem(path + p.path(), p.message()))
                    .toList());
        }
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
        trail.add(by, EventType.STORES_CHANGED, kind + " " + name, deed);
        return Optional.of(stored);
    }
}
