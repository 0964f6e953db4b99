package rampart.server.support;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.ServerSocket;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.concurrent.TimeUnit;
import java.util.stream.Stream;

/** A MariaDB of Debian's packages in a directory of its own, thrown away afterwards. */
public final class TestDatabase implements AutoCloseable {
    private static final String PASSWORD = "only-for-a-throwaway-database";

    private static Path prepared;

    private final Path home;
    private final int port;
    private Process process;

    public TestDatabase() {
        try {
            home = Files.createTempDirectory("rampart-db");
            port = freePort();
            Files.writeString(home.resolve("password"), PASSWORD);
            // The very settings that ./rampart gives its databases: durability is tested as it is shipped.
            run(List.of(
                    "bash",
                    "-euc",
                    "ROOT=$1; . $ROOT/scripts/tools.sh; . $ROOT/scripts/database.sh; write_database_config $2 $3 $2/db.sock",
                    "bash",
                    Path.of("..").toRealPath().toString(),
                    home.toString(),
                    String.valueOf(port)));
            copy(prepared(), home.resolve("data"));
            start();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** The data of a database that was just made: made once in this JVM, copied for each. */
    private Path prepared() throws IOException {
        synchronized (TestDatabase.class) {
            if (prepared == null) {
                run(with("mariadb-install-db", "--auth-root-authentication-method=normal", "--skip-test-db"));
                Path template = Files.createTempDirectory("rampart-db-made");
                copy(home.resolve("data"), template.resolve("data"));
                delete(home.resolve("data"));
                Runtime.getRuntime().addShutdownHook(new Thread(() -> delete(template)));
                prepared = template.resolve("data");
            }
            return prepared;
        }
    }

    private static void copy(Path from, Path to) throws IOException {
        try (Stream<Path> all = Files.walk(from)) {
            for (Path path : (Iterable<Path>) all::iterator) {
                Files.copy(path, to.resolve(from.relativize(path).toString()));
            }
        }
    }

    private static void delete(Path folder) {
        try (Stream<Path> all = Files.walk(folder)) {
            for (Path path : (Iterable<Path>) all.sorted(Comparator.reverseOrder())::iterator) {
                Files.delete(path);
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    public String url() {
        return "jdbc:mariadb://127.0.0.1:" + port + "/rampart";
    }

    /** A server variable's value. */
    public String variable(String name) {
        return single("SELECT @@GLOBAL." + name);
    }

    /** How often something was done since it was started, of the counters that the database keeps. */
    public long counted(String name) {
        return Long.parseLong(single(
                "SELECT variable_value FROM information_schema.global_status WHERE variable_name = '" + name + "'"));
    }

    /** The one value that a statement gives. */
    public String single(String sql) {
        try (Connection connection = DriverManager.getConnection(url(), "rampart", PASSWORD);
                ResultSet row = connection.createStatement().executeQuery(sql)) {
            row.next();
            return row.getString(1);
        } catch (SQLException e) {
            throw new IllegalStateException(e);
        }
    }

    /** What is asked while something is done, as it comes to the database; only what reads, but for sessions, whose statements have several lines. */
    public List<String> statements(Runnable done) {
        Path log = home.resolve("statements.log");
        try {
            Files.deleteIfExists(log);
            asRoot("SET GLOBAL log_output = 'FILE', GLOBAL general_log_file = '" + log + "', GLOBAL general_log = ON");
            done.run();
            asRoot("SET GLOBAL general_log = OFF");
            try (Stream<String> lines = Files.lines(log, StandardCharsets.ISO_8859_1)) {
                // Sessions are bytes, which are no letters.
                return lines.map(line -> line.substring(line.lastIndexOf('\t') + 1))
                        .filter(line -> line.startsWith("SELECT ") && !line.startsWith("SELECT S."))
                        .distinct()
                        .toList();
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private void asRoot(String sql) throws IOException {
        run(List.of(
                "mariadb",
                "--no-defaults",
                "--socket=" + home.resolve("db.sock"),
                "-uroot",
                "-p" + PASSWORD,
                "-e",
                sql));
    }

    /** How one table of a statement is read: by {@code ALL} from end to end. */
    public record Plan(String table, String type, String key, long rows) {}

    /** How the database means to answer a statement. */
    public List<Plan> explain(String statement) {
        List<Plan> plans = new ArrayList<>();
        try (Connection connection = DriverManager.getConnection(url(), "rampart", PASSWORD);
                ResultSet row = connection.createStatement().executeQuery("EXPLAIN " + statement)) {
            while (row.next()) {
                plans.add(new Plan(
                        String.valueOf(row.getString("table")),
                        String.valueOf(row.getString("type")),
                        String.valueOf(row.getString("key")),
                        row.getLong("rows")));
            }
        } catch (SQLException e) {
            throw new IllegalStateException(e);
        }
        return plans;
    }

    /** Runs a statement past the application. */
    public void execute(String sql) {
        try (Connection connection = DriverManager.getConnection(url(), "rampart", PASSWORD)) {
            connection.createStatement().executeUpdate(sql);
        } catch (SQLException e) {
            throw new IllegalStateException(e);
        }
    }

    public String password() {
        return PASSWORD;
    }

    public void start() throws IOException {
        Files.deleteIfExists(home.resolve("db.pid"));
        process = new ProcessBuilder(with("mariadbd"))
                .redirectErrorStream(true)
                .redirectOutput(home.resolve("out.log").toFile())
                .start();
        await(() -> Files.exists(home.resolve("db.pid")));
    }

    /** Ends it as a power cut would. */
    public void kill() throws IOException {
        process.destroyForcibly();
        await(() -> !process.isAlive());
    }

    private interface Condition {
        boolean holds();
    }

    private void await(Condition condition) throws IOException {
        long end = System.nanoTime() + TimeUnit.SECONDS.toNanos(60);
        while (!condition.holds()) {
            if (System.nanoTime() > end) {
                throw new IllegalStateException(
                        "the test database did not come: " + Files.readString(home.resolve("db.log")));
            }
            pause();
        }
    }

    private static void pause() {
        try {
            Thread.sleep(20);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException(e);
        }
    }

    private List<String> with(String program, String... more) {
        Path sbin = Path.of("/usr/sbin", program);
        List<String> command = new ArrayList<>();
        command.add(Files.exists(sbin) ? sbin.toString() : program);
        command.add("--defaults-file=" + home.resolve("my.cnf"));
        command.addAll(List.of(more));
        if ("root".equals(System.getProperty("user.name"))) {
            command.add("--user=root");
        }
        return command;
    }

    private void run(List<String> command) throws IOException {
        Path log = home.resolve("install.log");
        Process install = new ProcessBuilder(command)
                .redirectErrorStream(true)
                .redirectOutput(log.toFile())
                .start();
        await(() -> !install.isAlive());
        if (install.exitValue() != 0) {
            throw new IllegalStateException("the test database could not be made: " + Files.readString(log));
        }
    }

    public static int freePort() throws IOException {
        try (ServerSocket socket = new ServerSocket(0)) {
            return socket.getLocalPort();
        }
    }

    @Override
    public void close() {
        process.destroy();
        try {
            if (!process.waitFor(20, TimeUnit.SECONDS)) {
                process.destroyForcibly();
            }
            try (Stream<Path> files = Files.walk(home)) {
                for (Path file : files.sorted(Comparator.reverseOrder()).toList()) {
                    Files.delete(file);
                }
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }
}
