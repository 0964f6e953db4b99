package rampart.server.api;

import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotEmpty;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.security.Principal;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.springdoc.core.annotations.ParameterObject;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
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
import rampart.core.consignment.Together;
import rampart.core.words.Wording;
import rampart.formats.json.Problem;
import rampart.formats.paper.Paper;
import rampart.formats.paper.PaperView;
import rampart.formats.paper.PdfMedium;
import rampart.formats.view.Nullable;
import rampart.server.consignments.ConsignmentDesk;
import rampart.server.consignments.Consignments;
import rampart.server.consignments.KeptConsignment;
import rampart.server.history.Version;
import rampart.server.messages.Message;
import rampart.server.packings.Packings;
import rampart.server.persistence.Listed;
import rampart.server.persistence.Mark;
import rampart.server.releases.Releases;

/** Packs that travel together, and the papers of all of them. */
@RestController
class ConsignmentController {
    private static final int MOST_BOXES = 200;

    private final Consignments consignments;
    private final ConsignmentDesk desk;
    private final Releases releases;
    private final Packings packings;

    ConsignmentController(Consignments consignments, ConsignmentDesk desk, Releases releases, Packings packings) {
        this.packings = packings;
        this.consignments = consignments;
        this.desk = desk;
        this.releases = releases;
    }

    /**
     * One release in a consignment, so many times.
     *
     * @param contents what is in each; empty for the name of the pack
     */
    record ConsignedRelease(
            @NotNull(message = "name a release") @Size(min = 1, max = 40, message = "a number has 1 to 40 letters")
            String release,

            @Min(value = 1, message = "1 to 100 of one pack") @Max(value = 100, message = "1 to 100 of one pack")
            int count,

            @NotNull(message = "say what is in it; it may be empty")
            @Size(max = 200, message = "contents have at most 200 characters")
            String contents) {}

    /** What travels together, and to whom. */
    record ConsignmentAsked(
            @NotNull(message = "give the receiver; it may be empty")
            @Size(max = 6, message = "an address has at most 6 lines")
            List<
                            @NotNull(message = "a line is not null")
                            @Size(max = 80, message = "a line has at most 80 characters") String>
                    receiver,

            @NotNull(message = "give a note; it may be empty")
            @Size(max = 1000, message = "a note has at most 1000 characters")
            String note,

            @NotEmpty(message = "at least one pack travels") @Size(max = 100, message = "at most 100 different packs")
            List<@Valid @NotNull(message = "an entry is not null") ConsignedRelease> entries) {}

    /**
     * A box of a consignment.
     *
     * @param scanned number on its label
     * @param packing its record at the packing table; null where that was not begun
     */
    record ConsignedBoxView(
            int box,
            String scanned,
            String release,
            String name,
            String contents,
            double grossKg,
            boolean twoPeople,
            @Nullable PackedView packing) {}

    /** How far a box is packed. */
    record PackedView(String id, int open, boolean complete) {}

    /**
     * A consignment.
     *
     * @param remarks what to mind of its boxes together
     */
    record ConsignmentView(
            String number,
            List<String> receiver,
            String note,
            List<ConsignedRelease> entries,
            List<ConsignedBoxView> boxes,
            List<String> remarks,
            long version,
            Instant changedAt,
            String changedBy) {}

    /** Consignments, made last first. */
    record ConsignmentPage(
            List<ConsignmentView> items,
            long total,
            @Nullable String next) {}

    @GetMapping(path = "/api/consignments", produces = MediaType.APPLICATION_JSON_VALUE)
    ConsignmentPage all(
            @RequestParam(name = "search", defaultValue = "")
                    @Size(max = 200, message = "a search has at most 200 characters")
                    String search,
            @RequestParam(name = "after", required = false) String after,
            @RequestParam(name = "size", defaultValue = "12")
                    @Min(value = 1, message = "a page has 1 to 100 consignments")
                    @Max(value = 100, message = "a page has 1 to 100 consignments")
                    int size,
            @Valid @ParameterObject UnitsAsked units) {
        Listed<Version<KeptConsignment>> found =
                consignments.page(search, Optional.ofNullable(after).map(Mark::read), size);
        return new ConsignmentPage(
                views(found.rows(), units.wording()),
                found.total(),
                found.next().map(Mark::text).orElse(null));
    }

    @GetMapping(path = "/api/consignments/{number}", produces = MediaType.APPLICATION_JSON_VALUE)
    ConsignmentView one(@PathVariable("number") String number, @Valid @ParameterObject UnitsAsked units) {
        return view(find(number), units.wording());
    }

    @PostMapping(
            path = "/api/consignments",
            consumes = MediaType.APPLICATION_JSON_VALUE,
            produces = MediaType.APPLICATION_JSON_VALUE)
    @ResponseStatus(HttpStatus.CREATED)
    ConsignmentView add(
            @Valid @ParameterObject UnitsAsked units, @Valid @RequestBody ConsignmentAsked asked, Principal who) {
        return view(consignments.add(kept(asked), who.getName()), units.wording());
    }

    @PutMapping(
            path = "/api/consignments/{number}",
            consumes = MediaType.APPLICATION_JSON_VALUE,
            produces = MediaType.APPLICATION_JSON_VALUE)
    ConsignmentView change(
            @PathVariable("number") String number,
            @RequestHeader(name = HttpHeaders.IF_MATCH) String ifMatch,
            @RequestParam(name = "confirmed", defaultValue = "false") boolean confirmed,
            @Valid @ParameterObject UnitsAsked units,
            @Valid @RequestBody ConsignmentAsked asked,
            Principal who) {
        Version<KeptConsignment> now = find(number);
        KeptConsignment next = kept(asked);
        Set<Integer> begun = begun(now);
        now.value().displacedBy(next, begun).ifPresent(box -> {
            throw new FieldsException(
                    Message.FIELDS,
                    List.of(new Problem(
                            "/entries",
                            "box " + box + " is packed or being packed as "
                                    + now.value().boxes().get(box - 1).release()
                                    + ": it keeps its number and its pack; cancel its packing first")));
        });
        if (!begun.isEmpty() && !confirmed) {
            throw new ApiException(Message.CONSIGNMENT_BEGUN, begun.size());
        }
        return view(
                consignments
                        .set(number, next, Versions.read(ifMatch), who.getName())
                        .orElseThrow(() -> new ApiException(Message.CHANGED_MEANWHILE)),
                units.wording());
    }

    @DeleteMapping("/api/consignments/{number}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void remove(
            @PathVariable("number") String number,
            @RequestHeader(name = HttpHeaders.IF_MATCH) String ifMatch,
            Principal who) {
        if (!begun(find(number)).isEmpty()) {
            throw new ApiException(Message.CONSIGNMENT_PACKED);
        }
        if (!consignments.remove(number, Versions.read(ifMatch), who.getName())) {
            throw new ApiException(Message.CHANGED_MEANWHILE);
        }
    }

    /** What is in each box, for the receiver. */
    @GetMapping(path = "/api/consignments/{number}/contents", produces = MediaType.APPLICATION_JSON_VALUE)
    PaperView contents(@PathVariable("number") String number, @Valid @ParameterObject UnitsAsked units) {
        return PaperView.of(desk.contents(find(number), units.wording()));
    }

    /** The same as a file to print. */
    @GetMapping(path = "/api/consignments/{number}/contents.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<byte[]> contentsPdf(
            @PathVariable("number") String number,
            @Valid @ParameterObject UnitsAsked units,
            @RequestParam(name = "paper", defaultValue = "a4") Paper paper) {
        return PaperController.file(
                PdfMedium.write(desk.contents(find(number), units.wording()), paper),
                MediaType.APPLICATION_PDF,
                FileNames.of(number + ", contents", ".pdf"));
    }

    /** An address label for each box, each on a leaf of its own size. */
    @GetMapping(path = "/api/consignments/{number}/labels.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<byte[]> labels(@PathVariable("number") String number, @Valid @ParameterObject UnitsAsked units) {
        return PaperController.file(
                PdfMedium.single(number, desk.labels(find(number), units.wording())),
                MediaType.APPLICATION_PDF,
                FileNames.of(number + ", labels", ".pdf"));
    }

    private Version<KeptConsignment> find(String number) {
        return consignments.byNumber(number).orElseThrow(() -> new ApiException(Message.NO_CONSIGNMENT));
    }

    private KeptConsignment kept(ConsignmentAsked asked) {
        List<Problem> problems = new ArrayList<>();
        int boxes = 0;
        for (int i = 0; i < asked.entries().size(); i++) {
            ConsignedRelease entry = asked.entries().get(i);
            boxes += entry.count();
            if (releases.byNumber(entry.release()).isEmpty()) {
                problems.add(new Problem("/entries/" + i + "/release", "there is no release " + entry.release()));
            }
        }
        if (boxes > MOST_BOXES) {
            problems.add(new Problem("/entries", boxes + " boxes; a consignment has at most " + MOST_BOXES));
        }
        if (!problems.isEmpty()) {
            throw new FieldsException(Message.FIELDS, problems);
        }
        return new KeptConsignment(
                asked.receiver(),
                asked.note(),
                asked.entries().stream()
                        .map(e -> new KeptConsignment.Entry(e.release(), e.count(), e.contents()))
                        .toList());
    }

    /** Numbers of the boxes that somebody packs or has packed. */
    private Set<Integer> begun(Version<KeptConsignment> consignment) {
        int boxes = consignment.value().boxes().size();
        Set<String> begun = packings.begun(IntStream.rangeClosed(1, boxes)
                .mapToObj(box -> Consignments.boxNumber(consignment.id(), box))
                .toList());
        return IntStream.rangeClosed(1, boxes)
                .filter(box -> begun.contains(Consignments.boxNumber(consignment.id(), box)))
                .boxed()
                .collect(Collectors.toSet());
    }

    private ConsignmentView view(Version<KeptConsignment> version, Wording wording) {
        return views(List.of(version), wording).get(0);
    }

    /** What is packed of all of them is asked at once. */
    private List<ConsignmentView> views(List<Version<KeptConsignment>> versions, Wording wording) {
        List<List<ConsignmentDesk.Boxed>> boxes =
                versions.stream().map(desk::boxes).toList();
        Map<String, Packings.Progress> packed = packings.progress(boxes.stream()
                .flatMap(List::stream)
                .map(ConsignmentDesk.Boxed::scanned)
                .toList());
        List<ConsignmentView> views = new ArrayList<>();
        for (int i = 0; i < versions.size(); i++) {
            views.add(view(versions.get(i), boxes.get(i), packed, wording));
        }
        return views;
    }

    private static ConsignmentView view(
            Version<KeptConsignment> version,
            List<ConsignmentDesk.Boxed> boxes,
            Map<String, Packings.Progress> packed,
            Wording wording) {
        KeptConsignment kept = version.value();
        return new ConsignmentView(
                version.id(),
                kept.receiver(),
                kept.note(),
                kept.entries().stream()
                        .map(e -> new ConsignedRelease(e.release(), e.count(), e.contents()))
                        .toList(),
                boxes.stream()
                        .map(b -> new ConsignedBoxView(
                                b.number(),
                                b.scanned(),
                                b.release(),
                                b.name(),
                                b.contents(),
                                b.grossKg(),
                                b.twoPeople(),
                                Optional.ofNullable(packed.get(b.scanned()))
                                        .map(progress ->
                                                new PackedView(progress.id(), progress.open(), progress.complete()))
                                        .orElse(null)))
                        .toList(),
                Together.remarks(boxes.stream()
                                .map(ConsignmentDesk.Boxed::together)
                                .toList())
                        .stream()
                        .map(wording::say)
                        .toList(),
                version.version(),
                version.changedAt(),
                version.changedBy());
    }
}
