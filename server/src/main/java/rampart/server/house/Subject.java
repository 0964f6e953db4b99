package rampart.server.house;

/**
 * What something was done to.
 *
 * @param id by which it can be found; empty where it has none
 * @param name as people called it then
 */
public record Subject(Kind kind, String id, String name) {
    /** Kinds of things; the names are the words in the database. */
    @SuppressWarnings("java:S115")
    public enum Kind {
        pack(""),
        person(""),
        house(""),
        stores(""),
        journey("journey "),
        carton("carton "),
        sheet("sheet "),
        price("price of "),
        foam("foam "),
        board("board "),
        wrap("wrap "),
        consumable("consumable "),
        consignment("consignment ");

        private final String before;

        Kind(String before) {
            this.before = before;
        }
    }

    public static Subject pack(String id, String name) {
        return new Subject(Kind.pack, id, name);
    }

    public static Subject person(String name) {
        return new Subject(Kind.person, "", name);
    }

    public static Subject house() {
        return new Subject(Kind.house, "", "");
    }

    /** What it is and what it is called. */
    public String words() {
        return kind.before + name;
    }
}
