package rampart.server.api;

import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Pattern;
import jakarta.validation.constraints.Size;
import java.nio.charset.StandardCharsets;
import java.security.Principal;
import java.util.List;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import rampart.formats.journey.JourneyFile;
import rampart.formats.json.Problem;
import rampart.formats.json.UnreadableFileException;
import rampart.server.api.BeginningController.JourneyChoice;
import rampart.server.house.Journeys;
import rampart.server.messages.Message;
import tools.jackson.databind.JsonNode;

/** Journeys of the house: copied from those that Rampart ships with, and changed. */
@RestController
class JourneyController {
    private final Journeys journeys;

    JourneyController(Journeys journeys) {
        this.journeys = journeys;
    }

    /** A journey to write. */
    record JourneyGiven(
            @NotNull(message = "give the words")
            @Pattern(regexp = "(?s).*\\S.*", message = "the words are not blank")
            @Size(max = 200, message = "the words have 1 to 200 characters")
            String words,

            @NotNull(message = "give the detail; it may be empty")
            @Size(max = 500, message = "the detail has at most 500 characters")
            String detail,

            @NotNull(message = "give the journey") @Schema(ref = "#/components/schemas/Pack_journey")
            JsonNode journey) {}

    @PostMapping(
            path = "/api/journeys",
            consumes = MediaType.APPLICATION_JSON_VALUE,
            produces = MediaType.APPLICATION_JSON_VALUE)
    @ResponseStatus(HttpStatus.CREATED)
    JourneyChoice add(@Valid @RequestBody JourneyGiven given, Principal who) {
        return write(journeys.newId(), given, 0, who);
    }

    /** Changes a journey; {@code If-Match} holds the version that was seen, 0 for one as Rampart ships it. */
    @PutMapping(
            path = "/api/journeys/{id}",
            consumes = MediaType.APPLICATION_JSON_VALUE,
            produces = MediaType.APPLICATION_JSON_VALUE)
    JourneyChoice change(
            @PathVariable("id") String id,
            @RequestHeader(name = HttpHeaders.IF_MATCH) String ifMatch,
            @Valid @RequestBody JourneyGiven given,
            Principal who) {
        if (!journeys.exists(id)) {
            throw new ApiException(Message.NO_JOURNEY);
        }
        return write(id, given, Versions.read(ifMatch), who);
    }

    /** Takes a journey of the house away; one that Rampart ships with is as it was shipped again. */
    @DeleteMapping("/api/journeys/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void remove(
            @PathVariable("id") String id, @RequestHeader(name = HttpHeaders.IF_MATCH) String ifMatch, Principal who) {
        Journeys.Choice there = journeys.all().stream()
                .filter(choice -> choice.id().equals(id))
                .findFirst()
                .orElseThrow(() -> new ApiException(Message.NO_JOURNEY));
        long seen = Versions.read(ifMatch);
        if (!journeys.remove(there, seen, who.getName())) {
            throw new ApiException(Message.JOURNEY_CHANGED);
        }
    }

    private JourneyChoice write(String id, JourneyGiven given, long seen, Principal who) {
        String document = read(given.journey());
        if (!journeys.set(id, given.words(), given.detail(), document, seen, who.getName())) {
            throw new ApiException(Message.JOURNEY_CHANGED);
        }
        return journeys.all().stream()
                .filter(choice -> choice.id().equals(id))
                .findFirst()
                .map(JourneyChoice::of)
                .orElseThrow(() -> new ApiException(Message.NO_JOURNEY));
    }

    private static String read(JsonNode journey) {
        try {
            return JourneyFile.read(journey.toString().getBytes(StandardCharsets.UTF_8));
        } catch (UnreadableFileException e) {
            List<Problem> problems = e.problems().stream()
                    .map(p -> new Problem("/journey" + p.path(), p.message()))
                    .toList();
            throw new FieldsException(Message.FIELDS, problems);
        }
    }
}
