package rampart.server.store;

import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/** The ways of the house: one row. */
@Repository
public class HouseRepository {
    private final JdbcClient jdbc;

    HouseRepository(JdbcClient jdbc) {
        this.jdbc = jdbc;
    }

    /** How lengths, masses and numbers are shown. What is stored is always in mm and kg. */
    public record Ways(String lengthUnit, String massUnit, String numbers) {}

    public Ways ways() {
        return jdbc.sql("SELECT length_unit, mass_unit, numbers FROM house")
                .query((row, i) ->
                        new Ways(row.getString("length_unit"), row.getString("mass_unit"), row.getString("numbers")))
                .single();
    }

    public void set(Ways ways) {
        jdbc.sql("UPDATE house SET length_unit = ?, mass_unit = ?, numbers = ?")
                .params(ways.lengthUnit(), ways.massUnit(), ways.numbers())
                .update();
    }
}
