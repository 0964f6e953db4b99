package rampart.server.api;

import com.fasterxml.jackson.annotation.JsonRawValue;
import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.parameters.RequestBody;
import jakarta.validation.Valid;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import org.springdoc.core.annotations.ParameterObject;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RestController;
import rampart.core.evaluation.Evaluation;
import rampart.core.material.Catalogue;
import rampart.core.words.Wording;
import rampart.formats.compare.PackComparison;
import rampart.formats.material.CatalogueFile;
import rampart.formats.material.HouseMaterials;
import rampart.formats.material.MaterialChange;
import rampart.formats.pack.PackFile;
import rampart.formats.view.Nullable;
import rampart.server.messages.Message;
import rampart.server.packs.PackShelf;
import rampart.server.persistence.RevisionRepository.Revision;
import rampart.server.stores.Materials;
import rampart.server.verdicts.KeptVerdicts;

/** What a pack was made on against the stores of today; nothing is stored. */
@RestController
class DifferenceController {
    /**
     * What a pack was made on against the stores of today.
     *
     * @param materials those that have other figures now; empty where none has
     * @param effects what taking today's figures would change: verdict, checks that turn, size and mass
     * @param madeByRules edition of the rules that a revision was made on, where it is an older one
     * @param ruleEffects what today's rules change of it
     * @param pack the pack file with today's figures
     */
    record DifferenceView(
            List<MaterialChange> materials,
            List<String> effects,

            @Nullable Integer madeByRules,
            List<String> ruleEffects,

            @JsonRawValue @Schema(ref = OpenApiConfig.PACK_FILE)
            String pack) {}

    private final Materials materials;
    private final PackShelf shelf;
    private final Catalogue standard;
    private final KeptVerdicts verdicts;

    DifferenceController(Materials materials, PackShelf shelf, Catalogue standard, KeptVerdicts verdicts) {
        this.verdicts = verdicts;
        this.materials = materials;
        this.shelf = shelf;
        this.standard = standard;
    }

    /** A pack file, whose own materials may be older than the stores'. */
    @PostMapping(
            path = "/api/stores/differences",
            consumes = MediaType.APPLICATION_JSON_VALUE,
            produces = MediaType.APPLICATION_JSON_VALUE)
    @RequestBody(required = true, content = @Content(schema = @Schema(ref = OpenApiConfig.PACK_FILE)))
    DifferenceView differences(
            @org.springframework.web.bind.annotation.RequestBody byte[] file,
            @Valid @ParameterObject UnitsAsked units) {
        return differences(PackFile.read(file), standard, units.wording(), null, List.of());
    }

    /** A revision, with the catalogue that it was made on. */
    @GetMapping(path = "/api/packs/{id}/revisions/{number}/differences", produces = MediaType.APPLICATION_JSON_VALUE)
    DifferenceView ofRevision(
            @PathVariable("id") String id,
            @PathVariable("number") int number,
            @Valid @ParameterObject UnitsAsked units) {
        Revision revision = shelf.revision(id, number).orElseThrow(() -> new ApiException(Message.NO_REVISION, number));
        PackFile file = PackFile.read(revision.document().getBytes(StandardCharsets.UTF_8));
        Catalogue madeOn = shelf.catalogue(revision);
        boolean older = revision.rulesEdition() < Evaluation.RULES_EDITION;
        return differences(
                file,
                madeOn,
                units.wording(),
                older ? revision.rulesEdition() : null,
                older
                        ? PackComparison.effects(
                                shelf.report(id, revision, units.wording()).evaluation(), verdicts.of(file, madeOn))
                        : List.of());
    }

    private DifferenceView differences(
            PackFile then, Catalogue madeOn, Wording wording, Integer rules, List<String> ruleEffects) {
        HouseMaterials house = materials.house();
        PackFile now = then.withMaterials(house);
        List<MaterialChange> changes = new ArrayList<>(CatalogueFile.changes(then.pack(), madeOn, standard, wording));
        changes.addAll(then.staleMaterials(house, wording));
        List<String> effects = changes.isEmpty()
                ? List.of()
                : PackComparison.effects(verdicts.of(then, madeOn), verdicts.of(now, standard), wording);
        return new DifferenceView(
                changes, effects, rules, ruleEffects, new String(now.write(), StandardCharsets.UTF_8));
    }
}
