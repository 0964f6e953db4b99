package rampart.server.persistence;

import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/** The ways of the house: one row. */
@Repository
public class HouseRepository {
    private final JdbcClient jdbc;

    HouseRepository(JdbcClient jdbc) {
        this.jdbc = jdbc;
    }

    /** How lengths, masses and numbers are shown, and the currency of prices. What is stored is always in mm and kg. */
    public record HouseSettings(String lengthUnit, String massUnit, String numbers, String currency) {}

    public HouseSettings ways() {
        return jdbc.sql("SELECT length_unit, mass_unit, numbers, currency FROM house")
                .query((row, i) -> new HouseSettings(
                        row.getString("length_unit"),
                        row.getString("mass_unit"),
                        row.getString("numbers"),
                        row.getString("currency")))
                .single();
    }

    /** What carriers take: a JSON list. */
    public String carrierLines() {
        return jdbc.sql("SELECT carrier_lines FROM house").query(String.class).single();
    }

    public void setCarrierLines(String json) {
        jdbc.sql("UPDATE house SET carrier_lines = ?").param(json).update();
    }

    /** What carriers charge: a CSV table, empty where there is none. */
    public String tariffs() {
        return jdbc.sql("SELECT tariffs FROM house").query(String.class).single();
    }

    public void setTariffs(String table) {
        jdbc.sql("UPDATE house SET tariffs = ?").param(table).update();
    }

    public void set(HouseSettings ways) {
        jdbc.sql("UPDATE house SET length_unit = ?, mass_unit = ?, numbers = ?, currency = ?")
                .params(ways.lengthUnit(), ways.massUnit(), ways.numbers(), ways.currency())
                .update();
    }
}
