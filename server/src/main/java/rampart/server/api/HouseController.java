package rampart.server.api;

import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Pattern;
import jakarta.validation.constraints.Size;
import java.security.Principal;
import java.time.Instant;
import java.util.List;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import rampart.server.house.House;
import rampart.server.house.Trail;
import rampart.server.house.Trail.EventType;
import rampart.server.persistence.EventRepository.Event;
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

    /** One thing that was done. */
    record EventView(long id, Instant happenedAt, String who, String words, String subject, String detail) {
        static EventView of(Event event) {
            return new EventView(
                    event.id(),
                    event.happenedAt(),
                    event.who(),
                    EventType.valueOf(event.what()).words(),
                    event.subject(),
                    event.detail());
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
     * @param about how what it was done to begins, such as {@code carton}; empty for anything
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
            @RequestParam(name = "about", defaultValue = "")
                    @Size(max = 100, message = "what it is about has at most 100 characters")
                    String about) {
        return trail.before(before, about, size).stream().map(EventView::of).toList();
    }
}
