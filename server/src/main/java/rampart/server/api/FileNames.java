package rampart.server.api;

/** Names under which files are taken away. */
final class FileNames {
    private FileNames() {}

    /** A pack's name without what file systems do not take. */
    static String of(String name, String ending) {
        String kept = name.replaceAll("[\\\\/:*?\"<>|\\p{Cntrl}]+", " ").strip();
        return (kept.isEmpty() ? "pack" : kept) + ending;
    }
}
