package rampart.server.persistence;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/** What was done by whom: rows that are added and read, never changed. */
@Repository
public class EventRepository {
    private final JdbcClient jdbc;

    EventRepository(JdbcClient jdbc) {
        this.jdbc = jdbc;
    }

    /**
     * One thing that was done.
     *
     * @param subject what it was done to was called so then
     * @param details JSON
     */
    public record Event(
            long id,
            Instant happenedAt,
            String who,
            String what,
            String subjectKind,
            String subjectId,
            String subject,
            String details) {}

    public void add(
            Instant now,
            String who,
            String what,
            String subjectKind,
            String subjectId,
            String subject,
            String details) {
        jdbc.sql("INSERT INTO event (happened_at, who, what, subject_kind, subject_id, subject, details) "
                        + "VALUES (?, ?, ?, ?, ?, ?, ?)")
                .params(Times.toColumn(now), who, what, subjectKind, subjectId, subject, details)
                .update();
    }

    /**
     * Newest first, older than the event of this id.
     *
     * @param subjectKind of what it was done to; empty for anything
     */
    public List<Event> before(long id, Optional<String> subjectKind, int most) {
        return jdbc.sql("SELECT id, happened_at, who, what, subject_kind, subject_id, subject, details FROM event "
                        + "WHERE id < ? AND (? = '' OR subject_kind = ?) ORDER BY id DESC LIMIT ?")
                .params(id, subjectKind.orElse(""), subjectKind.orElse(""), most)
                .query((row, i) -> new Event(
                        row.getLong("id"),
                        Times.fromColumn(row, "happened_at"),
                        row.getString("who"),
                        row.getString("what"),
                        row.getString("subject_kind"),
                        row.getString("subject_id"),
                        row.getString("subject"),
                        row.getString("details")))
                .list();
    }
}
