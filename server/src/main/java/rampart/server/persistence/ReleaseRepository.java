package rampart.server.persistence;

import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;
import rampart.server.persistence.PageOrder.Form;

/** What was released: rows that are made and read, never changed. */
@Repository
public class ReleaseRepository {
    private static final String COLUMNS =
            "SELECT running, number, name, pack_id, revision, verdict, reason, edits, prices, "
                    + "released_at, released_by FROM released ";

    private static final PageOrder BY_NAME =
            PageOrder.by().rising("name", Form.TEXT).rising("running", Form.WHOLE);

    private final JdbcClient jdbc;

    ReleaseRepository(JdbcClient jdbc) {
        this.jdbc = jdbc;
    }

    /**
     * A released revision.
     *
     * @param running how many releases of the house there were with it
     * @param number by the house's scheme
     * @param verdict word of it
     * @param reason signed where something breaks; empty where nothing does
     * @param edits of its steps, JSON
     * @param prices of that day, JSON
     */
    public record StoredRelease(
            long running,
            String number,
            String name,
            String packId,
            int revision,
            String verdict,
            String reason,
            String edits,
            String prices,
            Instant releasedAt,
            String releasedBy) {}

    /** The next running number; taken by whoever adds it first. */
    public long next() {
        return jdbc.sql("SELECT COALESCE(MAX(running), 0) + 1 FROM released")
                .query(Long.class)
                .single();
    }

    /** @throws org.springframework.dao.DuplicateKeyException where its running number or its number is taken */
    public void add(StoredRelease release) {
        jdbc.sql("INSERT INTO released (running, number, name, pack_id, revision, verdict, reason, edits, prices, "
                        + "released_at, released_by) VALUES (?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?)")
                .params(
                        release.running(),
                        release.number(),
                        release.name(),
                        release.packId(),
                        release.revision(),
                        release.verdict(),
                        release.reason(),
                        release.edits(),
                        release.prices(),
                        Times.toColumn(release.releasedAt()),
                        release.releasedBy())
                .update();
    }

    /** Newest first. */
    public List<StoredRelease> of(String packId) {
        return jdbc.sql(COLUMNS + "WHERE pack_id = ? ORDER BY running DESC")
                .param(packId)
                .query(ReleaseRepository::row)
                .list();
    }

    /**
     * The newest of each pack that is there, by name; those whose name or number holds the text.
     *
     * @param after where the page before ended; empty for the first
     * @throws RefusedMarkException if that is no mark of this list
     */
    public Listed<StoredRelease> newest(String text, Optional<Mark> after, int most) {
        List<Object> values = new ArrayList<>();
        String words = "";
        if (!text.isEmpty()) {
            words = " AND (r.name LIKE ? ESCAPE '!' OR r.number LIKE ? ESCAPE '!')";
            String pattern = Like.anywhere(text);
            values.addAll(List.of(pattern, pattern));
        }
        // The newest of each pack are counted by the index of packs, and read by that of names.
        long total = jdbc.sql("SELECT COUNT(*) FROM (SELECT MAX(running) AS running, pack_id FROM released "
                        + "GROUP BY pack_id) n JOIN card c ON c.pack_id = n.pack_id AND c.on_shelf = 1"
                        + (words.isEmpty() ? "" : " JOIN released r ON r.running = n.running" + words))
                .params(values)
                .query(Long.class)
                .single();
        if (total == 0) {
            return PageOrder.none();
        }
        String found = "FROM released r WHERE "
                + "NOT EXISTS (SELECT 1 FROM released n WHERE n.pack_id = r.pack_id AND n.running > r.running) "
                + "AND EXISTS (SELECT 1 FROM card c WHERE c.pack_id = r.pack_id AND c.on_shelf = 1)" + words;
        String farther =
                after.map(mark -> " AND " + BY_NAME.after(mark, values)).orElse("");
        List<PageOrder.Marked<StoredRelease>> page = jdbc.sql("SELECT r.* FROM (SELECT r.running " + found + farther
                        + " ORDER BY " + BY_NAME.sql("r.") + " LIMIT " + (most + 1)
                        + ") p JOIN released r ON r.running = p.running ORDER BY " + BY_NAME.sql("r."))
                .params(values)
                .query((row, i) -> new PageOrder.Marked<>(row(row, i), BY_NAME.mark(row)))
                .list();
        return PageOrder.page(page, most, total);
    }

    public Optional<StoredRelease> byNumber(String number) {
        return jdbc.sql(COLUMNS + "WHERE number = ?")
                .param(number)
                .query(ReleaseRepository::row)
                .optional();
    }

    /** The newest of a revision. */
    public Optional<StoredRelease> ofRevision(String packId, int revision) {
        return jdbc.sql(COLUMNS + "WHERE pack_id = ? AND revision = ? ORDER BY running DESC LIMIT 1")
                .params(packId, revision)
                .query(ReleaseRepository::row)
                .optional();
    }

    private static StoredRelease row(ResultSet row, int index) throws SQLException {
        return new StoredRelease(
                row.getLong("running"),
                row.getString("number"),
                row.getString("name"),
                row.getString("pack_id"),
                row.getInt("revision"),
                row.getString("verdict"),
                row.getString("reason"),
                row.getString("edits"),
                row.getString("prices"),
                Times.fromColumn(row, "released_at"),
                row.getString("released_by"));
    }
}
