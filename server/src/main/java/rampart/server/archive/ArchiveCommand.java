package rampart.server.archive;

import ch.qos.logback.classic.Level;
import java.io.IOException;
import java.nio.file.Path;
import java.time.Instant;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import rampart.server.persistence.HouseTables;

/**
 * {@code ./rampart backup} and {@code ./rampart restore}: takes the word and the file; the database is in
 * RAMPART_DB_URL, RAMPART_DB_USER and RAMPART_DB_PASSWORD.
 */
public final class ArchiveCommand {
    private ArchiveCommand() {}

    public static void main(String[] arguments) {
        ((ch.qos.logback.classic.Logger) LoggerFactory.getLogger(Logger.ROOT_LOGGER_NAME)).setLevel(Level.ERROR);
        Path file = Path.of(arguments[1]);
        try (HouseTables tables = HouseTables.open(
                System.getenv("RAMPART_DB_URL"),
                System.getenv("RAMPART_DB_USER"),
                System.getenv("RAMPART_DB_PASSWORD"))) {
            if (arguments[0].equals("backup")) {
                Archive.write(tables, file, Instant.now());
                System.out.println("The house is in " + file + ". It holds everything, also the hashes of passwords: "
                        + "keep it where only you can read it.");
            } else {
                Archive.restore(file, tables);
                System.out.println("The house is back as " + file + " holds it. Everybody signs in again.");
            }
        } catch (RefusedArchiveException e) {
            System.err.println("rampart: refused: " + e.getMessage() + ". Nothing was changed.");
            System.exit(1);
        } catch (HouseTables.DatabaseException | IllegalStateException | IOException e) {
            System.err.println("rampart: " + arguments[0] + " failed: " + e.getMessage());
            System.exit(1);
        }
    }
}
