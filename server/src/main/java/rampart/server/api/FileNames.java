package rampart.server.api;

/** Names under which files are taken away. */
final class FileNames {
    private FileNames() {}

    /** A pack's name without what file systems do not take, and without what turns the direction of writing or is not seen. */
    static String of(String name, String ending) {
        String kept = name.replaceAll("[\\\\/:*?\"<>|\\p{Cntrl}\\p{Cf}\\p{Co}\\p{Cn}]+", " ")
                .strip();
        return (kept.isEmpty() ? "pack" : kept) + ending;
    }
}
