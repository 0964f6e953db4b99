package rampart.server.api;

import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.parameters.RequestBody;
import io.swagger.v3.oas.annotations.responses.ApiResponse;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Pattern;
import jakarta.validation.constraints.Size;
import java.net.URI;
import java.nio.charset.StandardCharsets;
import java.security.Principal;
import java.util.List;
import java.util.Optional;
import org.springdoc.core.annotations.ParameterObject;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PatchMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import rampart.formats.view.ReportView;
import rampart.formats.view.StatusView;
import rampart.server.messages.Message;
import rampart.server.packs.Kind;
import rampart.server.packs.PackShelf;
import rampart.server.packs.PackShelf.Frozen;
import rampart.server.packs.PackShelf.Saved;
import rampart.server.packs.Sort;
import rampart.server.persistence.Mark;
import rampart.server.persistence.PackRepository.StoredPack;
import rampart.server.persistence.RevisionRepository.Revision;

/** Packs: the shelf, drafts, revisions, files in and out. */
@RestController
@RequestMapping(path = "/api/packs", produces = MediaType.APPLICATION_JSON_VALUE)
class PackController {
    private static final String KEY = "Idempotency-Key";
    private static final int MOST_ON_A_PAGE = 100;

    private final PackShelf shelf;

    PackController(PackShelf shelf) {
        this.shelf = shelf;
    }

    /** What people want to remember of the item. */
    public record ItemNote(
            @NotNull(message = "give a note; it may be empty")
            @Size(max = 4000, message = "a note has at most 4000 characters")
            String note) {}

    /** A new name. */
    public record Rename(
            @NotNull(message = "give a name")
            @Pattern(regexp = "(?s).*\\S.*", message = "a name is not blank")
            @Size(min = 1, max = 200, message = "a name has 1 to 200 characters")
            String name) {}

    /** What the revision is for, in the author's words. */
    public record RevisionNote(
            @NotNull(message = "give a note; it may be empty")
            @Size(max = 2000, message = "a note has at most 2000 characters")
            String note) {}

    /** @param after mark of the page before; left out for the first */
    @GetMapping
    PackViews.Page list(
            @RequestParam(name = "search", defaultValue = "")
                    @Size(max = 200, message = "a search has at most 200 characters")
                    String search,
            @RequestParam(name = "verdict", required = false) StatusView verdict,
            @RequestParam(name = "kind", required = false) Kind kind,
            @RequestParam(name = "sort", defaultValue = "saved") Sort sort,
            @RequestParam(name = "after", required = false) String after,
            @RequestParam(name = "size", defaultValue = "24")
                    @Min(value = 1, message = "a page has 1 to 100 packs")
                    @Max(value = MOST_ON_A_PAGE, message = "a page has 1 to 100 packs")
                    int size) {
        PackShelf.Found found = shelf.search(
                search,
                Optional.ofNullable(verdict).map(StatusView::status),
                Optional.ofNullable(kind),
                sort,
                Optional.ofNullable(after).map(Mark::read),
                size);
        return new PackViews.Page(
                found.items().stream().map(PackViews.Card::of).toList(),
                found.total(),
                found.waiting(),
                found.next().map(Mark::text).orElse(null));
    }

    /**
     * Puts a pack file on the shelf.
     *
     * @param key of the asker's choice: asking again with it within a day makes no other pack
     */
    @PostMapping(consumes = MediaType.APPLICATION_JSON_VALUE)
    @RequestBody(required = true, content = @Content(schema = @Schema(ref = OpenApiConfig.PACK_FILE)))
    ResponseEntity<PackViews.Detail> add(
            @org.springframework.web.bind.annotation.RequestBody byte[] file,
            @RequestHeader(name = KEY, required = false) String key,
            Principal who) {
        if (key != null && !key.matches("[A-Za-z0-9-]{8,64}")) {
            throw new ApiException(Message.BAD_KEY);
        }
        StoredPack pack = shelf.add(file, Optional.ofNullable(key), who.getName());
        return ResponseEntity.created(URI.create("/api/packs/" + pack.id())).body(PackViews.Detail.of(pack));
    }

    @GetMapping("/{id}")
    PackViews.Detail read(@PathVariable("id") String id) {
        return PackViews.Detail.of(find(id));
    }

    @PatchMapping(path = "/{id}", consumes = MediaType.APPLICATION_JSON_VALUE)
    PackViews.Detail rename(
            @PathVariable("id") String id,
            @Valid @org.springframework.web.bind.annotation.RequestBody Rename rename,
            Principal who) {
        return PackViews.Detail.of(
                shelf.rename(id, rename.name(), who.getName()).orElseThrow(PackController::gone));
    }

    /** Sets the note; the last one wins, whatever the version of the draft. */
    @PutMapping(path = "/{id}/note", consumes = MediaType.APPLICATION_JSON_VALUE)
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void note(
            @PathVariable("id") String id, @Valid @org.springframework.web.bind.annotation.RequestBody ItemNote note) {
        if (!shelf.setNote(id, note.note())) {
            throw gone();
        }
    }

    @DeleteMapping("/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void delete(@PathVariable("id") String id, Principal who) {
        if (!shelf.delete(id, who.getName())) {
            throw gone();
        }
    }

    @PostMapping("/{id}/restoration")
    PackViews.Detail restore(@PathVariable("id") String id, Principal who) {
        return PackViews.Detail.of(
                shelf.restore(id, who.getName()).orElseThrow(() -> new ApiException(Message.NO_DELETED_PACK)));
    }

    /** Saves the draft; {@code If-Match} holds the version it was made from. */
    @PutMapping(path = "/{id}/draft", consumes = MediaType.APPLICATION_JSON_VALUE)
    @RequestBody(required = true, content = @Content(schema = @Schema(ref = OpenApiConfig.PACK_FILE)))
    @ApiResponse(responseCode = "200", useReturnTypeSchema = true)
    @ApiResponse(
            responseCode = "409",
            description = "somebody saved in between; both versions",
            content =
                    @Content(
                            mediaType = MediaType.APPLICATION_PROBLEM_JSON_VALUE,
                            schema = @Schema(implementation = StaleView.class)))
    PackViews.Save save(
            @PathVariable("id") String id,
            @RequestHeader(name = HttpHeaders.IF_MATCH) String ifMatch,
            @org.springframework.web.bind.annotation.RequestBody byte[] file,
            Principal who) {
        Saved saved = shelf.save(id, Versions.read(ifMatch), file, who.getName());
        if (saved instanceof Saved.Stored stored) {
            return PackViews.Save.of(stored.pack());
        }
        if (saved instanceof Saved.Stale stale) {
            throw new StaleDraftException(stale.theirs(), stale.yours());
        }
        throw gone();
    }

    @GetMapping("/{id}/revisions")
    List<PackViews.RevisionInfo> revisions(@PathVariable("id") String id) {
        find(id);
        return shelf.revisions(id).stream().map(PackViews.RevisionInfo::of).toList();
    }

    /**
     * Freezes the draft as the next revision; {@code If-Match} holds the version that is meant. Asked twice for one version,
     * it answers the one revision.
     */
    @PostMapping(path = "/{id}/revisions", consumes = MediaType.APPLICATION_JSON_VALUE)
    @ResponseStatus(HttpStatus.CREATED)
    PackViews.RevisionInfo freeze(
            @PathVariable("id") String id,
            @RequestHeader(name = HttpHeaders.IF_MATCH) String ifMatch,
            @Valid @org.springframework.web.bind.annotation.RequestBody RevisionNote note,
            Principal who) {
        Frozen frozen = shelf.freeze(id, Versions.read(ifMatch), note.note(), who.getName());
        if (frozen instanceof Frozen.Made made) {
            return PackViews.RevisionInfo.of(made.revision());
        }
        if (frozen instanceof Frozen.Before before) {
            throw new ApiException(Message.REVISION_IS_THERE, before.revision().number());
        }
        if (frozen instanceof Frozen.Stale stale) {
            throw new StaleDraftException(stale.now(), "");
        }
        throw gone();
    }

    @GetMapping("/{id}/revisions/{number}")
    PackViews.RevisionDetail revision(@PathVariable("id") String id, @PathVariable("number") int number) {
        find(id);
        return shelf.revision(id, number)
                .map(PackViews.RevisionDetail::of)
                .orElseThrow(() -> new ApiException(Message.NO_REVISION, number));
    }

    /** What was said of a revision when it was made. */
    @GetMapping("/{id}/revisions/{number}/report")
    ReportView report(
            @PathVariable("id") String id,
            @PathVariable("number") int number,
            @Valid @ParameterObject UnitsAsked units) {
        find(id);
        Revision revision = shelf.revision(id, number).orElseThrow(() -> new ApiException(Message.NO_REVISION, number));
        return shelf.report(id, revision, units.wording());
    }

    /** The pack file of the draft, or of a revision, to take away. */
    @GetMapping(path = "/{id}/file")
    ResponseEntity<byte[]> file(
            @PathVariable("id") String id, @RequestParam(name = "revision") Optional<Integer> revision) {
        StoredPack pack = find(id);
        String document = revision.isPresent()
                ? shelf.revision(id, revision.get())
                        .orElseThrow(() -> new ApiException(Message.NO_REVISION, revision.get()))
                        .document()
                : pack.draft();
        return ResponseEntity.ok()
                .contentType(MediaType.APPLICATION_JSON)
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.attachment()
                                .filename(FileNames.of(pack.name(), ".rampart.json"), StandardCharsets.UTF_8)
                                .build()
                                .toString())
                .body(document.getBytes(StandardCharsets.UTF_8));
    }

    private StoredPack find(String id) {
        return shelf.byId(id).orElseThrow(PackController::gone);
    }

    private static ApiException gone() {
        return new ApiException(Message.NO_PACK);
    }
}
