package rampart.server.history;

import java.time.Clock;
import org.springframework.stereotype.Component;
import rampart.server.persistence.EntryRepository;
import tools.jackson.databind.json.JsonMapper;

/** Makes the histories of the kinds of things that are kept so. */
@Component
public class Histories {
    private final EntryRepository entries;
    private final JsonMapper mapper;
    private final Clock clock;

    Histories(EntryRepository entries, JsonMapper mapper, Clock clock) {
        this.entries = entries;
        this.mapper = mapper;
        this.clock = clock;
    }

    /** @param type a record that JSON can be made of */
    public <T> History<T> of(EntryRepository.Kind kind, Class<T> type) {
        return new History<>(kind, type, entries, mapper, clock);
    }
}
