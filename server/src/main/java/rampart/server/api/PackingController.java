package rampart.server.api;

import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.parameters.RequestBody;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.validation.Valid;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotEmpty;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Pattern;
import jakarta.validation.constraints.Size;
import java.io.IOException;
import java.security.Principal;
import java.time.Instant;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ProblemDetail;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import rampart.core.steps.PackingRecord;
import rampart.core.words.Wording;
import rampart.formats.paper.PackStepsView;
import rampart.formats.paper.PackStepsView.PackStepView;
import rampart.formats.view.Nullable;
import rampart.server.config.Connections;
import rampart.server.house.House;
import rampart.server.messages.Message;
import rampart.server.packings.Packings;
import rampart.server.packings.TableWork;
import rampart.server.persistence.Listed;
import rampart.server.persistence.Mark;
import rampart.server.persistence.PackingRepository.StoredPacking;
import rampart.server.persistence.PhotographRepository.PackingPhotograph;
import rampart.server.photographs.Photographs;
import rampart.server.photographs.RefusedPictureException;
import rampart.server.photographs.SentPicture;
import rampart.server.scale.ScaleReader;

/** The packing table: packs that are packed, what is done to them, what the scale says. */
@RestController
class PackingController {
    private static final String UUID = "[0-9a-f]{8}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{12}";

    private static final double MOST_FOUND = 100_000;
    private static final int MOST_OF_AN_ID = 120;
    private static final int MOST_OF_A_NOTE = 1000;

    private final Packings packings;
    private final TableWork work;
    private final Photographs photographs;
    private final House house;
    private final ScaleReader scale;

    PackingController(Packings packings, TableWork work, Photographs photographs, House house, ScaleReader scale) {
        this.packings = packings;
        this.work = work;
        this.photographs = photographs;
        this.house = house;
        this.scale = scale;
    }

    /**
     * What is scanned, or chosen from the list: a release, a box of a consignment, a packing that was begun.
     *
     * @param number of any of these
     */
    record PackingAsked(
            @NotNull(message = "give the number that was scanned")
            @Pattern(regexp = "\\s*[\\x20-\\x7e]{1,60}\\s*", message = "a number has 1 to 60 plain letters")
            String number) {}

    /**
     * One packing in a list.
     *
     * @param cancelled by whom and why it was given up; null where it goes on
     */
    record PackingCard(
            String id,
            String number,
            String release,
            String name,
            int done,
            int steps,
            boolean complete,
            Instant begunAt,
            String begunBy,
            @Nullable String cancelled) {}

    /** @param next mark of the next page; null where this is the last */
    record PackingPage(
            List<PackingCard> items, long total, @Nullable String next) {}

    /** Where a step stands; the names are the words in JSON. */
    @SuppressWarnings("java:S115")
    public enum StepState {
        open,
        done,
        differs,
        skipped
    }

    /**
     * A step of a packing.
     *
     * @param value what was counted, weighed in kg or measured in mm; null where nothing was
     */
    record TableStepView(
            PackStepView step, StepState state, @Nullable Double value, String note) {}

    /** A photograph that was taken at the table. */
    record TablePhotographView(String hash, String step, Instant addedAt, String addedBy) {}

    /**
     * A packing as it stands.
     *
     * @param cancelled by whom and why it was given up; null where it goes on
     */
    record PackingView(
            String id,
            String number,
            String release,
            String name,
            List<TableStepView> steps,
            List<TablePhotographView> photographs,
            boolean complete,
            Instant begunAt,
            String begunBy,
            @Nullable String cancelled) {}

    /** What somebody did; the names are the words in JSON. */
    @SuppressWarnings("java:S115")
    public enum TableDeed {
        done,
        skipped,
        reopened
    }

    /**
     * One act, with an id that the device gave it: sent twice, it is written once.
     *
     * @param value what was counted, weighed in kg, measured in mm; 1 where nothing moved, 0 where something did
     * @param doneAt by the clock of the device
     */
    record TableAct(
            @NotNull(message = "give the act an id")
            @Pattern(regexp = UUID, message = "an id is a UUID in small letters")
            String id,

            @NotNull(message = "name the step") String step,

            @NotNull(message = "say what was done: done, skipped or reopened")
            TableDeed deed,

            @Nullable Double value,

            @NotNull(message = "give a note; it may be empty")
            String note,

            @NotNull(message = "say when it was done") Instant doneAt) {
        /** Why it can never count; it is told of this act alone, and the others are taken. */
        Optional<String> wrong() {
            if (step.length() > MOST_OF_AN_ID) {
                return Optional.of("an id of a step has at most " + MOST_OF_AN_ID + " characters");
            }
            if (value != null && !(value >= 0 && value <= MOST_FOUND)) {
                return Optional.of(
                        "What is found is 0 to " + (int) MOST_FOUND + ". Look at the unit, and enter it again.");
            }
            return note.length() > MOST_OF_A_NOTE
                    ? Optional.of("A note has at most " + MOST_OF_A_NOTE + " characters.")
                    : Optional.empty();
        }

        Packings.SentAct sent() {
            return new Packings.SentAct(
                    id,
                    new PackingRecord.Act(
                            step,
                            PackingRecord.Deed.valueOf(deed.name().toUpperCase(Locale.ROOT)),
                            value == null ? OptionalDouble.empty() : OptionalDouble.of(value),
                            note),
                    doneAt);
        }
    }

    /** Acts in the order in which they were done. */
    record TableActs(
            @NotEmpty(message = "give 1 to 500 acts") @Size(max = 500, message = "give 1 to 500 acts")
            List<@Valid @NotNull(message = "an act is not null") TableAct> acts) {}

    /**
     * What came of an act.
     *
     * @param refused why it does not count; null where it does
     */
    record ActOutcomeView(String id, @Nullable String refused) {}

    /** What came of all of them, and the packing as it stands now. */
    record TableOutcome(List<ActOutcomeView> acts, PackingView packing) {}

    /** Forty at most, newest first. */
    /**
     * Begun last first; those whose number or name holds the words.
     *
     * @param after mark of the page before; left out for the first
     */
    @GetMapping(path = "/api/packings", produces = MediaType.APPLICATION_JSON_VALUE)
    PackingPage page(
            @RequestParam(name = "search", defaultValue = "")
                    @Size(max = 200, message = "a search has at most 200 characters")
                    String search,
            @RequestParam(name = "after", required = false) String after,
            @RequestParam(name = "size", defaultValue = "40")
                    @Min(value = 1, message = "a page has 1 to 100 packings")
                    @Max(value = 100, message = "a page has 1 to 100 packings")
                    int size) {
        Listed<PackingCard> found = packings.page(
                        search, Optional.ofNullable(after).map(Mark::read), size)
                .map(this::card);
        return new PackingPage(
                found.rows(), found.total(), found.next().map(Mark::text).orElse(null));
    }

    private PackingCard card(Packings.Standing standing) {
        PackingView view = view(standing, List.of());
        return new PackingCard(
                view.id(),
                view.number(),
                view.release(),
                view.name(),
                (int) view.steps().stream()
                        .filter(step -> step.state() != StepState.open)
                        .count(),
                view.steps().size(),
                view.complete(),
                view.begunAt(),
                view.begunBy(),
                view.cancelled());
    }

    /** Begins, or goes on with, what was scanned. */
    @PostMapping(
            path = "/api/packings",
            consumes = MediaType.APPLICATION_JSON_VALUE,
            produces = MediaType.APPLICATION_JSON_VALUE)
    PackingView begin(@Valid @org.springframework.web.bind.annotation.RequestBody PackingAsked asked, Principal who) {
        StoredPacking packing = work.begin(asked.number().strip(), house.wording(), who.getName())
                .orElseThrow(() ->
                        new ApiException(Message.NOTHING_SCANNED, asked.number().strip()));
        return packing(packing.id());
    }

    @GetMapping(path = "/api/packings/{id}", produces = MediaType.APPLICATION_JSON_VALUE)
    PackingView packing(@PathVariable("id") String id) {
        return packings.byId(id)
                .map(standing -> view(standing, photographs.ofPacking(id)))
                .orElseThrow(() -> new ApiException(Message.NO_PACKING));
    }

    /** What was done, as many acts as the device has; each is answered by itself. */
    @PostMapping(
            path = "/api/packings/{id}/acts",
            consumes = MediaType.APPLICATION_JSON_VALUE,
            produces = MediaType.APPLICATION_JSON_VALUE)
    TableOutcome take(
            @PathVariable("id") String id,
            @Valid @org.springframework.web.bind.annotation.RequestBody TableActs acts,
            Principal who) {
        Wording wording = house.wording();
        Map<String, String> refused = new HashMap<>();
        acts.acts().forEach(act -> act.wrong().ifPresent(why -> refused.put(act.id(), why)));
        List<Packings.SentAct> sent = acts.acts().stream()
                .filter(act -> !refused.containsKey(act.id()))
                .map(TableAct::sent)
                .toList();
        packings.take(id, sent, who.getName())
                .orElseThrow(() -> new ApiException(Message.NO_PACKING))
                .forEach(received ->
                        received.refused().ifPresent(words -> refused.put(received.id(), wording.say(words))));
        List<ActOutcomeView> outcomes = acts.acts().stream()
                .map(act -> new ActOutcomeView(act.id(), refused.get(act.id())))
                .toList();
        return new TableOutcome(outcomes, packing(id));
    }

    /**
     * Why a packing is given up.
     *
     * @param reason may be empty, for a wrong scan
     */
    record CancelAsked(
            @NotNull(message = "give a reason; it may be empty")
            @Size(max = 1000, message = "a reason has at most 1000 characters")
            String reason) {}

    /** Gives it up; its number can be begun anew. */
    @PostMapping(
            path = "/api/packings/{id}/cancellation",
            consumes = MediaType.APPLICATION_JSON_VALUE,
            produces = MediaType.APPLICATION_JSON_VALUE)
    PackingView cancel(
            @PathVariable("id") String id,
            @Valid @org.springframework.web.bind.annotation.RequestBody CancelAsked asked,
            Principal who) {
        if (packings.cancel(id, asked.reason().strip(), who.getName()).isEmpty()) {
            throw new ApiException(Message.NO_PACKING);
        }
        return packing(id);
    }

    /** A photograph of a stage. */
    @PostMapping(
            path = "/api/packings/{id}/photographs",
            consumes = {MediaType.IMAGE_JPEG_VALUE, MediaType.IMAGE_PNG_VALUE},
            produces = MediaType.APPLICATION_JSON_VALUE)
    @ResponseStatus(HttpStatus.CREATED)
    @RequestBody(required = true, content = @Content(schema = @Schema(type = "string", format = "binary")))
    PackingView photograph(
            @PathVariable("id") String id,
            @RequestParam(name = "step") @Size(max = 120, message = "an id has at most 120 characters") String step,
            HttpServletRequest request,
            Principal who)
            throws IOException {
        PackingView before = packing(id);
        if (before.steps().stream().noneMatch(each -> each.step().id().equals(step))) {
            throw new ApiException(Message.NO_STEP, step);
        }
        SentPicture sent = new SentPicture(request.getInputStream(), Connections.gone(request));
        photographs.addToPacking(id, step, sent, who.getName());
        return packing(id);
    }

    @ExceptionHandler
    ProblemDetail refused(RefusedPictureException e) {
        return Problems.detail(Message.PICTURE_REFUSED, e.getMessage());
    }

    /**
     * What the scale says.
     *
     * @param simulated true where a load is put on it by {@code POST /api/packings/scale}
     */
    record ScaleView(double kg, boolean settled, boolean simulated) {}

    /** A load for the simulated scale. */
    record ScaleLoad(
            @DecimalMin(value = "0", message = "a load is 0 to 150 kg")
            @DecimalMax(value = "150", message = "a load is 0 to 150 kg")
            double kg) {}

    @GetMapping(path = "/api/scale", produces = MediaType.APPLICATION_JSON_VALUE)
    ScaleView scale() {
        ScaleReader.Reading reading = scale.read();
        return new ScaleView(reading.kg(), reading.settled(), scale.simulated());
    }

    /** Puts a load on the simulated scale. */
    @PostMapping(path = "/api/packings/scale", consumes = MediaType.APPLICATION_JSON_VALUE)
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void load(@Valid @org.springframework.web.bind.annotation.RequestBody ScaleLoad load) {
        scale.put(load.kg());
    }

    @ExceptionHandler
    ProblemDetail noScale(ScaleReader.NoScaleException e) {
        return Problems.detail(Message.NO_SCALE, e.getMessage());
    }

    private PackingView view(Packings.Standing standing, List<PackingPhotograph> pictures) {
        StoredPacking packing = standing.packing();
        return new PackingView(
                packing.id(),
                packing.number(),
                packing.releaseNumber(),
                packing.name(),
                standing.steps().stream()
                        .map(step -> step(step, standing.record()))
                        .toList(),
                pictures.stream()
                        .map(p -> new TablePhotographView(p.hash(), p.step(), p.addedAt(), p.addedBy()))
                        .toList(),
                standing.record().complete(),
                packing.begunAt(),
                packing.begunBy(),
                packing.cancelled()
                        .map(each -> "by " + each.by() + (each.reason().isBlank() ? "" : ": " + each.reason()))
                        .orElse(null));
    }

    private static TableStepView step(PackStepView step, PackingRecord record) {
        Optional<PackingRecord.Act> last = record.last(step.id());
        return new TableStepView(
                step,
                StepState.valueOf(PackStepsView.word(record.state(step.id()))),
                last.filter(act -> act.value().isPresent())
                        .map(act -> act.value().getAsDouble())
                        .orElse(null),
                last.map(PackingRecord.Act::note).orElse(""));
    }
}
