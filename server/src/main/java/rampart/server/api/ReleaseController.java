package rampart.server.api;

import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.security.Principal;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.security.core.Authentication;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import rampart.formats.json.Problem;
import rampart.formats.view.Nullable;
import rampart.formats.view.StatusView;
import rampart.server.access.Role;
import rampart.server.history.Version;
import rampart.server.messages.Message;
import rampart.server.packs.PackShelf;
import rampart.server.packs.PackShelf.Frozen;
import rampart.server.persistence.Listed;
import rampart.server.persistence.Mark;
import rampart.server.persistence.PackRepository.StoredPack;
import rampart.server.persistence.ReleaseRepository.StoredRelease;
import rampart.server.persistence.RevisionRepository.Revision;
import rampart.server.releases.NumberScheme;
import rampart.server.releases.PaperWays;
import rampart.server.releases.Releases;

/** Releases of packs, and how the house numbers them. */
@RestController
class ReleaseController {
    private final PackShelf shelf;
    private final Releases releases;

    ReleaseController(PackShelf shelf, Releases releases) {
        this.shelf = shelf;
        this.releases = releases;
    }

    /**
     * A released revision.
     *
     * @param reason signed where something breaks; empty where nothing does
     * @param stepsChanged true where somebody arranged the steps anew since
     */
    record ReleaseView(
            String number,
            String name,
            String packId,
            int revision,
            StatusView verdict,
            String reason,
            Instant releasedAt,
            String releasedBy,
            boolean stepsChanged) {
        static ReleaseView of(StoredRelease release, boolean stepsChanged) {
            return new ReleaseView(
                    release.number(),
                    release.name(),
                    release.packId(),
                    release.revision(),
                    StatusView.valueOf(release.verdict()),
                    release.reason(),
                    release.releasedAt(),
                    release.releasedBy(),
                    stepsChanged);
        }
    }

    /**
     * To release.
     *
     * @param note what the revision is for, where one is made
     * @param reason why it goes out although something breaks; empty where nothing does
     */
    record ReleaseAsked(
            @NotNull(message = "give a note; it may be empty")
            @Size(max = 2000, message = "a note has at most 2000 characters")
            String note,

            @NotNull(message = "give a reason; it may be empty")
            @Size(max = 2000, message = "a reason has at most 2000 characters")
            String reason) {}

    /** Freezes the draft at this version, unless it is a revision already, and releases that. */
    @PostMapping(
            path = "/api/packs/{id}/releases",
            consumes = MediaType.APPLICATION_JSON_VALUE,
            produces = MediaType.APPLICATION_JSON_VALUE)
    @ResponseStatus(HttpStatus.CREATED)
    ReleaseView release(
            @PathVariable("id") String id,
            @RequestHeader(name = HttpHeaders.IF_MATCH) String ifMatch,
            @Valid @RequestBody ReleaseAsked asked,
            Authentication who) {
        StoredPack pack = shelf.byId(id).orElseThrow(() -> new ApiException(Message.NO_PACK));
        Revision revision = frozen(id, Versions.read(ifMatch), asked.note(), who.getName());
        boolean maySign = Role.of(who.getAuthorities()) == Role.keeper;
        Releases.Outcome outcome = releases.release(pack, revision, asked.reason(), maySign, who.getName());
        if (outcome instanceof Releases.Outcome.Breaks breaks) {
            throw new ApiException(Message.RELEASE_BREAKS, breaks.because());
        }
        if (outcome instanceof Releases.Outcome.StaleSteps stale) {
            throw new ApiException(Message.STEPS_STALE, stale.which());
        }
        if (outcome instanceof Releases.Outcome.Made made) {
            return view(made.release());
        }
        throw new ApiException(Message.RELEASE_NOT_SIGNED);
    }

    private ReleaseView view(StoredRelease release) {
        return views(List.of(release)).get(0);
    }

    private List<ReleaseView> views(List<StoredRelease> stored) {
        Set<String> changed = releases.stepsChanged(stored);
        return stored.stream()
                .map(release -> ReleaseView.of(release, changed.contains(release.number())))
                .toList();
    }

    private Revision frozen(String id, long version, String note, String by) {
        Frozen frozen = shelf.freeze(id, version, note, by);
        if (frozen instanceof Frozen.Made made) {
            return made.revision();
        }
        if (frozen instanceof Frozen.Before before) {
            return before.revision();
        }
        if (frozen instanceof Frozen.Stale stale) {
            throw new StaleDraftException(stale.now(), "");
        }
        throw new ApiException(Message.NO_PACK);
    }

    /** Newest first. */
    @GetMapping(path = "/api/packs/{id}/releases", produces = MediaType.APPLICATION_JSON_VALUE)
    List<ReleaseView> of(@PathVariable("id") String id) {
        return views(releases.of(id));
    }

    /** @param next mark of the next page; null where this is the last */
    record ReleasePage(
            List<ReleaseView> items, long total, @Nullable String next) {}

    /**
     * The newest of each pack on the shelf, by name; those whose name or number holds the words.
     *
     * @param after mark of the page before; left out for the first
     */
    @GetMapping(path = "/api/releases", produces = MediaType.APPLICATION_JSON_VALUE)
    ReleasePage newest(
            @RequestParam(name = "search", defaultValue = "")
                    @Size(max = 200, message = "a search has at most 200 characters")
                    String search,
            @RequestParam(name = "after", required = false) String after,
            @RequestParam(name = "size", defaultValue = "60")
                    @Min(value = 1, message = "1 to 200 releases are answered")
                    @Max(value = 200, message = "1 to 200 releases are answered")
                    int size) {
        Listed<StoredRelease> found =
                releases.newest(search, Optional.ofNullable(after).map(Mark::read), size);
        return new ReleasePage(
                views(found.rows()), found.total(), found.next().map(Mark::text).orElse(null));
    }

    /**
     * How the house numbers what it releases, and who sends it.
     *
     * @param version 0 until somebody sets it
     * @param example what the next number would look like
     */
    record PaperWaysView(
            String numberScheme,
            String nameScheme,
            String consignmentScheme,
            List<String> sender,
            String example,
            long version) {
        static PaperWaysView of(Version<PaperWays> version) {
            PaperWays ways = version.value();
            return new PaperWaysView(
                    ways.numberScheme(),
                    ways.nameScheme(),
                    ways.consignmentScheme(),
                    ways.sender(),
                    NumberScheme.ofNumbers(ways.numberScheme()).of(12, 2026, 3, ""),
                    version.version());
        }
    }

    /** To set them. */
    record PaperWaysAsked(
            @NotNull(message = "give a scheme of numbers") String numberScheme,
            @NotNull(message = "give a scheme of names") String nameScheme,

            @NotNull(message = "give a scheme of numbers for consignments")
            String consignmentScheme,

            @NotNull(message = "give the sender; it may be empty")
            @Size(max = 6, message = "an address has at most 6 lines")
            List<
                            @NotNull(message = "a line is not null")
                            @Size(max = 80, message = "a line has at most 80 characters") String>
                    sender) {}

    @GetMapping(path = "/api/house/papers", produces = MediaType.APPLICATION_JSON_VALUE)
    PaperWaysView ways() {
        return PaperWaysView.of(releases.ways());
    }

    @PutMapping(
            path = "/api/house/papers",
            consumes = MediaType.APPLICATION_JSON_VALUE,
            produces = MediaType.APPLICATION_JSON_VALUE)
    PaperWaysView set(
            @RequestHeader(name = HttpHeaders.IF_MATCH) String ifMatch,
            @Valid @RequestBody PaperWaysAsked asked,
            Principal who) {
        check("/numberScheme", () -> NumberScheme.ofNumbers(asked.numberScheme()));
        check("/nameScheme", () -> NumberScheme.ofNames(asked.nameScheme()));
        check("/consignmentScheme", () -> NumberScheme.ofNumbers(asked.consignmentScheme()));
        PaperWays ways =
                new PaperWays(asked.numberScheme(), asked.nameScheme(), asked.consignmentScheme(), asked.sender());
        return PaperWaysView.of(releases.setWays(ways, Versions.read(ifMatch), who.getName())
                .orElseThrow(() -> new ApiException(Message.CHANGED_MEANWHILE)));
    }

    private static void check(String path, Runnable scheme) {
        try {
            scheme.run();
        } catch (IllegalArgumentException e) {
            throw new FieldsException(Message.FIELDS, List.of(new Problem(path, e.getMessage())));
        }
    }
}
