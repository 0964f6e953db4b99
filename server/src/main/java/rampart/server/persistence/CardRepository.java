package rampart.server.persistence;

import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Instant;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;
import rampart.server.persistence.PageOrder.Form;

/** What the shelf lists of each pack. Rows are made and kept by the database with their packs; what a pack comes to is put there. */
@Repository
public class CardRepository {
    private static final String EACH =
            "IGNORE INDEX (card_basis, card_saved, card_name, card_weakest, card_size, card_mass) ";

    /**
     * From so many on the next that has the words is near in any order: of 30,000 cards one in thirty. Ten times fewer, and looking for a page in an index
     * takes as long as in all cards; ten times more, and words that half the shelf has are sorted for each page.
     */
    private static final int MANY = 1000;

    private final JdbcClient jdbc;

    CardRepository(JdbcClient jdbc) {
        this.jdbc = jdbc;
    }

    /**
     * A pack without its draft.
     *
     * @param photograph hash of its first photograph
     */
    public record Header(
            String id,
            String name,
            String note,
            long version,
            Instant savedAt,
            String savedBy,
            Optional<Integer> newestRevision,
            Optional<String> photograph) {}

    /** Orders that have an index each; packs that are alike stay with the last saved first. */
    public enum Order {
        SAVED(PageOrder.by()),
        NAME(PageOrder.by().rising("name", Form.TEXT)),
        WEAKEST(PageOrder.by().rising("urgency", Form.WHOLE).rising("margin", Form.NUMBER)),
        SIZE(PageOrder.by().falling("volume_mm3", Form.NUMBER)),
        MASS(PageOrder.by().falling("gross_kg", Form.NUMBER));

        private final PageOrder columns;

        Order(PageOrder columns) {
            this.columns = columns.falling("saved_at", Form.TIME).rising("pack_id", Form.TEXT);
        }
    }

    /**
     * What is looked for.
     *
     * @param text stands in name or note; empty for any
     * @param urgency of the verdict
     * @param kind how it is built
     */
    public record Wanted(String text, Optional<Integer> urgency, Optional<String> kind) {
        private String where(List<Object> values) {
            StringBuilder where = new StringBuilder("WHERE on_shelf = 1");
            urgency.ifPresent(wanted -> {
                where.append(" AND urgency = ?");
                values.add(wanted);
            });
            kind.ifPresent(wanted -> {
                where.append(" AND kind = ?");
                values.add(wanted);
            });
            if (!text.isEmpty()) {
                where.append(
                        " AND LOCATE(WEIGHT_STRING(CONVERT(? USING utf8mb4) COLLATE utf8mb4_unicode_ci), words) > 0"
                                + " AND (name LIKE ? ESCAPE '!' OR note LIKE ? ESCAPE '!')");
                String pattern = Like.anywhere(text);
                values.add(text);
                values.add(pattern);
                values.add(pattern);
            }
            return where.toString();
        }
    }

    /**
     * One page. It is found in the index of its order, and only those of the page are looked up. Words are looked for in all cards one after another, to
     * count them; where few have them the page is found in the same way, for in the order of an index one would look at most cards twice.
     *
     * @param after where the page before ended; empty for the first
     * @throws RefusedMarkException if that is no mark of this order
     */
    public Listed<Header> find(Wanted wanted, Order order, Optional<Mark> after, int most) {
        boolean words = !wanted.text().isEmpty();
        PageOrder columns = order.columns;
        List<Object> values = new ArrayList<>();
        String where = wanted.where(values);
        long total = jdbc.sql("SELECT COUNT(*) FROM card " + (words ? EACH : "") + where)
                .params(values)
                .query(Long.class)
                .single();
        if (total == 0) {
            return PageOrder.none();
        }
        String farther =
                after.map(mark -> " AND " + columns.after(mark, values)).orElse("");
        List<PageOrder.Marked<Header>> page = jdbc.sql(
                        "SELECT c.pack_id, c.name, c.note, c.version, c.saved_at, c.saved_by, c.urgency, c.margin, c.volume_mm3, "
                                + "c.gross_kg, "
                                + "(SELECT MAX(r.number) FROM revision r WHERE r.pack_id = c.pack_id) AS newest_revision, "
                                + "(SELECT q.hash FROM pack_photograph q WHERE q.pack_id = c.pack_id "
                                + "ORDER BY q.added_at, q.hash LIMIT 1) AS photograph FROM (SELECT pack_id FROM card "
                                + (words && total < MANY ? EACH : "") + where + farther
                                + " ORDER BY " + columns.sql() + " LIMIT " + (most + 1)
                                + ") f JOIN card c ON c.pack_id = f.pack_id ORDER BY " + columns.sql("c."))
                .params(values)
                .query((row, i) -> new PageOrder.Marked<>(header(row), columns.mark(row)))
                .list();
        return PageOrder.page(page, most, total);
    }

    private static Header header(ResultSet row) throws SQLException {
        int newest = row.getInt("newest_revision");
        Optional<Integer> revision = row.wasNull() ? Optional.empty() : Optional.of(newest);
        return new Header(
                row.getString("pack_id"),
                row.getString("name"),
                row.getString("note"),
                row.getLong("version"),
                Times.fromColumn(row, "saved_at"),
                row.getString("saved_by"),
                revision,
                Optional.ofNullable(row.getString("photograph")));
    }

    /**
     * What a pack comes to.
     *
     * @param basis by which rules and materials
     * @param face what its card shows, as the application wrote it
     */
    public record Worked(
            String packId,
            long version,
            String basis,
            int urgency,
            String kind,
            double margin,
            double volumeMm3,
            double grossKg,
            byte[] face) {}

    /** Puts it there; nothing where the pack is at another version by now. */
    @Transactional
    public void put(Worked worked) {
        int changed = jdbc.sql(
                        "UPDATE card SET basis = ?, urgency = ?, kind = ?, margin = ?, volume_mm3 = ?, gross_kg = ? "
                                + "WHERE pack_id = ? AND version = ?")
                .params(
                        worked.basis(),
                        worked.urgency(),
                        worked.kind(),
                        worked.margin(),
                        worked.volumeMm3(),
                        worked.grossKg(),
                        worked.packId(),
                        worked.version())
                .update();
        if (changed == 1) {
            jdbc.sql("REPLACE INTO card_face (pack_id, version, basis, face) VALUES (?, ?, ?, ?)")
                    .params(worked.packId(), worked.version(), worked.basis(), Gzip.pack(worked.face()))
                    .update();
        }
    }

    /** Faces of these packs at their versions, as far as they are there, by the id of the pack. */
    public Map<String, byte[]> faces(List<Header> headers, String basis) {
        Map<String, byte[]> faces = new LinkedHashMap<>();
        if (headers.isEmpty()) {
            return faces;
        }
        Map<String, Long> versions = headers.stream().collect(Collectors.toMap(Header::id, Header::version));
        List<Object> values = new ArrayList<>(versions.keySet());
        values.add(basis);
        jdbc.sql("SELECT pack_id, version, face FROM card_face WHERE pack_id IN ("
                        + String.join(
                                ", ", versions.keySet().stream().map(id -> "?").toList())
                        + ") AND basis = ?")
                .params(values)
                .query((row, i) -> {
                    String id = row.getString("pack_id");
                    if (versions.get(id) == row.getLong("version")) {
                        faces.put(id, Gzip.unpack(row.getBytes("face")));
                    }
                    return id;
                })
                .list();
        return faces;
    }

    /** Packs on the shelf of which nothing has been put there yet, last saved first. */
    public List<String> waiting(int most) {
        return jdbc.sql(
                        "SELECT pack_id FROM card WHERE on_shelf = 1 AND basis = '' ORDER BY saved_at DESC, pack_id LIMIT "
                                + most)
                .query(String.class)
                .list();
    }

    public long countWaiting() {
        return jdbc.sql("SELECT COUNT(*) FROM card WHERE on_shelf = 1 AND basis = ''")
                .query(Long.class)
                .single();
    }

    /** What was worked by other rules or materials is worked anew. */
    public int forgetOtherThan(String basis) {
        return jdbc.sql("UPDATE card SET basis = '', urgency = 9, kind = '', margin = 0, volume_mm3 = 0, gross_kg = 0 "
                        + "WHERE basis NOT IN ('', ?)")
                .param(basis)
                .update();
    }

    /** Ids of packs on the shelf, last saved first. */
    public List<String> newest(int most) {
        return jdbc.sql("SELECT pack_id FROM card WHERE on_shelf = 1 ORDER BY saved_at DESC, pack_id LIMIT " + most)
                .query(String.class)
                .list();
    }
}
