package rampart.server.config;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;

/**
 * Whether the disk that holds the house has room for what is to be written. A database whose disk fills up ends itself, so writing stops
 * while it can still go on.
 */
@Component
public class DiskRoom {
    private static final Logger LOG = LoggerFactory.getLogger(DiskRoom.class);

    /** What the database writes for itself beside what it is told: temporary tables, its logs, the visits of people who read. */
    private static final long LEAST_BYTES = 64L * 1024 * 1024;

    private static final long LOOK_NANOS = 1_000_000_000;

    private final String folder;
    private final long leastBytes;
    private long looked = System.nanoTime() - LOOK_NANOS;
    private boolean full;

    DiskRoom(
            @Value("${rampart.data-folder:}") String folder,
            @Value("${rampart.least-free-bytes:" + LEAST_BYTES + "}") long leastBytes) {
        this.folder = folder;
        this.leastBytes = leastBytes;
    }

    /** True where there is too little room left; never where the database is somebody else's. */
    public synchronized boolean full() {
        if (!folder.isEmpty() && System.nanoTime() - looked >= LOOK_NANOS) {
            looked = System.nanoTime();
            boolean before = full;
            full = free() < leastBytes;
            if (full != before) {
                LOG.warn(
                        full
                                ? "the disk of the house is full: nothing is written until there is room"
                                : "there is room again");
            }
        }
        return full;
    }

    private long free() {
        try {
            return Files.getFileStore(Path.of(folder)).getUsableSpace();
        } catch (IOException e) {
            LOG.warn("how much room there is could not be found out: {}", e.getMessage());
            return Long.MAX_VALUE;
        }
    }
}
