package rampart.server.persistence;

import java.time.Instant;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/** Photographs in the database, each stored once, and the packs they belong to. */
@Repository
public class PhotographRepository {
    /** A deleted pack's photographs are not shown; they come back with it. */
    private static final String SHOWN = " FROM photograph WHERE hash = ? AND EXISTS (SELECT 1 FROM pack_photograph q "
            + "JOIN pack p ON p.id = q.pack_id WHERE q.hash = photograph.hash AND p.deleted_at IS NULL)";

    /** Those of packings stay: they are evidence. */
    private static final String SHOWN_ANYWHERE = SHOWN.replace(
                    " AND EXISTS (",
                    " AND (EXISTS (SELECT 1 FROM packing_photograph k WHERE k.hash = photograph.hash) OR EXISTS (")
            + ")";

    private final JdbcClient jdbc;

    PhotographRepository(JdbcClient jdbc) {
        this.jdbc = jdbc;
    }

    /** A photograph of a pack, without its picture. */
    public record PackPhotograph(String hash, int width, int height, Instant addedAt, String addedBy) {}

    /** Keeps the picture if it is not there yet, and puts it to the pack; false if it was the pack's already. */
    public boolean add(
            String packId,
            String hash,
            int width,
            int height,
            byte[] picture,
            byte[] thumbnail,
            Instant now,
            String by) {
        keep(hash, width, height, picture, thumbnail);
        return jdbc.sql("INSERT IGNORE INTO pack_photograph (pack_id, hash, added_at, added_by) VALUES (?, ?, ?, ?)")
                        .params(packId, hash, Times.toColumn(now), by)
                        .update()
                == 1;
    }

    private void keep(String hash, int width, int height, byte[] picture, byte[] thumbnail) {
        jdbc.sql("INSERT IGNORE INTO photograph (hash, width, height, picture, thumbnail) VALUES (?, ?, ?, ?, ?)")
                .params(hash, width, height, picture, thumbnail)
                .update();
    }

    /**
     * A photograph of a packing.
     *
     * @param step at which it was taken
     */
    public record PackingPhotograph(String hash, String step, Instant addedAt, String addedBy) {}

    /** Keeps the picture if it is not there yet, and puts it to the packing; the same twice is there once. */
    public void addToPacking(
            String packingId,
            String step,
            String hash,
            int width,
            int height,
            byte[] picture,
            byte[] thumbnail,
            Instant now,
            String by) {
        keep(hash, width, height, picture, thumbnail);
        jdbc.sql(
                        "INSERT IGNORE INTO packing_photograph (packing_id, hash, step, added_at, added_by) VALUES (?, ?, ?, ?, ?)")
                .params(packingId, hash, step, Times.toColumn(now), by)
                .update();
    }

    /** First added first. */
    public List<PackingPhotograph> ofPacking(String packingId) {
        return jdbc.sql("SELECT hash, step, added_at, added_by FROM packing_photograph WHERE packing_id = ? "
                        + "ORDER BY added_at, hash")
                .param(packingId)
                .query((row, i) -> new PackingPhotograph(
                        row.getString("hash"),
                        row.getString("step"),
                        Times.fromColumn(row, "added_at"),
                        row.getString("added_by")))
                .list();
    }

    /** Of each of these packings, the steps that there is a picture of. */
    public Map<String, Set<String>> pictured(List<String> packingIds) {
        Map<String, Set<String>> steps = new HashMap<>();
        if (!packingIds.isEmpty()) {
            jdbc.sql("SELECT DISTINCT packing_id, step FROM packing_photograph WHERE packing_id IN (:ids)")
                    .param("ids", packingIds)
                    .query(row -> {
                        steps.computeIfAbsent(row.getString("packing_id"), id -> new HashSet<>())
                                .add(row.getString("step"));
                    });
        }
        return steps;
    }

    /** First added first. */
    public List<PackPhotograph> of(String packId) {
        return jdbc.sql("SELECT p.hash, p.width, p.height, q.added_at, q.added_by FROM pack_photograph q "
                        + "JOIN photograph p ON p.hash = q.hash WHERE q.pack_id = ? ORDER BY q.added_at, q.hash")
                .param(packId)
                .query((row, i) -> new PackPhotograph(
                        row.getString("hash"),
                        row.getInt("width"),
                        row.getInt("height"),
                        Times.fromColumn(row, "added_at"),
                        row.getString("added_by")))
                .list();
    }

    public int count(String packId) {
        return jdbc.sql("SELECT COUNT(*) FROM pack_photograph WHERE pack_id = ?")
                .param(packId)
                .query(Integer.class)
                .single();
    }

    /** Takes it from the pack; the picture goes when no pack has it any more. */
    public boolean remove(String packId, String hash) {
        boolean removed = jdbc.sql("DELETE FROM pack_photograph WHERE pack_id = ? AND hash = ?")
                        .params(packId, hash)
                        .update()
                == 1;
        jdbc.sql("DELETE FROM photograph WHERE hash = ? "
                        + "AND NOT EXISTS (SELECT 1 FROM pack_photograph q WHERE q.hash = photograph.hash) "
                        + "AND NOT EXISTS (SELECT 1 FROM packing_photograph k WHERE k.hash = photograph.hash)")
                .param(hash)
                .update();
        return removed;
    }

    public Optional<byte[]> picture(String hash) {
        return bytes("SELECT picture" + SHOWN_ANYWHERE, hash);
    }

    public Optional<byte[]> thumbnail(String hash) {
        return bytes("SELECT thumbnail" + SHOWN_ANYWHERE, hash);
    }

    private Optional<byte[]> bytes(String sql, String hash) {
        return jdbc.sql(sql).param(hash).query((row, i) -> row.getBytes(1)).optional();
    }
}
