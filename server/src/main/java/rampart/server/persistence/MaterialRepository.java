package rampart.server.persistence;

import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.springframework.dao.DuplicateKeyException;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/** The house's own materials in the database; what was once written stays as history. */
@Repository
public class MaterialRepository {
    private static final String COLUMNS =
            "SELECT id, version, kind, name, document, tests, changed_at, changed_by FROM material m ";

    private final JdbcClient jdbc;

    MaterialRepository(JdbcClient jdbc) {
        this.jdbc = jdbc;
    }

    /**
     * A material as it was written.
     *
     * @param version 1 for the first of this id, then rising by one
     * @param kind foam, board, wrap or consumable
     * @param document JSON; empty where it was taken away
     * @param tests the tables of test data it was fitted to, as JSON; empty where there are none
     */
    public record StoredMaterial(
            String id,
            long version,
            String kind,
            String name,
            Optional<String> document,
            Optional<String> tests,
            Instant changedAt,
            String changedBy) {}

    /** The newest of each id, by name. */
    public List<StoredMaterial> newest() {
        return jdbc.sql(COLUMNS
                        + "WHERE version = (SELECT MAX(n.version) FROM material n WHERE n.id = m.id) ORDER BY name, id")
                .query(MaterialRepository::material)
                .list();
    }

    /** All of one id, newest first. */
    public List<StoredMaterial> history(String id) {
        return jdbc.sql(COLUMNS + "WHERE id = ? ORDER BY version DESC")
                .param(id)
                .query(MaterialRepository::material)
                .list();
    }

    /** False where this version is there already. */
    public boolean add(StoredMaterial material) {
        try {
            jdbc.sql("INSERT INTO material (id, version, kind, name, document, tests, changed_at, changed_by) "
                            + "VALUES (?, ?, ?, ?, ?, ?, ?, ?)")
                    .params(
                            material.id(),
                            material.version(),
                            material.kind(),
                            material.name(),
                            material.document().orElse(null),
                            material.tests().orElse(null),
                            Times.toColumn(material.changedAt()),
                            material.changedBy())
                    .update();
            return true;
        } catch (DuplicateKeyException taken) {
            return false;
        }
    }

    private static StoredMaterial material(ResultSet row, int index) throws SQLException {
        return new StoredMaterial(
                row.getString("id"),
                row.getLong("version"),
                row.getString("kind"),
                row.getString("name"),
                Optional.ofNullable(row.getString("document")),
                Optional.ofNullable(row.getString("tests")),
                Times.fromColumn(row, "changed_at"),
                row.getString("changed_by"));
    }
}
