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
