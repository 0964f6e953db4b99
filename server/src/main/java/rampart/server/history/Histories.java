package rampart.server.history;

import java.time.Clock;
import org.springframework.stereotype.Component;
import rampart.formats.kept.KeptForm;
import rampart.server.persistence.EntryRepository;

/** Makes the histories of the kinds of things that are kept so. */
@Component
public class Histories {
    private final EntryRepository entries;
    private final Clock clock;

    Histories(EntryRepository entries, Clock clock) {
        this.entries = entries;
        this.clock = clock;
    }

    /** @param form in which its versions are written and read */
    public <T> History<T> of(EntryRepository.Kind kind, KeptForm<T> form) {
        return new History<>(kind, form, entries, clock);
    }
}
