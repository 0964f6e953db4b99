package rampart.server.persistence;

import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.List;
import java.util.Optional;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;
import rampart.core.box.StockCarton;
import rampart.core.quantity.Size;

/** Stock cartons and sheets in the database. */
@Repository
public class StockRepository {
    private static final String CARTONS =
            "SELECT id, name, length_mm, width_mm, height_mm, board, source, version FROM stock_carton ";

    private final JdbcClient jdbc;

    StockRepository(JdbcClient jdbc) {
        this.jdbc = jdbc;
    }

    /**
     * A carton as it was last saved.
     *
     * @param source where its figures come from
     * @param version rises by one with each change
     */
    public record StoredCarton(StockCarton carton, String source, long version) {}

    /** A thickness in which a foam lies in the store, mm. */
    public record StoredSheet(String foam, double thicknessMm, String source) {}

    /** Smallest first. */
    public List<StoredCarton> cartons() {
        return jdbc.sql(CARTONS + "ORDER BY length_mm * width_mm * height_mm, name, id")
                .query(StockRepository::carton)
                .list();
    }

    public Optional<StoredCarton> carton(String id) {
        return jdbc.sql(CARTONS + "WHERE id = ?")
                .param(id)
                .query(StockRepository::carton)
                .optional();
    }

    public void add(StockCarton carton, String source) {
        Size inside = carton.inside();
        jdbc.sql("INSERT INTO stock_carton (id, name, length_mm, width_mm, height_mm, board, source, version) "
                        + "VALUES (?, ?, ?, ?, ?, ?, ?, 1)")
                .params(
                        carton.id(),
                        carton.name(),
                        inside.lengthMm(),
                        inside.widthMm(),
                        inside.heightMm(),
                        carton.board(),
                        source)
                .update();
    }

    /** Changes the carton if it is still at this version; false if it is not. */
    public boolean change(StockCarton carton, String source, long version) {
        Size inside = carton.inside();
        return jdbc.sql("UPDATE stock_carton SET name = ?, length_mm = ?, width_mm = ?, height_mm = ?, board = ?, "
                                + "source = ?, version = version + 1 WHERE id = ? AND version = ?")
                        .params(
                                carton.name(),
                                inside.lengthMm(),
                                inside.widthMm(),
                                inside.heightMm(),
                                carton.board(),
                                source,
                                carton.id(),
                                version)
                        .update()
                == 1;
    }

    public boolean removeCarton(String id) {
        return jdbc.sql("DELETE FROM stock_carton WHERE id = ?").param(id).update() == 1;
    }

    /** By foam, thinnest first. */
    public List<StoredSheet> sheets() {
        return jdbc.sql("SELECT foam, thickness_mm, source FROM sheet ORDER BY foam, thickness_mm")
                .query((row, i) ->
                        new StoredSheet(row.getString("foam"), row.getDouble("thickness_mm"), row.getString("source")))
                .list();
    }

    /** False where the foam lies in this thickness already. */
    public boolean add(StoredSheet sheet) {
        return jdbc.sql("INSERT IGNORE INTO sheet (foam, thickness_mm, source) VALUES (?, ?, ?)")
                        .params(sheet.foam(), sheet.thicknessMm(), sheet.source())
                        .update()
                == 1;
    }

    public boolean removeSheet(String foam, double thicknessMm) {
        return jdbc.sql("DELETE FROM sheet WHERE foam = ? AND thickness_mm = ?")
                        .params(foam, thicknessMm)
                        .update()
                == 1;
    }

    private static StoredCarton carton(ResultSet row, int index) throws SQLException {
        return new StoredCarton(
                new StockCarton(
                        row.getString("id"),
                        row.getString("name"),
                        new Size(row.getDouble("length_mm"), row.getDouble("width_mm"), row.getDouble("height_mm")),
                        row.getString("board")),
                row.getString("source"),
                row.getLong("version"));
    }
}
