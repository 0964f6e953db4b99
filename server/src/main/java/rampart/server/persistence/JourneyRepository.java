package rampart.server.persistence;

import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.springframework.dao.DuplicateKeyException;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/** The house's own journeys in the database; what was once written stays as history. */
@Repository
public class JourneyRepository {
    private static final String COLUMNS =
            "SELECT id, version, words, detail, document, changed_at, changed_by FROM journey j ";

    private final JdbcClient jdbc;

    JourneyRepository(JdbcClient jdbc) {
        this.jdbc = jdbc;
    }

    /**
     * A journey as it was written.
     *
     * @param version 1 for the first of this id, then rising by one
     * @param words ends the sentence "it travels"
     * @param document as it stands in a pack file; empty where it was taken away
     */
    public record StoredJourney(
            String id,
            long version,
            String words,
            String detail,
            Optional<String> document,
            Instant changedAt,
            String changedBy) {}

    /** The newest of each id, in the order in which they were first made. */
    public List<StoredJourney> newest() {
        return jdbc.sql(COLUMNS
                        + "WHERE version = (SELECT MAX(n.version) FROM journey n WHERE n.id = j.id) "
                        + "ORDER BY (SELECT MIN(f.changed_at) FROM journey f WHERE f.id = j.id), id")
                .query(JourneyRepository::journey)
                .list();
    }

    /** All of one id, newest first. */
    public List<StoredJourney> history(String id) {
        return jdbc.sql(COLUMNS + "WHERE id = ? ORDER BY version DESC")
                .param(id)
                .query(JourneyRepository::journey)
                .list();
    }

    /** False where this version is there already. */
    public boolean add(StoredJourney journey) {
        try {
            jdbc.sql("INSERT INTO journey (id, version, words, detail, document, changed_at, changed_by) "
                            + "VALUES (?, ?, ?, ?, ?, ?, ?)")
                    .params(
                            journey.id(),
                            journey.version(),
                            journey.words(),
                            journey.detail(),
                            journey.document().orElse(null),
                            Times.toColumn(journey.changedAt()),
                            journey.changedBy())
                    .update();
            return true;
        } catch (DuplicateKeyException taken) {
            return false;
        }
    }

    private static StoredJourney journey(ResultSet row, int index) throws SQLException {
        return new StoredJourney(
                row.getString("id"),
                row.getLong("version"),
                row.getString("words"),
                row.getString("detail"),
                Optional.ofNullable(row.getString("document")),
                Times.fromColumn(row, "changed_at"),
                row.getString("changed_by"));
    }
}
