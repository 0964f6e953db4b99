package rampart.server.archive;

import java.util.List;

/**
 * What an archive says of itself.
 *
 * @param format {@code rampart-archive/1}
 * @param schema version of the tables it was written from
 * @param written when, ISO 8601
 */
record Manifest(String format, int schema, String written, List<Entry> entries) {
    static final String NAME = "manifest.json";
    static final String FORMAT_PREFIX = "rampart-archive/";
    static final int FORMAT = 1;

    /** One table: its file, how many rows, and the SHA-256 of the file. */
    record Entry(String table, long rows, String sha256) {
        String file() {
            return "tables/" + table + ".jsonl";
        }
    }
}
