package rampart.server.persistence;

import java.time.Instant;
import java.util.List;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/** What was done by whom: rows that are added and read, never changed. */
@Repository
public class EventRepository {
    private final JdbcClient jdbc;

    EventRepository(JdbcClient jdbc) {
        this.jdbc = jdbc;
    }

    /** One thing that was done. */
    public record Event(long id, Instant happenedAt, String who, String what, String subject, String detail) {}

    public void add(Instant now, String who, String what, String subject, String detail) {
        jdbc.sql("INSERT INTO event (happened_at, who, what, subject, detail) VALUES (?, ?, ?, ?, ?)")
                .params(Times.toColumn(now), who, what, subject, detail)
                .update();
    }

    /**
     * Newest first, older than the event of this id.
     *
     * @param subject how what it was done to begins; empty for anything
     */
    public List<Event> before(long id, String subject, int most) {
        return jdbc.sql("SELECT id, happened_at, who, what, subject, detail FROM event WHERE id < ? "
                        + "AND LEFT(subject, CHAR_LENGTH(?)) = ? ORDER BY id DESC LIMIT ?")
                .params(id, subject, subject, most)
                .query((row, i) -> new Event(
                        row.getLong("id"),
                        Times.fromColumn(row, "happened_at"),
                        row.getString("who"),
                        row.getString("what"),
                        row.getString("subject"),
                        row.getString("detail")))
                .list();
    }
}
