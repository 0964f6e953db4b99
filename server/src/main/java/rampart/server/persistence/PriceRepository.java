package rampart.server.persistence;

import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Instant;
import java.util.List;
import java.util.OptionalDouble;
import org.springframework.dao.DuplicateKeyException;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/** Prices of materials in the database; what was once written stays as history. */
@Repository
public class PriceRepository {
    private static final String COLUMNS =
            "SELECT material, version, amount, source, changed_at, changed_by FROM price p ";

    private final JdbcClient jdbc;

    PriceRepository(JdbcClient jdbc) {
        this.jdbc = jdbc;
    }

    /**
     * A price as it was written.
     *
     * @param version 1 for the first of this material, then rising by one
     * @param amount empty where the price was taken away
     */
    public record StoredPrice(
            String material, long version, OptionalDouble amount, String source, Instant changedAt, String changedBy) {}

    /** The newest of each material, by material. */
    public List<StoredPrice> newest() {
        return jdbc.sql(COLUMNS + "WHERE version = (SELECT MAX(version) FROM price q WHERE q.material = p.material) "
                        + "ORDER BY material")
                .query(PriceRepository::price)
                .list();
    }

    /** All of one material, newest first. */
    public List<StoredPrice> history(String material) {
        return jdbc.sql(COLUMNS + "WHERE material = ? ORDER BY version DESC")
                .param(material)
                .query(PriceRepository::price)
                .list();
    }

    /** Adds it as the next version; false if that version is taken: somebody else was first. */
    public boolean add(StoredPrice price) {
        try {
            jdbc.sql(
                            "INSERT INTO price (material, version, amount, source, changed_at, changed_by) VALUES (?, ?, ?, ?, ?, ?)")
                    .params(
                            price.material(),
                            price.version(),
                            price.amount().isPresent() ? price.amount().getAsDouble() : null,
                            price.source(),
                            Times.toColumn(price.changedAt()),
                            price.changedBy())
                    .update();
            return true;
        } catch (DuplicateKeyException taken) {
            return false;
        }
    }

    private static StoredPrice price(ResultSet row, int index) throws SQLException {
        double amount = row.getDouble("amount");
        boolean none = row.wasNull();
        return new StoredPrice(
                row.getString("material"),
                row.getLong("version"),
                none ? OptionalDouble.empty() : OptionalDouble.of(amount),
                row.getString("source"),
                Times.fromColumn(row, "changed_at"),
                row.getString("changed_by"));
    }
}
