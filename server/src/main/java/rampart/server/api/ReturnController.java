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
import org.springdoc.core.annotations.ParameterObject;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RestController;
import rampart.core.layout.Layout;
import rampart.core.layout.LayoutWalk;
import rampart.core.material.Catalogue;
import rampart.core.steps.PackParts;
import rampart.core.words.Wording;
import rampart.formats.pack.PackFile;
import rampart.formats.paper.PaperSource;
import rampart.formats.view.Nullable;
import rampart.server.history.Version;
import rampart.server.messages.Message;
import rampart.server.packs.PackShelf;
import rampart.server.persistence.PackRepository.StoredPack;
import rampart.server.releases.KeptReturns;
import rampart.server.releases.Returns;

/** Packs that are used again: their parts, their trips, when foam is due. */
@RestController
class ReturnController {
    private final PackShelf shelf;
    private final Returns returns;
    private final Catalogue catalogue;

    ReturnController(PackShelf shelf, Returns returns, Catalogue catalogue) {
        this.shelf = shelf;
        this.returns = returns;
        this.catalogue = catalogue;
    }

    /**
     * One kind of part.
     *
     * @param bag number of the bag that it travels in; null where it is in none
     */
    record ReturnPartView(
            String id,
            String name,
            int count,
            String place,
            String round,
            @Nullable Integer bag) {}

    /** How it came back. */
    record BackView(Instant at, String by, List<KeptReturns.Found> found, KeptReturns.Grade grade, String note) {}

    /**
     * Once out and back.
     *
     * @param back null while it is away
     * @param missing parts of which fewer came back than belong to it, in words
     */
    record TripView(
            int number,
            String to,
            Instant outAt,
            String outBy,
            @Nullable BackView back,
            List<String> missing) {}

    /**
     * How long a cushion lasts.
     *
     * @param trips that it lasts (common practice, no source)
     * @param made since it was renewed
     */
    record FoamLifeView(String foam, int trips, int made, boolean due) {}

    /** All of it. */
    record ReturnsView(
            List<ReturnPartView> parts, List<TripView> trips, List<FoamLifeView> foams, boolean away, long version) {}

    /** It goes out. */
    record OutAsked(
            @NotNull(message = "say to whom it goes; it may be empty")
            @Size(max = 200, message = "a receiver has at most 200 characters")
            String to) {}

    /** What of one part came back. */
    record FoundPart(
            @NotNull(message = "name the part") @Size(max = 200, message = "an id has at most 200 characters")
            String part,

            @Min(value = 0, message = "0 to 1000 of a part") @Max(value = 1000, message = "0 to 1000 of a part")
            int count,

            @Min(value = 0, message = "0 to 1000 damaged") @Max(value = 1000, message = "0 to 1000 damaged")
            int damaged) {}

    /** It is back. */
    record BackAsked(
            @NotNull(message = "give what was found") @Size(max = 500, message = "at most 500 parts")
            List<@Valid @NotNull(message = "a part is not null") FoundPart> found,

            @NotNull(message = "grade it: whole, worn or damaged")
            KeptReturns.Grade grade,

            @NotNull(message = "give a note; it may be empty")
            @Size(max = 1000, message = "a note has at most 1000 characters")
            String note) {}

    @GetMapping(path = "/api/packs/{id}/returns", produces = MediaType.APPLICATION_JSON_VALUE)
    ReturnsView returns(@PathVariable("id") String id, @Valid @ParameterObject UnitsAsked units) {
        StoredPack pack = pack(id);
        return view(pack, returns.of(id), units.wording());
    }

    /** It goes out; {@code If-Match} holds the version that was seen. */
    @PostMapping(
            path = "/api/packs/{id}/returns/out",
            consumes = MediaType.APPLICATION_JSON_VALUE,
            produces = MediaType.APPLICATION_JSON_VALUE)
    ReturnsView out(
            @PathVariable("id") String id,
            @RequestHeader(name = HttpHeaders.IF_MATCH) String ifMatch,
            @Valid @ParameterObject UnitsAsked units,
            @Valid @RequestBody OutAsked asked,
            Principal who) {
        StoredPack pack = pack(id);
        return changed(pack, returns.out(pack, asked.to(), Versions.read(ifMatch), who.getName()), units.wording());
    }

    /** It is back, checked off. */
    @PostMapping(
            path = "/api/packs/{id}/returns/back",
            consumes = MediaType.APPLICATION_JSON_VALUE,
            produces = MediaType.APPLICATION_JSON_VALUE)
    ReturnsView back(
            @PathVariable("id") String id,
            @RequestHeader(name = HttpHeaders.IF_MATCH) String ifMatch,
            @Valid @ParameterObject UnitsAsked units,
            @Valid @RequestBody BackAsked asked,
            Principal who) {
        StoredPack pack = pack(id);
        List<KeptReturns.Found> found = asked.found().stream()
                .map(each -> new KeptReturns.Found(each.part(), each.count(), each.damaged()))
                .toList();
        return changed(
                pack,
                returns.back(pack, found, asked.grade(), asked.note(), Versions.read(ifMatch), who.getName()),
                units.wording());
    }

    /** Its foam has been renewed. */
    @PostMapping(path = "/api/packs/{id}/returns/renewal", produces = MediaType.APPLICATION_JSON_VALUE)
    ReturnsView renewed(
            @PathVariable("id") String id,
            @RequestHeader(name = HttpHeaders.IF_MATCH) String ifMatch,
            @Valid @ParameterObject UnitsAsked units,
            Principal who) {
        StoredPack pack = pack(id);
        return changed(pack, returns.renewed(pack, Versions.read(ifMatch), who.getName()), units.wording());
    }

    private ReturnsView changed(StoredPack pack, Optional<Version<KeptReturns>> version, Wording wording) {
        return view(pack, version.orElseThrow(() -> new ApiException(Message.CHANGED_MEANWHILE)), wording);
    }

    private StoredPack pack(String id) {
        return shelf.byId(id).orElseThrow(() -> new ApiException(Message.NO_PACK));
    }

    private ReturnsView view(StoredPack pack, Version<KeptReturns> version, Wording wording) {
        PackFile file = pack.file();
        Catalogue materials = file.catalogue(catalogue);
        Layout layout = LayoutWalk.lay(file.pack().item(), file.pack().layers(), materials);
        List<PackParts.Part> parts = PaperSource.parts(file, layout, materials);
        KeptReturns kept = version.value();
        int made = kept.trips().size() - kept.renewedAtTrip();
        return new ReturnsView(
                parts.stream()
                        .map(part -> new ReturnPartView(
                                part.id(),
                                part.name(),
                                part.count(),
                                wording.say(part.place()),
                                part.round(),
                                part.bag() == 0 ? null : part.bag()))
                        .toList(),
                kept.trips().stream().map(trip -> trip(trip, parts)).toList(),
                layout.cushions().stream()
                        .map(cushion -> cushion.foam())
                        .distinct()
                        .map(foam -> new FoamLifeView(
                                foam.name(), PackParts.tripsOf(foam), made, made >= PackParts.tripsOf(foam)))
                        .toList(),
                Returns.away(kept),
                version.version());
    }

    private static TripView trip(KeptReturns.Trip trip, List<PackParts.Part> parts) {
        KeptReturns.Back back = trip.back();
        List<String> missing = back == null
                ? List.of()
                : parts.stream()
                        .filter(part -> found(back, part) < part.count())
                        .map(part -> (part.count() - found(back, part)) + " of " + part.count() + " " + part.name())
                        .toList();
        return new TripView(
                trip.number(),
                trip.to(),
                trip.outAt(),
                trip.outBy(),
                back == null ? null : new BackView(back.at(), back.by(), back.found(), back.grade(), back.note()),
                missing);
    }

    /** Of a part that nobody counted, as a design of then did not have it, all are taken to be there. */
    private static int found(KeptReturns.Back back, PackParts.Part part) {
        return back.found().stream()
                .filter(each -> each.part().equals(part.id()))
                .mapToInt(KeptReturns.Found::count)
                .findFirst()
                .orElse(part.count());
    }
}
