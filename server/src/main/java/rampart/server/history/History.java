package rampart.server.history;

import java.time.Clock;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import rampart.formats.kept.KeptForm;
import rampart.server.persistence.EntryRepository;
import rampart.server.persistence.EntryRepository.Entry;
import rampart.server.persistence.Listed;
import rampart.server.persistence.Mark;

/**
 * All versions of one kind of thing. Whoever writes says which version they saw: of two who saw the same one, the second is
 * told so and nothing is lost.
 */
public final class History<T> {
    private final EntryRepository.Kind kind;
    private final KeptForm<T> form;
    private final EntryRepository entries;
    private final Clock clock;

    History(EntryRepository.Kind kind, KeptForm<T> form, EntryRepository entries, Clock clock) {
        this.kind = kind;
        this.form = form;
        this.entries = entries;
        this.clock = clock;
    }

    /** The newest of each id, those that are gone too, in the order in which they were first written. */
    public List<Version<T>> newest() {
        return entries.newest(kind).stream().map(this::version).toList();
    }

    /** Those that are there. */
    public List<Version<T>> present() {
        return newest().stream().filter(version -> !version.gone()).toList();
    }

    /** How many ids there ever were. */
    public long count() {
        return entries.count(kind);
    }

    /**
     * Those that are there and have the text in them or in their id, made last first.
     *
     * @param after where the page before ended; empty for the first
     */
    public Listed<Version<T>> page(String text, Optional<Mark> after, int most) {
        return entries.page(kind, text, after, most).map(this::version);
    }

    /** All of one id, newest first. */
    public List<Version<T>> of(String id) {
        return entries.history(kind, id).stream().map(this::version).toList();
    }

    /** The newest of one id, also where it is gone. */
    public Optional<Version<T>> newest(String id) {
        return Optional.ofNullable(newest(List.of(id)).get(id));
    }

    /** The newest of each of these ids, also where it is gone. */
    public Map<String, Version<T>> newest(Collection<String> ids) {
        return entries.newest(kind, ids).stream().map(this::version).collect(Collectors.toMap(Version::id, v -> v));
    }

    /** One that is there. */
    public Optional<Version<T>> present(String id) {
        return newest(id).filter(version -> !version.gone());
    }

    /**
     * Writes the next version.
     *
     * @param seen the version that the person saw, 0 where there was none
     * @return what was written; empty if somebody changed it in between
     */
    public Optional<Version<T>> set(String id, T value, long seen, String by) {
        return add(id, value, false, seen, by);
    }

    /** Takes it away; its history stays. Empty if somebody changed it in between. */
    public Optional<Version<T>> remove(String id, T last, long seen, String by) {
        return add(id, last, true, seen, by);
    }

    private Optional<Version<T>> add(String id, T value, boolean gone, long seen, String by) {
        long now = entries.newest(kind, List.of(id)).stream()
                .findFirst()
                .map(Entry::version)
                .orElse(0L);
        Entry entry = new Entry(id, seen + 1, form.writeText(value), gone, clock.instant(), by);
        return now == seen && entries.add(kind, entry) ? Optional.of(version(entry)) : Optional.empty();
    }

    private Version<T> version(Entry entry) {
        return new Version<>(
                entry.id(),
                entry.version(),
                form.readText(entry.document()),
                entry.gone(),
                entry.changedAt(),
                entry.changedBy());
    }
}
