package rampart.server.history;

import java.time.Instant;

/**
 * One version of something that is kept with its history.
 *
 * @param version 1 for the first of this id, then rising by one
 * @param gone true where it was taken away with this version; the value is the last there was
 */
public record Version<T>(String id, long version, T value, boolean gone, Instant changedAt, String changedBy) {}
