package rampart.server.persistence;

import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Instant;
import java.time.LocalDateTime;
import java.time.ZoneOffset;
import java.time.temporal.ChronoUnit;

/** Times in the database are UTC to the millisecond. */
final class Times {
    /** The last that a column holds. */
    static final Instant LAST = Instant.parse("9999-12-31T23:59:59.999Z");

    private Times() {}

    static LocalDateTime toColumn(Instant instant) {
        return LocalDateTime.ofInstant(instant.truncatedTo(ChronoUnit.MILLIS), ZoneOffset.UTC);
    }

    static Instant fromColumn(ResultSet row, String column) throws SQLException {
        return row.getObject(column, LocalDateTime.class).toInstant(ZoneOffset.UTC);
    }
}
