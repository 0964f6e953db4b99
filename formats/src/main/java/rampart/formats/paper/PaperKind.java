package rampart.formats.paper;

/** The papers of a pack; the names are the words in addresses, in the order in which people need them. */
@SuppressWarnings("java:S115")
public enum PaperKind {
    page("Packer's page", "One leaf for the table: section, what to cut, what to buy."),
    specification("Specification", "For a supplier or a laboratory; also as text for a mail."),
    drawings("Drawings", "Insert and carton on the flat, to scale."),
    materials("Materials", "What to buy for one pack and for several, with its cost."),
    cutting("Cut list and plan", "Every piece, and how the pieces lie on sheets."),
    packing("Packing steps", "For the table: one step after another, with drawings."),
    unpacking("Unpacking", "For the receiver: what first, what must not be pulled."),
    inspection("Note for inspectors", "On top: how far to open it, and how to close it again."),
    parts("Parts, out and back", "For a pack that comes back: each part, its place, ticked twice."),
    labels("Labels", "Address, handling marks and notices at true size, and where each goes.");

    private final String title;
    private final String use;

    PaperKind(String title, String use) {
        this.title = title;
        this.use = use;
    }

    /** What a packer calls it. */
    public String title() {
        return title;
    }

    /** Who takes it and for what. */
    public String use() {
        return use;
    }
}
