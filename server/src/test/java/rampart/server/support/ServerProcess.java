package rampart.server.support;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.concurrent.TimeUnit;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** The application in a process of its own, so that it can be killed. */
public final class ServerProcess implements AutoCloseable {
    private static final Pattern CODE = Pattern.compile("with the code ([a-z0-9-]+)");

    private final Process process;
    private final Path log;
    private final int port;

    private ServerProcess(Process process, Path log, int port) {
        this.process = process;
        this.log = log;
        this.port = port;
    }

    /** Starts it on this database and waits until it answers. */
    public static ServerProcess start(TestDatabase database) {
        try {
            return start(database, TestDatabase.freePort());
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** Starts it again where the one before answered. */
    public ServerProcess again(TestDatabase database) {
        return start(database, port);
    }

    private static ServerProcess start(TestDatabase database, int port) {
        try {
            Path log = Files.createTempFile("rampart-server", ".log");
            Process process = new ProcessBuilder(List.of(
                            Path.of(System.getProperty("java.home"), "bin", "java")
                                    .toString(),
                            "-XX:TieredStopAtLevel=1",
                            "-XX:+UseSerialGC",
                            "-cp",
                            System.getProperty("java.class.path"),
                            "rampart.server.RampartApplication",
                            "--server.port=" + port,
                            "--rampart.warm-up=false",
                            "--spring.datasource.url=" + database.url(),
                            "--spring.datasource.username=rampart",
                            "--spring.datasource.password=" + database.password()))
                    .redirectErrorStream(true)
                    .redirectOutput(log.toFile())
                    .start();
            ServerProcess server = new ServerProcess(process, log, port);
            server.await("Rampart answers at");
            return server;
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private void await(String words) throws IOException {
        long end = System.nanoTime() + TimeUnit.SECONDS.toNanos(120);
        while (!Files.readString(log).contains(words)) {
            if (!process.isAlive() || System.nanoTime() > end) {
                throw new IllegalStateException("the server did not come: " + Files.readString(log));
            }
            pause(50);
        }
    }

    public static void pause(long millis) {
        try {
            Thread.sleep(millis);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException(e);
        }
    }

    public String url() {
        return "http://127.0.0.1:" + port + "/";
    }

    /** The code with which the first account is made. */
    public String firstCode() {
        try {
            await("with the code");
            Matcher code = CODE.matcher(Files.readString(log));
            if (!code.find()) {
                throw new IllegalStateException(Files.readString(log));
            }
            return code.group(1);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** Ends it as a power cut would. */
    public void kill() {
        process.destroyForcibly();
        try {
            process.waitFor();
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }

    @Override
    public void close() throws IOException {
        kill();
        Files.deleteIfExists(log);
    }
}
