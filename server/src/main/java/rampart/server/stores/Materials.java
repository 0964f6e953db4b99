package rampart.server.stores;

import java.nio.charset.StandardCharsets;
import java.text.Normalizer;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Supplier;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import rampart.core.material.Catalogue;
import rampart.formats.json.Problem;
import rampart.formats.json.UnreadableFileException;
import rampart.formats.material.FitBasis;
import rampart.formats.material.HouseMaterials;
import rampart.formats.material.MaterialFile;
import rampart.server.history.Histories;
import rampart.server.history.History;
import rampart.server.history.Version;
import rampart.server.house.Detail;
import rampart.server.house.Subject;
import rampart.server.house.Trail;
import rampart.server.house.Trail.EventType;
import rampart.server.persistence.EntryRepository.Kind;
import tools.jackson.databind.node.ObjectNode;

/** The house's own foams, boards, wraps and consumables; each change is kept. */
@Service
public class Materials {
    /** Kind of what is used up at the packing table and is part of no computation. */
    public static final String CONSUMABLE = "consumable";

    private static final String FOAM = "foam";
    private static final int LONGEST_SLUG = 30;

    private final History<KeptMaterial> materials;
    private final Catalogue standard;
    private final Trail trail;

    Materials(Histories histories, Catalogue standard, Trail trail) {
        this.materials = histories.of(Kind.material, KeptMaterial.FORM);
        this.standard = standard;
        this.trail = trail;
    }

    /** Those that are there, by name. */
    public List<Version<KeptMaterial>> all() {
        return materials.present().stream()
                .sorted(Comparator.comparing(
                                (Version<KeptMaterial> m) -> m.value().name(), String.CASE_INSENSITIVE_ORDER)
                        .thenComparing(Version::id))
                .toList();
    }

    /** All of one id, newest first. */
    public List<Version<KeptMaterial>> history(String id) {
        return materials.of(id);
    }

    /** One that is there. */
    public Optional<Version<KeptMaterial>> byId(String id) {
        return materials.present(id);
    }

    /** What packs may be made of at this moment. */
    public HouseMaterials house() {
        return new HouseMaterials(
                standard,
                all().stream()
                        .filter(stored -> !stored.value().kind().equals(CONSUMABLE))
                        .map(Materials::file)
                        .toList());
    }

    /** The material as it stands in a pack file, with its version. */
    public static MaterialFile file(Version<KeptMaterial> stored) {
        return MaterialFile.read(
                        MaterialFile.Kind.valueOf(stored.value().kind().toUpperCase(Locale.ROOT)),
                        stored.value().document().getBytes(StandardCharsets.UTF_8))
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
        for (int i = 2; !materials.of(id).isEmpty(); i++) {
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
    public Optional<Version<KeptMaterial>> set(
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
        KeptMaterial material = new KeptMaterial(
                kind,
                document.path("name").asString(""),
                text,
                tests.map(TestTables.FORM::writeText).orElse(null));
        Optional<Version<KeptMaterial>> written = materials.set(id, material, seen, by);
        written.ifPresent(done -> tell(done, seen == 0 ? Detail.Change.added : Detail.Change.changed, by));
        return written;
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
    public boolean remove(Version<KeptMaterial> material, long seen, String by) {
        Optional<Version<KeptMaterial>> removed = materials.remove(material.id(), material.value(), seen, by);
        removed.ifPresent(done -> tell(done, Detail.Change.removed, by));
        return removed.isPresent();
    }

    private void tell(Version<KeptMaterial> material, Detail.Change change, String by) {
        Subject.Kind kind = Subject.Kind.valueOf(material.value().kind());
        trail.add(
                by,
                EventType.STORES_CHANGED,
                new Subject(kind, material.id(), material.value().name()),
                new Detail.Changed(change));
    }
}
