package rampart.server.persistence;

import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import org.springframework.dao.DuplicateKeyException;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;
import rampart.server.persistence.PageOrder.Form;

/** What the house keeps with its history: rows that are added and read, never changed. */
@Repository
public class EntryRepository {
    private static final String COLUMNS = "SELECT id, version, document, gone, changed_at, changed_by FROM entry e ";
    private static final String NEWEST =
            "SELECT e.id, e.version, e.document, e.gone, e.changed_at, e.changed_by FROM entry_now n "
                    + "JOIN entry e ON e.kind = n.kind AND e.id = n.id AND e.version = n.version ";
    private static final PageOrder MADE_LAST_FIRST =
            PageOrder.by().falling("first_at", Form.TIME).falling("id", Form.TEXT);

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
        return jdbc.sql(NEWEST + "WHERE n.kind = :kind ORDER BY n.first_at, n.id")
                .param("kind", kind.name())
                .query(EntryRepository::entry)
                .list();
    }

    /** The newest of these ids, as far as they were ever written, those that are gone too. */
    public List<Entry> newest(Kind kind, Collection<String> ids) {
        return ids.isEmpty()
                ? List.of()
                : jdbc.sql(NEWEST + "WHERE n.kind = :kind AND n.id IN (:ids)")
                        .param("kind", kind.name())
                        .param("ids", ids)
                        .query(EntryRepository::entry)
                        .list();
    }

    /** How many ids there ever were of this kind. */
    public long count(Kind kind) {
        return jdbc.sql("SELECT COUNT(*) FROM entry_now WHERE kind = ?")
                .param(kind.name())
                .query(Long.class)
                .single();
    }

    /**
     * The newest of each id that is there and has the text in it or in its id, those that were first written last first.
     *
     * @param after where the page before ended; empty for the first
     * @throws RefusedMarkException if that is no mark of this list
     */
    public Listed<Entry> page(Kind kind, String text, Optional<Mark> after, int most) {
        List<Object> values = new ArrayList<>(List.of(kind.name()));
        String found = "FROM entry_now n WHERE n.kind = ? AND n.gone = 0";
        if (!text.isEmpty()) {
            found +=
                    " AND EXISTS (SELECT 1 FROM entry w WHERE w.kind = n.kind AND w.id = n.id AND w.version = n.version "
                            + "AND (w.id LIKE ? ESCAPE '!' OR w.document LIKE ? ESCAPE '!'))";
            String pattern = Like.anywhere(text);
            values.addAll(List.of(pattern, pattern));
        }
        long total = jdbc.sql("SELECT COUNT(*) " + found)
                .params(values)
                .query(Long.class)
                .single();
        if (total == 0) {
            return PageOrder.none();
        }
        String farther =
                after.map(mark -> " AND " + MADE_LAST_FIRST.after(mark, values)).orElse("");
        List<PageOrder.Marked<Entry>> page = jdbc.sql(
                        "SELECT e.id, e.version, e.document, e.gone, e.changed_at, e.changed_by, p.first_at FROM "
                                + "(SELECT kind, id, version, first_at " + found + farther + " ORDER BY "
                                + MADE_LAST_FIRST.sql() + " LIMIT " + (most + 1)
                                + ") p JOIN entry e ON e.kind = p.kind AND e.id = p.id AND e.version = p.version "
                                + "ORDER BY " + MADE_LAST_FIRST.sql("p."))
                .params(values)
                .query((row, i) -> new PageOrder.Marked<>(entry(row, i), MADE_LAST_FIRST.mark(row)))
                .list();
        return PageOrder.page(page, most, total);
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
