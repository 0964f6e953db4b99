package rampart.server.api;

import com.fasterxml.jackson.annotation.JsonRawValue;
import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Pattern;
import java.nio.charset.StandardCharsets;
import java.security.Principal;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Supplier;
import org.springdoc.core.annotations.ParameterObject;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import rampart.core.words.Wording;
import rampart.formats.json.Problem;
import rampart.formats.json.UnreadableFileException;
import rampart.formats.material.FitBasis;
import rampart.formats.material.MaterialChange;
import rampart.formats.testdata.TestData;
import rampart.formats.view.FoamTestsView;
import rampart.formats.view.Nullable;
import rampart.server.history.Version;
import rampart.server.messages.Message;
import rampart.server.stores.KeptMaterial;
import rampart.server.stores.Materials;
import rampart.server.stores.TestTables;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** The house's own materials: foams with their test data, boards, wraps, consumables, each with its history. */
@RestController
class MaterialController {
    private static final String KINDS = "foam|board|wrap|consumable";

    private final Materials materials;

    MaterialController(Materials materials) {
        this.materials = materials;
    }

    /**
     * A material of the house.
     *
     * @param document as it stands in a pack file; of a consumable its name, unit, note and source; null where it was
     *     taken away
     */
    record MaterialView(
            String id,
            long version,
            String kind,
            String name,
            Instant changedAt,
            String changedBy,

            @Nullable @JsonRawValue @Schema(ref = "#/components/schemas/JsonNode")
            String document) {
        static MaterialView of(Version<KeptMaterial> stored) {
            return new MaterialView(
                    stored.id(),
                    stored.version(),
                    stored.value().kind(),
                    stored.value().name(),
                    stored.changedAt(),
                    stored.changedBy(),
                    documentOf(stored));
        }
    }

    private static String documentOf(Version<KeptMaterial> stored) {
        if (stored.gone()) {
            return null;
        }
        return stored.value().kind().equals(Materials.CONSUMABLE)
                ? stored.value().document()
                : Materials.file(stored).write();
    }

    /** A version of a material and how it differs from the one before. */
    record MaterialVersion(long version, Instant changedAt, String changedBy, String name, List<String> changes) {}

    /**
     * A material to write.
     *
     * @param document as it stands in a pack file, without id and version; what test data give is put in
     * @param tests of a foam; null leaves those of the version before
     */
    record MaterialGiven(
            @NotNull(message = "give the material") JsonNode document,

            @Valid @Nullable TestTables tests) {}

    /**
     * Test data to fit.
     *
     * @param foam as far as it is known: its stiffness per degree, substance, structure and ramp count
     */
    record TestsGiven(
            @NotNull(message = "give the foam") JsonNode foam,
            @NotNull(message = "give the tables") @Valid TestTables tests) {}

    /** Those that are there, by name. */
    @GetMapping(path = "/api/stores/materials", produces = MediaType.APPLICATION_JSON_VALUE)
    List<MaterialView> all() {
        return materials.all().stream().map(MaterialView::of).toList();
    }

    /** Every version of one, newest first. */
    @GetMapping(path = "/api/stores/materials/{id}/history", produces = MediaType.APPLICATION_JSON_VALUE)
    List<MaterialVersion> history(@PathVariable("id") String id, @Valid @ParameterObject UnitsAsked units) {
        Wording wording = units.wording();
        List<Version<KeptMaterial>> all = materials.history(id);
        List<MaterialVersion> versions = new ArrayList<>();
        for (int i = 0; i < all.size(); i++) {
            Version<KeptMaterial> one = all.get(i);
            Optional<Version<KeptMaterial>> before =
                    i + 1 < all.size() ? Optional.of(all.get(i + 1)) : Optional.empty();
            versions.add(new MaterialVersion(
                    one.version(),
                    one.changedAt(),
                    one.changedBy(),
                    one.value().name(),
                    changes(before.filter(v -> !v.gone()), one, wording)));
        }
        return versions;
    }

    private static List<String> changes(
            Optional<Version<KeptMaterial>> before, Version<KeptMaterial> after, Wording wording) {
        if (after.gone()) {
            return List.of("taken away");
        }
        return before.map(from -> MaterialChange.words(
                        from.value().document(), after.value().document(), wording))
                .orElse(List.of("added"));
    }

    /** The test data of a foam, as they were given. */
    @GetMapping(path = "/api/stores/materials/{id}/tests", produces = MediaType.APPLICATION_JSON_VALUE)
    TestTables tests(@PathVariable("id") String id) {
        return there(id).value().tables().orElse(TestTables.NONE);
    }

    /** Fits test data; nothing is stored. */
    @PostMapping(
            path = "/api/stores/fits",
            consumes = MediaType.APPLICATION_JSON_VALUE,
            produces = MediaType.APPLICATION_JSON_VALUE)
    FoamTestsView fit(@Valid @RequestBody TestsGiven given) {
        FitBasis foam = fields(() -> Materials.under("/foam", () -> FitBasis.of(given.foam())));
        return FoamTestsView.of(fields(() -> given.tests().fitted(foam)), foam.stiffnessPerC());
    }

    /** A table with the heading alone, to fill in. */
    @GetMapping(path = "/api/stores/templates/{kind}.csv", produces = "text/csv;charset=UTF-8")
    byte[] template(
            @PathVariable("kind")
                    @Pattern(regexp = "drops|creep|vibration", message = "it is drops, creep or vibration")
                    String kind,
            @RequestParam(name = "units", defaultValue = "mm") @Pattern(regexp = "mm|in", message = "it is mm or in")
                    String units) {
        TestData.Kind of = TestData.Kind.valueOf(kind.toUpperCase(Locale.ROOT));
        return TestData.template(of, units.equals("in")).getBytes(StandardCharsets.UTF_8);
    }

    @PostMapping(
            path = "/api/stores/materials/{kind}",
            consumes = MediaType.APPLICATION_JSON_VALUE,
            produces = MediaType.APPLICATION_JSON_VALUE)
    @ResponseStatus(HttpStatus.CREATED)
    MaterialView add(
            @PathVariable("kind") @Pattern(regexp = KINDS, message = "it is foam, board, wrap or consumable")
                    String kind,
            @Valid @RequestBody MaterialGiven given,
            Principal who) {
        String id = materials.newId(given.document().path("name").asString(""));
        return write(id, kind, given, Optional.empty(), 0, who);
    }

    /** Changes a material; {@code If-Match} holds the version that was seen. */
    @PutMapping(
            path = "/api/stores/materials/{id}",
            consumes = MediaType.APPLICATION_JSON_VALUE,
            produces = MediaType.APPLICATION_JSON_VALUE)
    MaterialView change(
            @PathVariable("id") String id,
            @RequestHeader(name = HttpHeaders.IF_MATCH) String ifMatch,
            @Valid @RequestBody MaterialGiven given,
            Principal who) {
        Version<KeptMaterial> now = there(id);
        return write(id, now.value().kind(), given, now.value().tables(), Versions.read(ifMatch), who);
    }

    /** Takes a material away; packs that use it keep it, and so does its history. */
    @DeleteMapping("/api/stores/materials/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void remove(
            @PathVariable("id") String id, @RequestHeader(name = HttpHeaders.IF_MATCH) String ifMatch, Principal who) {
        if (!materials.remove(there(id), Versions.read(ifMatch), who.getName())) {
            throw new ApiException(Message.MATERIAL_CHANGED);
        }
    }

    private MaterialView write(
            String id, String kind, MaterialGiven given, Optional<TestTables> testsBefore, long seen, Principal who) {
        if (!(given.document() instanceof ObjectNode object)) {
            throw new FieldsException(
                    Message.FIELDS, List.of(new Problem("/document", "it must be an object with the figures")));
        }
        Optional<TestTables> tables = given.tests() == null ? testsBefore : Optional.of(given.tests());
        return fields(() -> materials.set(id, kind, object, tables, seen, who.getName()))
                .map(MaterialView::of)
                .orElseThrow(() -> new ApiException(Message.MATERIAL_CHANGED));
    }

    /** What is wrong with a material is wrong with fields, not with a pack file. */
    private static <T> T fields(Supplier<T> writing) {
        try {
            return writing.get();
        } catch (UnreadableFileException e) {
            throw new FieldsException(Message.FIELDS, e.problems());
        }
    }

    private Version<KeptMaterial> there(String id) {
        return materials.byId(id).orElseThrow(() -> new ApiException(Message.NO_MATERIAL, id));
    }
}
