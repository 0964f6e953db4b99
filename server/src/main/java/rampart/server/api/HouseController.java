package rampart.server.api;

import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Pattern;
import java.security.Principal;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import rampart.core.words.Wording;
import rampart.server.house.House;
import rampart.server.house.Subject;
import rampart.server.house.Trail;
import rampart.server.persistence.HouseRepository.HouseSettings;

/** The ways of the house and what was done in it. */
@RestController
class HouseController {
    private final House house;
    private final Trail trail;

    HouseController(House house, Trail trail) {
        this.house = house;
        this.trail = trail;
    }

    /** How the house shows lengths, masses and numbers, and in what it pays; what is stored is always in mm and kg. */
    record HouseWays(
            @NotNull(message = "give the unit of lengths: mm or in")
            @Pattern(regexp = "mm|in", message = "lengths are shown in mm or in")
            String lengthUnit,

            @NotNull(message = "give the unit of masses: kg or lb")
            @Pattern(regexp = "kg|lb", message = "masses are shown in kg or lb")
            String massUnit,

            @NotNull(message = "give how numbers are written: point or comma")
            @Pattern(regexp = "point|comma", message = "numbers are written with a point or a comma")
            String numbers,

            // Absent where a caller does not know of it: it then stays what it is.
            @Pattern(regexp = "[A-Z]{3}", message = "a currency is three capitals such as EUR")
            String currency) {
        static HouseWays of(HouseSettings ways) {
            return new HouseWays(ways.lengthUnit(), ways.massUnit(), ways.numbers(), ways.currency());
        }
    }

    /**
     * One thing that was done.
     *
     * @param subjectKind what it was done to: pack, carton, foam and so on
     * @param subjectId by which that can be found; empty where it has none
     * @param subject what that was called then
     * @param detail in the units of the house
     */
    record EventView(
            long id,
            Instant happenedAt,
            String who,
            String words,
            String subjectKind,
            String subjectId,
            String subject,
            String detail) {
        static EventView of(Trail.Entry event, Wording wording) {
            return new EventView(
                    event.id(),
                    event.happenedAt(),
                    event.who(),
                    event.what().words(),
                    event.subject().kind().name(),
                    event.subject().id(),
                    event.subject().words(),
                    event.detail().words(wording));
        }
    }

    @GetMapping(path = "/api/house", produces = MediaType.APPLICATION_JSON_VALUE)
    HouseWays ways() {
        return HouseWays.of(house.ways());
    }

    @PutMapping(
            path = "/api/house",
            consumes = MediaType.APPLICATION_JSON_VALUE,
            produces = MediaType.APPLICATION_JSON_VALUE)
    HouseWays set(@Valid @RequestBody HouseWays ways, Principal who) {
        String currency = ways.currency() == null ? house.ways().currency() : ways.currency();
        house.set(new HouseSettings(ways.lengthUnit(), ways.massUnit(), ways.numbers(), currency), who.getName());
        return ways();
    }

    /**
     * Newest first.
     *
     * @param before id of the last one that was read
     * @param about kind of what it was done to; left out for anything
     */
    @GetMapping(path = "/api/events", produces = MediaType.APPLICATION_JSON_VALUE)
    List<EventView> events(
            @RequestParam(name = "before", defaultValue = "9223372036854775807")
                    @Min(value = 1, message = "events count from 1")
                    long before,
            @RequestParam(name = "size", defaultValue = "50")
                    @Min(value = 1, message = "a page has 1 to 200 events")
                    @Max(value = 200, message = "a page has 1 to 200 events")
                    int size,
            @RequestParam(name = "about", required = false) Subject.Kind about) {
        Wording wording = house.wording();
        return trail.before(before, Optional.ofNullable(about), size).stream()
                .map(event -> EventView.of(event, wording))
                .toList();
    }
}
