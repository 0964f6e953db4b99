package rampart.server.persistence;

/** Patterns for {@code LIKE ? ESCAPE '!'}. */
final class Like {
    private Like() {}

    /** The text itself, anywhere: its percent signs and underlines are letters. */
    static String anywhere(String text) {
        return "%" + text.replace("!", "!!").replace("%", "!%").replace("_", "!_") + "%";
    }
}
