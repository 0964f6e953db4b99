package rampart.server.house;

import java.time.Clock;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import rampart.formats.JourneyPresets;
import rampart.server.house.Trail.EventType;
import rampart.server.persistence.JourneyRepository;
import rampart.server.persistence.JourneyRepository.StoredJourney;

/** Journeys to choose from: those that Rampart ships with, as the house has changed them, and the house's own. */
@Service
public class Journeys {
    private final JourneyRepository journeys;
    private final Trail trail;
    private final Clock clock;

    Journeys(JourneyRepository journeys, Trail trail, Clock clock) {
        this.journeys = journeys;
        this.trail = trail;
        this.clock = clock;
    }

    /**
     * A journey to choose.
     *
     * @param version 0 for one as Rampart ships it
     * @param preset true where Rampart ships one of this id
     * @param journey JSON as it stands in a pack file
     */
    public record Choice(String id, long version, boolean preset, String words, String detail, String journey) {}

    /** All of them, the house's own after those that Rampart ships with. */
    public List<Choice> all() {
        Map<String, StoredJourney> stored = new LinkedHashMap<>();
        journeys.newest().forEach(journey -> stored.put(journey.id(), journey));
        List<Choice> all = new ArrayList<>();
        for (JourneyPresets.Preset preset : JourneyPresets.all()) {
            StoredJourney changed = stored.remove(preset.id());
            all.add(
                    changed != null && changed.document().isPresent()
                            ? choice(changed, true)
                            : new Choice(
                                    preset.id(),
                                    changed == null ? 0 : changed.version(),
                                    true,
                                    preset.words(),
                                    preset.detail(),
                                    preset.journey().toString()));
        }
        stored.values().stream()
                .filter(journey -> journey.document().isPresent())
                .map(journey -> choice(journey, false))
                .forEach(all::add);
        return all;
    }

    private static Choice choice(StoredJourney stored, boolean preset) {
        return new Choice(
                stored.id(),
                stored.version(),
                preset,
                stored.words(),
                stored.detail(),
                stored.document().orElseThrow());
    }

    /** An id for a new journey. */
    public String newId() {
        return UUID.randomUUID().toString();
    }

    public boolean exists(String id) {
        return all().stream().anyMatch(choice -> choice.id().equals(id));
    }

    /**
     * Writes a journey; without a document it is taken away, and a preset is as Rampart ships it again.
     *
     * @param seen the version that the person saw
     * @return false if somebody changed it in between
     */
    @Transactional
    public boolean set(String id, String words, String detail, Optional<String> document, long seen, String by) {
        long now = journeys.history(id).stream()
                .findFirst()
                .map(StoredJourney::version)
                .orElse(0L);
        if (now != seen
                || !journeys.add(new StoredJourney(id, seen + 1, words, detail, document, clock.instant(), by))) {
            return false;
        }
        trail.add(by, EventType.WAYS_CHANGED, "journey " + words, document.isPresent() ? "set" : "taken away");
        return true;
    }
}
