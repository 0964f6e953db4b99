package rampart.server.persistence;

import java.nio.charset.StandardCharsets;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Duration;
import java.time.Instant;
import java.util.Optional;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;
import rampart.formats.pack.PackFile;

/** Packs and their drafts in the database. */
@Repository
public class PackRepository {
    private static final String COLUMNS =
            "SELECT p.id, p.draft, COALESCE(p.name, '') AS name, p.version, p.saved_at, p.saved_by, p.note, "
                    + "(SELECT MAX(r.number) FROM revision r WHERE r.pack_id = p.id) AS newest_revision FROM pack p ";

    private static final Duration KEPT = Duration.ofDays(1);

    private final JdbcClient jdbc;

    PackRepository(JdbcClient jdbc) {
        this.jdbc = jdbc;
    }

    /**
     * A pack as it was last saved.
     *
     * @param name as it stands in the draft; empty where none can be found there
     * @param version rises by one with each save of the draft
     * @param note what people want to remember of the item
     * @param newestRevision number of the newest revision; empty before the first
     */
    public record StoredPack(
            String id,
            String draft,
            String name,
            long version,
            Instant savedAt,
            String savedBy,
            String note,
            Optional<Integer> newestRevision) {
        /** @throws rampart.formats.json.UnreadableFileException if it was stored under rules that took more than today's */
        public PackFile file() {
            return PackFile.read(draft.getBytes(StandardCharsets.UTF_8));
        }
    }

    public Optional<StoredPack> byId(String id) {
        return jdbc.sql(COLUMNS + "WHERE p.id = ? AND p.deleted_at IS NULL")
                .param(id)
                .query(PackRepository::row)
                .optional();
    }

    /** The same, and nobody else changes or deletes it before this transaction ends. */
    @Transactional(propagation = Propagation.MANDATORY)
    public Optional<StoredPack> lock(String id) {
        boolean there = jdbc.sql("SELECT 1 FROM pack WHERE id = ? AND deleted_at IS NULL FOR UPDATE")
                .param(id)
                .query(Integer.class)
                .optional()
                .isPresent();
        return there ? byId(id) : Optional.empty();
    }

    /**
     * Remembers that this person made this pack with this key; the pack that was made with it before, if there is one.
     * Whoever comes second waits until the first has done.
     */
    @Transactional(propagation = Propagation.MANDATORY)
    public Optional<String> madeBefore(String author, String key, String packId, Instant now) {
        jdbc.sql("DELETE FROM made_once WHERE made_at < ?")
                .param(Times.toColumn(now.minus(KEPT)))
                .update();
        boolean first =
                jdbc.sql("INSERT IGNORE INTO made_once (made_by, request_key, pack_id, made_at) VALUES (?, ?, ?, ?)")
                                .params(author, key, packId, Times.toColumn(now))
                                .update()
                        == 1;
        return first
                ? Optional.empty()
                : jdbc.sql("SELECT pack_id FROM made_once WHERE made_by = ? AND request_key = ? LOCK IN SHARE MODE")
                        .params(author, key)
                        .query(String.class)
                        .optional();
    }

    public boolean none() {
        return jdbc.sql("SELECT 1 FROM card WHERE on_shelf = 1 LIMIT 1")
                .query(Integer.class)
                .optional()
                .isEmpty();
    }

    /** Sets what is remembered of the item; false if there is no such pack. */
    public boolean setNote(String id, String note) {
        return jdbc.sql("UPDATE pack SET note = ? WHERE id = ? AND deleted_at IS NULL")
                        .params(note, id)
                        .update()
                == 1;
    }

    public void add(String id, String document, String author, Instant now) {
        jdbc.sql("INSERT INTO pack (id, draft, version, saved_at, saved_by) VALUES (?, ?, 1, ?, ?)")
                .params(id, document, Times.toColumn(now), author)
                .update();
    }

    /** Saves the draft if it is still at this version; false if it is not. */
    public boolean save(String id, long version, String document, String author, Instant now) {
        return jdbc.sql("UPDATE pack SET draft = ?, version = version + 1, saved_at = ?, saved_by = ? "
                                + "WHERE id = ? AND version = ? AND deleted_at IS NULL")
                        .params(document, Times.toColumn(now), author, id, version)
                        .update()
                == 1;
    }

    /** Takes the pack off the shelf; false if it is not there. */
    public boolean delete(String id, Instant now) {
        return jdbc.sql("UPDATE pack SET deleted_at = ? WHERE id = ? AND deleted_at IS NULL")
                        .params(Times.toColumn(now), id)
                        .update()
                == 1;
    }

    /** Puts a deleted pack back; false if there is none of this id. */
    public boolean restore(String id) {
        return jdbc.sql("UPDATE pack SET deleted_at = NULL WHERE id = ? AND deleted_at IS NOT NULL")
                        .param(id)
                        .update()
                == 1;
    }

    private static StoredPack row(ResultSet row, int index) throws SQLException {
        return new StoredPack(
                row.getString("id"),
                row.getString("draft"),
                row.getString("name"),
                row.getLong("version"),
                Times.fromColumn(row, "saved_at"),
                row.getString("saved_by"),
                row.getString("note"),
                newestRevision(row));
    }

    private static Optional<Integer> newestRevision(ResultSet row) throws SQLException {
        int newest = row.getInt("newest_revision");
        return row.wasNull() ? Optional.empty() : Optional.of(newest);
    }
}
