package rampart.server.persistence;

import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Instant;
import java.util.List;
import org.springframework.dao.DuplicateKeyException;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/** What the house keeps with its history: rows that are added and read, never changed. */
@Repository
public class EntryRepository {
    private static final String COLUMNS = "SELECT id, version, document, gone, changed_at, changed_by FROM entry e ";

    private final JdbcClient jdbc;

    EntryRepository(JdbcClient jdbc) {
        this.jdbc = jdbc;
    }

    /** What is kept so; the names are the words in the database. */
    @SuppressWarnings("java:S115")
    public enum Kind {
        material,
        journey,
        price,
        carton,
        sheet,
        data_sheet,
        steps,
        papers,
        consignment,
        returns
    }

    /**
     * One version as it was written.
     *
     * @param version 1 for the first of this id, then rising by one
     * @param document JSON
     * @param gone true where it was taken away with this version; the document is the last there was
     */
    public record Entry(String id, long version, String document, boolean gone, Instant changedAt, String changedBy) {}

    /** The newest of each id, those that are gone too, in the order in which they were first written. */
    public List<Entry> newest(Kind kind) {
        return jdbc.sql(COLUMNS
                        + "WHERE kind = ? AND version = (SELECT MAX(n.version) FROM entry n "
                        + "WHERE n.kind = e.kind AND n.id = e.id) ORDER BY (SELECT MIN(f.changed_at) FROM entry f "
                        + "WHERE f.kind = e.kind AND f.id = e.id), id")
                .param(kind.name())
                .query(EntryRepository::entry)
                .list();
    }

    /** How many ids there ever were of this kind. */
    public long count(Kind kind) {
        return jdbc.sql("SELECT COUNT(*) FROM entry WHERE kind = ? AND version = 1")
                .param(kind.name())
                .query(Long.class)
                .single();
    }

    /** Some of what was looked for, and how many there are. */
    public record Page(List<Entry> entries, long total) {}

    /** The newest of each id that is there and has the text in it or in its id, those that were first written last first. */
    public Page page(Kind kind, String text, long from, int most) {
        String pattern = Like.anywhere(text);
        long[] total = {0};
        List<Entry> entries = jdbc.sql(
                        "SELECT e.*, COUNT(*) OVER () AS total FROM entry e JOIN (SELECT id, MAX(version) AS version, "
                                + "MIN(changed_at) AS first_at FROM entry WHERE kind = ? GROUP BY id) n "
                                + "ON n.id = e.id AND n.version = e.version WHERE e.kind = ? AND e.gone = 0 "
                                + "AND (e.id LIKE ? ESCAPE '!' OR e.document LIKE ? ESCAPE '!') "
                                + "ORDER BY n.first_at DESC, e.id DESC LIMIT " + most + " OFFSET " + from)
                .params(kind.name(), kind.name(), pattern, pattern)
                .query((row, i) -> {
                    total[0] = row.getLong("total");
                    return entry(row, i);
                })
                .list();
        return new Page(entries, total[0]);
    }

    /** All of one id, newest first. */
    public List<Entry> history(Kind kind, String id) {
        return jdbc.sql(COLUMNS + "WHERE kind = ? AND id = ? ORDER BY version DESC")
                .params(kind.name(), id)
                .query(EntryRepository::entry)
                .list();
    }

    /** False where this version is there already: somebody else was first. */
    public boolean add(Kind kind, Entry entry) {
        try {
            jdbc.sql("INSERT INTO entry (kind, id, version, document, gone, changed_at, changed_by) "
                            + "VALUES (?, ?, ?, ?, ?, ?, ?)")
                    .params(
                            kind.name(),
                            entry.id(),
                            entry.version(),
                            entry.document(),
                            entry.gone(),
                            Times.toColumn(entry.changedAt()),
                            entry.changedBy())
                    .update();
            return true;
        } catch (DuplicateKeyException taken) {
            return false;
        }
    }

    private static Entry entry(ResultSet row, int index) throws SQLException {
        return new Entry(
                row.getString("id"),
                row.getLong("version"),
                row.getString("document"),
                row.getBoolean("gone"),
                Times.fromColumn(row, "changed_at"),
                row.getString("changed_by"));
    }
}
