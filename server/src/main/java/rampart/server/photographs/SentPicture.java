package rampart.server.photographs;

import java.io.InputStream;
import java.util.function.BooleanSupplier;

/**
 * A file that somebody sent and waits for. It is read into memory when its turn has come, not before, so that thirty at once do not fill it.
 *
 * @param file as it was sent, read once
 * @param gone true once nobody waits
 */
public record SentPicture(InputStream file, BooleanSupplier gone) {}
