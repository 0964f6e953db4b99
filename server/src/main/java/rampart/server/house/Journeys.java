package rampart.server.house;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import rampart.formats.journey.JourneyPresets;
import rampart.formats.kept.KeptForm;
import rampart.server.history.Histories;
import rampart.server.history.History;
import rampart.server.history.Version;
import rampart.server.house.Trail.EventType;
import rampart.server.persistence.EntryRepository.Kind;

/** Journeys to choose from: those that Rampart ships with, as the house has changed them, and the house's own. */
@Service
public class Journeys {
    private final History<KeptJourney> journeys;
    private final Trail trail;

    Journeys(Histories histories, Trail trail) {
        this.journeys = histories.of(Kind.journey, KeptJourney.FORM);
        this.trail = trail;
    }

    /**
     * A journey as it is kept.
     *
     * @param words ends the sentence "it travels"
     * @param document as it stands in a pack file; null where one was taken away long ago
     */
    record KeptJourney(String words, String detail, String document) {
        static final KeptForm<KeptJourney> FORM = KeptForm.of("journey", KeptJourney.class);
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
        Map<String, Version<KeptJourney>> kept = new LinkedHashMap<>();
        journeys.newest().forEach(journey -> kept.put(journey.id(), journey));
        List<Choice> all = new ArrayList<>();
        for (JourneyPresets.Preset preset : JourneyPresets.all()) {
            Version<KeptJourney> changed = kept.remove(preset.id());
            all.add(
                    changed != null && !changed.gone()
                            ? choice(changed, true)
                            : new Choice(
                                    preset.id(),
                                    changed == null ? 0 : changed.version(),
                                    true,
                                    preset.words(),
                                    preset.detail(),
                                    preset.journey().toString()));
        }
        kept.values().stream()
                .filter(journey -> !journey.gone())
                .map(journey -> choice(journey, false))
                .forEach(all::add);
        return all;
    }

    private static Choice choice(Version<KeptJourney> kept, boolean preset) {
        KeptJourney journey = kept.value();
        return new Choice(kept.id(), kept.version(), preset, journey.words(), journey.detail(), journey.document());
    }

    /** An id for a new journey. */
    public String newId() {
        return UUID.randomUUID().toString();
    }

    public boolean exists(String id) {
        return all().stream().anyMatch(choice -> choice.id().equals(id));
    }

    /**
     * Writes a journey.
     *
     * @param document as it stands in a pack file
     * @param seen the version that the person saw
     * @return false if somebody changed it in between
     */
    @Transactional
    public boolean set(String id, String words, String detail, String document, long seen, String by) {
        boolean written = journeys.set(id, new KeptJourney(words, detail, document), seen, by)
                .isPresent();
        return tell(written, id, words, seen == 0 ? Detail.Change.added : Detail.Change.changed, by);
    }

    /** Takes a journey away; a preset is as Rampart ships it again. False if somebody changed it in between. */
    @Transactional
    public boolean remove(Choice choice, long seen, String by) {
        KeptJourney last = new KeptJourney(choice.words(), choice.detail(), choice.journey());
        boolean removed = journeys.remove(choice.id(), last, seen, by).isPresent();
        return tell(removed, choice.id(), choice.words(), Detail.Change.removed, by);
    }

    private boolean tell(boolean done, String id, String words, Detail.Change change, String by) {
        if (done) {
            trail.add(
                    by,
                    EventType.WAYS_CHANGED,
                    new Subject(Subject.Kind.journey, id, words),
                    new Detail.Changed(change));
        }
        return done;
    }
}
