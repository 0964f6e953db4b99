package rampart.server.persistence;

import java.io.IOException;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.ResultSetMetaData;
import java.sql.SQLException;
import java.sql.Statement;
import java.sql.Types;
import java.time.LocalDateTime;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.Base64;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.flywaydb.core.Flyway;
import org.flywaydb.core.api.configuration.FluentConfiguration;

/** The tables of a house, whole, for archives. */
public final class HouseTables implements AutoCloseable {
    /** Parents before their children; among them those that only older houses have. */
    public static final List<String> TABLES = List.of(
            "house",
            "account",
            "event",
            "entry",
            "stock_carton",
            "sheet",
            "price",
            "material",
            "journey",
            "catalogue",
            "pack",
            "revision",
            "revision_report",
            "photograph",
            "pack_photograph",
            "released",
            "packing",
            "packing_act",
            "packing_photograph");

    /**
     * Those that stay behind: nobody is signed in after a restore, no browser is known and nobody has guessed; keys under which a request
     * was answered once are those of clients that wait for their answer now; the version of the tables is in the manifest; cards are made from packs, and what is
     * the newest of a history from its rows.
     */
    public static final List<String> LEFT_OUT = List.of(
            "SPRING_SESSION",
            "SPRING_SESSION_ATTRIBUTES",
            "known_browser",
            "sign_in_failure",
            "made_once",
            "card",
            "card_face",
            "entry_now",
            "flyway_schema_history");

    /** Tables with rows that only people make: a house without any is empty. */
    private static final List<String> SIGNS_OF_LIFE =
            List.of("account", "pack", "revision", "event", "entry", "photograph");

    /** The driver's own text of a time is not always one that means the same when it is written again. */
    private static final DateTimeFormatter TIME = DateTimeFormatter.ofPattern("uuuu-MM-dd HH:mm:ss.SSS", Locale.ROOT);

    private static final int ROWS_AT_ONCE = 50;
    private static final String STRICT =
            "SET SESSION sql_mode='STRICT_ALL_TABLES,NO_ENGINE_SUBSTITUTION,ERROR_FOR_DIVISION_BY_ZERO,NO_ZERO_DATE,"
                    + "NO_ZERO_IN_DATE', time_zone='+00:00'";

    private final String url;
    private final String user;
    private final String password;
    private final Connection connection;

    private HouseTables(String url, String user, String password, Connection connection) {
        this.url = url;
        this.user = user;
        this.password = password;
        this.connection = connection;
    }

    /** What the database says is wrong. */
    public static final class DatabaseException extends RuntimeException {
        private static final long serialVersionUID = 1L;

        DatabaseException(SQLException cause) {
            super(cause.getMessage(), cause);
        }
    }

    /** Takes rows one by one. */
    public interface Rows {
        void columns(List<String> names) throws IOException;

        /** Values as text, bytes in base 64; null where there is none. */
        void row(List<String> values) throws IOException;
    }

    public static HouseTables open(String url, String user, String password) {
        try {
            Connection connection = DriverManager.getConnection(url, user, password);
            try (Statement statement = connection.createStatement()) {
                statement.execute(STRICT);
            }
            return new HouseTables(url, user, password, connection);
        } catch (SQLException e) {
            throw new DatabaseException(e);
        }
    }

    /** From now on all tables are read as they are at this moment, whatever others write meanwhile. */
    public void freezeView() {
        execute("SET SESSION TRANSACTION ISOLATION LEVEL REPEATABLE READ");
        execute("START TRANSACTION WITH CONSISTENT SNAPSHOT, READ ONLY");
    }

    /** Version of the schema; empty where there is none yet. */
    public Optional<String> schemaVersion() {
        try (Statement statement = connection.createStatement()) {
            try (ResultSet there = statement.executeQuery("SELECT COUNT(*) FROM information_schema.tables "
                    + "WHERE table_schema = DATABASE() AND table_name = 'flyway_schema_history'")) {
                there.next();
                if (there.getInt(1) == 0) {
                    return Optional.empty();
                }
            }
            try (ResultSet row = statement.executeQuery(
                    "SELECT version FROM flyway_schema_history WHERE success ORDER BY installed_rank DESC LIMIT 1")) {
                return row.next() ? Optional.of(row.getString(1)) : Optional.empty();
            }
        } catch (SQLException e) {
            throw new DatabaseException(e);
        }
    }

    /** The schema version that this program makes. */
    public int newestSchema() {
        return flyway().load().info().all().length;
    }

    /** True where nobody has made anything yet. */
    public boolean isEmpty() {
        if (schemaVersion().isEmpty()) {
            return true;
        }
        for (String table : SIGNS_OF_LIFE) {
            if (exists(table) && count(table) > 0) {
                return false;
            }
        }
        return true;
    }

    /** Makes the schema of this version in a house that is empty. */
    public void makeSchema(String version) {
        if (!isEmpty()) {
            throw new IllegalStateException("the house is not empty");
        }
        Flyway flyway = flyway().cleanDisabled(false).target(version).load();
        flyway.clean();
        flyway.migrate();
    }

    /** Takes the schema away again that was made for an archive which then turned out not to fit it. */
    public void makeBare() {
        flyway().cleanDisabled(false).load().clean();
    }

    /** Brings the schema to the newest version. */
    public void bringUpToDate() {
        flyway().load().migrate();
    }

    private FluentConfiguration flyway() {
        return Flyway.configure().dataSource(url, user, password);
    }

    public void begin() {
        execute("START TRANSACTION");
    }

    public void commit() {
        execute("COMMIT");
    }

    public void rollback() {
        execute("ROLLBACK");
    }

    /** Those that this house has. */
    public List<String> present() {
        return TABLES.stream().filter(this::exists).toList();
    }

    /** Every table of this house, archived or not. */
    public List<String> all() {
        return strings("SELECT table_name FROM information_schema.tables WHERE table_schema = DATABASE()");
    }

    /** All rows in order of the primary key, computed columns left out; returns how many. */
    public long read(String table, Rows rows) throws IOException {
        List<String> columns = columns(table);
        String sql = "SELECT " + String.join(", ", columns) + " FROM " + table + " ORDER BY "
                + String.join(", ", primaryKey(table));
        try (Statement statement = connection.createStatement()) {
            statement.setFetchSize(ROWS_AT_ONCE);
            rows.columns(columns);
            long count = 0;
            try (ResultSet result = statement.executeQuery(sql)) {
                while (result.next()) {
                    rows.row(values(result));
                    count++;
                }
            }
            return count;
        } catch (SQLException e) {
            throw new DatabaseException(e);
        }
    }

    private static List<String> values(ResultSet result) throws SQLException {
        ResultSetMetaData meta = result.getMetaData();
        List<String> values = new ArrayList<>();
        for (int i = 1; i <= meta.getColumnCount(); i++) {
            if (binary(meta.getColumnType(i))) {
                byte[] bytes = result.getBytes(i);
                values.add(bytes == null ? null : Base64.getEncoder().encodeToString(bytes));
            } else if (meta.getColumnType(i) == Types.TIMESTAMP) {
                LocalDateTime time = result.getObject(i, LocalDateTime.class);
                values.add(time == null ? null : TIME.format(time));
            } else {
                values.add(result.getString(i));
            }
        }
        return values;
    }

    private static boolean binary(int type) {
        return type == Types.BINARY || type == Types.VARBINARY || type == Types.LONGVARBINARY || type == Types.BLOB;
    }

    /** Takes away what the schema itself put into a table. */
    public void empty(String table) {
        execute("DELETE FROM " + known(table));
    }

    /** Puts rows in, as they were read; what is in the table is asked once. */
    public Rows writer(String table) {
        List<String> own = columns(table);
        List<String> binary = binaryColumns(table);
        return new Rows() {
            private List<String> columns = List.of();

            @Override
            public void columns(List<String> names) {
                if (!own.containsAll(names)) {
                    throw new IllegalArgumentException("table " + table + " has the columns " + own + ", not " + names);
                }
                columns = names;
            }

            @Override
            public void row(List<String> values) {
                if (values.size() != columns.size()) {
                    throw new IllegalArgumentException(
                            "table " + table + " has a row of " + values.size() + " values for " + columns.size());
                }
                insert(table, columns, values, binary);
            }
        };
    }

    private void insert(String table, List<String> columns, List<String> values, List<String> binary) {
        String sql = "INSERT INTO " + known(table) + " (" + String.join(", ", columns) + ") VALUES ("
                + String.join(", ", columns.stream().map(c -> "?").toList()) + ")";
        try (PreparedStatement statement = connection.prepareStatement(sql)) {
            for (int i = 0; i < values.size(); i++) {
                String value = values.get(i);
                if (value != null && binary.contains(columns.get(i))) {
                    statement.setBytes(i + 1, Base64.getDecoder().decode(value));
                } else {
                    statement.setString(i + 1, value);
                }
            }
            statement.executeUpdate();
        } catch (SQLException e) {
            throw new DatabaseException(e);
        }
    }

    private boolean exists(String table) {
        return !strings("SELECT table_name FROM information_schema.tables "
                        + "WHERE table_schema = DATABASE() AND table_name = '" + known(table) + "'")
                .isEmpty();
    }

    private long count(String table) {
        return Long.parseLong(strings("SELECT COUNT(*) FROM " + known(table)).get(0));
    }

    private List<String> columns(String table) {
        return strings("SELECT column_name FROM information_schema.columns WHERE table_schema = DATABASE() "
                + "AND table_name = '" + known(table) + "' AND extra NOT LIKE '%GENERATED%' ORDER BY ordinal_position");
    }

    private List<String> binaryColumns(String table) {
        return strings("SELECT column_name FROM information_schema.columns WHERE table_schema = DATABASE() "
                + "AND table_name = '" + known(table) + "' AND data_type LIKE '%blob'");
    }

    private List<String> primaryKey(String table) {
        return strings("SELECT column_name FROM information_schema.key_column_usage WHERE table_schema = DATABASE() "
                + "AND table_name = '" + known(table) + "' AND constraint_name = 'PRIMARY' ORDER BY ordinal_position");
    }

    /** Names of tables come from archives: none but ours gets into a statement. */
    private static String known(String table) {
        if (!TABLES.contains(table)) {
            throw new IllegalArgumentException("no table is called " + table);
        }
        return table;
    }

    private List<String> strings(String sql) {
        try (Statement statement = connection.createStatement();
                ResultSet result = statement.executeQuery(sql)) {
            List<String> all = new ArrayList<>();
            while (result.next()) {
                all.add(result.getString(1));
            }
            return all;
        } catch (SQLException e) {
            throw new DatabaseException(e);
        }
    }

    private void execute(String sql) {
        try (Statement statement = connection.createStatement()) {
            statement.execute(sql);
        } catch (SQLException e) {
            throw new DatabaseException(e);
        }
    }

    @Override
    public void close() {
        try {
            connection.close();
        } catch (SQLException e) {
            throw new DatabaseException(e);
        }
    }
}
