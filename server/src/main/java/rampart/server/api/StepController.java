package rampart.server.api;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Pattern;
import jakarta.validation.constraints.Size;
import java.security.Principal;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.springdoc.core.annotations.ParameterObject;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RestController;
import rampart.core.steps.StepEdits;
import rampart.core.words.Wording;
import rampart.formats.json.Problem;
import rampart.formats.paper.PackStepsView;
import rampart.formats.view.Nullable;
import rampart.server.history.Version;
import rampart.server.messages.Message;
import rampart.server.packs.PackShelf;
import rampart.server.persistence.PackRepository.StoredPack;
import rampart.server.releases.KeptSteps;
import rampart.server.releases.PaperDesk;
import rampart.server.releases.Releases;

/** The steps in which a pack is made up, and what people change in them. */
@RestController
class StepController {
    private final PackShelf shelf;
    private final PaperDesk desk;
    private final Releases releases;

    StepController(PackShelf shelf, PaperDesk desk, Releases releases) {
        this.shelf = shelf;
        this.desk = desk;
        this.releases = releases;
    }

    /**
     * The steps and which version of the changes stands in them.
     *
     * @param version 0 where nobody changed anything
     */
    record ArrangedStepsView(PackStepsView steps, long version) {}

    /**
     * Changes.
     *
     * @param order ids of steps in the order that is wanted; empty for the computed one
     * @param words other words by id of the step; blank ones are taken away
     * @param added steps of one's own
     * @param confirmed ids of steps whose words, written for another design, are to stand for what the step says today; none where left
     *     out
     */
    record StepChanges(
            @NotNull(message = "give the order; it may be empty") @Size(max = 500, message = "at most 500 steps")
            List<
                            @NotNull(message = "an id is not null")
                            @Size(max = 120, message = "an id has at most 120 characters") String>
                    order,

            @NotNull(message = "give the words; there may be none") @Size(max = 500, message = "at most 500 steps")
            Map<
                            @Size(max = 120, message = "an id has at most 120 characters") String,
                            @NotNull(message = "words are not null")
                            @Size(max = 1000, message = "a step has at most 1000 characters") String>
                    words,

            @NotNull(message = "give the added steps; there may be none")
            @Size(max = 100, message = "at most 100 added steps")
            List<@Valid @NotNull(message = "an added step is not null") AddedStep> added,

            @Nullable @Size(max = 500, message = "at most 500 steps")
            List<
                            @NotNull(message = "an id is not null")
                            @Size(max = 120, message = "an id has at most 120 characters") String>
                    confirmed) {}

    /**
     * A step of one's own.
     *
     * @param behind id of the step that it stands behind
     */
    record AddedStep(
            @NotNull(message = "give the step an id")
            @Pattern(
                    regexp = "own:[a-z0-9-]{1,60}",
                    message = "an id of an added step is own: and 1 to 60 small letters or digits")
            String id,

            @NotNull(message = "name the step that it stands behind")
            @Size(max = 120, message = "an id has at most 120 characters")
            String behind,

            @NotBlank(message = "say what is done") @Size(max = 1000, message = "a step has at most 1000 characters")
            String words,

            boolean must) {}

    @GetMapping(path = "/api/packs/{id}/steps", produces = MediaType.APPLICATION_JSON_VALUE)
    ArrangedStepsView steps(@PathVariable("id") String id, @Valid @ParameterObject UnitsAsked units) {
        return view(pack(id), units.wording());
    }

    /** Replaces all changes; {@code If-Match} holds the version that was seen. */
    @PutMapping(
            path = "/api/packs/{id}/steps",
            consumes = MediaType.APPLICATION_JSON_VALUE,
            produces = MediaType.APPLICATION_JSON_VALUE)
    ArrangedStepsView arrange(
            @PathVariable("id") String id,
            @RequestHeader(name = HttpHeaders.IF_MATCH) String ifMatch,
            @Valid @ParameterObject UnitsAsked units,
            @Valid @RequestBody StepChanges changes,
            Principal who) {
        StoredPack pack = pack(id);
        List<StepEdits.Own> added = changes.added().stream()
                .map(own ->
                        new StepEdits.Own(own.id(), own.behind(), own.words().strip(), own.must()))
                .toList();
        if (added.stream().map(StepEdits.Own::id).distinct().count() < added.size()) {
            throw new FieldsException(
                    Message.FIELDS, List.of(new Problem("/added", "two added steps have the same id")));
        }
        KeptSteps kept = new KeptSteps(changes.order(), kept(pack, changes), added);
        if (releases.setSteps(pack, kept, Versions.read(ifMatch), who.getName()).isEmpty()) {
            throw new ApiException(Message.CHANGED_MEANWHILE);
        }
        return view(pack, units.wording());
    }

    /** Words that were kept before keep what they were written for; new ones are written for what the step says today. */
    private Map<String, KeptSteps.Words> kept(StoredPack pack, StepChanges changes) {
        List<String> confirmed = changes.confirmed() == null ? List.of() : changes.confirmed();
        Map<String, KeptSteps.Words> before = releases.steps(pack.id()).value().words();
        Map<String, String> today = new LinkedHashMap<>();
        PackStepsView steps = PackStepsView.of(desk.draft(pack, 1, Wording.METRIC));
        steps.steps().forEach(step -> today.put(step.id(), step.computed()));
        Map<String, KeptSteps.Words> kept = new LinkedHashMap<>();
        Set<String> unknown = new HashSet<>();
        changes.words().forEach((id, said) -> {
            if (said.isBlank()) {
                return;
            }
            KeptSteps.Words old = before.get(id);
            if (old != null && old.words().equals(said.strip()) && !confirmed.contains(id)) {
                kept.put(id, old);
            } else if (today.containsKey(id)) {
                kept.put(id, new KeptSteps.Words(today.get(id), said.strip()));
            } else {
                unknown.add(id);
            }
        });
        if (!unknown.isEmpty()) {
            throw new ApiException(
                    Message.NO_STEP, String.join(", ", unknown.stream().sorted().toList()));
        }
        return kept;
    }

    private ArrangedStepsView view(StoredPack pack, Wording wording) {
        Version<KeptSteps> kept = releases.steps(pack.id());
        return new ArrangedStepsView(PackStepsView.of(desk.draft(pack, 1, wording)), kept.version());
    }

    private StoredPack pack(String id) {
        return shelf.byId(id).orElseThrow(() -> new ApiException(Message.NO_PACK));
    }
}
